package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.ToolReader;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What somebody who cooks along needs at home, and what will do where they have said that they lack it. */
public final class HomeTools {

    private HomeTools() {}

    /**
     * A tool.
     *
     * @param name as a cook says it
     * @param lacks whether they listed what they have, and it is not there
     * @param standIn what will do instead
     */
    public record Tool(String name, boolean lacks, Optional<String> standIn) {}

    /**
     * Every tool and appliance of the steps that are shown, by name.
     *
     * @param has what they said they have; empty: they did not say
     */
    public static List<Tool> of(CookingClass cooking, Plan plan, List<String> has) {
        Set<String> own =
                has.stream().map(name -> name.toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        return named(plan.activities().stream()
                        .filter(activity -> activity.copy().isMain())
                        .map(activity -> cooking.step(activity.step())))
                .map(name -> new Tool(
                        name.replace('-', ' '),
                        lacks(own, name),
                        ToolFacts.of(name).instead()))
                .toList();
    }

    /** Every tool and appliance of a dish, by name, for a kitchen of which nothing is known. */
    public static List<Tool> of(Dish dish) {
        return named(dish.steps())
                .map(name -> new Tool(
                        name.replace('-', ' '), false, ToolFacts.of(name).instead()))
                .toList();
    }

    /** Every tool and appliance of a step. */
    public static List<Tool> of(Step step) {
        return named(Stream.of(step))
                .map(name -> new Tool(
                        name.replace('-', ' '), false, ToolFacts.of(name).instead()))
                .toList();
    }

    private static Stream<String> named(Stream<Step> steps) {
        return steps.flatMap(step -> Stream.concat(
                        ToolReader.of(step).stream().map(tool -> tool.name()),
                        step.needs().stream()
                                .map(need -> need.kind())
                                .filter(kind -> PlaceKind.does(kind, Does.MAY_LACK))))
                .distinct()
                .sorted();
    }

    /** What nobody lists, such as a knife or a bowl, is there; an appliance that is not in the list is not. */
    private static boolean lacks(Set<String> own, String name) {
        return !own.isEmpty()
                && PlaceKind.does(name, Does.MAY_LACK)
                && own.stream().noneMatch(said -> said.contains(name.replace('-', ' ')) || said.contains(name));
    }
}
