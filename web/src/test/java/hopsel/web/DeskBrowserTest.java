package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * The desk twenty minutes into a class: all of it in one view, told once, and nothing that can be pressed by mistake.
 */
class DeskBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    /** Seconds: the filling of the tart has just been begun, and four things run by themselves. */
    private static final int INTO = 19 * 60 + 10;

    private static final List<int[]> SIZES = List.of(
            new int[] {1280, 800}, new int[] {1366, 768}, new int[] {1180, 820}, new int[] {820, 1180}, new int[] {
                1920, 1080
            });

    private final long id = APP.copyOf(1);
    private final Page page = APP.signedIn("host");

    private record Press(int at, String event) {}

    /** The class went on air some time ago, and everything so far was begun and done as planned. */
    @BeforeEach
    void nineteenMinutesIn() {
        open("host");
        press(new Press(0, "{\"kind\": \"on-air\"}"));
        List<Press> presses = new ArrayList<>();
        for (Map<String, Object> item : items()) {
            int planned = (int) item.get("planned");
            int end = planned + (int) item.get("end") - (int) item.get("start");
            if (planned >= 0 && planned <= INTO) {
                presses.add(new Press(planned, event("start", item)));
            }
            if (planned >= 0 && end <= INTO) {
                presses.add(new Press(end, event("done", item)));
            }
        }
        presses.sort(Comparator.comparingInt(Press::at).thenComparing(Press::event));
        presses.forEach(this::press);
        open("host");
    }

    /** Its minutes are none that anybody should learn from. */
    @AfterEach
    void forget() throws StaleClassException {
        ClassStore store = APP.context.getBean(ClassStore.class);
        store.remove(id, store.find(id).orElseThrow().version());
    }

    private static String event(String kind, Map<String, Object> item) {
        return "{\"kind\": \"%s\", \"activity\": \"%s\"}".formatted(kind, item.get("key"));
    }

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> items() {
        return (List<Map<String, Object>>)
                page.evaluate("() => fetch(document.querySelector('main').dataset.state).then((answer) => answer."
                        + "json()).then((state) => state.items)");
    }

    private void press(Press press) {
        int status = page.request()
                .post(
                        APP.address + "/classes/%d/air/events".formatted(id),
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set(
                                                "_csrf",
                                                page.locator("input[name=_csrf]")
                                                        .inputValue())
                                        .set("event", press.event)
                                        .set("ago", String.valueOf((INTO - press.at) * 1000L))
                                        .set("client", UUID.randomUUID().toString())))
                .status();
        assertThat(status).isEqualTo(200);
    }

    private void open(String screen) {
        page.navigate("/classes/%d/air/%s".formatted(id, screen));
        // The first page of a new class waits for its plan.
        assertThat(page.locator("[data-timers] li").first())
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    }

    private void noViolation() {
        Accessible.check(page);
    }

    @Test
    void allOfItIsInOneViewAtEverySizeAtWhichAHostHasIt() {
        assertThat(page.locator(".air-title")).isVisible();
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            page.waitForTimeout(400);
            assertThat(
                            (boolean)
                                    page.evaluate(
                                            """
                            () => {
                              const inView = (one) => { const box = one.getBoundingClientRect(); return box.left >= 0 && box.top >= 0 && box.right <= innerWidth + 1 && box.bottom <= innerHeight + 1; };
                              const wanted = ['[data-wall]', '[data-late]', '.air-title', '.air-text', '[data-big]', '[data-undo]', '[data-timers] [data-done]', '[data-next] li'];
                              return document.documentElement.scrollHeight <= innerHeight && wanted.every((one) => [...document.querySelectorAll(one)].every(inView));
                            }"""))
                    .as("%d x %d", size[0], size[1])
                    .isTrue();
        }
        page.setViewportSize(320, 200);
        page.waitForTimeout(400);
        assertThat((boolean) page.evaluate("() => document.documentElement.scrollWidth <= innerWidth && [..."
                        + "document.querySelectorAll('main.air *')].every((one) => !one."
                        + "checkVisibility() ||"
                        + " !['fixed', 'sticky']."
                        + "includes(getComputedStyle(one).position))"))
                .as("four times as large: it scrolls one way, and nothing lies over it")
                .isTrue();
        page.setViewportSize(1280, 800);
        noViolation();
    }

    @Test
    void aScreenReaderIsToldNothingWhileNothingHappens() {
        page.waitForTimeout(1500);
        page.evaluate(
                """
                () => {
                  window.said = 0;
                  document.querySelectorAll('[role=status], [role=alert], [aria-live], output').forEach((one) => new MutationObserver(() => { window.said += 1; }).observe(one, { childList: true, characterData: true, subtree: true }));
                }""");
        String left = page.locator("[data-left]").textContent();
        assertThat(page.locator("[data-left]")).not().hasText(left);
        page.waitForTimeout(6000);
        assertThat((int) page.evaluate("() => window.said")).isLessThanOrEqualTo(1);
    }

    @Test
    void theSameButtonTakesBackWhatWasPressedTooEarly() {
        Locator big = page.locator("[data-big]");
        String title = page.locator(".air-title").textContent();
        page.waitForTimeout(1200);
        big.click();
        assertThat(big).containsText("Undo");
        assertThat(page.locator(".air-title")).not().hasText(title);
        // A second touch at once is a wet finger that slipped, and takes nothing back.
        page.waitForTimeout(500);
        big.click();
        assertThat(page.locator(".air-title")).hasText(title);
        assertThat(big).not().containsText("Undo");
    }

    @Test
    void aTimerHasItsOwnButtonsAndItsOwnTroubles() {
        Locator menu = page.locator("[data-timers] [data-menu]").first();
        int running = page.locator("[data-timers] [data-menu]").count();
        menu.click();
        page.click("#panel-menu [data-failed=SPILT]");
        assertThat(page.locator("#panel-menu")).isHidden();
        assertThat(page.locator("[data-timers] [data-menu]")).hasCount(running - 1);
        page.click("[popovertarget=panel-problem]");
        assertThat(page.locator("[data-again] button")).hasText(Pattern.compile("Begin again.*\\d\\d:\\d\\d.*"));
    }

    @Test
    void whoWatchesHasNothingToPressAndTheAssistantWholeRows() {
        open("audience");
        assertThat(page.locator("main a, main button")).hasCount(0);
        noViolation();
        page.navigate("/classes/%d/air/audience?overlay=true".formatted(id));
        assertThat((String) page.evaluate("() => getComputedStyle(document.body).backgroundColor"))
                .isEqualTo("rgba(0, 0, 0, 0)");
        page.setViewportSize(820, 1180);
        open("assistant");
        List<Locator> rows = page.locator(".air-touch").all();
        assertThat(rows).hasSizeGreaterThan(2);
        assertThat(rows).allSatisfy(row -> assertThat(row.boundingBox().height).isGreaterThanOrEqualTo(64));
        assertThat(rows.get(1).boundingBox().y
                        - rows.get(0).boundingBox().y
                        - rows.get(0).boundingBox().height)
                .isGreaterThanOrEqualTo(16);
        noViolation();
        page.setViewportSize(1280, 800);
    }
}
