package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.Test;

import java.time.LocalDateTime;
import java.util.UUID;

/** What is typed key by key stays where it was typed, whatever else is saved meanwhile. */
class TypingBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    @Test
    void aDateIsTypedByKeyAndTheWindowsMoveAlong() {
        long id = APP.copyOf(3, LocalDateTime.of(2027, 4, 2, 10, 0));
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/set-up".formatted(id));
        page.locator("[name=starts-at]").focus();
        page.keyboard().type("09112027", new Keyboard.TypeOptions().setDelay(60));
        assertThat(page.locator("[name=starts-at]")).hasValue("2027-09-11T10:00");
        assertThat(page.locator("[name=window-from-0]")).hasValue("2027-04-01T17:00");
        page.locator("[name=air]").focus();
        assertThat(page.locator("[name=window-from-0]")).hasValue("2027-09-10T17:00");
        assertThat(page.locator("[name=air]")).isFocused();
        assertThat(page.locator(".saved")).containsText("Last saved");
        page.reload();
        assertThat(page.locator("[name=starts-at]")).hasValue("2027-09-11T10:00");
    }

    @Test
    void twoLinesAreEditedAndNeitherIsLost() {
        Page page = APP.signedIn("host");
        page.navigate("/bench");
        page.fill(
                "#recipe",
                "Quay barley\nServes 4\n\nIngredients\n200 g pearl barley\n1 onion, diced\n\nMethod\n1. Fry the "
                        + "onion for 8 minutes until golden.\n2. Simmer the barley for 30 minutes until soft.\n");
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
        page.click("text=Continue to steps");
        page.waitForSelector("main.bench");
        Locator lines = page.locator(".typed-line .as-text");
        lines.nth(0).fill("250 g pearl barley");
        String version = page.getAttribute("main.bench", "data-version");
        lines.nth(1).fill("2 onions, sliced");
        lines.nth(1).press("Enter");
        assertThat(page.locator("main.bench")).not().hasAttribute("data-version", version);
        assertThat(lines.nth(0)).hasValue("250 g pearl barley");
        page.locator("[data-step]").first().locator("rect.bar").click();
        page.waitForSelector("#picked .step-form");
        assertThat(lines.nth(0)).hasValue("250 g pearl barley");
        page.reload();
        assertThat(lines.nth(0)).hasValue("250 g pearl barley");
        assertThat(lines.nth(1)).hasValue("2 onions, sliced");
        lines.nth(0).press("Enter");
        assertThat(page.locator(".typed-line .unsaved")).hasCount(0);
        assertThat(page.locator("#bench-said")).not().containsText("Somebody");
    }

    @Test
    void spaceAndPageDownPressNothingUntilPedalKeysAreOn() {
        long id = APP.copyOf(1);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/air/host".formatted(id));
        assertThat(page.locator("[data-big]")).hasText("Start the class");
        page.locator("body").press("Space");
        page.locator("body").press("PageDown");
        page.waitForTimeout(500);
        assertThat(page.locator("[data-big]")).hasText("Start the class");
        page.click("[popovertarget=panel-more]");
        page.click("[data-set=pedal]");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-shown-while=pedal]")).isVisible();
        page.locator(":focus").evaluate("one => one.blur()");
        page.keyboard().press("PageDown");
        assertThat(page.locator("[data-left-word]")).hasText("left");
    }

    /** A tray sticks in the oven while nobody has anything in hand. */
    @Test
    void whatRunsByItselfCanGoWrongWithNothingInHand() {
        long id = APP.copyOf(1);
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/air/host".formatted(id));
        assertThat(page.locator("[data-big]")).hasText("Start the class");
        page.click("[data-big]");
        assertThat(page.locator("[data-left-word]")).hasText("left");
        String state = page.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text();
        String running = state.replaceAll(
                "(?s).*?\"key\":\"([^\"]+\\|main)\"[^}]*?\"status\":\"AHEAD\"[^}]*?\"hands\":false.*", "$1");
        page.request()
                .post(
                        APP.address + "/classes/%d/air/events".formatted(id),
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set(
                                                "_csrf",
                                                page.locator("input[name=_csrf]")
                                                        .first()
                                                        .inputValue())
                                        .set("event", "{\"kind\": \"start\", \"activity\": \"%s\"}".formatted(running))
                                        .set("ago", "0")
                                        .set("client", UUID.randomUUID().toString())));
        page.click("[popovertarget=panel-problem]");
        Locator stuck = page.locator("[data-failing] button[data-failed=STUCK]");
        assertThat(stuck.first()).isVisible();
        int there = stuck.count();
        stuck.first().click();
        assertThat(stuck).hasCount(there - 1);
        page.waitForCondition(() -> page.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text()
                .contains("\"status\":\"FAILED\""));
    }
}
