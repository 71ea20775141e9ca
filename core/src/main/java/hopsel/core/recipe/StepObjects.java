package hopsel.core.recipe;

import hopsel.core.dish.Use;
import hopsel.core.item.Trait;
import hopsel.core.recipe.ReadRecipe.Line;
import hopsel.core.recipe.ReadRecipe.Part;
import hopsel.core.recipe.ReadRecipe.StepInPart;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Says to what something is done where a name is a bare verb: "Rest" beside five other dishes tells nobody anything. It
 * is the one or two foods that go in, otherwise the part that is being made.
 */
final class StepObjects {

    /** Done to one food that goes in at that step. */
    private static final Set<String> TO_FOOD = Set.of(
            "blanch", "boil", "chop", "drain", "fry", "grate", "griddle", "grind", "halve", "mash", "melt", "peel",
            "puree", "rinse", "slice", "soak", "squeeze", "toast", "toss", "warm");
    /** Done to two foods, so that they are one. */
    private static final Set<String> TO_TWO =
            Set.of("blend", "blitz", "fry", "grind", "mash", "mix", "puree", "toss", "warm", "whisk");
    /** Done to the part as it is by then. */
    private static final Set<String> TO_PART = Set.of(
            "bake", "beat", "blend", "blitz", "boil", "chill", "cook", "cool", "cover", "fold", "freeze", "fry",
            "griddle", "grill", "heat", "knead", "mash", "mix", "prove", "reheat", "rest", "roast", "roll", "simmer",
            "steam", "warm", "whisk", "wrap");
    /** What nobody does to such a part: by then it is in something else. */
    private static final Pattern NOT_SO = Pattern.compile(
            "^(?:bake|roast|griddle|grill|rest|roll|steam|cook|boil|wrap|knead|prove) .*\\b(?:fill|filling|sauce"
                    + "|marinade|dressing|topping|dip|glaze|paste|cream|relish|salsa|butter)$"
                    + "|^(?:simmer|boil|fry|whisk|cook) .*\\b(?:dough|pastry|crust|base|batter|topping|salad|slaw)$",
            Pattern.CASE_INSENSITIVE);
    /** Headings that name no thing. */
    private static final Pattern NO_THING = Pattern.compile(
            "^(?:to|for|day|night|evening|assembl|method|prep|finish|serv|topping|put|make|step|stage|the rest|garnish"
                    + "|other|rest|everything|base and|you)|\\d|[:,&+/]| (?:and|with|for|or) ",
            Pattern.CASE_INSENSITIVE);

    private static final int LONGEST = 28;

    private StepObjects() {}

    /** The same recipe, with its bare names completed. */
    static ReadRecipe named(ReadRecipe recipe) {
        return new ReadRecipe(
                recipe.title(),
                recipe.servings(),
                recipe.pieces(),
                recipe.headline(),
                recipe.parts().stream().map(part -> named(part, recipe)).toList(),
                recipe.unread(),
                recipe.told());
    }

    private static Part named(Part part, ReadRecipe recipe) {
        List<StepInPart> steps = part.steps().stream()
                .map(step -> new StepInPart(
                        step.id(), step.read().named(name(step, part, recipe)), step.uses(), step.after(), step.say()))
                .toList();
        return new Part(part.title(), part.lines(), steps);
    }

    private static String name(StepInPart step, Part part, ReadRecipe recipe) {
        String name = step.read().title();
        String verb = name.toLowerCase(Locale.ROOT);
        List<String> foods = foods(step, recipe);
        boolean so = foods.size() == 1 && TO_FOOD.contains(verb) || foods.size() == 2 && TO_TWO.contains(verb);
        if (so && foods.stream().allMatch(food -> isDoneTo(food, step.read().text()))) {
            return name + " the " + String.join(" and ", foods);
        }
        String whole = name + " the " + Lettering.small(part.title());
        boolean said = TO_PART.contains(verb) && !NOT_SO.matcher(whole).matches();
        return said && isThing(part, recipe) && isPartBy(step, part, recipe) ? whole : name;
    }

    /**
     * Whether nothing else is done between the verb and the food: in "drain, mash with the milk" no milk is drained.
     */
    private static boolean isDoneTo(String food, String text) {
        List<String> words = ItemFinder.words(food);
        String head = words.get(words.size() - 1);
        Matcher named = Pattern.compile("\\b" + Pattern.quote(head), Pattern.CASE_INSENSITIVE)
                .matcher(text);
        return named.find() && Imperatives.verbsIn(text.substring(0, named.start())) == 1;
    }

    private static boolean isThing(Part part, ReadRecipe recipe) {
        return !part.title().equals(recipe.title())
                && part.title().length() <= LONGEST
                && !NO_THING.matcher(part.title()).find();
    }

    /** Whether something of the part was begun, and nothing of another came to it. */
    private static boolean isPartBy(StepInPart step, Part part, ReadRecipe recipe) {
        int at = part.steps().indexOf(step);
        List<StepInPart> until = part.steps().subList(0, at + 1);
        List<Part> others =
                recipe.parts().stream().filter(other -> other != part).toList();
        boolean alone = others.stream().noneMatch(other -> until.stream().anyMatch(own -> meets(own, other)));
        return alone && until.stream().anyMatch(own -> !own.uses().isEmpty());
    }

    private static boolean meets(StepInPart step, Part other) {
        List<String> name = ItemFinder.words(other.title());
        return other.steps().stream().anyMatch(theirs -> step.after().contains(theirs.id()))
                || other.lines().stream().anyMatch(line -> step.uses().stream()
                        .anyMatch(use -> use.ingredient().equals(line.id())))
                || !name.isEmpty() && ItemFinder.words(step.read().text()).contains(name.get(name.size() - 1));
    }

    /** What goes in, without what goes in everywhere. */
    private static List<String> foods(StepInPart step, ReadRecipe recipe) {
        List<String> used = step.uses().stream().map(Use::ingredient).toList();
        return recipe.parts().stream()
                .flatMap(part -> part.lines().stream())
                .filter(line -> used.contains(line.id()))
                .filter(line -> !line.read()
                        .item()
                        .filter(item -> item.has(Trait.LASTING))
                        .isPresent())
                .map(Line::read)
                .map(read -> read.name().toLowerCase(Locale.ROOT))
                .distinct()
                .toList();
    }
}
