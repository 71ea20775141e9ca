package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkDish;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.StepRef;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Wishes;
import hopsel.core.recipe.Aside;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

    /**
     * What a host can agree beforehand to leave out: every dish where there are others, components that stand on the
     * side, and what is said in between. By what {@link Wishes#drops} calls them, with what people call them, in the
     * order of the menu.
     */
    public static Map<String, String> choices(CookingClass cooking) {
        Map<String, String> choices = new LinkedHashMap<>();
        cooking.dishes().forEach(dish -> {
            if (cooking.dishes().size() > 1) {
                choices.put(dish.id(), dish.title());
            }
            dish.components().stream()
                    .filter(component -> Aside.goesWithout(dish, component))
                    .forEach(component -> choices.put(
                            new ComponentRef(dish.id(), component.id()).toString(),
                            dish.title() + ": " + component.title()));
        });
        cooking.tempo().talk().stream()
                .filter(piece -> piece.at() == TalkPiece.Moment.BETWEEN)
                .forEach(piece -> choices.put(
                        TalkDish.ref(piece.id()) + "|" + Copy.MAIN,
                        cooking.tempo().called(piece.id())));
        return choices;
    }

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
