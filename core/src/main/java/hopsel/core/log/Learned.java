package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.planned.PlannedClass;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How long a step takes, learned from how long it took: careful with few, and not led astray by the odd interruption.
 *
 * <p>The recipe's own figure counts as three observations. What lies further from the median than three and a half
 * times the median absolute deviation, scaled to a standard deviation (Iglewicz and Hoaglin 1993), does not count: a
 * telephone, a guest at the door. The range is the eighth part below and above, never narrower than a tenth of the
 * figure each way.
 *
 * @param likely seconds, to the half minute
 * @param low likewise
 * @param high likewise
 * @param observed seconds, the last first, at most five
 * @param count of all observations
 */
public record Learned(int likely, int low, int high, List<Integer> observed, int count) {

    /** Observations that the recipe's own figure counts for. */
    private static final int PRIOR = 3;

    private static final double FURTHEST = 3.5;
    /** From a median absolute deviation to a standard deviation of a normal distribution. */
    private static final double TO_SIGMA = 1.4826;
    /** Seconds below which nobody measures with a press on a screen. */
    private static final double FINEST = 20;
    /**
     * A step differs by a tenth from one time to the next whoever does it; less spread than that is chance. Kitchen
     * practice.
     */
    private static final double USUAL = 0.1;

    private static final int HALF_MINUTE = 30;
    private static final int SHOWN = 5;

    /** Keeps its own copy. */
    public Learned {
        observed = List.copyOf(observed);
    }

    /**
     * From observations.
     *
     * @param recipe seconds that the recipe says
     * @param took seconds that it took, the last first; at least one
     */
    public static Learned from(int recipe, List<Integer> took) {
        double[] all = new double[took.size() + PRIOR];
        Arrays.fill(all, recipe);
        for (int i = 0; i < took.size(); i++) {
            all[i] = took.get(i);
        }
        double median = median(all);
        double spread = Math.max(
                Math.max(FINEST, USUAL * median),
                TO_SIGMA
                        * median(Arrays.stream(all)
                                .map(value -> Math.abs(value - median))
                                .toArray()));
        double[] near = Arrays.stream(all)
                .filter(value -> Math.abs(value - median) <= FURTHEST * spread)
                .sorted()
                .toArray();
        double mean = Arrays.stream(near).average().orElse(recipe);
        double low = Math.min(mean * 0.9, near[(int) Math.floor((near.length - 1) / 8.0)]);
        double high = Math.max(mean * 1.1, near[(int) Math.ceil((near.length - 1) * 7 / 8.0)]);
        return new Learned(
                rounded(mean),
                rounded(low),
                rounded(high),
                new ArrayList<>(took.subList(0, Math.min(SHOWN, took.size()))),
                took.size());
    }

    /**
     * For a cook in a kitchen: what others took moves the recipe's own figure, what the cook took elsewhere moves that,
     * and what they took here moves it last.
     *
     * @param recipe seconds that the recipe says
     * @param all observations of this step, the last first; at least one
     * @param cook name of whoever will do it; empty text: nobody's hands
     */
    public static Learned of(int recipe, List<Observation> all, String cook, String kitchen) {
        Map<Integer, List<Integer>> byNearness = new TreeMap<>();
        all.forEach(one -> {
            int here = one.kitchen().equals(kitchen) ? 2 : 1;
            byNearness
                    .computeIfAbsent(one.cook().equals(cook) ? here : 0, any -> new ArrayList<>())
                    .add(one.seconds());
        });
        Optional<Learned> learned = Optional.empty();
        for (List<Integer> took : byNearness.values()) {
            learned = Optional.of(from(learned.map(Learned::likely).orElse(recipe), took));
        }
        return learned.orElseThrow();
    }

    /**
     * For whoever does a step in a class that is planned.
     *
     * @param all observations of this step, the last first; at least one
     */
    public static Learned of(PlannedClass planned, StepRef step, List<Observation> all) {
        CookingClass cooking = planned.cooking();
        Optional<Activity> done = planned.plan().activities().stream()
                .filter(activity ->
                        activity.step().equals(step) && activity.copy().isMain())
                .findFirst();
        String cook = done.flatMap(Activity::person)
                .map(id -> Observation.cook(cooking, id))
                .orElse("");
        return of(cooking.step(step).minutes().likely().seconds(), all, cook, Observation.kitchen(cooking));
    }

    /** As minutes of a step. */
    public StepMinutes minutes() {
        return new StepMinutes(minutes(Math.min(low, likely)), minutes(likely), minutes(Math.max(high, likely)));
    }

    /** The class with these minutes at a step. */
    public CookingClass in(CookingClass cooking, StepRef ref) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> !dish.id().equals(ref.dish())
                        ? dish
                        : dish.eachComponent(component -> component.eachStep(
                                step -> step.id().equals(ref.step()) ? step.withMinutes(minutes()) : step)))
                .toList());
    }

    private static Minutes minutes(int seconds) {
        return Minutes.of(BigDecimal.valueOf(seconds).divide(BigDecimal.valueOf(60), 1, RoundingMode.HALF_UP));
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }

    private static int rounded(double seconds) {
        return (int) Math.max(1, Math.round(seconds / HALF_MINUTE)) * HALF_MINUTE;
    }
}
