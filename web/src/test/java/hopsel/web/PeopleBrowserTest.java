package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatNoException;

import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.guest.AttendeeForm;
import hopsel.web.guest.SignupStore;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

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
        assertThat(page.locator("[name=table]"))
                .hasValue("name;servings;avoids\nOla Brink;2;nuts, soya\nPer Holt;lots;gluten\nUma Reed;1;moon dust");
        assertThat(page.locator("[name=name-0]")).hasValue("Mina Ferro");
        page.navigate("/classes/4/people");
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(0);
    }

    @Test
    void anAttendeesPageShowsTheirOwnKitAndClockAndNobodyElseAndEndsWithTheLink() {
        Page page = paste("name;servings;avoids;zone\nOla Brink;2;peanuts;Asia/Tokyo");
        Locator row = page.locator("section[aria-labelledby=own] tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Ola Brink"));
        row.locator("text=Make a link").click();
        String link = page.locator(".told a").first().getAttribute("href");
        Page guest = APP.visitor();
        guest.navigate(link);
        assertThat(guest.locator("main")).containsText("For Ola Brink");
        assertThat(guest.locator("main")).containsText("Asia/Tokyo");
        assertThat(guest.locator("main")).containsText("instead of Peanut butter");
        assertThat(guest.locator("main")).not().containsText("Mina Ferro");
        assertThat(guest.locator(".home-list li").first()).isVisible();
        Accessible.check(guest);
        assertThat(guest.request().get(APP.address + link + "/calendar.ics").text())
                .contains("TZID:Asia/Tokyo");
        assertThat(guest.request().get(APP.address + link + "/handout.pdf").status())
                .as("before the class")
                .isEqualTo(404);
        assertThat(guest.request()
                        .get(APP.address + link.substring(0, link.length() - 1) + "!")
                        .status())
                .isEqualTo(404);

        page.locator("a.take-out")
                .filter(new Locator.FilterOptions().setHasText("Remove Ola Brink"))
                .click();
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(1);
        row.locator("details.change button.press").click();
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(0);
        assertThat(guest.request().get(APP.address + link).status()).isEqualTo(404);
        page.locator("section.removed button.press").click();
        assertThat(page.locator("input[value='Ola Brink']")).hasCount(1);
        assertThat(page.locator("section.removed")).hasCount(0);
        assertThat(guest.request().get(APP.address + link).status()).as("back").isEqualTo(200);
        row.locator("summary:has-text('Remove')").click();
        row.locator("details[open] button.press").click();
        page.locator("section.removed button.plain").click();
        assertThat(page.locator("section.removed")).hasCount(0);
        assertThat(page.locator("section[aria-labelledby=looks]")).containsText("erased one attendee");
        guest.context().close();
    }

    /** The host has the page open while a guest signs up and another ticks an allergy; the host saves what they see. */
    @Test
    void whatGuestsSayMeanwhileStaysAndIsShownUntilSeen() {
        long id = APP.copyOf(2);
        SignupStore signups = TestContext.bean(SignupStore.class);
        ClassStore classes = TestContext.bean(ClassStore.class);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/people".formatted(id));
        Attendee first = classes.find(id).orElseThrow().cooking().attendees().get(0);
        Attendee late =
                new Attendee("new", "Late Larsen", List.of("soy"), BigDecimal.ONE, Optional.empty(), first.gets());
        assertThatNoException().isThrownBy(() -> {
            signups.change(
                    id,
                    first.id(),
                    TestContext.bean(Catalogue.class),
                    (before, known) ->
                            new AttendeeForm.Row(before.alsoAvoiding(late).saying(List.of("kiwi")), known));
            signups.signUp(id, late, Particulars.UNKNOWN, UUID.randomUUID().toString());
        });
        page.fill("[name=servings-0]", "3");
        page.locator(".people-form > fieldset > button").click();
        assertThat(page.locator("[name=servings-0]")).hasValue("3");
        assertThat(page.locator("[name=avoids-0]")).hasValue("soy, kiwi");
        assertThat(page.locator("input[value='Late Larsen']")).hasCount(1);
        assertThat(page.locator("main")).containsText("%s now cannot have".formatted(first.name()));
        page.navigate("/classes/%d/plan".formatted(id));
        assertThat(page.locator("main")).containsText("Late Larsen signed up");
        page.click("form[action$='people/seen'] button");
        page.navigate("/classes/%d/plan".formatted(id));
        assertThat(page.locator("main")).not().containsText("Late Larsen signed up");
    }

    /** More rows than a form may usually have, and what a word processor pastes into a name. */
    @Test
    void ninetyPeopleAreSavedAtOnceAndTheirLabelsPrinted() {
        StringBuilder rows = new StringBuilder("name;servings;avoids");
        IntStream.range(0, 90)
                .forEach(i -> rows.append("\nGuest ").append(i).append(";1;").append(i % 3 == 0 ? "kiwi" : ""));
        long id = APP.copyOf(3);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/people".formatted(id));
        page.fill("[name=table]", rows.toString());
        page.click("text=Add them");
        assertThat(page.locator("input[value='Guest 89']")).hasCount(1);
        page.locator("[name=name-40]").evaluate("field => { field.value = 'Vera\\u000bTabb'; }");
        page.locator(".people-form > fieldset > button").click();
        assertThat(page.locator("[name=name-40]")).hasValue("Vera Tabb");
        assertThat(page.request()
                        .get(APP.address + "/classes/%d/packing/labels.pdf?which=KIT".formatted(id))
                        .headers()
                        .get("content-type"))
                .startsWith("application/pdf");
    }

    @Test
    void oneMenuForEverybodyIsTakenAndTakenBack() {
        long id = APP.copyOf(2);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/menus".formatted(id));
        int before = page.locator(".bag").count();
        page.click("text=Use this menu");
        assertThat(page.locator("td.suits.unsure")).not().hasCount(0);
        page.locator("section[aria-labelledby=read] .box").all().forEach(box -> {
            box.click();
            assertThat(box).hasAttribute("aria-checked", "true");
        });
        page.reload();
        // One guest's wish for no oil is not the room's: it stays with their own kit.
        assertThat(page.locator(".warned-list li").allInnerTexts()).hasSize(2).allMatch(stuck -> stuck.contains("oil"));
        assertThat(page.locator("td.suits.fine")).not().hasCount(0);
        // Nuts and peanuts are off the lists, and still in the words of the recipes: that is not called fine.
        assertThat(page.locator("td.suits:not(.fine)").allInnerTexts())
                .allMatch(cell -> cell.contains("mentions nut")
                        || cell.contains("mentions peanut")
                        || cell.contains("instead of") && cell.contains("oil"))
                .filteredOn(cell -> cell.contains("mentions"))
                .hasSize(2);
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
        assertThat(page.locator(".fold").first()).isVisible();
        int before = page.locator(".bags.drawn .bag").count();
        page.navigate("/classes/%d/menus".formatted(id));
        int fewest = page.locator("section[aria-labelledby=several] .bag").count();
        assertThat(fewest).isLessThanOrEqualTo(before);
        page.click("text=Pack these kinds");
        assertThat(page.locator("text=Pack these kinds")).hasCount(0);
        page.navigate("/classes/%d/packing".formatted(id));
        assertThat(page.locator(".fold").first()).isVisible();
        assertThat(page.locator(".bags.drawn .bag").count()).isLessThanOrEqualTo(before);
        page.navigate("/classes/%d/menus".formatted(id));
        page.click("text=Each kit by its own list again");
        assertThat(page.locator("text=Pack these kinds")).hasCount(1);
        page.navigate("/classes/%d/packing".formatted(id));
        assertThat(page.locator(".bags.drawn .bag")).hasCount(before);
    }
}
