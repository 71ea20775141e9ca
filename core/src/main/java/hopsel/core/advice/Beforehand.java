package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
import hopsel.core.dish.After;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Resource;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What attendees do at home before they join: whatever is done off camera and something shown waits for, each as late
 * as it may be begun, and the oven turned on in time.
 *
 * <p>Hands are free for the class once it begins, so hands work is done by then; what runs by itself may run on into
 * it. In a stream everybody does all of it; in a room the house does, but for what is made of nothing but what
 * attendees bring along.
 */
public final class Beforehand {

    /** °C of a kitchen, from which an oven heats up. */
    private static final BigDecimal ROOM_HEAT = BigDecimal.valueOf(20);

    private static final int MINUTE = 60;

    private Beforehand() {}

    /** What kind of thing. */
    public enum Chore {
        STEP,
        HEAT
    }

    /**
     * Something to do at home.
     *
     * @param kind a step, or heating a place
     * @param step the step, or the first that the place is heated for
     * @param earlier whether it is one made earlier, beside the one made with the class
     * @param place kind of place that is heated; empty for a step
     * @param celsius what it is heated to; empty for a step
     * @param notUntil seconds relative to going on air before which it would not keep; empty: as early as one likes
     * @param latest seconds relative to going on air by which it has to be begun
     * @param seconds how long it takes
     */
    public record Task(
            Chore kind,
            StepRef step,
            boolean earlier,
            Optional<String> place,
            Optional<BigDecimal> celsius,
            Optional<Integer> notUntil,
            int latest,
            int seconds) {}

    /** All of a plan that is possible, in the order in which it has to be begun; empty where nobody cooks along. */
    public static List<Task> of(CookingClass cooking, Plan plan) {
        return cooking.style().cookAlong() && plan.possible() ? new Search(cooking, plan).tasks() : List.of();
    }

    private static final class Search {

        private final CookingClass cooking;
        private final Plan plan;
        private final Map<Activity, Task> found = new LinkedHashMap<>();

        Search(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
        }

        List<Task> tasks() {
            plan.activities().stream().filter(this::atHome).forEach(this::task);
            List<Task> tasks = new ArrayList<>(found.values());
            tasks.addAll(heat().stream().filter(task -> task.latest() < 0).toList());
            tasks.sort(Comparator.comparingInt(Task::latest)
                    .thenComparing(task -> task.step().toString()));
            return tasks;
        }

        /** What is swapped out on air stands ready at home, too: its copy is made there as well. */
        private boolean atHome(Activity activity) {
            return !activity.shown()
                    && (cooking.style() == Style.STREAM || activity.copy().once() && broughtAlong(activity.step()));
        }

        private boolean broughtAlong(StepRef ref) {
            Dish dish = cooking.dish(ref.dish());
            List<IngredientLine> lines = dish.lines()
                    .filter(line -> cooking.step(ref).uses().stream()
                            .anyMatch(use -> use.ingredient().equals(line.id())))
                    .toList();
            return !lines.isEmpty() && lines.stream().allMatch(line -> line.from() == Source.HOME);
        }

        /** What comes after it says when it must be done, and is looked at first. */
        private Optional<Task> task(Activity activity) {
            Task known = found.get(activity);
            if (known != null) {
                return Optional.of(known);
            }
            Step step = cooking.step(activity.step());
            int seconds = seconds(step);
            @Nullable Integer latest = null;
            @Nullable Integer notUntil = null;
            for (Activity then : plan.activities()) {
                Optional<After> wait = follows(activity, then) ? wait(activity.step(), then.step()) : Optional.empty();
                Optional<Integer> start = wait.flatMap(any ->
                        then.shown() ? Optional.of(then.start()) : task(then).map(Task::latest));
                if (start.isPresent()) {
                    int by = start.get() - wait.get().least().seconds() - seconds;
                    latest = latest == null ? by : Math.min(latest, by);
                    notUntil = later(notUntil, step.keeps().map(keeps -> start.get() - keeps.seconds() - seconds));
                    notUntil = later(
                            notUntil, wait.get().within().map(within -> start.get() - within.seconds() - seconds));
                }
            }
            if (latest == null) {
                return Optional.empty();
            }
            int begun = Math.min(latest, step.work() == Work.HANDS ? -seconds : 0);
            Task task = new Task(
                    Chore.STEP,
                    activity.step(),
                    !activity.copy().once(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.ofNullable(notUntil),
                    begun,
                    seconds);
            found.put(activity, task);
            return Optional.of(task);
        }

        private Optional<After> wait(StepRef before, StepRef then) {
            return cooking.step(then).after().stream()
                    .filter(after ->
                            cooking.made(new StepRef(then.dish(), after.step())).equals(before))
                    .findFirst();
        }

        /** Inside its copy, out of it at the step that is swapped, or from what all copies share. */
        private boolean follows(Activity before, Activity then) {
            boolean out = before.copy().swapOf().equals(Optional.of(before.step()));
            return before.copy().once()
                    || (out ? then.copy().once() : then.copy().equals(before.copy()));
        }

        private static @Nullable Integer later(@Nullable Integer one, Optional<Integer> two) {
            return two.map(other -> one == null ? other : Integer.valueOf(Math.max(one, other)))
                    .orElse(one);
        }

        /** Hands at home are a learner's hands. */
        private int seconds(Step step) {
            BigDecimal seconds = BigDecimal.valueOf(step.minutes().likely().seconds());
            return (step.work() == Work.HANDS
                            ? seconds.multiply(cooking.room().learners().pace())
                            : seconds)
                    .setScale(0, RoundingMode.HALF_UP)
                    .intValueExact();
        }

        /** The first time that each place has to be hot; after that it is heated on air. In a room the house heats. */
        private Collection<Task> heat() {
            Map<String, Task> first = new LinkedHashMap<>();
            if (cooking.style() == Style.STREAM) {
                plan.activities().stream()
                        .filter(Activity::shown)
                        .forEach(activity -> cooking.step(activity.step()).needs().stream()
                                .filter(need -> need.celsius().isPresent())
                                .forEach(need -> first.putIfAbsent(need.kind(), heat(activity, need))));
            }
            return first.values();
        }

        private Task heat(Activity activity, Need need) {
            BigDecimal perMinute = cooking.resources().stream()
                    .filter(own -> own.kind().equals(need.kind()))
                    .map(Resource::heatPerMinute)
                    .findFirst()
                    .orElse(Resource.USUAL_HEAT);
            BigDecimal rise = need.celsius().orElseThrow().subtract(ROOM_HEAT).max(BigDecimal.ZERO);
            int seconds = rise.multiply(BigDecimal.valueOf(MINUTE))
                    .divide(perMinute, 0, RoundingMode.CEILING)
                    .intValueExact();
            return new Task(
                    Chore.HEAT,
                    activity.step(),
                    false,
                    Optional.of(need.kind()),
                    need.celsius(),
                    Optional.empty(),
                    activity.start() - seconds,
                    seconds);
        }
    }
}
