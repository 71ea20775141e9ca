package hopsel.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;

/** The application as somebody in the kitchen uses it, in a real browser. */
class BrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    @Test
    void onlyTheRightPasswordOpensAndGuessingIsSlowedDown() {
        Page page = APP.visitor();
        page.navigate("/classes");
        assertThat(page.url()).contains("/sign-in");
        for (int i = 0; i < 6; i++) {
            page.navigate("/sign-in");
            page.fill("#username", "guesser");
            page.fill("#password", "wrong" + i);
            page.click("button[type=submit]");
            page.waitForURL("**/sign-in?*");
            assertThat(page.url()).endsWith(i < 5 ? "?wrong" : "?wait");
        }
        assertThat(page.textContent("[role=alert]")).contains("Wait ten minutes");
    }

    @Test
    void anAssistantLooksButDoesNotReplace() {
        Page page = APP.signedIn("assistant");
        page.navigate("/classes");
        assertThat(page.locator(".bring-in").count()).isZero();
        String token = page.inputValue("input[name=_csrf]");
        for (String path : List.of("/classes/1/remove", "/bench/1/undo", "/bench/new")) {
            APIResponse answer = page.request()
                    .post(
                            APP.address + path,
                            RequestOptions.create()
                                    .setForm(FormData.create()
                                            .set("_csrf", token)
                                            .set("version", 1))
                                    .setMaxRedirects(0));
            assertThat(answer.status()).as(path).isEqualTo(403);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/sign-in",
                "/classes",
                "/classes/1",
                "/classes/1/plan",
                "/classes/1/set-up",
                "/classes/1/plan/ask?step=tart/bake",
                "/classes/1/rehearsal",
                "/classes/1/mise",
                "/classes/1/mise/counter",
                "/classes/1/mise/prep",
                "/classes/1/mise/countdown",
                "/classes/1/mise/holding",
                "/classes/1/shopping",
                "/pantry",
                "/shopping?class=1&class=3",
                "/classes/2/kits",
                "/classes/4/before",
                "/classes/2/people",
                "/classes/2/menus",
                "/classes/2/packing",
                "/classes/4/packing/station/9",
                "/scales/9",
                "/printer",
                "/lots",
                "/classes/1/air",
                "/classes/1/air/log",
                "/classes/1/air/practice?seed=3",
                "/classes/2/handouts",
                "/classes/2/handouts/words",
                "/classes/1/handouts/nutrition",
                "/post",
                "/ideas",
                "/classes/2/handouts/2",
                "/house",
                "/house/kitchens",
                "/house/staff",
                "/house/backup",
                "/house/running",
                "/me",
                "/search?q=tart",
                "/bench",
                "/bench/1",
                "/bench/1?step=fry-the-paste",
                "/bench/2/read",
                "/catalogue?q=bean",
                "/classes/999"
            })
    void everyPageIsAccessibleAndLoadsCleanly(String path) {
        Page page = APP.signedIn("host");
        StringBuilder errors = new StringBuilder();
        page.onPageError(errors::append);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !path.endsWith("999")) {
                errors.append(message.text());
            }
        });
        page.navigate(path);
        assertThat(errors.toString()).isEmpty();
        assertThat(page.locator("body").innerText())
                .as("words that were not filled in")
                .doesNotContainPattern("\\{\\d|\\?\\?\\w|\\bNaN\\b");
        assertThat(page.locator("#picked form").count() > 0).isEqualTo(path.matches("/bench/\\d+(?:\\?.*)?"));
        Accessible.check(page);
        page.setViewportSize(320, 640);
        assertThat((int) page.evaluate("() => document.documentElement.scrollWidth"))
                .as("at four times its size nobody scrolls sideways, with everything unfolded")
                .isLessThanOrEqualTo(320);
    }

    @Test
    void theRunSheetShowsSwapOutsJoinedToWhatTheyReplace() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/1/plan");
        assertThat(page.locator(".chart path.join").count())
                .isPositive()
                .isEqualTo(page.locator("tr.swapped").count());
        assertThat(page.locator(".chart rect.bar").count()).isGreaterThan(39);
        page.click("button[data-person=pia]");
        PlaywrightAssertions.assertThat(page.locator("table.run tbody tr[data-who=maren]:visible"))
                .hasCount(0);
        PlaywrightAssertions.assertThat(page.locator("table.run tbody tr[data-who=pia]:visible"))
                .not()
                .hasCount(0);
    }

    @Test
    void theKitOfSomebodyWithANutAllergyHasSubstitutions() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/2/kits");
        Locator kit = page.locator(".fold").filter(new Locator.FilterOptions().setHasText("Kasim Doyle"));
        kit.locator("summary h3").click();
        String bag = kit.innerText();
        assertThat(bag)
                .contains("Sunflower seed butter")
                .contains("instead of Peanut butter")
                .doesNotContain("· peanut");
    }

    @Test
    void aClassGoesOutAndComesInAgainAsTheSame() throws IOException {
        Page page = APP.signedIn("host");
        page.navigate("/classes/3");
        Download out = page.waitForDownload(() -> page.click(".class-file a.press"));
        byte[] file = Files.readAllBytes(out.path());
        bringIn(page, "again.json", file);
        page.waitForURL("**/classes/*");
        Download again = page.waitForDownload(() -> page.click(".class-file a.press"));
        assertThat(Files.readAllBytes(again.path())).isEqualTo(file);
        page.click("details.remove summary");
        page.click("details.remove button");
        page.waitForURL("**/classes");
        assertThat(page.textContent(".told[role=status]")).contains("deleted");
    }

    @Test
    void aFaultyFileIsRefusedWholeWithEveryPlace() {
        Page page = APP.signedIn("host");
        page.navigate("/classes");
        int before = page.locator(".ticket").count();
        bringIn(
                page,
                "<b>faulty.json",
                "{\"format\": \"hopsel-class\", \"version\": 1, \"title\": \"<script>\"}"
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(page.locator(".findings li").count()).isGreaterThan(10);
        assertThat(page.textContent(".findings")).contains("/airMinutes");
        page.navigate("/classes");
        assertThat(page.locator(".ticket").count()).isEqualTo(before);
    }

    @Test
    void theHandoutIsAPdfWithItsFontsEmbedded() throws IOException {
        Page page = APP.signedIn("host");
        APIResponse answer = page.request().get(APP.address + "/classes/2/handouts/2/pdf");
        assertThat(answer.headers().get("content-type")).startsWith("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            for (var name : pdf.getPage(0).getResources().getFontNames()) {
                PDFont font = pdf.getPage(0).getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
            }
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Kasim Doyle")
                    .contains("Made without:")
                    .contains("Local food rules")
                    .doesNotContainIgnoringCase("free from");
        }
    }

    private static void bringIn(Page page, String name, byte[] file) {
        page.navigate("/classes");
        page.setInputFiles("#file", new FilePayload(name, "application/json", file));
        page.click(".bring-in button");
    }
}
