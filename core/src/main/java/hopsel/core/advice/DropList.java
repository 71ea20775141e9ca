package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;
import hopsel.core.recipe.Aside;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What goes first when time runs short: made beforehand, each tried out, the one that gains most at the top. */
public final class DropList {

    private DropList() {}

    /**
     * Something that can be left out.
     *
     * @param step the step that is done off camera, or empty where a component goes
     * @param what the dish and component that go; empty for a step
     * @param gain seconds by which the class is over earlier
     */
    public record Drop(Optional<StepRef> step, String what, int gain) {}

    /** The drops of a plan that gain half a minute or more. */
    public static List<Drop> of(CookingClass whole, Wishes wishes, Plan now) {
        List<Drop> drops = new ArrayList<>();
        CookingClass cooking = Variant.frozen(whole, now);
        for (Dish dish : cooking.dishes()) {
            for (Component component : dish.components()) {
                Stream<StepRef> optional = component.steps().stream()
                        .filter(step -> step.show() == Show.MAY)
                        .map(step -> new StepRef(dish.id(), step.id()));
                optional.filter(ref -> !now.notShown().contains(ref))
                        .forEach(ref -> add(
                                drops,
                                Optional.of(ref),
                                "",
                                Variant.step(cooking, ref, step -> step.shown(Show.NEVER)),
                                wishes,
                                now));
                if (Aside.goesWithout(dish, component)) {
                    add(
                            drops,
                            Optional.empty(),
                            dish.title() + ": " + component.title(),
                            Variant.without(cooking, dish.id(), component),
                            wishes,
                            now);
                }
            }
        }
        drops.sort(Comparator.comparingInt((Drop drop) -> -drop.gain).thenComparing(drop -> drop.step.isEmpty()));
        return drops;
    }

    private static void add(
            List<Drop> drops, Optional<StepRef> step, String what, CookingClass less, Wishes wishes, Plan now) {
        Plan after = Planner.sketch(less, wishes).plan();
        if (after.possible() && now.airEnd() - after.airEnd() >= 30) {
            drops.add(new Drop(step, what, now.airEnd() - after.airEnd()));
        }
    }
}
