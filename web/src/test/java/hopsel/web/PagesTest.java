package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Pages beside the bench and the classes, and what happens to bad input. */
class PagesTest {

    private static final RunningApplication APP = RunningApplication.get();

    @Test
    void anIngredientIsOverriddenAndGivenBack() {
        Page page = APP.signedIn("host");
        page.navigate("/catalogue?item=leek");
        page.fill("input[name=gramsPerPiece]", "a lot");
        page.click(".edit-item button.press");
        assertThat(page.locator("[role=alert]")).containsText("Grams a piece");
        assertThat(page.inputValue("input[name=gramsPerPiece]")).isEqualTo("a lot");
        page.fill("input[name=gramsPerPiece]", "80,5");
        page.click(".edit-item button.press");
        assertThat(page.locator("#item-leek")).containsText("80.5 g");
        assertThat(page.locator("#item-leek")).containsText("weighed");
        page.click("#item-leek button");
        page.navigate("/catalogue?q=leek");
        assertThat(page.locator("#item-leek")).containsText("180 g");
    }

    @ParameterizedTest
    @CsvSource({"1 cup water, 250 g", "250 g dried chickpeas, 2.5 cans", "2 onions, 220 g"})
    void amountsAreConverted(String line, String answer) {
        Page page = APP.signedIn("host");
        page.navigate("/catalogue");
        page.fill("input[name=line]", line);
        page.press("input[name=line]", "Enter");
        assertThat(page.locator("dl.four")).containsText(answer);
    }

    @Test
    void aHousesStyleGoesForWhatIsBroughtInAndCanBeUndone() {
        Page page = APP.signedIn("host");
        page.navigate("/bench");
        page.click(".my-style summary");
        page.selectOption(".my-style select[name=nuts]", "nut-free");
        page.click(".my-style button");
        page.fill(
                "#recipe",
                "Cashew cream\nServes 2\n\nIngredients\n100 g cashews\n100 ml water\n\nMethod\n1. Blend the "
                        + "cashews with the water for 2 minutes until smooth.");
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
        assertThat(page.locator(".told ul")).containsText("Sunflower seeds in place of Cashew nuts");
        page.click("text=Continue to steps");
        page.click("text=Undo");
        assertThat(page.locator(".typed-line .read-as").first()).containsText("Cashew");
        page.navigate("/bench");
        page.click(".my-style summary");
        page.selectOption(".my-style select[name=nuts]", "");
        page.click(".my-style button");
        assertThat(page.locator(".told[role=status]")).containsText("House style saved");
    }

    @Test
    void kitHandoutAndShoppingFollowHowAnAttendeeCooks() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/2/kits");
        String name = page.locator("#kit2").textContent();
        choose(page, "details:has(#kit2)", "shortcuts", "from-scratch");
        assertThat(page.locator("details:has(#kit2) .cooks")).containsText("from scratch");
        assertThat(page.locator("#main .law")).hasCount(1); // the page goes on to its end
        choose(page, "details:has(#kit2)", "salt", "none");
        page.navigate("/classes/2/handouts/2");
        assertThat(page.locator(".whose")).containsText(name);
        assertThat(page.locator(".for-you")).containsText("Fine sea salt is left out");
        page.navigate("/classes/2/handouts/3");
        assertThat(page.locator(".for-you")).hasCount(0);
        page.navigate("/classes/2/handouts/2");
        choose(page, "main", "salt", "");
        choose(page, "main", "shortcuts", "");
        assertThat(page.locator(".for-you")).hasCount(0);
    }

    private static void choose(Page page, String where, String matter, String school) {
        // A kit is folded away until somebody opens it, and stays open then.
        if (where.startsWith("details") && page.locator(where + "[open]").count() == 0) {
            page.click(where + " > summary");
        }
        page.click(where + " .my-style summary");
        page.selectOption(where + " .my-style select[name=" + matter + "]", school);
        page.click(where + " .my-style button");
    }

    @Test
    void historyIsGoneBackTo() {
        Page page = APP.signedIn("host");
        page.navigate("/bench");
        page.fill("#title", "Sambal");
        page.click("form[action='/bench/new'] button");
        page.waitForSelector("main.bench");
        page.fill("input[name=text] >> nth=0", "20 dried chillies");
        page.press("input[name=text] >> nth=0", "Enter");
        assertThat(page.locator(".typed-line .as-text")).hasCount(1);
        page.click("#drawer > summary");
        page.click(".history summary");
        page.click(".history li:last-child button");
        assertThat(page.locator(".typed-line .as-text")).hasCount(0);
        page.click("text=Redo");
        assertThat(page.locator(".typed-line .as-text")).hasCount(1);
    }

    @Test
    void scriptsAndForeignScriptsAreHarmlessText() {
        Page page = APP.signedIn("host");
        StringBuilder dialogs = new StringBuilder();
        page.onDialog(dialog -> dialogs.append(dialog.message()));
        page.navigate("/bench");
        page.fill(
                "#recipe",
                "<script>alert(1)</script> קציצות · 餃子 · مطبخ\n\nIngredients\n1 cup \"><img src=x "
                        + "onerror=alert(2)> flour\n\nMethod\n1. Mix <b>it</b> for 5 minutes.");
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
        page.click("text=Continue to steps");
        page.waitForSelector("main.bench");
        assertThat(dialogs.toString()).isEmpty();
        assertThat(page.locator("main img, main script").count()).isZero();
    }

    @Test
    void aFileThatIsTooLargeIsRefusedInWords() {
        Page page = APP.signedIn("host");
        byte[] large = new byte[7_000_000];
        Arrays.fill(large, (byte) '[');
        page.navigate("/classes");
        page.setInputFiles("#file", new FilePayload("large.json", "application/json", large));
        page.click(".bring-in button");
        assertThat(page.locator("main")).containsText("5 MB");
        assertThat(page.content()).doesNotContain("Exception");
    }

    @Test
    void aNewerFileTakesThePlaceOfAClassUnlessSomebodyWasFaster() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/3");
        byte[] file = page.request().get(APP.address + "/classes/3/file").body();
        String version = page.inputValue("form[action$='/replace'] input[name=version]");
        Page other = APP.signedIn("host");
        other.navigate("/classes/3");
        for (Page one : new Page[] {page, other}) {
            one.setInputFiles(
                    "form[action$='/replace'] input[type=file]",
                    new FilePayload("again.json", "application/json", file));
            one.click("form[action$='/replace'] button");
            one.waitForLoadState();
        }
        assertThat(page.locator(".told[role=status]")).containsText("Class replaced");
        assertThat(other.locator("[role=alert]")).containsText("Somebody else changed this class");
        assertThat(new String(
                        page.request().get(APP.address + "/classes/3/file").body(), StandardCharsets.UTF_8))
                .isEqualTo(new String(file, StandardCharsets.UTF_8));
        assertThat(version).isNotBlank();
    }

    @Test
    void anAssistantHasNothingToPressOnTheBench() {
        Page page = APP.signedIn("assistant");
        page.navigate("/bench/1?step=fry-the-paste");
        assertThat(page.locator("main.bench button.small:visible").count()).isZero();
        assertThat(page.locator(".four dd").first()).isVisible();
    }
}
