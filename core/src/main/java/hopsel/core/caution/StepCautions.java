package hopsel.core.caution;

import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.food.FoodFlow;
import hopsel.core.item.Catalogue;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The cautions of one step: those its own technique and what goes in at it call for. */
public final class StepCautions {

    /** Said once for a dish, not at each step. */
    private static final Set<Caution> OF_THE_DISH =
            EnumSet.of(Caution.ALLERGENS, Caution.CHECK_LABEL, Caution.KEEP_CHILLED);

    private StepCautions() {}

    /** Found by the rules for dishes, from this step and the lines it uses alone. */
    public static Set<Caution> of(Dish dish, Step step, Catalogue catalogue) {
        Set<String> used = step.uses().stream().map(Use::ingredient).collect(Collectors.toSet());
        Component alone = new Component(
                "alone",
                step.title(),
                dish.lines().filter(line -> used.contains(line.id())).toList(),
                List.of(step));
        Dish only = new Dish("alone", step.title(), BigDecimal.ONE, List.of(alone));
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        cautions.addAll(CautionFinder.of(new CookedDish(only, catalogue, FoodFlow.of(dish, catalogue))));
        cautions.removeAll(OF_THE_DISH);
        return cautions;
    }
}
