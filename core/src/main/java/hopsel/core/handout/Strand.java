package hopsel.core.handout;

import hopsel.core.bench.DishTimes;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A component in the small picture of how a dish fits together in time: its steps as early as they can be.
 *
 * @param title of the component
 * @param bars in their order
 */
public record Strand(String title, List<Bar> bars) {

    /**
     * A step.
     *
     * @param from seconds from the beginning
     * @param to likewise
     */
    public record Bar(String title, Work work, int from, int to) {}

    /** Keeps its own copy. */
    public Strand {
        bars = List.copyOf(bars);
    }

    /** The strands of a dish, and with them how long it takes: the longest chain. */
    static List<Strand> of(Dish dish) {
        Map<String, Integer> starts = DishTimes.of(dish).starts();
        List<Strand> strands = new ArrayList<>();
        for (Component component : dish.components()) {
            List<Bar> bars =
                    component.steps().stream().map(step -> bar(step, starts)).toList();
            if (!bars.isEmpty()) {
                strands.add(new Strand(component.title(), bars));
            }
        }
        return strands;
    }

    private static Bar bar(Step step, Map<String, Integer> starts) {
        int from = starts.getOrDefault(step.id(), 0);
        return new Bar(
                step.title(), step.work(), from, from + step.minutes().likely().seconds());
    }

    /** When the last bar ends, seconds; at least one. */
    public static int end(List<Strand> strands) {
        return Math.max(
                1,
                strands.stream()
                        .flatMap(strand -> strand.bars.stream())
                        .mapToInt(Bar::to)
                        .max()
                        .orElse(1));
    }
}
