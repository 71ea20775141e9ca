package hopsel.core.caution;

import hopsel.core.dish.Need;
import hopsel.core.dish.Technique;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.Said;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.function.Predicate;

/**
 * Cautions of home and small-venue cooking, each with the rule by which a dish has it; the words for them are the
 * page's. Local food rules come first.
 *
 * <p>A rule asks traits, techniques and places, and for the little that no fact says the words of a step; a caution too
 * many is meant to be more likely than one too few.
 */
public enum Caution {
    ALLERGENS(dish -> true),
    CHECK_LABEL(dish -> dish.item(item -> item.origin() == Origin.CHECK_LABEL)),
    COOLING(dish -> (dish.has(Trait.STARCHY) || dish.has(Trait.PULSE)) && dish.does(Technique::cooksThrough)),
    REHEATING(dish -> dish.does(Technique.REHEAT::equals)),
    DRY_BEANS(dish -> dish.has(Trait.DRY_BEAN) || dish.says(Said.DRIED_BEANS)),
    RAW_FLOUR(dish -> dish.has(Trait.FLOUR)
            && dish.does(EnumSet.of(Technique.KNEAD, Technique.MIX, Technique.WHISK, Technique.ROLL)::contains)),
    MUSHROOMS(dish -> dish.has(Trait.MUSHROOM)),
    SPROUTS(dish -> dish.falls(HouseRule.RAW_SPROUTS)),
    GARLIC_IN_OIL(dish -> dish.falls(HouseRule.OIL)
            && (dish.has(Trait.GARLIC) || dish.has(Trait.HERB) && dish.does(Technique.INFUSE::equals))),
    KEEP_CHILLED(dish -> dish.has(Trait.KEEP_COLD)
            || dish.has(Trait.PULSE)
            || dish.item(CookedDish::isNut) && dish.does(EnumSet.of(Technique.BLEND, Technique.SOAK)::contains)),
    HOT_BLENDER(dish -> dish.step(step -> step.needs().stream().anyMatch(Need::isClosedJar))
            && (dish.does(Technique::heats) || dish.says(Said.HOT))),
    PRESSURE(dish -> dish.does(Does.PRESSES)),
    HOT_OIL(dish -> dish.falls(HouseRule.OIL) && dish.does(Technique.FRY::equals)),
    PARCHMENT(dish -> dish.step(step -> (CookedDish.above(step, BigDecimal.valueOf(220))
                    || step.needs().stream().anyMatch(need -> need.is(PlaceKind.GRILL)))
            && Said.PAPER.in(step))),
    KNIVES(dish -> dish.line(dish::isCut) || dish.has(Trait.HARD) || dish.does(Technique.CUT::equals)),
    STEAM(dish -> dish.does(Does.STEAMS)
            || dish.does(Technique.STEAM::equals)
            || dish.drainsHot()
            || dish.says(Said.LID_OFF)),
    ALCOHOL(dish -> dish.falls(HouseRule.ALCOHOL)),
    HOT_CENTRES(dish -> (dish.does(EnumSet.of(Technique.FILL, Technique.SHAPE)::contains) || dish.says(Said.MOLTEN))
            && dish.does(Technique::heats));

    private final Predicate<CookedDish> rule;

    Caution(Predicate<CookedDish> rule) {
        this.rule = rule;
    }

    /** Whether a dish has it. */
    boolean applies(CookedDish dish) {
        return rule.test(dish);
    }
}
