package hopsel.core.plan;

import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Literal;
import hopsel.core.solve.Solver;

import java.util.BitSet;
import java.util.Comparator;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A part of the best plan so far that is taken apart while the rest stays in its order (large neighbourhood search,
 * Shaw, 1998): what lies within a stretch of time, what belongs to a few dishes, or who shares a few places.
 */
final class Neighbourhood {

    private final Model model;
    private final Places places;
    private final Random random = new Random(7);
    private int[] starts = {};
    private int[] ends = {};
    private int[][] kept = {};
    private int[] choices = {};
    /** What is not left out, by number. */
    private final BitSet there = new BitSet();
    /** Literals of choices that were made. */
    private final BitSet chosen = new BitSet();

    Neighbourhood(Model model, Places places) {
        this.model = model;
        this.places = places;
    }

    Places places() {
        return places;
    }

    /** Remembers what the solver just found. */
    void remember() {
        Solver solver = model.solver;
        starts = model.stretches.stream()
                .mapToInt(stretch -> solver.lowest(stretch.start))
                .toArray();
        ends = model.stretches.stream()
                .mapToInt(stretch -> solver.lowest(stretch.start) + stretch.duration(solver))
                .toArray();
        kept = model.stretches.stream()
                .map(stretch -> IntStream.concat(
                                IntStream.of(stretch.times),
                                stretch.uses.stream()
                                        .filter(need -> need.size() > 1)
                                        .flatMapToInt(need -> need.stream().mapToInt(Use::literal)))
                        .filter(literal -> literal > 1 && solver.value(literal) > 0)
                        .toArray())
                .toArray(int[][]::new);
        there.clear();
        model.stretches.stream()
                .filter(stretch -> solver.value(stretch.present) > 0)
                .forEach(stretch -> there.set(stretch.number));
        chosen.clear();
        Stream.of(model.shown, model.swapped, model.split)
                .flatMapToInt(IntStream::of)
                .filter(literal -> solver.value(literal) > 0)
                .forEach(chosen::set);
        choices = Stream.of(model.shown, model.swapped, model.split)
                .flatMapToInt(IntStream::of)
                .filter(literal -> literal > 1)
                .map(literal -> solver.value(literal) > 0 ? literal : Literal.not(literal))
                .toArray();
    }

    /** Seconds at which a stretch begins in the plan that was found last. */
    int start(Stretch stretch) {
        return starts[stretch.number];
    }

    /** Seconds at which it is over there. */
    int end(Stretch stretch) {
        return ends[stretch.number];
    }

    /** Whether a choice was made there. */
    boolean isChosen(int literal) {
        return chosen.get(literal);
    }

    /**
     * Literals that keep everything but a part, chosen at random, in its order; the larger the share, the more is taken
     * apart.
     */
    int[] keep(double share) {
        return model.problem.second ? keepThere(share) : keepAll(share);
    }

    /**
     * In large problems, and where choices have their price: only what is there has an order that is worth keeping,
     * what is taken apart is free of the rest, and what is chosen of it is open.
     */
    private int[] keepThere(double share) {
        BitSet free =
                switch (random.nextInt(4)) {
                    case 0, 1 -> neighbours(share);
                    case 2 -> dishes(share);
                    default -> machines(share);
                };
        return keepBut(free);
    }

    /** Literals that keep everything but one activity, with the hands at its ends, as it is. */
    int[] keepBut(Making making) {
        BitSet free = new BitSet();
        free.set(making.number);
        making.hands.forEach(hands -> free.set(hands.number));
        return IntStream.concat(IntStream.of(keepBut(free)), IntStream.of(choices))
                .toArray();
    }

    private int[] keepBut(BitSet free) {
        BitSet fixed = (BitSet) there.clone();
        fixed.andNot(free);
        IntStream orders = this.places
                .orders()
                .filter(order -> fixed.get(order.first()) && fixed.get(order.then()))
                .filter(order -> ends[order.first()] <= starts[order.then()])
                .mapToInt(Places.Order::literal);
        IntStream places = fixed.stream().flatMap(number -> IntStream.of(kept[number]));
        IntStream same = IntStream.range(0, model.shown.length)
                .filter(task -> !free.get(task))
                .flatMap(task -> IntStream.of(model.shown[task], model.swapped[task], model.split[task]))
                .filter(literal -> literal > 1)
                .map(literal -> chosen.get(literal) ? literal : Literal.not(literal));
        return IntStream.concat(IntStream.concat(same, places), orders).toArray();
    }

    /** Some that follow each other. */
    private BitSet neighbours(double share) {
        int[] sorted = there.stream()
                .boxed()
                .sorted(Comparator.comparingInt((Integer number) -> starts[number]))
                .mapToInt(Integer::intValue)
                .toArray();
        int some = Math.max(1, (int) (sorted.length * share));
        int first = random.nextInt(Math.max(1, sorted.length - some + 1));
        BitSet set = new BitSet();
        for (int i = first; i < Math.min(sorted.length, first + some); i++) {
            set.set(sorted[i]);
        }
        return set;
    }

    private int[] keepAll(double share) {
        BitSet free =
                switch (random.nextInt(3)) {
                    case 0 -> span(share);
                    case 1 -> dishes(share);
                    default -> machines(share);
                };
        IntStream orders = this.places
                .orders()
                .filter(order -> !(free.get(order.first()) && free.get(order.then()))
                        && ends[order.first()] <= starts[order.then()])
                .mapToInt(Places.Order::literal);
        IntStream places = IntStream.range(0, kept.length)
                .filter(number -> !free.get(number))
                .flatMap(number -> IntStream.of(kept[number]));
        IntStream same = random.nextInt(4) == 0 ? IntStream.empty() : IntStream.of(choices);
        return IntStream.concat(IntStream.concat(same, places), orders).toArray();
    }

    private BitSet span(double share) {
        int from = IntStream.of(starts).min().orElse(0);
        int to = IntStream.of(ends).max().orElse(0);
        int length = (int) ((to - from) * share);
        int begin = from + random.nextInt(Math.max(1, to - from - length));
        return of(stretch -> starts[stretch.number] < begin + length && ends[stretch.number] > begin);
    }

    private BitSet dishes(double share) {
        long seed = random.nextLong();
        return of(stretch -> chance(seed, stretch.dish().hashCode()) < share * 1.5);
    }

    private BitSet machines(double share) {
        long seed = random.nextLong();
        return of(stretch ->
                stretch.uses.stream().anyMatch(need -> chance(seed, need.get(0).machine()) < share));
    }

    private BitSet of(Predicate<Stretch> free) {
        BitSet set = new BitSet();
        model.stretches.stream().filter(free).forEach(stretch -> set.set(stretch.number));
        return set;
    }

    private static double chance(long seed, int of) {
        return new Random(seed ^ (of * 0x9E3779B97F4A7C15L)).nextDouble();
    }
}
