package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.List;

/** From a draft with a claim in it to a correction that those who have the old edition are told of. */
class EditionBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private final long id = APP.copyOf(4, LocalDateTime.of(2026, 1, 10, 17, 0));

    private String page(String path) {
        return "/classes/%d/handouts%s".formatted(id, path);
    }

    private static void keep(Page host) {
        host.click(".words-form > button");
        host.waitForLoadState();
    }

    private void story(Page host, String text) {
        host.navigate(page("/words"));
        host.fill("[name=story-0]", text);
        keep(host);
    }

    private void address(Page host) {
        host.navigate("/classes/%d/people".formatted(id));
        host.locator("details.more summary").first().click();
        host.fill("[name=contact-0]", "mina@tern-quay.example");
        host.locator(".people-form > fieldset > button").click();
        host.waitForLoadState();
    }

    private void release(Page host) {
        host.navigate(page(""));
        host.click("text=Send to review");
        host.waitForURL("**/review");
        assertThat(host.locator("text=Approve")).hasCount(0);
        Page other = APP.signedIn("assistant");
        other.navigate(page("/review"));
        other.click("text=Approve");
        assertThat(other.locator(".stages .now")).containsText("Reviewed");
        host.navigate(page(""));
        host.click("text=Release handout");
        assertThat(host.locator(".told")).containsText("Released");
    }

    @Test
    void aClaimHoldsBackTheEditionAndACorrectionIsToldToWhoHasTheOldOne() throws IOException {
        Page host = APP.signedIn("host");
        address(host);
        story(host, "We love it. It is full of protein.");
        host.navigate(page(""));
        host.click("text=Send to review");
        assertThat(host.locator(".told.warned")).containsText("full of protein");
        host.selectOption("[name=mark-0]", "FACT");
        keep(host);
        assertThat(host.locator(".unmarked")).hasCount(1);
        host.fill("[name=source-0]", "House tables, 2026");
        keep(host);
        assertThat(host.locator(".unmarked")).hasCount(0);

        host.navigate("/classes/%d/people".formatted(id));
        host.locator("section[aria-labelledby=own] tbody tr")
                .first()
                .locator("text=Make a link")
                .click();
        String link = host.locator(".told a").first().getAttribute("href");
        Page guest = APP.visitor();
        assertThat(guest.request().get(APP.address + link + "/handout").status())
                .as("nothing is released yet")
                .isEqualTo(404);
        release(host);
        host.click("text=Send it to everybody");
        assertThat(host.locator(".told").first()).containsText("One handout was sent");
        guest.navigate(link + "/handout");
        assertThat(guest.locator("main")).containsText("Fact. Source: House tables, 2026");
        story(host, "A new story of the quay.");
        guest.reload();
        assertThat(guest.locator("main")).not().containsText("A new story of the quay");

        host.navigate(page(""));
        host.click("text=Send to review");
        assertThat(host.locator(".diff .new").first()).containsText("A new story of the quay.");
        host.click("text=Back to the draft");
        release(host);
        assertThat(host.locator(".told")).containsText("One was told");
        host.navigate("/post");
        Locator last = host.locator(".letters li").first();
        last.locator("summary").click();
        assertThat(last).containsText("now:    A new story of the quay.");
        assertThat(last).containsText("before: We love it.");
        guest.reload();
        assertThat(guest.locator("main")).containsText("A new story of the quay");

        checkPage(guest);
        checkPdf(guest.request().get(APP.address + link + "/handout.pdf?paper=A5"));
        assertThat(guest.request().get(APP.address + link + "/handout.jsonld").text())
                .contains("\"@type\":\"Recipe\"");
        guest.context().close();
    }

    /**
     * One step after the other, ticks and timers that outlive a reload, no violation, and a recipe for machines in the
     * page.
     */
    private static void checkPage(Page guest) {
        guest.click("text=Cook along");
        assertThat(guest.locator("[data-cook]")).hasAttribute("aria-pressed", "true");
        assertThat(guest.locator(".cook-step h2")).isVisible();
        String first = guest.locator(".cook-step h2").textContent();
        guest.click("[data-cook-next]");
        assertThat(guest.locator(".cook-step h2")).not().hasText(first);
        guest.locator(".cook-step").getByText("All steps").click();
        assertThat(guest.locator(".cook-contents li").first()).containsText("✓");
        guest.evaluate("() => document.querySelector('.method .start-timer').click()");
        guest.reload();
        assertThat(guest.locator(".timer .left")).containsText(":");
        assertThat(guest.locator(".cook-step h2")).not().hasText(first);
        String data = guest.locator("a[type='application/ld+json']").getAttribute("href");
        assertThat(guest.request().get(APP.address + data).text()).contains("HowToStep");
        Accessible.check(guest);
    }

    /** Tagged, titled, with a language, bookmarks and embedded fonts; what is read out of it is what was written. */
    private static void checkPdf(APIResponse answer) throws IOException {
        assertThat(PdfChecks.universalAccess(answer.body())).isEmpty();
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            var catalog = pdf.getDocumentCatalog();
            assertThat(catalog.getStructureTreeRoot()).isNotNull();
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(catalog.getDocumentOutline().getFirstChild().getTitle()).isNotBlank();
            assertThat(pdf.getDocumentInformation().getTitle()).isNotBlank();
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(418f, 421f);
            for (var page : pdf.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                }
            }
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("A new story of the quay.", "Mina Ferro", "Good to know");
        }
    }

    @Test
    void theBookletsPagesAreThoseThatAreCalledOutAndTheNutritionOfTwoVersionsStandsSideBySide() {
        Page host = APP.signedIn("host");
        host.navigate(page(""));
        assertThat(host.locator(".page-numbers li").first()).containsText("page 2");
        host.navigate(page("/nutrition?one=written&two=oil-none"));
        assertThat(host.locator(".nutrition-label")).hasCount(2);
        assertThat(host.locator("section[aria-labelledby=difference] li").first())
                .containsText("−");
    }

    @Test
    void aGuestHasOneVoteThatCanBeChangedAndSaysHowItWas() {
        Page host = APP.signedIn("host");
        for (String title : List.of("Dumplings by the sea", "A tart afternoon")) {
            host.navigate("/ideas");
            host.fill("[name=title]", title);
            host.check("[name=dish] >> nth=0");
            host.click(".idea-form button");
            assertThat(host.locator(".bag").filter(new Locator.FilterOptions().setHasText(title)))
                    .containsText("Regulars who cannot have it");
        }
        host.navigate("/classes/%d/people".formatted(id));
        host.locator("section[aria-labelledby=own] tbody tr")
                .first()
                .locator("text=Make a link")
                .click();
        String link = host.locator(".told a").first().getAttribute("href");
        Page guest = APP.visitor();
        guest.navigate(link);
        guest.click("text=Dumplings by the sea");
        guest.click("text=A tart afternoon");
        assertThat(guest.locator(".votes [aria-pressed=true]")).hasText("A tart afternoon");
        guest.check("[name=stars][value='4']");
        guest.fill("[name=remark] >> nth=0", "More sauce, please");
        guest.click("text=Send");
        guest.waitForLoadState();
        host.navigate("/ideas");
        assertThat(host.locator(".bag").first()).containsText("A tart afternoon");
        assertThat(host.locator(".bag").first()).containsText("1 vote");
        assertThat(host.locator(".bag").nth(1)).containsText("no votes yet");
        host.navigate("/classes/%d/air/log".formatted(id));
        assertThat(host.locator("main")).containsText("More sauce, please");
        assertThat(host.locator("main")).not().containsText("Mina");
        guest.context().close();
    }
}
