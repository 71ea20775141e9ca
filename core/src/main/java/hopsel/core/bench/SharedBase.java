package hopsel.core.bench;

import hopsel.core.dish.Base;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.item.Catalogue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A component that several dishes share: a sauce, a pot of rice. What it holds is needed in each of them, so the
 * amounts add up; made once for all, it takes its time once.
 *
 * @param title of the component
 * @param dishes that hold it, by title
 * @param grams edible grams by item, over all dishes; what cannot be weighed is not in it
 * @param once seconds of hands work and watching, made once
 * @param apart seconds, made in each dish by itself
 */
public record SharedBase(String title, List<String> dishes, Map<String, BigDecimal> grams, int once, int apart) {

    /** Keeps its own copy. */
    public SharedBase {
        dishes = List.copyOf(dishes);
    }

    /** The components that more than one of these dishes holds, because one was taken from the other. */
    public static List<SharedBase> of(List<Draft> sheets, Catalogue builtIn) {
        Map<String, List<Held>> byOrigin = new LinkedHashMap<>();
        for (Draft sheet : sheets) {
            for (Component component : sheet.dish().components()) {
                String origin =
                        component.base().orElseGet(() -> Base.of(sheet.dish())).key();
                byOrigin.computeIfAbsent(origin + "\n" + component.title(), any -> new ArrayList<>())
                        .add(new Held(sheet, component));
            }
        }
        return byOrigin.values().stream()
                .filter(held -> held.size() > 1)
                .map(held -> summed(held, builtIn))
                .toList();
    }

    private static SharedBase summed(List<Held> held, Catalogue builtIn) {
        Map<String, BigDecimal> grams = new LinkedHashMap<>();
        for (Held one : held) {
            Catalogue catalogue = one.sheet.catalogue(builtIn);
            for (IngredientLine line : one.component.ingredients()) {
                line.amount()
                        .flatMap(amount -> catalogue
                                .find(line.item())
                                .flatMap(item -> one.sheet.weigher().grams(item, amount)))
                        .ifPresent(weight -> grams.merge(line.item(), weight, BigDecimal::add));
            }
        }
        return new SharedBase(
                held.get(0).component.title(),
                held.stream().map(one -> one.sheet.dish().title()).toList(),
                grams,
                held.stream().mapToInt(Held::seconds).max().orElse(0),
                held.stream().mapToInt(Held::seconds).sum());
    }

    private record Held(Draft sheet, Component component) {

        int seconds() {
            DishTimes times = DishTimes.of(new Dish("base", component.title(), BigDecimal.ONE, List.of(alone())));
            return times.handsOn() + times.watched();
        }

        /** Without waits for steps of other components. */
        private Component alone() {
            return component.eachStep(step -> step.withAfter(List.of()));
        }
    }
}
