package hopsel.formats.classfile;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.formats.json.Json;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The page that documents class files, held against what reads and writes them. */
class ContractPageTest {

    private static final Pattern WORDS = Pattern.compile("[A-Za-z][A-Za-z0-9]*");

    private static Set<String> members(int version) {
        Set<String> members = new TreeSet<>();
        collect(Json.read(ClassFile.schema(version).getBytes(StandardCharsets.UTF_8)), members);
        return members;
    }

    private static void collect(JsonNode schema, Set<String> members) {
        members.addAll(schema.path("properties").propertyNames());
        schema.forEach(part -> collect(part, members));
    }

    @Test
    void everyMemberIsDocumentedAndVersionTwoAddsJustItsOwn() throws Exception {
        Set<String> words = new TreeSet<>();
        Matcher quoted = Pattern.compile("`([^`]*)`").matcher(Files.readString(Path.of("../docs/class-file.md")));
        while (quoted.find()) {
            WORDS.matcher(quoted.group(1)).results().forEach(word -> words.add(word.group()));
        }
        Set<String> documented = members(2);
        assertThat(documented).hasSizeGreaterThan(120);
        assertThat(words).containsAll(documented);
        documented.removeAll(members(1));
        assertThat(documented)
                .containsExactlyInAnyOrder(
                        "at", "end", "handsOn", "part", "sure", "swapCost", "talk", "turnMinutes", "worth");
    }
}
