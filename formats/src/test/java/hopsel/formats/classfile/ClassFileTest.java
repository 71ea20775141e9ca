package hopsel.formats.classfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.item.Catalogue;
import hopsel.formats.contract.Samples;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reading, refusing and writing class files. */
class ClassFileTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();
    private static final String GOOD = new String(Samples.bytes("c01-dumplings-laksa"), StandardCharsets.UTF_8);
    private static final Schema SCHEMA = schema(1);

    private static Schema schema(int version) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(ClassFile.schema(version), InputFormat.JSON);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "c01-dumplings-laksa",
                "c04-tart-masterclass",
                "c12-impossible-soak",
                "lists-sample-00",
                "lists-sample-07"
            })
    void whatIsWrittenReadsBackToTheSameClass(String name) throws Exception {
        CookingClass cooking = Samples.cooking(name);
        String written = ClassFile.write(cooking);
        assertThat(ClassFile.read(written.getBytes(StandardCharsets.UTF_8), BUILT_IN))
                .isEqualTo(cooking);
        assertThat(SCHEMA.validate(written, InputFormat.JSON)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"d01-dumplings-laksa", "d04-tart-masterclass", "d13-impossible-keeps"})
    void versionTwoIsReadAndWrittenAsVersionTwo(String name) throws Exception {
        CookingClass cooking = Samples.cooking(name);
        String written = ClassFile.write(cooking);
        assertThat(ClassFile.read(written.getBytes(StandardCharsets.UTF_8), BUILT_IN))
                .isEqualTo(cooking);
        assertThat(schema(2).validate(written, InputFormat.JSON)).isEmpty();
        assertThat(SCHEMA.validate(written, InputFormat.JSON)).isNotEmpty();
    }

    /** What only version 2 knows is an unknown member of version 1; a version of the future is refused. */
    @Test
    void versionOneKeepsItsMeaning() {
        String two = new String(Samples.bytes("d01-dumplings-laksa"), StandardCharsets.UTF_8);
        String one = two.replaceFirst("\"version\": 2", "\"version\": 1");
        assertThat(findings(one)).isNotEmpty().allMatch(finding -> finding.message()
                .contains("is not known here"));
        assertThat(findings(two.replaceFirst("\"version\": 2", "\"version\": 3")))
                .extracting(Finding::place)
                .containsExactly("/version");
    }

    @Test
    void theRoomAndToolsAreReadAndWrittenAndTheirFaultsNamed() throws Exception {
        String with = GOOD.replaceFirst(
                        "\"provision\"",
                        Matcher.quoteReplacement(
                                """
                "room": {"stations": 6, "pace": 1.4, "own": ["burner"], "counter": {"length": 220, "depth": 65}, "cameras": ["overhead"], "tools": ["3 big bowls", "26 cm pan"]},
                "provision\""""))
                .replaceFirst("\"show\": \"must\"", "\"show\": \"must\", \"tools\": [\"2 whisks\"]");
        CookingClass cooking = ClassFile.read(with.getBytes(StandardCharsets.UTF_8), BUILT_IN);
        assertThat(cooking.room().tools()).extracting(Object::toString).containsExactly("3 large bowl", "pan (26 cm)");
        assertThat(cooking.room().learners().stations()).isEqualTo(6);
        String written = ClassFile.write(cooking);
        assertThat(written).contains("2 whisk");
        assertThat(SCHEMA.validate(written, InputFormat.JSON)).isEmpty();
        assertThat(ClassFile.read(written.getBytes(StandardCharsets.UTF_8), BUILT_IN))
                .isEqualTo(cooking);
        String faulty = with.replace("3 big bowls", "3 big")
                .replace("\"pace\": 1.4", "\"pace\": 0.5")
                .replace("\"depth\": 65", "\"deep\": 65");
        FaultyFileException refused = catchThrowableOfType(
                FaultyFileException.class, () -> ClassFile.read(faulty.getBytes(StandardCharsets.UTF_8), BUILT_IN));
        assertThat(refused.findings())
                .extracting(Finding::place)
                .contains("/room/tools/0", "/room/pace", "/room/counter/deep", "/room/counter/depth");
    }

    /** Text to be replaced, what replaces it, where the finding is, and whether the schema alone sees it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '\'',
            textBlock =
                    """
            "airMinutes": 60       ; "airMinutes": -60      ; /airMinutes                ; true
            "airMinutes": 60       ; "airMinutes": "60"     ; /airMinutes                ; true
            "airMinutes": 60       ; "airMinutes": 525600   ; /airMinutes                ; true
            "airMinutes": 60,      ;                        ; /airMinutes                ; true
            "style": "demo"        ; "style": "party"       ; /style                     ; true
            "style": "demo"        ; "styl": "demo"         ; /styl                      ; true
            2027-02-13T18:30:00    ; 2027-02-30T18:30:00    ; /startsAt                  ; false
            Europe/Warsaw          ; Europe/Atlantis        ; /zone                      ; false
            "role": "host"         ; "role": "assistant"    ; /people                    ; false
            "unit": "g"            ; "unit": "stone"        ; /unit                      ; true
            "from": -150           ; "from": -5             ; /prepWindows/1             ; false
            """)
    void aFaultIsNamedWithItsPlace(String before, String after, String place, boolean bySchema) {
        assertThat(GOOD).contains(before);
        String faulty = GOOD.replaceFirst(Pattern.quote(before), Matcher.quoteReplacement(after == null ? "" : after));
        assertThat(findings(faulty))
                .anyMatch(finding ->
                        finding.place().startsWith(place) || finding.place().endsWith(place));
        assertThat(findings(faulty))
                .allMatch(finding ->
                        !finding.message().isBlank() && !finding.remedy().isBlank());
        assertThat(SCHEMA.validate(faulty, InputFormat.JSON).isEmpty()).isEqualTo(!bySchema);
    }

    @Test
    void stepsThatWaitForEachOtherAreACircle() {
        String faulty = new String(Samples.bytes("c04-tart-masterclass"), StandardCharsets.UTF_8)
                .replaceFirst("\"id\": \"rub\",", "\"id\": \"rub\", \"after\": [{\"step\": \"line\"}],");
        assertThat(findings(faulty)).anyMatch(finding -> finding.message().contains("circle"));
    }

    @Test
    void everyFaultIsListedAtOnce() {
        String faulty = GOOD.replace("\"airMinutes\": 60", "\"airMinutes\": 0")
                .replace("\"measures\": \"metric\"", "\"measures\": \"royal\"")
                .replaceFirst("\"work\": \"hands\"", "\"work\": \"feet\"");
        assertThat(findings(faulty)).hasSizeGreaterThanOrEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "[]", "null", "{", "{\"a\": 1, \"a\": 2}", "\u0000", "{} {}"})
    void whatIsNoClassFileIsRefusedInOneSentence(String text) {
        assertThat(findings(text)).isNotEmpty();
    }

    @Test
    void deepNestingAndSizeAreBounded() {
        char[] brackets = new char[4_000_000];
        Arrays.fill(brackets, '[');
        assertThat(findings(new String(brackets))).hasSize(1);
        assertThatThrownBy(() -> ClassFile.read(new byte[20_000_000], BUILT_IN))
                .isInstanceOf(FaultyFileException.class)
                .hasMessageContaining("larger than");
    }

    @Test
    void textsInAnyScriptComeThrough() throws Exception {
        String title = "Пельмени · 餃子 · مطبخ · קציצות · <script>alert(1)</script>";
        String file = GOOD.replace("\"title\": \"Dumplings and laksa\"", "\"title\": \"" + title + "\"");
        assertThat(ClassFile.read(file.getBytes(StandardCharsets.UTF_8), BUILT_IN)
                        .title())
                .isEqualTo(title);
    }

    private static List<Finding> findings(String text) {
        FaultyFileException fault = catchThrowableOfType(
                FaultyFileException.class, () -> ClassFile.read(text.getBytes(StandardCharsets.UTF_8), BUILT_IN));
        assertThat(fault).as("refused").isNotNull();
        return fault.findings();
    }
}
