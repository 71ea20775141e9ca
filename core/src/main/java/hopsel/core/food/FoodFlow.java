package hopsel.core.food;

import hopsel.core.dish.After;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Cooks the text of a dish: what each step is given, from the list and from the steps that it waits for, and what comes
 * out of it. Nothing here looks at the name of anything; traits, techniques and places decide.
 */
public final class FoodFlow {

    private final Dish dish;
    private final Catalogue catalogue;
    private final Map<String, Product> made = new LinkedHashMap<>();

    private FoodFlow(Dish dish, Catalogue catalogue) {
        this.dish = dish;
        this.catalogue = catalogue;
    }

    /** The way of all food through a dish; steps that wait for each other in a circle make nothing. */
    public static FoodFlow of(Dish dish, Catalogue catalogue) {
        FoodFlow flow = new FoodFlow(dish, catalogue);
        List<Step> open = new ArrayList<>(dish.steps().toList());
        boolean moved = true;
        while (moved && !open.isEmpty()) {
            moved = open.removeIf(flow::cook);
        }
        return flow;
    }

    /** Whether everything that the step waits for is there, and then does it. */
    private boolean cook(Step step) {
        boolean there = step.after().stream()
                .map(After::step)
                .filter(before -> dish.step(before).isPresent())
                .allMatch(made::containsKey);
        if (there) {
            made.put(step.id(), new Transformation(step, into(step), fromList(step)).product());
        }
        return there;
    }

    /** What comes into a step from the steps that it waits for. */
    public List<Product> into(Step step) {
        return step.after().stream()
                .flatMap(after -> Optional.ofNullable(made.get(after.step())).stream())
                .toList();
    }

    /** What goes in from the list alone, as it comes. */
    Product fresh(Step step) {
        return new Product(step.id(), fromList(step), Set.of());
    }

    private List<Part> fromList(Step step) {
        List<Part> parts = new ArrayList<>();
        step.uses().forEach(use -> dish.lines()
                .filter(line -> line.id().equals(use.ingredient()))
                .forEach(line -> catalogue
                        .find(line.item())
                        .ifPresent(item -> parts.add(Part.fresh(line, item, use, step.id())))));
        return parts;
    }

    /** What a step makes; empty where it waits in a circle, or is not of this dish. */
    public Optional<Product> product(String step) {
        return Optional.ofNullable(made.get(step));
    }

    /** What is served: what the steps make that nothing comes after. */
    public List<Product> served() {
        return dish.finalSteps().stream()
                .sorted()
                .flatMap(step -> product(step).stream())
                .toList();
    }

    /** All that is made, in the order in which it can be. */
    public List<Product> all() {
        return List.copyOf(made.values());
    }
}
