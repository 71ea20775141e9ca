package hopsel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.formats.json.Json;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** The commands as a script calls them: JSON on one stream, reasons on the other, and an exit code. */
class CommandLineTest {

    private static final String CLASS =
            """
            {"format": "hopsel-class", "version": 1, "title": "Dal — דאל", "style": "demo", "startsAt": "2027-03-05T18:00:00", "zone": "Europe/Lisbon",
             "airMinutes": 40, "prepWindows": [], "people": [{"id": "host", "name": "Host", "role": "host"}],
             "kitchen": {"resources": [{"id": "hob", "kind": "burner", "units": 2}]}, "measures": "metric", "items": [],
             "dishes": [{"id": "dal", "title": "Dal", "servings": 4, "components": [{"id": "dal", "title": "Dal",
               "ingredients": [{"id": "lentils", "item": "red-lentils", "amount": 200, "unit": "g"}],
               "steps": [{"id": "simmer", "title": "Simmer", "minutes": 25, "work": "watch", "show": "must", "needs": [{"kind": "burner"}], "uses": [{"ingredient": "lentils"}]}]}]}],
             "substitutions": [], "attendees": [],
             "provision": {"demoServings": 4, "tastingPortions": 0, "tastingShare": 0.25, "sparePercent": 0, "pantry": []}}
            """;

    @TempDir
    private Path folder;

    private final PrintStream out = System.out;
    private final PrintStream errors = System.err;
    private final ByteArrayOutputStream printed = new ByteArrayOutputStream();
    private final ByteArrayOutputStream complained = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        System.setOut(new PrintStream(printed, true));
        System.setErr(new PrintStream(complained, true));
    }

    @AfterEach
    void stopListening() {
        System.setOut(out);
        System.setErr(errors);
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    private String printed() {
        return printed.toString(StandardCharsets.UTF_8);
    }

    private JsonNode json() {
        return Json.read(printed.toByteArray());
    }

    @Test
    void severalFilesAreALineEachAndAFaultyOneDoesNotStopTheOthers() throws IOException {
        int exit = Main.run("plan", file("a.json", CLASS), file("b.json", "{"), file("c.json", CLASS));
        assertThat(exit).isEqualTo(2);
        assertThat(printed().lines()).hasSize(3);
        assertThat(printed().lines().toList().get(0))
                .contains("\"verdict\":\"fits\"")
                .isEqualTo(printed().lines().toList().get(2));
        assertThat(printed().lines().toList().get(1)).contains("\"error\"");
        assertThat(complained.toString(StandardCharsets.UTF_8)).contains("b.json");
    }

    @Test
    void listsFollowFromThePlan() throws IOException {
        assertThat(Main.run("lists", file("a.json", CLASS))).isZero();
        JsonNode shopping = json().get("shopping").get(0);
        assertThat(shopping.get("item").stringValue()).isEqualTo("red-lentils");
        assertThat(shopping.get("demandGrams").decimalValue()).isEqualByComparingTo("200");
        assertThat(shopping.get("leftGrams").decimalValue()).isEqualByComparingTo("300");
        assertThat(json().get("trays")).hasSize(1);
    }

    @Test
    void checkNamesEveryFaultWithItsPlace() throws IOException {
        assertThat(Main.run("check", file("a.json", CLASS))).isZero();
        printed.reset();
        assertThat(Main.run(
                        "check",
                        file(
                                "b.json",
                                CLASS.replace("\"servings\": 4", "\"servings\": 0")
                                        .replace("red-lentils", "moon-lentils"))))
                .isEqualTo(2);
        assertThat(json().get("valid").booleanValue()).isFalse();
        assertThat(json().get("problems").valueStream().map(problem -> problem.get("pointer")
                        .stringValue()))
                .contains("/dishes/0/servings", "/dishes/0/components/0/ingredients/0/item");
    }

    @Test
    void linesKeepTheirTextAndSayWhatIsNotKnown() throws IOException {
        assertThat(Main.run(
                        "lines",
                        file(
                                "lines.txt",
                                "\uFEFF1 ½ cups raw cashews, soaked\n\n2–3 tbsp tamari or soy sauce\nsome "
                                        + "moonberries\n")))
                .isZero();
        assertThat(json()).hasSize(3);
        assertThat(json().get(0).get("text").stringValue()).isEqualTo("1 ½ cups raw cashews, soaked");
        assertThat(json().get(0).get("grams").decimalValue()).isEqualByComparingTo("217.5");
        assertThat(json().get(1).get("amount").get("high").decimalValue()).isEqualByComparingTo("3");
        assertThat(json().get(1).get("or").get(0).stringValue()).isEqualTo("soy sauce");
        assertThat(json().get(2).get("item").isNull()).isTrue();
        assertThat(json().get(2).get("grams").isNull()).isTrue();
    }

    @Test
    void aRecipeIsReadIntoADishWithTimesOfThreeEnds() throws IOException {
        assertThat(Main.run(
                        "read",
                        file(
                                "dal.txt",
                                "Dal\nServes 2\n\nIngredients\n200 g red lentils\n\nMethod\n1. Simmer the "
                                        + "lentils for 20-25 minutes until soft.\n\nNotes\nGood cold.")))
                .isZero();
        JsonNode step = json().get("components").get(0).get("steps").get(0);
        assertThat(step.get("minutes").get("likely").decimalValue()).isEqualByComparingTo("22.5");
        assertThat(step.get("cue").stringValue()).isEqualTo("Soft");
        assertThat(json().get("unread").get(0).stringValue()).isEqualTo("Good cold.");
    }

    @Test
    void theCatalogueIsAnArrayOfItems() {
        assertThat(Main.run("items")).isZero();
        assertThat(json().size()).isGreaterThanOrEqualTo(220);
        assertThat(json().get(0).has("origin")).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"plan", "lists", "check", "read", "lines"})
    void aFileThatIsNotThereIsSaidInOneSentence(String command) {
        assertThat(Main.run(command, folder.resolve("nowhere").toString())).isEqualTo(2);
        assertThat(printed()).contains("cannot be read").doesNotContain("Exception");
    }
}
