package hopsel.core.plan;

import hopsel.core.plan.Stretch.Use;
import hopsel.core.solve.Literal;
import hopsel.core.solve.Solver;

import java.util.BitSet;
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
        choices = Stream.of(model.shown, model.swapped, model.split)
                .flatMapToInt(IntStream::of)
                .filter(literal -> literal > 1)
                .map(literal -> solver.value(literal) > 0 ? literal : Literal.not(literal))
                .toArray();
    }

    /**
     * Literals that keep everything but a part, chosen at random, in its order; the larger the share, the more is taken
     * apart.
     */
    int[] keep(double share) {
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
