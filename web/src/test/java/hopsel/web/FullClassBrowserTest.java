package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

import java.util.List;
import java.util.Map;

/**
 * A class of 75 minutes from start to end, sixty times as fast, on the screens of the host, the assistant and the
 * audience: the host is played by somebody who presses when something looks done, the rest by the simulated kitchen.
 * The server is stopped on the way, and the host's network is cut.
 */
class FullClassBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final int FAST = 60;
    private static final int PATIENCE = 400;
    /** What a host does who looks at the desk every fifth of a second. */
    private static final String HOST =
            """
            () => {
              const big = document.querySelector('[data-big]');
              const sight = document.querySelector('.air-sight');
              document.querySelectorAll('.air-now [data-use]:not(.shown), .air-now [data-cue]:not(.shown)').forEach((one) => one.click());
              document.querySelectorAll('.air-timers li').forEach((li) => {
                if (/looks done/.test(li.textContent)) li.querySelector('[data-done]').click();
              });
              document.querySelectorAll('[data-again] button, [data-answer]').forEach((one) => one.click());
              const left = document.querySelector('.air-left');
              const said = !sight && /^Done/.test(big.textContent) && left && left.textContent.startsWith('−');
              const ready = (sight && /done/.test(sight.textContent)) || said;
              if (!big.disabled && (/^Start the class|^The class is over/.test(big.textContent) || (/^Begin/.test(big.textContent) && !sight) || ready)) big.click();
            }""";

    private ConfigurableApplicationContext server;
    private int port;
    private Page host;
    private Page assistant;
    private Page audience;

    @AfterEach
    void stop() {
        server.close();
        List.of(host, assistant, audience).forEach(page -> page.context().close());
    }

    private void start() {
        server = RunningApplication.server(port);
        port = Integer.parseInt(server.getEnvironment().getProperty("local.server.port"));
    }

    /**
     * Stops the server and starts it again; meanwhile the host looks at a desk that is out of touch, and writes a note.
     */
    private void stopAndStart(String note) {
        pace(1);
        server.close();
        assertThat(host.locator(".air-away")).isVisible();
        String shown = host.locator("[data-left]").textContent();
        assertThat(host.locator("[data-left]")).not().hasText(shown);
        note(note);
        start();
        assertThat(host.locator(".air-away")).isHidden();
        assertThat(assistant.locator(".air-away")).isHidden();
        host.waitForCondition(() -> report().contains("Noted: " + note));
        pace(FAST);
    }

    private void note(String text) {
        host.evaluate("() => document.getElementById('panel-questions').showPopover()");
        host.fill("[data-note] input", text);
        host.click("[data-note] button");
        host.evaluate("() => document.getElementById('panel-questions').hidePopover()");
    }

    private void pace(int speed) {
        host.click("[data-speed='%d']".formatted(speed));
        assertThat(host.locator("[data-speed='%d']".formatted(speed))).hasAttribute("aria-pressed", "true");
    }

    private String report() {
        return host.request()
                .get(host.url().replaceAll("/air/host\\?run=(\\d+)", "/rehearsals/$1"))
                .text();
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> state() {
        return (Map<String, Object>) host.evaluate(
                "() => fetch(document.querySelector('main').dataset.state).then((answer) => answer.json())");
    }

    /** Goes on until so many minutes of the slot are left, or until the class is over. */
    private void playUntil(int left) {
        for (int i = 0; i < PATIENCE; i++) {
            host.evaluate(HOST);
            host.waitForTimeout(200);
            if (host.locator("[data-now]").textContent().contains("The class is over.")) {
                return;
            }
            String shown = host.locator("[data-left]").textContent();
            boolean there = shown.startsWith("−") || Integer.parseInt(shown.replaceAll(":.*", "")) < left;
            if (left > 0 && there) {
                return;
            }
        }
        throw new AssertionError("It went on for ever: " + host.locator("main").textContent());
    }

    /** With the clock standing, all three show the same. */
    private void allAgree() {
        pace(0);
        assertThat(assistant.locator("[data-speed='0']")).hasAttribute("aria-pressed", "true");
        assertThat(assistant.locator("[data-left]"))
                .hasText(host.locator("[data-left]").textContent());
        assertThat(assistant.locator("[data-late]"))
                .hasText(host.locator("[data-late]").textContent());
        assertThat(audience.locator("[data-next] .what").first())
                .hasText(host.locator("[data-next] .what").first().textContent());
        pace(FAST);
    }

    @Test
    void seventyFiveMinutesOnThreeScreensWithTheServerStoppedAndTheNetworkCut() {
        start();
        String address = "http://127.0.0.1:" + port;
        host = APP.signedInAt(address, "host");
        long id = APP.copyOf(1);
        host.navigate("/classes/%d/air/practice?seed=3".formatted(id));
        host.selectOption("select[name=speed]", String.valueOf(FAST));
        host.click("text=Start a practice run");
        host.waitForURL("**/air/host?run=*");
        assistant = APP.signedInAt(address, "assistant");
        assistant.navigate(host.url().replace("/host", "/assistant"));
        audience = APP.signedInAt(address, "host");
        audience.navigate(host.url().replace("/host", "/audience"));
        host.bringToFront();

        playUntil(62);
        allAgree();
        stopAndStart("the dough was too soft");
        playUntil(45);
        host.context().setOffline(true);
        note("pressed without a network");
        assertThat(host.locator(".air-away")).isVisible();
        host.context().setOffline(false);
        assertThat(host.locator(".air-away")).isHidden();
        host.waitForCondition(() -> report().contains("Noted: pressed without a network"));
        allAgree();
        playUntil(0);

        assertThat(state().get("over")).isEqualTo(true);
        @SuppressWarnings("unchecked")
        List<Map<String, Object>> items = (List<Map<String, Object>>) state().get("items");
        assertThat(items)
                .filteredOn(item -> item.get("owner").equals("HOST"))
                .hasSizeGreaterThan(20)
                // What burnt, and is in the oven again when the class ends, has its timer still.
                .filteredOn(item -> !item.get("takes").toString().contains("✗"))
                .allSatisfy(item -> {
                    assertThat(item.get("status"))
                            .as(item.get("key").toString())
                            .isIn("DONE", "FAILED", "SKIPPED");
                    if (Boolean.TRUE.equals(item.get("shown"))
                            && (int) item.get("planned") >= 0
                            // Whoever goes on air is saying hello: nobody presses that.
                            && !item.get("key").toString().startsWith("~/welcome")
                            && !item.get("status").equals("SKIPPED")) {
                        List<?> takes = (List<?>) item.get("takes");
                        assertThat(takes)
                                .as("%s was done once, unless it burnt", item.get("key"))
                                .isNotEmpty();
                        assertThat(takes).as(item.get("key").toString()).hasSizeLessThanOrEqualTo(1);
                    }
                });
        assertThat(audience.locator("main")).containsText("The class is over.");
        host.navigate(host.url().replaceAll("/air/host\\?run=(\\d+)", "/rehearsals/$1"));
        assertThat(host.locator("main")).containsText("Minute by minute");
        for (String note : List.of("the dough was too soft", "pressed without a network")) {
            assertThat(host.locator("main").textContent().split("Noted: " + note, -1))
                    .as("written down once")
                    .hasSize(2);
        }
        assertThat(host.locator("tbody tr").count()).isGreaterThan(20);
    }
}
