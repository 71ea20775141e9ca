package hopsel.core;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What food is and what is done to it are facts; only {@code core.recipe} looks at the words that people type. */
class WordsAreReadInOnePlaceTest {

    /** Seen from its own module, or from one beside it. */
    private static final Path CORE = Stream.of("src/main/java/hopsel/core", "../core/src/main/java/hopsel/core")
            .map(Path::of)
            .filter(Files::isDirectory)
            .findFirst()
            .orElseThrow();

    private static final Pattern READS_WORDS =
            Pattern.compile("java\\.util\\.regex|\\.(?:matches|replaceAll|replaceFirst|split)\\(\"");
    /** These cut keys, tables and texts that the program itself made, and count words. */
    private static final List<String> OWN_KEYS = List.of(
            "FactTable.java",
            "air/EarlierEvent.java",
            "log/AirLog.java",
            "classes/ClassReview.java",
            "advice/Talk.java");

    @Test
    void nobodyElseReadsThem() throws IOException {
        try (Stream<Path> files = Files.walk(CORE)) {
            List<String> readers = files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> READS_WORDS.matcher(text(file)).find())
                    .map(file -> CORE.relativize(file).toString())
                    .filter(file -> !file.startsWith("recipe/") && !OWN_KEYS.contains(file))
                    .toList();
            assertThat(readers).isEmpty();
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
