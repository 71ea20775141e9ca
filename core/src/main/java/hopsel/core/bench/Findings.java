package hopsel.core.bench;

import hopsel.core.bench.Objection.Fix;
import hopsel.core.bench.Objection.Remedy;
import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.food.FoodFlow;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One part of looking over a dish, and what was found. */
abstract class Findings {

    final Draft sheet;
    final Catalogue builtIn;
    final Catalogue catalogue;
    /** The way of all food through the dish. */
    final FoodFlow flow;

    private final List<Objection> objections = new ArrayList<>();

    Findings(Draft sheet, Catalogue builtIn, FoodFlow flow) {
        this.sheet = sheet;
        this.builtIn = builtIn;
        this.catalogue = sheet.catalogue(builtIn);
        this.flow = flow;
    }

    /** Looks, and objects. */
    abstract void look();

    final List<Objection> found() {
        look();
        return objections;
    }

    final void object(Rule rule, String place, String message) {
        objections.add(new Objection(rule, place, message, Optional.empty()));
    }

    final void object(Rule rule, String place, String message, String label, Fix fix) {
        objections.add(new Objection(rule, place, message, Optional.of(new Remedy(label, fix))));
    }

    static Minutes minutes(int seconds) {
        return Minutes.of(Decimals.ratio(BigDecimal.valueOf(seconds), BigDecimal.valueOf(60))
                .setScale(0, RoundingMode.UP));
    }

    static String plain(BigDecimal number) {
        return Decimals.plain(number).toPlainString();
    }

    /** Whether a part of several things has no step, and nothing of it goes in elsewhere. */
    boolean isOnlyListed(Component component) {
        return component.steps().isEmpty()
                && component.ingredients().size() > 1
                && sheet.dish().steps().findAny().isPresent()
                && sheet.dish()
                        .steps()
                        .flatMap(step -> step.uses().stream())
                        .noneMatch(use -> component.holds(use.ingredient()));
    }
}
