package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;

import java.util.List;

/** Planning a class in the browser: from nothing to a run sheet, pins and what they cost, remedies, the rehearsal. */
class PlanBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private static Page fresh() {
        Page page = APP.signedIn("host");
        page.navigate("/classes");
        // Not in the kitchen of whatever class was the last.
        page.selectOption(".begin select", "");
        page.click("text=Plan a new class");
        page.waitForURL("**/set-up");
        return page;
    }

    private static void add(Page page, String dish) {
        String version = page.inputValue("#set-up input[name=version]");
        page.selectOption(
                "[name=add-dish]",
                page.locator("[name=add-dish] option", new Page.LocatorOptions().setHasText(dish))
                        .first()
                        .getAttribute("value"));
        changed(page, version);
    }

    private static void type(Page page, String field, String text) {
        String version = page.inputValue("#set-up input[name=version]");
        page.fill("[name=" + field + "]", text);
        page.locator("[name=" + field + "]").blur();
        changed(page, version);
    }

    private static void changed(Page page, String version) {
        page.waitForCondition(
                () -> !page.inputValue("#set-up input[name=version]").equals(version));
    }

    private static void remove(Page page) {
        page.navigate(page.url().replaceAll("(/classes/\\d+).*", "$1"));
        page.click("details.remove summary");
        page.click("details.remove button");
        page.waitForURL("**/classes");
    }

    @Test
    void aClassIsBuiltFromNothingAndEveryChangePlansItAgain() {
        Page page = fresh();
        assertThat(page.locator(".outcome")).containsText("No dish yet");
        type(page, "title", "Flatbreads by the quay");
        add(page, "Nigella flatbreads");
        assertThat(page.locator(".outcome .verdict")).containsText("Fits");
        type(page, "air", "10");
        assertThat(page.locator(".outcome .verdict")).containsText("Runs over");
        assertThat(page.locator(".remedies li").first()).isVisible();
        page.click("text=Undo: class length");
        assertThat(page.locator("[name=air]")).hasValue("60");
        assertThat(page.locator(".outcome .verdict")).containsText("Fits");
        page.click("text=Redo: class length");
        assertThat(page.locator(".outcome .verdict")).containsText("Runs over");
        page.locator(".remedies li button").first().click();
        page.waitForURL("**/plan");
        assertThat(page.locator("table.run tbody tr").first()).isAttached();
        remove(page);
    }

    @Test
    void whatCannotBeTakenIsSaidAndNothingTypedIsLost() {
        Page page = fresh();
        page.fill("[name=title]", "Half typed");
        page.fill("[name=air]", "an hour");
        page.locator("[name=air]").blur();
        assertThat(page.locator("#wrong")).containsText("Length");
        assertThat(page.locator("#wrong")).containsText("an hour");
        assertThat(page.locator("[name=title]")).hasValue("Half typed");
        type(page, "air", "45");
        assertThat(page.locator("h1")).hasText("Half typed");
        remove(page);
    }

    @Test
    void aPinnedStepStaysThereAndItsCostIsSaid() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/3/plan");
        Locator row = page.locator("table.run tr.shown:not(.copy)").nth(3);
        String title = row.locator(".title").innerText();
        row.locator("summary").click();
        row.locator("text=What if it came earlier or later?").click();
        page.waitForURL("**/plan/ask**");
        assertThat(page.locator("table.ask tbody tr")).hasCount(6);
        Locator pin = page.locator("table.ask tbody tr:has(button)").last();
        String clock = pin.locator("th > span").first().innerText();
        pin.locator("button").click();
        page.waitForURL("**/plan");
        assertThat(page.locator(".wishes")).containsText(title);
        Locator pinned = page.locator("table.run tr:has(.flag.pin)");
        assertThat(pinned.locator(".clock strong")).hasText(clock);
        assertThat(page.locator(".moves")).isVisible();
        pinned.locator("summary").click();
        pinned.locator("button[value=unpin]").click();
        assertThat(page.locator(".flag.pin")).hasCount(0);
    }

    @Test
    void aBarThatIsDraggedIsPinnedWhereItIsLetGo() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/3/plan");
        Locator bar = page.locator(".timeline a[data-step='sago/finish']").first();
        assertThat(bar).isAttached();
        bar.scrollIntoViewIfNeeded();
        BoundingBox box = bar.locator("rect").boundingBox();
        double minutes = 30 / Double.parseDouble(bar.getAttribute("data-per-minute"));
        int start = Integer.parseInt(bar.getAttribute("data-start"));
        page.mouse().move(box.x + 4, box.y + 12);
        page.mouse().down();
        page.mouse().move(box.x + 34, box.y + 12, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
        Locator pinned = page.locator("table.run tr:has(.flag.pin)");
        assertThat(pinned).hasCount(1);
        int moved = (int) (Math.round(minutes * 2) * 30);
        assertThat(page.locator(".timeline a[data-step='sago/finish']").first())
                .hasAttribute("data-start", String.valueOf(start + moved));
        pinned.locator("summary").click();
        pinned.locator("button[value=unpin]").click();
        assertThat(page.locator(".flag.pin")).hasCount(0);
    }

    @Test
    void theRehearsalSaysHowLikelyTheClassEndsInTimeAndWhatGoesFirst() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/2/rehearsal");
        assertThat(page.locator(".big-figure")).containsText("%");
        assertThat(page.locator("svg.spread rect").count()).isGreaterThan(3);
        assertThat(page.locator("#loaded")).containsText("What goes first");
        List<String> clocks = page.locator("section[aria-labelledby=talk] tbody td:first-child")
                .allInnerTexts();
        assertThat(clocks).hasSizeGreaterThan(2).isSorted();
    }
}
