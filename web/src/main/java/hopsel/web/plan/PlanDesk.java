package hopsel.web.plan;

import hopsel.core.Known;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Provision;
import hopsel.core.film.Film;
import hopsel.core.film.ShootingDay;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Outcome;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;
import hopsel.core.planned.PlannedClass;
import hopsel.core.verify.PlanChecker;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.BrokenClassException;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.PlanStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Bounded;

import jakarta.annotation.PreDestroy;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;

/**
 * Plans classes in the background and keeps the plans of this node at hand.
 *
 * <p>A plan follows from the stored class alone, so it may be forgotten at any time; what is kept is told apart by the
 * class's version.
 */
@Component
public class PlanDesk {

    private static final Logger LOG = LoggerFactory.getLogger(PlanDesk.class);
    private static final long NANOS_A_MILLISECOND = 1_000_000;
    private static final int TIMES_KEPT = 200;

    private final ClassStore store;
    private final AttendeeStyles styles;
    private final PlanStore plans;
    private final Catalogue catalogue;
    private final Map<Long, Kept> kept = Bounded.map();
    private final Map<Long, Styled> styled = Bounded.map();
    /** What was planned to its end: a class that is repeated, or put back as it was, is not planned once more. */
    private final Map<Question, Outcome> answered = Bounded.map();

    /** What a class was planned as: a change that no plan follows from leaves its plan alone. */
    private final Map<Adopted, Outcome> adopted = Bounded.map();

    private final Queue<PlanTime> times = new ConcurrentLinkedQueue<>();
    private final ThreadPoolExecutor workers = (ThreadPoolExecutor) Executors.newFixedThreadPool(2, task -> {
        Thread thread = new Thread(task, "planner");
        thread.setDaemon(true);
        return thread;
    });

    PlanDesk(ClassStore store, AttendeeStyles styles, PlanStore plans, Catalogue catalogue) {
        this.store = store;
        this.styles = styles;
        this.plans = plans;
        this.catalogue = catalogue;
    }

    @PreDestroy
    void stop() {
        workers.shutdownNow();
    }

    @EventListener(ApplicationReadyEvent.class)
    void planAll() {
        readable();
    }

    /**
     * The class as it is stored now, with its plan and the kits in each attendee's style; waits where it is still being
     * planned.
     */
    public Optional<Planned> find(long id) {
        return ask(id).map(future -> {
            try {
                return inStyles(id, future.join());
            } catch (CompletionException e) {
                throw new IllegalStateException("Class %d could not be planned.".formatted(id), e.getCause());
            }
        });
    }

    private Planned inStyles(long id, Planned plain) {
        Map<String, Map<Matter, String>> chosen = styles.of(id);
        if (chosen.isEmpty()) {
            styled.remove(id);
            return plain;
        }
        return styled.compute(
                        id,
                        (key, before) -> before != null && before.plain == plain && before.chosen.equals(chosen)
                                ? before
                                : new Styled(
                                        plain, chosen, plain.with(plain.whole().inStyles(chosen, catalogue))))
                .planned;
    }

    /** The class with its plan if that is ready; otherwise planning goes on, and the answer has only the class. */
    public Optional<Planned> peek(long id) {
        return ask(id).map(future -> future.isDone() && !future.isCompletedExceptionally()
                ? future.join()
                : new Planned(Known.in(kept, id).stored, null, Optional.empty(), true));
    }

    /**
     * All classes that can be read, in the order of the store, each with its plan if that is ready; one that cannot be
     * read is in nobody's way.
     */
    public List<Planned> readable() {
        return store.entries().stream()
                .flatMap(entry -> whole(entry.id()).stream())
                .toList();
    }

    private Optional<Planned> whole(long id) {
        try {
            return peek(id);
        } catch (BrokenClassException e) {
            return Optional.empty();
        }
    }

    /** All classes whose plan is ready, in the order of the store. */
    public List<Planned> ready() {
        return store.entries().stream()
                .flatMap(entry -> {
                    @Nullable Kept known = kept.get(entry.id());
                    if (known != null
                            && known.stored.stamp().equals(entry.stamp())
                            && known.plan.isDone()
                            && !known.plan.isCompletedExceptionally()) {
                        return Stream.of(known.plan.join());
                    }
                    return whole(entry.id()).filter(planned -> planned.planned() != null).stream();
                })
                .toList();
    }

    /**
     * The class with the best plan there is after a while; one that is still being improved is marked. Waits only until
     * there is a first plan.
     */
    public Optional<Planned> soon(long id, long milliseconds) {
        Optional<CompletableFuture<Planned>> asked = ask(id);
        if (asked.isEmpty() || asked.get().isDone()) {
            return find(id);
        }
        Kept now = Known.in(kept, id);
        try {
            asked.get().get(milliseconds, TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            Plan first = now.soFar.get();
            return first == null
                    ? find(id)
                    : Optional.of(new Planned(
                            now.stored, worked(now.stored, new Outcome(first, false, 0)), Optional.empty(), true));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException e) {
            LOG.debug("Class {} failed; told by find.", id, e);
        }
        return find(id);
    }

    private Optional<CompletableFuture<Planned>> ask(long id) {
        Optional<ClassStore.Stamp> stamp = store.stamp(id);
        if (stamp.isEmpty()) {
            kept.remove(id);
            styled.remove(id);
            return Optional.empty();
        }
        Kept known = kept.get(id);
        if (known != null && known.stored.stamp().equals(stamp.get())) {
            return Optional.of(known.plan);
        }
        return store.find(id).map(stored -> kept.compute(id, (key, before) -> {
                    if (before == null || before.stored.version() < stored.version()) {
                        // Nobody waits for the best plan of what the class was before.
                        Optional.ofNullable(before).ifPresent(old -> old.enough.set(true));
                        return start(stored);
                    }
                    if (before.stored.version() == stored.version()
                            && before.stored.stamp().guests() < stored.stamp().guests()) {
                        return before.with(stored, catalogue);
                    }
                    return before;
                })
                .plan);
    }

    private void timed(PlanTime time) {
        times.add(time);
        while (times.size() > TIMES_KEPT) {
            times.poll();
        }
    }

    /** How long the last plans of this node took, the slowest first. */
    public List<PlanTime> slowest(int most) {
        return times.stream()
                .sorted(Comparator.comparingLong(PlanTime::took).reversed())
                .limit(most)
                .toList();
    }

    /** Classes that are being planned here now, or wait for it. */
    public int underWay() {
        return workers.getActiveCount() + workers.getQueue().size();
    }

    /**
     * How long a plan took.
     *
     * @param waited milliseconds until somebody was free to plan it
     * @param took milliseconds
     */
    public record PlanTime(long id, String title, long waited, long took) {}

    /** The best plan so far will do: nothing better is looked for any more. */
    public void enough(long id) {
        Kept known = kept.get(id);
        if (known != null) {
            known.enough.set(true);
        }
    }

    private Kept start(StoredClass stored) {
        AtomicReference<@Nullable Plan> soFar = new AtomicReference<>();
        AtomicBoolean enough = new AtomicBoolean();
        long asked = System.nanoTime();
        return new Kept(
                stored,
                soFar,
                enough,
                CompletableFuture.supplyAsync(
                        () -> {
                            long begun = System.nanoTime();
                            try {
                                Planned planned = plan(stored, soFar, enough);
                                timed(new PlanTime(
                                        stored.id(),
                                        stored.cooking().title(),
                                        (begun - asked) / NANOS_A_MILLISECOND,
                                        (System.nanoTime() - begun) / NANOS_A_MILLISECOND));
                                return planned;
                            } catch (RuntimeException e) {
                                LOG.error(
                                        "Class {} version {} could not be planned.", stored.id(), stored.version(), e);
                                throw e;
                            }
                        },
                        workers));
    }

    /** The plan as it was kept, if that is of this version; otherwise a new one, near the last. */
    private Planned plan(StoredClass stored, AtomicReference<@Nullable Plan> soFar, AtomicBoolean enough) {
        Optional<PlanStore.Kept> last = plans.find(stored.id());
        CookingClass cooking = ShootingDay.planned(stored.cooking());
        if (last.isPresent()
                && last.get().version() == stored.version()
                && PlanChecker.check(
                                ShootingDay.around(cooking, last.get().outcome().plan()),
                                last.get().outcome().plan())
                        .isEmpty()) {
            return new Planned(
                    stored, worked(stored, last.get().outcome()), last.get().previous(), false);
        }
        Optional<Plan> before = last.map(kept -> kept.outcome().plan()).filter(Plan::possible);
        Wishes wishes = before.map(stored.wishes()::near).orElse(stored.wishes());
        Adopted here = new Adopted(stored.id(), Question.of(cooking, stored.wishes()));
        Outcome known = adopted.get(here);
        Outcome outcome = known != null ? known : answer(Question.of(cooking, wishes), soFar, enough);
        if (!enough.get()) {
            adopted.put(here, outcome);
        }
        plans.keep(stored.id(), stored.version(), outcome, before);
        return new Planned(stored, worked(stored, outcome), before, false);
    }

    /**
     * What a plan follows from: not who takes part, what it is called, on which day it is, or how kits are bought and
     * packed.
     */
    private record Question(CookingClass cooking, Wishes wishes) {

        private static final LocalDateTime ANY_DAY = LocalDateTime.of(2027, 1, 1, 12, 0);

        private static Question of(CookingClass cooking, Wishes wishes) {
            CookingClass plain = cooking.withTitle("").withAttendees(List.of()).starting(ANY_DAY);
            Provision bare = cooking.provision()
                    .withSparePercent(BigDecimal.ZERO)
                    .withPantry(List.of())
                    .withMixed(false)
                    .withAsSoldPercent(Optional.empty())
                    .withPosting(Optional.empty());
            return new Question(plain.withProvision(bare), wishes);
        }
    }

    /** The plan of a class for a question, whatever it was planned near to. */
    private record Adopted(long id, Question question) {}

    private Outcome answer(Question question, AtomicReference<@Nullable Plan> soFar, AtomicBoolean enough) {
        Outcome known = answered.get(question);
        if (known != null) {
            return known;
        }
        Outcome outcome = Planner.answer(question.cooking, question.wishes, soFar::set, enough::get);
        if (!enough.get()) {
            answered.put(question, outcome);
        }
        return outcome;
    }

    private PlannedClass worked(StoredClass stored, Outcome outcome) {
        return worked(stored, catalogue, outcome);
    }

    /** A film is worked out for the day on which it is shot. */
    private static PlannedClass worked(StoredClass stored, Catalogue catalogue, Outcome outcome) {
        CookingClass planned = ShootingDay.planned(stored.cooking());
        return PlannedClass.of(ShootingDay.around(planned, outcome.plan()), catalogue, outcome);
    }

    private record Styled(Planned plain, Map<String, Map<Matter, String>> chosen, Planned planned) {}

    private record Kept(
            StoredClass stored,
            AtomicReference<@Nullable Plan> soFar,
            AtomicBoolean enough,
            CompletableFuture<Planned> plan) {

        /** Who takes part does not change the plan, only what is packed, bought and printed. */
        Kept with(StoredClass other, Catalogue catalogue) {
            return new Kept(
                    other,
                    soFar,
                    enough,
                    plan.thenApply(planned -> new Planned(
                            other, worked(other, catalogue, planned.whole().outcome()), planned.previous, false)));
        }
    }

    /**
     * A class and, once it is worked out, its plan.
     *
     * @param stored the class
     * @param planned null while it is being planned
     * @param previous the plan before the last change
     * @param improving whether something better is still being looked for
     */
    public record Planned(
            StoredClass stored, @Nullable PlannedClass planned, Optional<Plan> previous, boolean improving) {

        /** With its plan, for whoever has waited for it. */
        public PlannedClass whole() {
            return Objects.requireNonNull(planned, "it is still being planned");
        }

        /** The film that comes of it; empty where it is none, or not planned. */
        public Optional<Film> film() {
            return ShootingDay.isFilm(stored.cooking())
                            && planned != null
                            && planned.plan().possible()
                    ? Optional.of(Film.of(stored.cooking(), planned.plan()))
                    : Optional.empty();
        }

        Planned with(PlannedClass other) {
            return new Planned(stored, other, previous, improving);
        }
    }
}
