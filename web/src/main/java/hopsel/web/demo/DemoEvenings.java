package hopsel.web.demo;

import hopsel.core.air.AirEvent;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Note;
import hopsel.core.air.Happened.OvenSet;
import hopsel.core.air.Happened.Question;
import hopsel.core.air.Happened.Tasted;
import hopsel.core.air.Happened.WentWrong;
import hopsel.core.air.Taste;
import hopsel.core.air.Trouble;
import hopsel.core.classes.CookingClass;
import hopsel.core.planned.PlannedClass;
import hopsel.core.practice.Practice;
import hopsel.core.practice.Practice.Conduct;
import hopsel.web.air.Experience;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.ClassStore.Entry;
import hopsel.web.classes.PlanStore;
import hopsel.web.plan.PlanDesk;
import hopsel.web.provision.ShelfStore;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Classes that were on air before, so that there is something to learn from: the demo classes, run in a simulated
 * kitchen.
 */
@Component
@ConditionalOnProperty("hopsel.demo-evenings")
class DemoEvenings {

    private static final Logger LOG = LoggerFactory.getLogger(DemoEvenings.class);
    private static final String WHO = "host";
    private static final BigDecimal FEE = BigDecimal.valueOf(38);

    private final ClassStore classes;
    private final PlanDesk plans;
    private final PlanStore kept;
    private final Experience experience;
    private final ShelfStore shelf;

    DemoEvenings(ClassStore classes, PlanDesk plans, PlanStore kept, Experience experience, ShelfStore shelf) {
        this.classes = classes;
        this.plans = plans;
        this.kept = kept;
        this.experience = experience;
        this.shelf = shelf;
    }

    /** A class that was on air: which, when, which evening, and what somebody pressed besides. */
    private record Past(int place, LocalDateTime at, long seed, List<Extra> extras) {}

    /** Something pressed at a minute, with a step of the class in hand. */
    private record Extra(int minute, String step, Function<String, Happened> what) {}

    private static final List<Past> EVENINGS = List.of(
            new Past(
                    0,
                    LocalDateTime.of(2026, 10, 9, 18, 30),
                    11,
                    List.of(
                            new Extra(
                                    14,
                                    "Mix the dough",
                                    key -> new Note(key, "too soft at first, two spoons of flour more")),
                            new Extra(
                                    52,
                                    "Warm the tortillas",
                                    key -> new WentWrong(key, Trouble.RAN_OUT, "corn-tortilla")),
                            new Extra(40, "", key -> new Question(key, "Can I fold them the day before?")))),
            new Past(
                    0,
                    LocalDateTime.of(2026, 11, 6, 18, 30),
                    23,
                    List.of(
                            new Extra(30, "Blend the sauce", key -> new WentWrong(key, Trouble.MACHINE, "")),
                            new Extra(58, "Boil the pierogi", key -> new Note(key, "4 min are enough")))),
            new Past(
                    1,
                    LocalDateTime.of(2026, 10, 23, 18, 30),
                    7,
                    List.of(new Extra(20, "", key -> new Question(key, "Which coconut milk is that?")))));

    /** In a thread of its own: the plans of the demo classes may still be on their way. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::fill, "demo evenings");
        thread.setDaemon(true);
        thread.start();
    }

    private void fill() {
        try {
            List<Entry> all = classes.entries();
            if (all.size() == 4 && experience.evenings().isEmpty()) {
                List<Long> ids = all.stream().map(Entry::id).sorted().toList();
                EVENINGS.forEach(past -> evening(ids.get(past.place), past));
            }
        } catch (RuntimeException e) {
            LOG.warn("The evenings of the demonstration could not be made up.", e);
        }
    }

    private void evening(long like, Past past) {
        PlannedClass planned = plans.find(like).orElseThrow().whole();
        CookingClass cooking = planned.cooking().starting(past.at);
        long id = classes.add(cooking);
        kept.keep(id, classes.version(id).orElseThrow(), planned.outcome(), Optional.empty());
        shelf.fee(id, Optional.of(FEE));
        Instant begun = cooking.onAir().toInstant();
        List<AirEvent> events = new ArrayList<>();
        Practice.of(planned.cooking(), planned.plan(), past.seed, Conduct.ADVISED).events().stream()
                .filter(event -> !event.is(OvenSet.class))
                .forEach(event -> events.add(
                        new AirEvent(0, begun.plus(Duration.between(Instant.EPOCH, event.at())), event.what())));
        past.extras.forEach(extra -> events.add(new AirEvent(
                0, begun.plus(Duration.ofMinutes(extra.minute)), extra.what.apply(key(planned, extra.step)))));
        planned.cooking()
                .dishes()
                .get(0)
                .lines()
                .filter(line -> Taste.seasons(line) && line.amount().isPresent())
                .findFirst()
                .ifPresent(line -> events.add(new AirEvent(
                        0,
                        begun.plus(Duration.ofMinutes(25)),
                        new Tasted("", planned.cooking().dishes().get(0).id() + "/" + line.id(), Taste.TOUCH))));
        experience.record(id, plans.find(id).orElseThrow().whole(), events, WHO);
    }

    private static String key(PlannedClass planned, String step) {
        return planned.plan().activities().stream()
                .filter(activity -> activity.copy().isMain()
                        && planned.cooking().step(activity.step()).title().equals(step))
                .findFirst()
                .map(activity -> activity.step() + "|" + activity.copy())
                .orElse("");
    }
}
