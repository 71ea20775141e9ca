package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.air.AirEvent;
import hopsel.core.air.EarlierEvent;
import hopsel.core.air.Taste;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.dish.Dish;
import hopsel.core.measure.Measures;
import hopsel.core.planned.PlannedClass;
import hopsel.web.air.Experience;
import hopsel.web.bench.BenchStore;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.plan.PlanDesk;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** After a class: what it teaches the dish, what comes back at the next class, what is left, and what it cost. */
class LogBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final String STEP = "pierogi/knead|main";

    private static int evenings;

    /** Each test has an evening of its own: what they teach adds up. */
    private final LocalDateTime at = LocalDateTime.of(2026, 9, 4, 18, 30).plusDays(evenings++);

    private final String day =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH).format(at);
    private final long id = APP.copyOf(1, at);
    private final List<AirEvent> events = new ArrayList<>();
    private PlannedClass planned;

    private void press(int second, String kind, String key, int figure, String text) {
        events.add(new AirEvent(
                0,
                at.atZone(ZoneId.of("Europe/Lisbon")).toInstant().plusSeconds(second),
                EarlierEvent.of(kind, key, figure, text)));
    }

    /**
     * An evening in which kneading took six and a half minutes instead of five, salt came to more, and something ran
     * out.
     */
    private void onAir() {
        planned = APP.context.getBean(PlanDesk.class).find(id).orElseThrow().planned();
        press(0, "ON_AIR", "", 0, "");
        press(60, "START", STEP, 0, "");
        press(300, "TROUBLE", STEP, 0, "RAN_OUT:plain-flour");
        press(450, "DONE", STEP, 0, "");
        press(610, "AMOUNT", STEP, Taste.TOUCH, "pierogi/" + seasoning());
        press(700, "OVER", "", 0, "");
        APP.context.getBean(Experience.class).record(id, planned, events, "host");
    }

    private String seasoning() {
        return pierogi()
                .lines()
                .filter(line -> Taste.seasons(line) && line.amount().isPresent())
                .findFirst()
                .orElseThrow()
                .id();
    }

    private Dish pierogi() {
        return planned.cooking().dish("pierogi");
    }

    private static void noViolations(Page page) {
        Accessible.check(page);
    }

    /** Its plan promises nothing any more. */
    @Test
    void aClassWhoseDayIsPastSaysWhatIsKnownOfIt() {
        LocalDateTime then = LocalDateTime.now().minusDays(3).truncatedTo(ChronoUnit.HOURS);
        long past = APP.copyOf(1, then);
        Page page = APP.signedIn("host");
        page.navigate("/classes/" + past);
        assertThat(page.locator(".class-head .verdict-link")).hasText("Past; nothing was logged");
        noViolations(page);
        PlannedClass plan =
                APP.context.getBean(PlanDesk.class).find(past).orElseThrow().planned();
        Instant start = plan.cooking().onAir().toInstant();
        APP.context
                .getBean(Experience.class)
                .record(
                        past,
                        plan,
                        List.of(
                                new AirEvent(0, start, EarlierEvent.of("ON_AIR", "", 0, "")),
                                new AirEvent(0, start, EarlierEvent.of("START", STEP, 0, "")),
                                new AirEvent(0, start.plusSeconds(600), EarlierEvent.of("DONE", STEP, 0, ""))),
                        "host");
        page.navigate("/classes/" + past);
        assertThat(page.locator(".class-head .verdict-link")).containsText("Not closed; last step");
    }

    @Test
    void whatAClassTeachesGoesToTheBenchTheNextClassThePantryAndTheReports() {
        onAir();
        long dish = APP.context
                .getBean(BenchStore.class)
                .add(new Draft(pierogi(), planned.cooking().items(), Measures.METRIC, Notes.NONE), "host", "taken");
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/air/log".formatted(id));
        Locator kneaded =
                page.locator("#learned ~ table tr").filter(new Locator.FilterOptions().setHasText("Knead the dough"));
        assertThat(kneaded).containsText("6.5 min");
        assertThat(page.locator("main")).containsText("ran out (%s)".formatted(day));
        noViolations(page);

        page.navigate("/bench/%d?step=knead".formatted(dish));
        assertThat(page.locator(".lesson")).containsText("6.5");
        String before = page.inputValue("input[name=likely]");
        noViolations(page);
        page.click(".lesson button");
        assertThat(page.locator("input[name=likely]")).not().hasValue(before);
        assertThat(page.locator(".last-time")).containsText("ran out (%s)".formatted(day));

        page.navigate("/classes/%d/air/log".formatted(id));
        page.locator("#tasted ~ table button").click();
        assertThat(page.locator(".told ul")).containsText("and in Recipes");

        page.navigate("/classes/%d/plan".formatted(APP.copyOf(1)));
        page.click("details.last-time summary");
        assertThat(page.locator("details.last-time")).containsText("ran out (%s)".formatted(day));

        page.navigate("/classes/%d/air/close".formatted(id));
        noViolations(page);
        page.fill("input[name=left-pierogi]", "a handful");
        page.fill("input[name=left-tart]", "1½");
        page.selectOption("select[name=went-tart]", "THROWN");
        page.locator(".closing tbody tr input").first().uncheck();
        page.click(".closing > button.press");
        assertThat(page.locator("[role=alert]")).containsText("isn't a number");
        assertThat(page.locator("input[name=left-pierogi]")).hasValue("a handful");
        assertThat(page.locator(".closing tbody tr input").first()).not().isChecked();
        page.fill("input[name=left-pierogi]", "2");
        page.click(".closing > button.press");
        assertThat(page.locator(".told ul")).containsText("Stock is updated");
        page.navigate("/pantry");
        assertThat(page.locator("table")
                        .first()
                        .locator("tr")
                        .filter(new Locator.FilterOptions().setHasText("cooked " + at.toLocalDate())))
                .containsText(pierogi().title());
        String kept = page.locator("table").first().innerText();
        page.navigate("/classes/%d/air/close".formatted(id));
        page.click(".closing > button.press");
        assertThat(page.locator(".told ul")).containsText("Corrected");
        page.navigate("/pantry");
        assertThat(page.locator("table").first().innerText())
                .as("closed twice, kept once")
                .isEqualTo(kept);

        page.navigate("/reports");
        noViolations(page);
        Locator line = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText(day));
        line.locator("summary").last().click();
        assertThat(line).containsText("it had cost");
        String csv = page.request().get("/reports.csv").text();
        assertThat(csv).contains(at.toLocalDate().toString()).contains(",11.7,");
    }

    @Test
    void aRehearsalIsBegunPlayedAndReportedWithoutTouchingTheClass() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/air/practice?seed=5".formatted(id));
        noViolations(page);
        page.selectOption("select[name=speed]", "60");
        page.click("text=Start a practice run");
        assertThat(page.locator("[data-big]")).hasText("Start the class");
        page.click("[data-big]");
        assertThat(page.locator("[data-left]")).not().hasText("75:00");
        page.click("[data-speed='0']");
        noViolations(page);
        page.click("[popovertarget=panel-more]");
        page.click("#panel-more >> text=Report");
        assertThat(page.locator("main")).containsText("It isn’t over");
        noViolations(page);
        page.navigate("/classes/%d/air/log".formatted(id));
        assertThat(page.locator("main")).containsText("hasn’t been held");
        page.navigate("/classes/%d/air/practice".formatted(id));
        page.click(".rehearsals button");
        assertThat(page.locator(".rehearsals")).hasCount(0);
    }

    @Test
    void whatWasPlannedStaysWhatItWasWhenTheClassIsChangedAfterwards() throws Exception {
        onAir();
        ClassStore classes = APP.context.getBean(ClassStore.class);
        StoredClass stored = classes.find(id).orElseThrow();
        classes.replace(
                id,
                stored.version(),
                stored.cooking()
                        .with(stored.cooking().dishes().stream()
                                .filter(dish -> !dish.id().equals("pierogi"))
                                .toList()));
        Page page = APP.signedIn("host");
        page.navigate("/classes/%d/air/log".formatted(id));
        assertThat(page.locator("svg.log-drawing")).containsText("Knead the dough");
        assertThat(page.locator("main")).containsText("Over after 12 min; planned 1 h 07 min.");
        assertThat(page.locator("#tasted ~ table")).isVisible();
        page.locator("#tasted ~ table button").click();
        assertThat(page.locator("[role=alert], .told ul").first()).isVisible();
    }

    @Test
    void anAssistantRehearsesTheirPartAndLeavesTheBooksAlone() {
        Page page = APP.signedIn("assistant");
        page.navigate("/classes/%d/air/practice?seed=4".formatted(id));
        page.uncheck("input[value=HOST]");
        page.check("input[value=ASSISTANT]");
        page.selectOption("select[name=speed]", "60");
        page.click("text=Start a practice run");
        page.waitForURL("**/air/assistant?run=*");
        // The simulated host goes on air by themselves; what waits for the assistant stands there.
        assertThat(page.locator("[data-left-word]")).hasText("left");
        Locator first = page.locator(".air-touch:enabled").first();
        assertThat(first).isVisible();
        first.click();
        page.click("[data-speed='0']");
        assertThat(page.locator("[data-speed='0']")).hasAttribute("aria-pressed", "true");
        assertThat(page.request().get("/reports").status()).isEqualTo(403);
        assertThat(page.request().get("/classes/%d/air/close".formatted(id)).status())
                .isEqualTo(403);
    }
}
