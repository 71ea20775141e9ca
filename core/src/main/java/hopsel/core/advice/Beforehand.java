package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
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

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What attendees do at home before they join: whatever is done off camera and something shown waits for, each as late as it
 * may be begun, and the oven turned on in time.
 *
 * <p>In a stream everybody does all of it; in a room the house does, but for what is made of nothing but what attendees
 * bring along.
 */
public final class Beforehand {

    /** °C of a kitchen, from which an oven heats up. */
    private static final BigDecimal ROOM_HEAT = BigDecimal.valueOf(20);
    private static final int MINUTE = 60;

    private Beforehand() {
    }

    /** What kind of thing. */
    public enum Kind { STEP, HEAT }

    /**
     * Something to do at home.
     *
     * @param kind     a step, or heating a place
     * @param step     the step, or the first that the place is heated for
     * @param place    kind of place that is heated; empty for a step
     * @param celsius  what it is heated to; empty for a step
     * @param notUntil seconds relative to going on air before which it would not keep; empty: as early as one likes
     * @param latest   seconds relative to going on air by which it has to be begun
     * @param seconds  how long it takes
     */
    public record Task(Kind kind, StepRef step, Optional<String> place, Optional<BigDecimal> celsius, Optional<Integer> notUntil, int latest, int seconds) {
    }

    /** All of a plan that is possible, in the order in which it has to be begun; empty where nobody cooks along. */
    public static List<Task> of(CookingClass cooking, Plan plan) {
        return cooking.style().cookAlong() && plan.possible() ? new Search(cooking, plan).tasks() : List.of();
    }

    private static final class Search {

        private final CookingClass cooking;
        private final Map<StepRef, Activity> main = new HashMap<>();
        private final Plan plan;
        private final Map<StepRef, Task> found = new HashMap<>();

        Search(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
            plan.activities().stream().filter(activity -> activity.copy().isMain()).forEach(activity -> main.put(activity.step(), activity));
        }

        List<Task> tasks() {
            for (Dish dish : cooking.dishes()) {
                dish.steps().map(step -> new StepRef(dish.id(), step.id())).filter(this::athome).forEach(this::task);
            }
            List<Task> tasks = new ArrayList<>(found.values());
            tasks.addAll(heat().stream().filter(task -> task.latest() < 0).toList());
            tasks.sort(Comparator.comparingInt(Task::latest).thenComparing(task -> task.step().toString()));
            return tasks;
        }

        private boolean athome(StepRef ref) {
            Activity activity = main.get(cooking.made(ref));
            return activity != null && !activity.shown() && (cooking.style() == Style.STREAM || broughtAlong(ref));
        }

        private boolean broughtAlong(StepRef ref) {
            Dish dish = cooking.dish(ref.dish());
            List<IngredientLine> lines = dish.lines().filter(line -> cooking.step(ref).uses().stream().anyMatch(use -> use.ingredient().equals(line.id()))).toList();
            return !lines.isEmpty() && lines.stream().allMatch(line -> line.from() == Source.HOME);
        }

        /** Later steps of the same dish say when this one must be done; they are looked at first. */
        private Optional<Task> task(StepRef ref) {
            Task known = found.get(ref);
            if (known != null) {
                return Optional.of(known);
            }
            Step step = cooking.step(ref);
            int seconds = seconds(step);
            Integer latest = null;
            Integer notUntil = null;
            for (Step then : cooking.dish(ref.dish()).steps().toList()) {
                for (var after : then.after()) {
                    Optional<Integer> start = after.step().equals(ref.step()) ? start(new StepRef(ref.dish(), then.id())) : Optional.empty();
                    if (start.isPresent()) {
                        int by = start.get() - after.least().seconds() - seconds;
                        latest = latest == null ? by : Math.min(latest, by);
                        notUntil = later(notUntil, step.keeps().map(keeps -> start.get() - keeps.seconds() - seconds));
                        notUntil = later(notUntil, after.within().map(within -> start.get() - within.seconds() - seconds));
                    }
                }
            }
            if (latest == null) {
                return Optional.empty();
            }
            Task task = new Task(Kind.STEP, ref, Optional.empty(), Optional.empty(), Optional.ofNullable(notUntil), latest, seconds);
            found.put(ref, task);
            return Optional.of(task);
        }

        /** When a step that comes later begins: on air as planned, at home as late as it may. */
        private Optional<Integer> start(StepRef then) {
            Activity activity = main.get(cooking.made(then));
            return activity == null ? Optional.empty() : activity.shown() ? Optional.of(activity.start()) : task(then).map(Task::latest);
        }

        private static Integer later(Integer one, Optional<Integer> two) {
            return two.isEmpty() ? one : one == null ? two.get() : (Integer) Math.max(one, two.get());
        }

        /** Hands at home are a learner's hands. */
        private int seconds(Step step) {
            BigDecimal seconds = BigDecimal.valueOf(step.minutes().likely().seconds());
            return (step.work() == Work.HANDS ? seconds.multiply(cooking.room().learners().pace()) : seconds).setScale(0, RoundingMode.HALF_UP).intValueExact();
        }

        /** The first time that each place has to be hot; after that it is heated on air. In a room the house heats. */
        private Collection<Task> heat() {
            Map<String, Task> first = new LinkedHashMap<>();
            if (cooking.style() == Style.STREAM) {
                plan.activities().stream().filter(Activity::shown).forEach(activity -> cooking.step(activity.step()).needs().stream()
                        .filter(need -> need.celsius().isPresent()).forEach(need -> first.putIfAbsent(need.kind(), heat(activity, need))));
            }
            return first.values();
        }

        private Task heat(Activity activity, Need need) {
            BigDecimal perMinute = cooking.resources().stream().filter(own -> own.kind().equals(need.kind())).map(Resource::heatPerMinute).findFirst().orElse(Resource.USUAL_HEAT);
            BigDecimal rise = need.celsius().orElseThrow().subtract(ROOM_HEAT).max(BigDecimal.ZERO);
            int seconds = rise.multiply(BigDecimal.valueOf(MINUTE)).divide(perMinute, 0, RoundingMode.CEILING).intValueExact();
            return new Task(Kind.HEAT, activity.step(), Optional.of(need.kind()), need.celsius(), Optional.empty(), activity.start() - seconds, seconds);
        }
    }
}
