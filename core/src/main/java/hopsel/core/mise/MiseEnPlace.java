package hopsel.core.mise;

import hopsel.core.measure.Decimals;
import hopsel.core.mise.Batches.Making;
import hopsel.core.mise.Batches.Portion;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Trays and the prep list of a plan. */
public final class MiseEnPlace {

    private static final Comparator<Portion> BY_ITEM = Comparator.comparing(
                    (Portion portion) -> portion.line().item())
            .thenComparing(portion -> portion.line().prep().orElse(""))
            .thenComparing(Portion::grams);
    private static final Comparator<PrepTask.Part> BY_STEP = Comparator.comparing(
                    (PrepTask.Part part) -> part.making().step())
            .thenComparing(part -> part.making().copy())
            .thenComparing(PrepTask.Part::grams);

    private MiseEnPlace() {}

    /** One tray for each activity that uses something, in the order of the plan. */
    public static List<Tray> trays(Plan plan, Batches batches) {
        List<Tray> trays = new ArrayList<>();
        for (Activity activity : plan.activities()) {
            Optional<BigDecimal> share = share(plan, activity);
            List<Portion> portions = batches.portions(activity.step(), activity.copy()).stream()
                    .map(portion -> share.map(portion::share).orElse(portion))
                    .sorted(BY_ITEM)
                    .toList();
            if (!portions.isEmpty()) {
                trays.add(new Tray(activity, bowls(portions, true), bowls(portions, false)));
            }
        }
        return trays;
    }

    /** Which part of one batch is worked up here, where a step is shown in part: as many minutes, as much of it. */
    private static Optional<BigDecimal> share(Plan plan, Activity activity) {
        int whole = plan.activities().stream()
                .filter(other ->
                        other.step().equals(activity.step()) && other.copy().once())
                .mapToInt(Activity::duration)
                .sum();
        return activity.copy().once() && whole > activity.duration()
                ? Optional.of(Decimals.ratio(BigDecimal.valueOf(activity.duration()), BigDecimal.valueOf(whole)))
                : Optional.empty();
    }

    private static List<Tray.Bowl> bowls(List<Portion> portions, boolean weighed) {
        return portions.stream()
                .filter(portion -> weighed == portion.grams().signum() > 0)
                .map(portion -> new Tray.Bowl(
                        portion.line().item(),
                        portion.line().prep(),
                        portion.grams(),
                        portion.line().amount().flatMap(amount -> amount.certain(portion.grams())),
                        portion.working(),
                        portion.line().amount()))
                .toList();
    }

    /** Everything of one item with one cut put together, sorted by item, then cut; one part for each use. */
    public static List<PrepTask> prep(Batches batches) {
        Map<Kept, List<PrepTask.Part>> tasks = new TreeMap<>();
        for (Making making : batches.makings()) {
            for (Portion portion : batches.portions(making.step(), making.copy())) {
                if (portion.grams().signum() > 0) {
                    tasks.computeIfAbsent(
                                    new Kept(
                                            portion.line().item(),
                                            portion.line().prep()),
                                    any -> new ArrayList<>())
                            .add(new PrepTask.Part(making, portion.grams()));
                }
            }
        }
        return tasks.entrySet().stream()
                .map(entry -> task(entry.getKey(), entry.getValue()))
                .toList();
    }

    private static PrepTask task(Kept kept, List<PrepTask.Part> parts) {
        BigDecimal sum = parts.stream().map(PrepTask.Part::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
        return new PrepTask(
                kept.item, kept.prep, sum, parts.stream().sorted(BY_STEP).toList());
    }

    /** What is kept together: one item with one cut. */
    private record Kept(String item, Optional<String> prep) implements Comparable<Kept> {

        private static final Comparator<Kept> ORDER =
                Comparator.comparing(Kept::item).thenComparing(kept -> kept.prep.orElse(""));

        @Override
        public int compareTo(Kept other) {
            return ORDER.compare(this, other);
        }
    }
}
