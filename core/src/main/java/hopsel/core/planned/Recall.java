package hopsel.core.planned;

import hopsel.core.dish.Dish;
import hopsel.core.mise.Batches;

import java.math.BigDecimal;
import java.util.List;

/**
 * Where else in a class an item is, beside kits: nobody writes down which pack the host cooks from, so all of it may be
 * from a pack that is called back.
 *
 * @param demo dishes that are cooked before the audience
 * @param swapOuts dishes of which some is made earlier
 * @param tasters how many taste dishes with it; 0: nobody does
 */
public record Recall(List<Made> demo, List<Made> swapOuts, BigDecimal tasters) {

    /** Keeps its own copies. */
    public Recall {
        demo = List.copyOf(demo);
        swapOuts = List.copyOf(swapOuts);
    }

    /**
     * A dish with the item in it.
     *
     * @param dish title
     * @param grams of the item, edible
     */
    public record Made(String dish, BigDecimal grams) {}

    /** Where an item of a class is. */
    public static Recall of(PlannedClass planned, String item) {
        BigDecimal servings = planned.cooking().provision().demoServings();
        List<Dish> with = planned.cooking().dishes().stream()
                .filter(dish -> dish.lines().anyMatch(line -> line.item().equals(item)))
                .toList();
        List<Made> demo = with.stream()
                .map(dish -> new Made(
                        dish.title(),
                        dish.lines()
                                .filter(line -> line.item().equals(item))
                                .map(line -> planned.batches().grams(dish, line, servings))
                                .reduce(BigDecimal.ZERO, BigDecimal::add)))
                .toList();
        List<Made> swapOuts = with.stream()
                .filter(dish -> planned.batches().swapPortions(dish).stream()
                        .anyMatch(portion -> portion.line().item().equals(item)))
                .map(dish -> new Made(
                        dish.title(),
                        planned.batches().swapPortions(dish).stream()
                                .filter(portion -> portion.line().item().equals(item))
                                .map(Batches.Portion::grams)
                                .reduce(BigDecimal.ZERO, BigDecimal::add)))
                .toList();
        BigDecimal tasters =
                with.isEmpty() ? BigDecimal.ZERO : planned.cooking().provision().tastingPortions();
        return new Recall(demo, swapOuts, tasters);
    }
}
