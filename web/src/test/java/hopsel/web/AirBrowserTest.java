package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.Test;

import java.util.UUID;
import java.util.regex.Pattern;

/**
 * A class on air on three screens: what one presses, all show; what is pressed twice counts once; out of touch, nothing
 * is lost.
 */
class AirBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private final long id = APP.copyOf(1);

    private Page open(String login, String screen) {
        Page page = APP.signedIn(login);
        page.navigate("/classes/%d/air/%s".formatted(id, screen));
        assertThat(page.locator("[data-next] li, .air-touch").first()).isVisible();
        return page;
    }

    private void press(Page page, String kind, String activity) {
        press(page, kind, activity, 0);
    }

    private void press(Page page, String kind, String activity, long ago) {
        String token = page.locator("input[name=_csrf]").inputValue();
        String event = activity.isEmpty()
                ? "{\"kind\": \"%s\"}".formatted(kind)
                : "{\"kind\": \"%s\", \"activity\": \"%s\"}".formatted(kind, activity);
        int status = page.request()
                .post(
                        APP.address + "/classes/%d/air/events".formatted(id),
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set("_csrf", token)
                                        .set("event", event)
                                        .set("ago", String.valueOf(ago))
                                        .set("client", UUID.randomUUID().toString())))
                .status();
        assertThat(status).isEqualTo(200);
    }

    private int events(Page page) {
        return Integer.parseInt(page.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text()
                .replaceAll("(?s)^\\{\"seq\":(\\d+).*", "$1"));
    }

    @Test
    void threeScreensShowTheSameAndAnyActionCanBeUndone() {
        Page host = open("host", "host");
        Page assistant = open("assistant", "assistant");
        host.bringToFront();
        assertThat(host.locator("[data-big]")).hasText("Start the class");
        host.click("[data-big]");
        assertThat(host.locator("[data-left-word]")).hasText("left");
        assertThat(assistant.locator("[data-left-word]")).hasText("left");
        assertThat(host.locator(".air-title")).hasText("Welcome");
        host.waitForTimeout(500);
        String first =
                host.locator("[data-next] li .what").first().textContent().strip();
        host.click("[data-big]");
        assertThat(host.locator("main")).containsText(first);
        assertThat(host.locator("[data-timers] li, .air-now .air-title")
                        .filter(new Locator.FilterOptions().setHasText(first))
                        .first())
                .isVisible();
        Page audience = open("host", "audience");
        assertThat(audience.locator("main")).containsText(first);
        audience.close();
        host.click("[data-undo]");
        assertThat(host.locator("[data-next] li").first()).containsText(first);
        Accessible.check(host);
    }

    @Test
    void twoHandsOnTwoScreensAtTheSameMomentFinishOneStepAndBeginOne() {
        Page one = open("host", "host");
        press(one, "on-air", "");
        Page two = open("host", "host");
        // Until somebody has something in hand on both screens.
        for (int i = 0; i < 6 && one.locator("[data-big]").textContent().startsWith("Begin"); i++) {
            one.click("[data-big]");
            one.waitForTimeout(1500);
        }
        assertThat(two.locator("[data-big]")).hasText("Done – next");
        one.waitForTimeout(1500);
        int before = events(one);
        one.evaluate("() => document.querySelector('[data-big]').click()");
        two.evaluate("() => document.querySelector('[data-big]').click()");
        one.waitForCondition(() -> events(one) >= before + 2);
        one.waitForTimeout(2500);
        assertThat(events(one)).as("one step done, one begun").isEqualTo(before + 2);
    }

    @Test
    void whoGoesOnAirOutOfTouchBeginsWithTheClassAndNotWithTheWorkBeforeIt() {
        Page host = open("host", "host");
        assertThat(host.locator("[data-next] strong").first()).hasText(Pattern.compile("\\d\\d:\\d\\d"));
        host.context().setOffline(true);
        host.click("[data-big]");
        assertThat(host.locator("[data-left-word]")).hasText("left");
        assertThat(host.locator("[data-next] strong").first()).hasText(Pattern.compile("(now|in \\d min), .*"));
        assertThat(host.locator(".air-title")).hasText("Welcome");
        host.waitForTimeout(500);
        // A finger that slips twice begins one step, not two.
        host.locator("[data-big]").evaluate("one => { one.click(); one.click(); }");
        host.context().setOffline(false);
        host.waitForCondition(() -> events(host) >= 3);
        host.waitForTimeout(1500);
        assertThat(events(host)).as("on air, the welcome said, one step begun").isEqualTo(3);
        String state = host.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text();
        assertThat(state)
                .containsPattern("\"status\":\"RUNNING\",\"start\":\\d+,\"end\":\\d+,\"due\":\\d+,\"planned\":\\d+,");
    }

    @Test
    void aFingerThatRestsOnAButtonWhileTheClockCountsStillPresses() {
        Page host = open("host", "host");
        press(host, "on-air", "");
        String running = host.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text()
                .replaceAll(
                        "(?s).*?\"key\":\"([^\"]+\\|main)\"[^}]*?\"status\":\"AHEAD\"[^}]*?\"hands\":false.*", "$1");
        press(host, "start", running);
        Locator done = host.locator("[data-timers] [data-done]").first();
        assertThat(done).isVisible();
        int before = events(host);
        done.hover();
        host.mouse().down();
        host.waitForTimeout(2300);
        host.mouse().up();
        host.waitForCondition(() -> events(host) == before + 1);
    }

    @Test
    void twoWhoPressTheSameDoNotSkipAStepAndWhatIsPressedOutOfTouchArrives() {
        Page host = open("host", "host");
        press(host, "on-air", "");
        press(host, "on-air", "");
        assertThat(events(host)).as("on air once").isEqualTo(1);
        String state = host.request()
                .get(APP.address + "/classes/%d/air/state".formatted(id))
                .text();
        String key = state.replaceAll("(?s).*?\"key\":\"([^\"]+\\|main)\"[^}]*?\"status\":\"AHEAD\".*", "$1");
        press(host, "start", key);
        press(host, "start", key);
        press(host, "done", key);
        press(host, "done", key);
        assertThat(events(host)).isEqualTo(3);
        press(host, "start", key, 60_000);
        assertThat(events(host))
                .as("begun by somebody who was out of touch: it has long been done")
                .isEqualTo(3);
        host.reload();
        assertThat(host.locator("[data-left-word]")).hasText("left");
        host.context().setOffline(true);
        host.click("[popovertarget=panel-questions]");
        host.fill("[data-note] input", "too soft, 4 min is enough");
        host.click("[data-note] button");
        assertThat(host.locator(".air-away")).isVisible();
        String shown = host.locator("[data-left]").first().textContent();
        assertThat(host.locator("[data-left]")).not().hasText(shown);
        host.context().setOffline(false);
        assertThat(host.locator(".air-away")).isHidden();
        host.waitForCondition(() -> events(host) == 4);
        host.navigate("/classes/%d/air/log".formatted(id));
        assertThat(host.locator("main")).containsText("too soft, 4 min is enough");
        assertThat(host.locator("section[aria-labelledby=learned]")).containsText(Pattern.compile("\\d min"));
    }
}
