package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

import java.util.List;

/** Attendees: entered, pasted, each with a page of their own, and erased for good. */
class PeopleBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private static Page paste(String table) {
        Page page = APP.signedIn("host");
        page.navigate("/classes/4/people");
        page.fill("[name=table]", table);
        page.click("text=Add them");
        return page;
    }

    @Test
    void aRowThatIsNotUnderstoodIsNamedAndNoneIsTaken() {
        Page page = paste("name;servings;avoids\nOla Brink;2;nuts, soya\nPer Holt;lots;gluten\nUma Reed;1;moon dust");
        assertThat(page.locator("#wrong")).containsText("Row 3");
        assertThat(page.locator("#wrong")).not().containsText("moon dust");
        assertThat(page.locator("[name=table]")).hasValue("name;servings;avoids\nOla Brink;2;nuts, soya\nPer Holt;lots;gluten\nUma Reed;1;moon dust");
        assertThat(page.locator("[name=name-0]")).hasValue("Mina Ferro");
        page.navigate("/classes/4/people");
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(0);
    }

    @Test
    void anAttendeesPageShowsTheirOwnKitAndClockAndNobodyElseAndEndsWithTheLink() {
        Page page = paste("name;servings;avoids;zone\nOla Brink;2;peanuts;Asia/Tokyo");
        Locator row = page.locator("section[aria-labelledby=own] tbody tr").filter(new Locator.FilterOptions().setHasText("Ola Brink"));
        row.locator("text=Make a link").click();
        String link = page.locator(".told a").getAttribute("href");
        Page guest = APP.visitor();
        guest.navigate(link);
        assertThat(guest.locator("main")).containsText("For Ola Brink");
        assertThat(guest.locator("main")).containsText("Asia/Tokyo");
        assertThat(guest.locator("main")).containsText("in place of Peanut butter");
        assertThat(guest.locator("main")).not().containsText("Mina Ferro");
        assertThat(guest.locator(".home-list li").first()).isVisible();
        var axe = new AxeBuilder(guest).withTags(List.of("wcag2a", "wcag2aa", "wcag21aa", "wcag22aa")).analyze();
        assertThat(axe.getViolations()).extracting(rule -> rule.getId() + " " + rule.getNodes().get(0).getHtml()).isEmpty();
        assertThat(guest.request().get(APP.address + link + "/calendar.ics").text()).contains("TZID:Asia/Tokyo");
        assertThat(guest.request().get(APP.address + link + "/handout.pdf").status()).as("before the class").isEqualTo(404);
        assertThat(guest.request().get(APP.address + link.substring(0, link.length() - 1) + "!").status()).isEqualTo(404);

        page.locator("a.take-out").filter(new Locator.FilterOptions().setHasText("Remove Ola Brink")).click();
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(1);
        row.locator("details.change button.press").click();
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(0);
        assertThat(guest.request().get(APP.address + link).status()).isEqualTo(404);
        assertThat(page.locator("section[aria-labelledby=looks]")).containsText("erased one attendee");
        guest.context().close();
    }

    @Test
    void oneMenuForEverybodyIsTakenAndTakenBack() {
        long id = APP.copyOf(2);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/menus".formatted(id));
        int before = page.locator(".bag").count();
        page.click("text=Cook it so");
        assertThat(page.locator("td.suits.unsure")).not().hasCount(0);
        page.locator("section[aria-labelledby=read] .box").all().forEach(box -> {
            box.click();
            assertThat(box).hasAttribute("aria-checked", "true");
        });
        page.reload();
        assertThat(page.locator(".empty")).containsText("Everybody can eat every dish as it is written");
        assertThat(page.locator("td.suits.fine")).not().hasCount(0);
        // Nuts and peanuts are off the lists, and still in the words of the recipes: that is not called fine.
        assertThat(page.locator("td.suits:not(.fine)").allInnerTexts()).hasSize(2).allMatch(cell -> cell.contains("speaks of nut") || cell.contains("speaks of peanut"));
        page.navigate("/classes/%d/set-up".formatted(id));
        page.locator(".undo-row button").first().click();
        assertThat(page.locator(".undo-row")).containsText("Redo");
        page.navigate("/classes/%d/menus".formatted(id));
        assertThat(page.locator(".bag")).hasCount(before);
    }

    @Test
    void theFewestKindsOfKitArePackedAndEachByItsOwnListAgain() {
        long id = APP.copyOf(2);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/packing".formatted(id));
        assertThat(page.locator(".bags.drawn .bag").first()).isVisible();
        int before = page.locator(".bags.drawn .bag").count();
        page.navigate("/classes/%d/menus".formatted(id));
        int fewest = page.locator("section[aria-labelledby=several] .bag").count();
        assertThat(fewest).isLessThanOrEqualTo(before);
        page.click("text=Pack these kinds");
        assertThat(page.locator("text=Pack these kinds")).hasCount(0);
        page.navigate("/classes/%d/packing".formatted(id));
        assertThat(page.locator(".bags.drawn .bag").first()).isVisible();
        assertThat(page.locator(".bags.drawn .bag").count()).isLessThanOrEqualTo(before);
        page.navigate("/classes/%d/menus".formatted(id));
        page.click("text=Each kit by its own list again");
        assertThat(page.locator("text=Pack these kinds")).hasCount(1);
        page.navigate("/classes/%d/packing".formatted(id));
        assertThat(page.locator(".bags.drawn .bag")).hasCount(before);
    }
}
