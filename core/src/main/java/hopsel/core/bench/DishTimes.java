package hopsel.core.bench;

import hopsel.core.Known;
import hopsel.core.dish.After;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.PlaceKind;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * What a dish takes, in seconds: hands-on, watched, unattended, and elapsed from the earliest start.
 *
 * <p>Elapsed is the longest chain of steps with their waits, as if there were hands enough, the heating of the oven
 * included. With one person and with two, steps are laid out by the longest chain behind them (list scheduling, Graham
 * 1969), so that time is one that can be held; where it equals what cannot be beaten it is the least possible.
 *
 * @param handsOn of hands work
 * @param watched that somebody has to be near
 * @param unattended that run by themselves
 * @param elapsed of the longest chain
 * @param chain ids of the steps on it, in order
 * @param starts earliest start of each step
 * @param heating seconds until the oven is hot, where no step says so; 0: none
 * @param one with one person
 * @param two with two people
 * @param hidden what a headline time usually leaves out
 */
public record DishTimes(
        int handsOn,
        int watched,
        int unattended,
        int elapsed,
        List<String> chain,
        Map<String, Integer> starts,
        int heating,
        Least one,
        Least two,
        List<Hidden> hidden) {

    private static final BigDecimal ROOM = BigDecimal.valueOf(20);
    private static final BigDecimal HEAT_PER_MINUTE = BigDecimal.valueOf(12);

    /** The times of a dish whose steps do not wait for each other in a circle. */
    public static DishTimes of(Dish dish) {
        return new Reckoning(dish).times();
    }

    /**
     * A time for a number of people.
     *
     * @param seconds that it can be done in
     * @param best whether nothing shorter is possible
     */
    public record Least(int seconds, boolean best) {}

    /**
     * Time that hides in front of cooking.
     *
     * @param what heating, soaking, pressing and the like
     * @param seconds how long
     */
    public record Hidden(HiddenTime what, int seconds) {}

    private static final class Reckoning {

        private final List<Step> steps;
        private final Map<String, Step> byId = new LinkedHashMap<>();
        private final Map<String, Integer> starts = new LinkedHashMap<>();
        private final Map<String, Integer> tails = new HashMap<>();
        private final int heating;

        Reckoning(Dish dish) {
            this.steps = dish.steps().toList();
            steps.forEach(step -> byId.put(step.id(), step));
            this.heating = heating();
            steps.forEach(step -> start(step.id()));
            steps.forEach(step -> tail(step.id()));
        }

        DishTimes times() {
            int elapsed = steps.stream()
                    .mapToInt(step -> Known.in(starts, step.id()) + seconds(step))
                    .max()
                    .orElse(0);
            return new DishTimes(
                    sum(Work.HANDS),
                    sum(Work.WATCH),
                    sum(Work.REST),
                    elapsed,
                    chain(elapsed),
                    Map.copyOf(starts),
                    heating,
                    least(1, elapsed),
                    least(2, elapsed),
                    hidden());
        }

        private int sum(Work work) {
            return steps.stream()
                    .filter(step -> step.work() == work)
                    .mapToInt(Reckoning::seconds)
                    .sum();
        }

        private static int seconds(Step step) {
            return step.minutes().likely().seconds();
        }

        /** Seconds from room temperature to the hottest oven, where heating it is no step. */
        private int heating() {
            boolean said = steps.stream()
                    .anyMatch(step -> HiddenTime.of(step)
                                    .filter(what -> what == HiddenTime.HEATING)
                                    .isPresent()
                            && step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN)));
            Stream<Need> ovens =
                    steps.stream().flatMap(step -> step.needs().stream()).filter(need -> need.is(PlaceKind.OVEN));
            BigDecimal hottest = ovens.flatMap(need -> need.celsius().stream())
                    .max(Comparator.naturalOrder())
                    .orElse(ROOM);
            return said
                    ? 0
                    : hottest.subtract(ROOM)
                            .max(BigDecimal.ZERO)
                            .multiply(BigDecimal.valueOf(60))
                            .divide(HEAT_PER_MINUTE, 0, RoundingMode.UP)
                            .intValue();
        }

        private int start(String id) {
            Integer known = starts.get(id);
            if (known != null) {
                return known;
            }
            Step step = Known.in(byId, id);
            int start = step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN)) ? heating : 0;
            for (After after : step.after()) {
                start = Math.max(
                        start,
                        start(after.step())
                                + seconds(Known.in(byId, after.step()))
                                + after.least().seconds());
            }
            starts.put(id, start);
            return start;
        }

        /** Seconds from the start of a step to the end of everything that waits for it. */
        private int tail(String id) {
            Integer known = tails.get(id);
            if (known != null) {
                return known;
            }
            int behind = 0;
            for (Step next : steps) {
                for (After after : next.after()) {
                    if (after.step().equals(id)) {
                        behind = Math.max(behind, after.least().seconds() + tail(next.id()));
                    }
                }
            }
            int tail = seconds(Known.in(byId, id)) + behind;
            tails.put(id, tail);
            return tail;
        }

        private List<String> chain(int elapsed) {
            List<String> chain = new ArrayList<>();
            @Nullable String at = steps.stream()
                    .filter(step -> Known.in(starts, step.id()) + seconds(step) == elapsed)
                    .map(Step::id)
                    .findFirst()
                    .orElse(null);
            while (at != null) {
                chain.add(0, at);
                Step step = Known.in(byId, at);
                int start = Known.in(starts, at);
                at = step.after().stream()
                        .filter(after -> Known.in(starts, after.step())
                                        + seconds(Known.in(byId, after.step()))
                                        + after.least().seconds()
                                == start)
                        .map(After::step)
                        .findFirst()
                        .orElse(null);
            }
            return chain;
        }

        private Least least(int people, int elapsed) {
            int bound = Math.max(elapsed, (int) Math.ceil(sum(Work.HANDS) / (double) people));
            int best = Integer.MAX_VALUE;
            List<ToIntFunction<Step>> rules = List.of(
                    step -> -Known.in(tails, step.id()),
                    step -> starts.get(step.id()),
                    step -> step.work() == Work.HANDS
                            ? -Known.in(tails, step.id())
                            : -Known.in(tails, step.id()) - 36000);
            for (ToIntFunction<Step> rule : rules) {
                best = Math.min(best, laidOut(people, rule));
            }
            return new Least(steps.isEmpty() ? 0 : best, steps.isEmpty() || best == bound);
        }

        /** Each step in turn, the most urgent of those that may begin, at the first moment at which hands are free. */
        private int laidOut(int people, ToIntFunction<Step> rule) {
            Map<String, Integer> ends = new HashMap<>();
            List<int[]> busy = new ArrayList<>();
            Set<Step> open = new LinkedHashSet<>(steps);
            int end = 0;
            while (!open.isEmpty()) {
                Step next = open.stream()
                        .filter(step -> step.after().stream().allMatch(after -> ends.containsKey(after.step())))
                        .min(Comparator.comparingInt(rule))
                        .orElseThrow();
                open.remove(next);
                int ready = next.after().stream()
                        .mapToInt(after ->
                                Known.in(ends, after.step()) + after.least().seconds())
                        .max()
                        .orElse(0);
                ready = Math.max(ready, next.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN)) ? heating : 0);
                int start = next.work() == Work.HANDS ? free(busy, people, ready, seconds(next)) : ready;
                if (next.work() == Work.HANDS) {
                    busy.add(new int[] {start, start + seconds(next)});
                }
                ends.put(next.id(), start + seconds(next));
                end = Math.max(end, start + seconds(next));
            }
            return end;
        }

        private static int free(List<int[]> busy, int people, int ready, int length) {
            List<Integer> moments = new ArrayList<>(List.of(ready));
            busy.stream()
                    .map(span -> span[1])
                    .filter(moment -> moment > ready)
                    .sorted()
                    .forEach(moments::add);
            return moments.stream()
                    .filter(moment -> fits(busy, people, moment, length))
                    .findFirst()
                    .orElse(ready);
        }

        private static boolean fits(List<int[]> busy, int people, int start, int length) {
            List<Integer> moments = new ArrayList<>(List.of(start));
            busy.stream()
                    .map(span -> span[0])
                    .filter(moment -> moment > start && moment < start + length)
                    .forEach(moments::add);
            return moments.stream()
                    .allMatch(moment -> busy.stream()
                                    .filter(span -> span[0] <= moment && moment < span[1])
                                    .count()
                            < people);
        }

        private List<Hidden> hidden() {
            Map<HiddenTime, Integer> sums = new LinkedHashMap<>();
            if (heating > 0) {
                sums.put(HiddenTime.HEATING, heating);
            }
            steps.forEach(step -> HiddenTime.of(step).ifPresent(what -> sums.merge(what, seconds(step), Integer::sum)));
            return sums.entrySet().stream()
                    .map(entry -> new Hidden(entry.getKey(), entry.getValue()))
                    .toList();
        }
    }
}
