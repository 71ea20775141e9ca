package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Arcs;
import hopsel.core.plan.Arcs.Arc;
import hopsel.core.plan.Evenings;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.TechniqueReader;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A class run many times, with each step's minutes drawn anew between low and high, likely ones most often (a
 * triangular distribution); everybody keeps the order of the run sheet and begins as soon as what comes before is done,
 * but what keeps only so long not before its time.
 *
 * @param runs how many
 * @param onTime share of the runs that ended within the slot, 0 to 1
 * @param ends seconds at which the class ended, sorted
 * @param deciders activities by how often the end hung on them, the most often first
 * @param waits results that waited longer than they keep, the most often first
 */
public record Rehearsal(int runs, double onTime, int[] ends, List<Decider> deciders, List<TooLong> waits) {

    private static final int SPARE = 5 * 60;
    private static final int MOST = 5;

    /**
     * An activity on which the end hangs.
     *
     * @param activity which
     * @param share of the runs in which it was in the chain that ended last, 0 to 1
     * @param onTime share of the runs that would end in time if it had five spare minutes
     */
    public record Decider(Activity activity, double share, double onTime) {}

    /**
     * A result that waits longer than it keeps.
     *
     * @param activity which
     * @param share of the runs, 0 to 1
     */
    public record TooLong(Activity activity, double share) {}

    /** Runs a class that has a plan; the same seed gives the same runs. */
    public static Rehearsal of(CookingClass cooking, Plan plan, int runs, long seed) {
        int slot = cooking.airMinutes().seconds();
        Stage stage = plan.pace().isPresent() ? new Held(cooking, plan) : new InOrder(cooking, plan);
        return stage.run(plan, slot, runs, seed);
    }

    /** The end that so many of the runs did not pass, such as 0.9. */
    public int end(double share) {
        return ends[Math.min(ends.length - 1, (int) Math.ceil(share * ends.length) - 1)];
    }

    /** Where a class is run many times. */
    private abstract static class Stage {

        /**
         * Runs it.
         *
         * @param relieved an activity that has five minutes to spare; negative: none
         * @param finish gets the seconds of each end
         * @param decided counts, by activity, how often the end hung on it
         * @param late counts, by activity, how often its result waited too long
         */
        abstract void play(int runs, long seed, int relieved, int[] finish, int[] decided, int[] late);

        Rehearsal run(Plan plan, int slot, int runs, long seed) {
            int size = plan.activities().size();
            int[] finish = new int[runs];
            int[] decided = new int[size];
            int[] late = new int[size];
            play(runs, seed, -1, finish, decided, late);
            double onTime = share(finish, slot);
            List<Decider> deciders = by(decided).stream()
                    .limit(MOST)
                    .map(i -> {
                        int[] relieved = new int[runs];
                        play(runs, seed, i, relieved, new int[size], new int[size]);
                        return new Decider(plan.activities().get(i), decided[i] / (double) runs, share(relieved, slot));
                    })
                    .toList();
            List<TooLong> waits = by(late).stream()
                    .map(i -> new TooLong(plan.activities().get(i), late[i] / (double) runs))
                    .toList();
            Arrays.sort(finish);
            return new Rehearsal(runs, onTime, finish, deciders, waits);
        }

        private static List<Integer> by(int[] counts) {
            List<Integer> some = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                if (counts[i] > 0) {
                    some.add(i);
                }
            }
            some.sort(Comparator.comparingInt((Integer i) -> -counts[i]).thenComparingInt(i -> i));
            return some;
        }

        private static double share(int[] finish, int slot) {
            return Arrays.stream(finish).filter(end -> end <= slot).count() / (double) finish.length;
        }
    }

    /** By the second edition of the rules: evenings with talk and hands. */
    private static final class Held extends Stage {

        private final Evenings evenings;

        Held(CookingClass cooking, Plan plan) {
            this.evenings = new Evenings(cooking, plan);
        }

        @Override
        void play(int runs, long seed, int relieved, int[] finish, int[] decided, int[] late) {
            SplittableRandom random = new SplittableRandom(seed);
            for (int run = 0; run < runs; run++) {
                Evenings.Evening evening = evenings.hold(random, relieved, SPARE);
                finish[run] = (int) Math.round(evening.end());
                for (int at = evening.last(); at != Evenings.NOTHING; at = evening.cause(at)) {
                    decided[at]++;
                }
                for (int i = 0; i < late.length; i++) {
                    late[i] += evening.waitedTooLong(i) ? 1 : 0;
                }
            }
        }
    }

    /** By the first edition: everything in the order of the plan. */
    private static final class InOrder extends Stage {

        private final Plan plan;
        private final int size;
        private final double[] low;
        private final double[] likely;
        private final double[] high;
        private final int[] floor;
        private final Arc[][] into;
        private final boolean[] tops;
        private final int[] starts;
        private final int[] ends;
        private final int[] cause;
        /** The last run in which a result waited too long, so that each counts once. */
        private final int[] lateIn;

        InOrder(CookingClass cooking, Plan plan) {
            this.plan = plan;
            this.size = plan.activities().size();
            Arcs arcs = Arcs.of(cooking, plan);
            this.tops = arcs.tops();
            this.low = new double[size];
            this.likely = new double[size];
            this.high = new double[size];
            this.floor = new int[size];
            this.into = new Arc[size][];
            this.starts = new int[size];
            this.ends = new int[size];
            this.cause = new int[size];
            this.lateIn = new int[size];
            List<List<Arc>> lists = new ArrayList<>();
            for (int i = 0; i < size; i++) {
                lists.add(new ArrayList<>());
                Activity activity = plan.activities().get(i);
                Step step = activity.copy().isMain()
                        ? cooking.onAir(cooking.step(activity.step()))
                        : cooking.step(activity.step());
                StepMinutes minutes = step.minutes();
                boolean brief = activity.duration() != minutes.likely().seconds() || TechniqueReader.isAtLeast(step);
                low[i] = brief ? activity.duration() : minutes.low().seconds();
                likely[i] = activity.duration();
                high[i] = brief ? activity.duration() : minutes.high().seconds();
                // Work before the class has its hour, and what keeps only so long is not begun before its time; the
                // rest may go on early.
                boolean timed = activity.start() < 0
                        || cooking.step(activity.step()).keeps().isPresent();
                floor[i] = timed ? activity.start() : 0;
            }
            arcs.arcs().forEach(arc -> lists.get(arc.then()).add(arc));
            Arrays.setAll(into, i -> lists.get(i).toArray(Arc[]::new));
        }

        @Override
        void play(int runs, long seed, int relieved, int[] finish, int[] decided, int[] late) {
            SplittableRandom random = new SplittableRandom(seed);
            Arrays.fill(lateIn, -1);
            for (int run = 0; run < runs; run++) {
                int last = once(random, relieved);
                finish[run] = last < 0 ? 0 : ends[last];
                for (int at = last; at >= 0; at = cause[at]) {
                    decided[at]++;
                }
                countLate(run, late);
            }
        }

        private void countLate(int run, int[] late) {
            for (int i = 0; i < size; i++) {
                for (Arc arc : into[i]) {
                    int before = arc.before();
                    if (arc.keeps() >= 0 && starts[i] - ends[before] > arc.keeps() && lateIn[before] != run) {
                        lateIn[before] = run;
                        late[before]++;
                    }
                }
            }
        }

        /** Plays the class once; the answer is what ended last. */
        private int once(SplittableRandom random, int relieved) {
            int last = -1;
            for (int i = 0; i < size; i++) {
                int start = floor[i];
                cause[i] = -1;
                for (Arc arc : into[i]) {
                    int ready = ends[arc.before()] + arc.gap();
                    if (ready > start) {
                        start = ready;
                        cause[i] = arc.before();
                    }
                }
                int lasts = draw(i, random.nextDouble());
                starts[i] = start;
                ends[i] = start + (i == relieved ? Math.max(0, lasts - SPARE) : lasts);
                last = tops[i] && (last < 0 || ends[i] > ends[last]) ? i : last;
            }
            return last;
        }

        private int draw(int i, double chance) {
            double span = high[i] - low[i];
            if (span <= 0) {
                return (int) likely[i];
            }
            double peak = (likely[i] - low[i]) / span;
            double drawn = chance < peak
                    ? low[i] + Math.sqrt(chance * span * (likely[i] - low[i]))
                    : high[i] - Math.sqrt((1 - chance) * span * (high[i] - likely[i]));
            return (int) Math.round(drawn);
        }
    }
}
