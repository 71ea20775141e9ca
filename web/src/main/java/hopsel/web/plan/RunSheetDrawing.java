package hopsel.web.plan;

import hopsel.core.advice.Checks;
import hopsel.core.advice.Gaps;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Decimals;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.web.frame.TimeAxis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * The run sheet as a picture: people, what runs by itself, and every place against time.
 *
 * @param width of the whole, in units of the picture
 * @param height of the whole
 * @param lanes from top to bottom
 * @param bars activities; one that needs hands and a place has a bar in both lanes
 * @param talk what is said, in the lane of who says it
 * @param touches hands at the ends of what runs by itself, in the lane of whose they are
 * @param joins from what was made beforehand to the step it is swapped into
 * @param gaps where a place heats up, cools down or is rinsed, and where a host's hands are free
 * @param looks at what is watched
 * @param ticks moments with a clock time
 * @param cuts where time is cut short
 * @param airX where the class goes on air
 * @param slotX where the slot ends
 * @param perMinute width of a minute on air
 * @param perMinuteBefore width of a minute before the class
 */
record RunSheetDrawing(
        int width,
        int height,
        List<Lane> lanes,
        List<Bar> bars,
        List<Mark> talk,
        List<Mark> touches,
        List<Join> joins,
        List<Gap> gaps,
        List<Look> looks,
        List<Tick> ticks,
        List<Integer> cuts,
        int airX,
        int slotX,
        double perMinute,
        double perMinuteBefore) {

    private static final double AIR_WIDTH = 760;
    private static final double MOST_PER_MINUTE = 20;
    private static final double LEAST_PER_MINUTE = 8;
    private static final double BEFORE_PER_MINUTE = 4.2;
    private static final int LONGEST_UNCUT = 20 * 60;
    private static final int LABEL = 24;
    private static final int TOP = 44;
    private static final int ROW = 38;
    private static final int LANE_GAP = 10;
    private static final int MARGIN = 16;
    private static final int SLICE = 680;

    static RunSheetDrawing of(CookingClass cooking, Plan plan) {
        return new Builder(cooking, plan).build();
    }

    /** Where each part begins that fits across a printed page; where nothing is done there is nothing to print. */
    public List<Integer> slices() {
        return IntStream.iterate(0, from -> from < width, from -> from + SLICE)
                .filter(from -> from == 0 || bars.stream().anyMatch(bar -> bar.isIn(from, from + SLICE)))
                .boxed()
                .toList();
    }

    /** Width of such a part. */
    public int sliceWidth() {
        return SLICE;
    }

    /** A lane with its name. */
    record Lane(String name, String kind, int y, int height) {}

    /**
     * An activity in a lane.
     *
     * @param number of the line in the list
     * @param form names of its look: work, shown or not, copy or main
     * @param label what stands in it, where there is room
     */
    record Bar(
            int number,
            double x,
            int y,
            double width,
            int height,
            String form,
            String label,
            Activity activity,
            Step step) {

        boolean isIn(int from, int to) {
            return x < to && x + width > from;
        }
    }

    /**
     * A stretch between two activities.
     *
     * @param kind {@code heat}, {@code cool}, {@code rinse} or {@code free}
     * @param seconds how long
     */
    record Gap(String kind, double x, int y, double width, int height, int seconds) {}

    /** A look at something that is watched, and whether somebody has a hand free for it. */
    record Look(double x, int y, boolean free, int moment) {}

    /** A stretch in somebody's lane that is no activity of its own. */
    record Mark(double x, int y, double width, String label) {}

    /** A line from a swap-out to what it replaces. */
    record Join(String path, double x, int y) {}

    /** A moment with its place. */
    record Tick(int moment, double x) {}

    private static final class Builder {

        private final CookingClass cooking;
        private final Plan plan;
        private final TimeAxis axis;
        private final List<Lane> lanes = new ArrayList<>();
        private final List<Bar> bars = new ArrayList<>();
        private final List<Gap> gaps = new ArrayList<>();
        private final Map<String, Integer> lanesOf = new HashMap<>();
        private final List<Gaps.Gap> between;
        private int y = TOP;

        Builder(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
            this.between = Gaps.of(cooking, plan);
            this.axis = axis(plan, cooking.airMinutes().seconds());
        }

        private static TimeAxis axis(Plan plan, int slot) {
            TreeSet<Integer> moments = new TreeSet<>(List.of(0, slot, plan.airEnd()));
            for (Activity activity : plan.activities()) {
                moments.add(activity.start());
                moments.add(activity.end());
            }
            plan.pace().ifPresent(pace -> pace.talk().forEach(said -> moments.add(said.end())));
            return new TimeAxis(
                    moments,
                    from -> from < 0 ? BEFORE_PER_MINUTE : perMinute(slot),
                    (from, span) -> span > LONGEST_UNCUT && (from < 0 || from >= slot));
        }

        private static double perMinute(int slot) {
            return Math.max(LEAST_PER_MINUTE, Math.min(MOST_PER_MINUTE, AIR_WIDTH / (slot / 60.0)));
        }

        RunSheetDrawing build() {
            for (Person person : cooking.people()) {
                gaps(person.id());
                lanesOf.put(person.id(), y);
                lane(
                        person.name(),
                        person.role() == Role.HOST ? "host" : "assistant",
                        activity -> activity.person().equals(Optional.of(person.id())),
                        activity -> 1);
            }
            lane(
                    "",
                    "alone",
                    activity ->
                            activity.person().isEmpty() && activity.placements().isEmpty(),
                    activity -> 1);
            for (Resource resource : cooking.resources()) {
                gaps(resource.id());
                lane(
                        resource.called(),
                        "place",
                        activity -> units(activity, resource) > 0,
                        activity -> units(activity, resource));
            }
            return new RunSheetDrawing(
                    LABEL + (int) Math.ceil(axis.width()) + MARGIN,
                    y + MARGIN,
                    lanes,
                    bars,
                    talk(),
                    touches(),
                    joins(),
                    gaps,
                    looks(),
                    axis.ticks().stream()
                            .map(moment -> new Tick(moment, x(moment)))
                            .toList(),
                    axis.cuts().stream()
                            .map(cut -> (int) Math.round(LABEL + cut))
                            .toList(),
                    (int) Math.round(x(0)),
                    (int) Math.round(x(cooking.airMinutes().seconds())),
                    perMinute(cooking.airMinutes().seconds()),
                    BEFORE_PER_MINUTE);
        }

        private List<Mark> talk() {
            return plan.pace().stream()
                    .flatMap(pace -> pace.talk().stream())
                    .map(said -> mark(
                            said.person(),
                            said.start(),
                            said.end(),
                            cooking.tempo().called(said.id())))
                    .toList();
        }

        private List<Mark> touches() {
            return plan.activities().stream()
                    .flatMap(activity -> activity.hands().stream()
                            .map(hands -> mark(
                                    hands.person(),
                                    hands.start(),
                                    hands.end(),
                                    cooking.step(activity.step()).title())))
                    .toList();
        }

        private Mark mark(String person, int start, int end, String label) {
            return new Mark(x(start), lanesOf.getOrDefault(person, TOP) + 2, Math.max(5, x(end) - x(start) - 1), label);
        }

        private static int units(Activity activity, Resource resource) {
            return activity.placements().stream()
                    .filter(placement -> placement.resource().equals(resource.id()))
                    .mapToInt(placement -> placement.units())
                    .sum();
        }

        private double x(int moment) {
            return LABEL + axis.x(moment);
        }

        /** Lays activities into as few rows as they need, each into the first rows that are free. */
        private void lane(String name, String kind, Predicate<Activity> here, ToIntFunction<Activity> units) {
            List<Activity> mine = plan.activities().stream()
                    .filter(here)
                    .sorted(Comparator.comparingInt(Activity::start))
                    .toList();
            if (mine.isEmpty() && kind.equals("alone")) {
                return;
            }
            List<Integer> freeFrom = new ArrayList<>();
            for (Activity activity : mine) {
                int row = firstRow(freeFrom, activity.start(), units.applyAsInt(activity));
                for (int i = 0; i < units.applyAsInt(activity); i++) {
                    freeFrom.set(row + i, activity.end());
                }
                bar(activity, kind, y + row * ROW, units.applyAsInt(activity));
            }
            int height = Math.max(1, freeFrom.size()) * ROW;
            lanes.add(new Lane(name, kind, y, height));
            y += height + LANE_GAP;
        }

        private void gaps(String where) {
            between.stream()
                    .filter(gap -> gap.where().equals(where))
                    .forEach(gap -> gaps.add(new Gap(
                            gap.kind().name().toLowerCase(Locale.ROOT),
                            x(gap.from()),
                            y + 2,
                            Math.max(2, x(gap.to()) - x(gap.from()) - 2),
                            ROW - 4,
                            gap.to() - gap.from())));
        }

        private List<Look> looks() {
            return Checks.of(cooking, plan).stream()
                    .flatMap(check -> bars.stream()
                            .filter(bar -> bar.activity().step().equals(check.step())
                                    && bar.activity().copy().equals(check.copy()))
                            .limit(1)
                            .map(bar -> new Look(
                                    x(check.moment()),
                                    bar.y() + bar.height(),
                                    check.person().isPresent(),
                                    check.moment())))
                    .toList();
        }

        private static int firstRow(List<Integer> freeFrom, int start, int units) {
            for (int row = 0; ; row++) {
                while (freeFrom.size() < row + units) {
                    freeFrom.add(Integer.MIN_VALUE);
                }
                if (freeFrom.subList(row, row + units).stream().allMatch(free -> free <= start)) {
                    return row;
                }
            }
        }

        private void bar(Activity activity, String kind, int top, int units) {
            Step step = cooking.step(activity.step());
            double from = x(activity.start());
            double width = Math.max(10, x(activity.end()) - from - 2);
            String form = step.work().word()
                    + (activity.shown() ? " shown" : " off")
                    + (activity.copy().once() ? "" : " copy")
                    + (kind.equals("place") ? " place" : "")
                    + (plan.swaps().contains(activity.step()) && activity.copy().isMain() ? " swapped" : "")
                    + (step.noise().isPresent() ? " loud" : "");
            int number = plan.activities().indexOf(activity) + 1;
            bars.add(new Bar(
                    number, from, top + 2, width, units * ROW - 4, form, label(activity, step, kind), activity, step));
        }

        private static String label(Activity activity, Step step, String kind) {
            String heat = kind.equals("place")
                    ? activity.placements().stream()
                            .flatMap(place -> place.celsius().stream())
                            .findFirst()
                            .map(celsius -> Decimals.plain(celsius).toPlainString() + "° ")
                            .orElse("")
                    : "";
            return heat + step.title();
        }

        private List<Join> joins() {
            return plan.swaps().stream()
                    .flatMap(swap -> {
                        Optional<Bar> made = bar(activity ->
                                activity.step().equals(swap) && activity.copy().equals(Copy.swap(swap)));
                        Optional<Bar> shown = bar(activity ->
                                activity.step().equals(swap) && activity.copy().isMain());
                        return made.flatMap(from -> shown.map(to -> join(from, to))).stream();
                    })
                    .toList();
        }

        private Optional<Bar> bar(Predicate<Activity> which) {
            return bars.stream().filter(bar -> which.test(bar.activity())).findFirst();
        }

        private static Join join(Bar from, Bar to) {
            double x1 = from.x() + from.width() - 6;
            double x2 = to.x() + to.width() / 2;
            int over = Math.min(from.y(), to.y()) - 26;
            return new Join(
                    String.format(
                            Locale.ROOT,
                            "M%.1f %d C%.1f %d %.1f %d %.1f %d",
                            x1,
                            from.y(),
                            x1 + 20,
                            over,
                            x2 - 20,
                            over,
                            x2,
                            to.y()),
                    x2,
                    to.y());
        }
    }
}
