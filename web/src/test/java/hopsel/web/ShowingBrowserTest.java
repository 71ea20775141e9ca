package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;

/** What people see: the host says it step by step, Hopsel proposes the rest, and a film is cut from it. */
class ShowingBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private static void kept(Page page, Runnable press) {
        String version = page.inputValue("#showing input[name=version]");
        press.run();
        page.waitForCondition(
                () -> !page.inputValue("#showing input[name=version]").equals(version));
    }

    @Test
    void whatIsSaidOfAStepIsKeptAndAProposalIsTakenWithOneTouch() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/showing".formatted(APP.copyOf(4)));
        assertThat(page.locator("text=Use all")).hasCount(0);
        Locator dull =
                page.locator("[name^=worth-]:has(option[selected][value='0'])").first();
        String field = dull.getAttribute("name");
        kept(page, () -> dull.selectOption("1"));
        Locator proposal = page.locator("tr.proposal");
        assertThat(proposal).hasCount(1);
        kept(page, () -> proposal.locator("button").click());
        assertThat(proposal).hasCount(0);
        assertThat(page.locator("[name=" + field + "]")).hasValue("0");

        Locator part = page.locator("[name^=part-]").first();
        part.fill("a bit");
        part.blur();
        assertThat(page.locator("#wrong")).containsText("a bit");
        assertThat(part).hasValue("a bit");
    }

    @Test
    void aFilmIsAsLongAsItsSlotAndIsHandedToWhoCutsIt() throws IOException {
        Page page = APP.signedIn("host");
        page.navigate("/classes/3/film");
        assertThat(page.locator(".facts-list dd").first()).containsText("40:00");
        assertThat(page.locator("table.shots tbody tr")
                        .last()
                        .locator("td.clock")
                        .first())
                .hasText(Pattern.compile(".*– 40:00"));
        Download download = page.waitForDownload(() -> page.click("text=Edit list"));
        long lines = Files.lines(download.path()).count();
        assertThat(lines).isEqualTo(1 + page.locator("table.shots tbody tr").count());
    }
}
