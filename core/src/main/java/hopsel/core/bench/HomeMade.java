package hopsel.core.bench;

import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.DishProposal;
import hopsel.core.recipe.RecipeReader;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is usually bought, made from scratch: a component that takes the place of a line, and the way back.
 *
 * @param item id of what is bought
 * @param yields grams that the recipe gives; kitchen practice
 * @param recipe read like any other
 */
public record HomeMade(String item, int yields, String recipe) {

    private static final List<HomeMade> ALL = List.of(
            new HomeMade(
                    "laksa-paste",
                    260,
                    """
                    15 g dried chillies
                    200 ml water
                    150 g shallots
                    20 g garlic
                    30 g galangal
                    40 g lemongrass
                    1 tsp turmeric
                    2 tsp ground coriander
                    2 tbsp rapeseed oil
                    Method
                    1. Soak the dried chillies in the water for 20 minutes.
                    2. Blend the chillies, shallots, garlic, galangal, lemongrass, turmeric and ground coriander in a blender for 3 minutes until smooth.
                    3. Fry the paste in the rapeseed oil in a pan for 8 minutes until it smells sweet and the oil comes out."""),
            new HomeMade(
                    "red-curry-paste",
                    190,
                    """
                    15 g dried chillies
                    150 ml water
                    80 g shallots
                    20 g garlic
                    20 g galangal
                    40 g lemongrass
                    1 tsp cumin
                    2 tsp ground coriander
                    1 tsp salt
                    Method
                    1. Soak the dried chillies in the water for 20 minutes.
                    2. Blend the chillies, shallots, garlic, galangal, lemongrass, cumin, ground coriander and salt in a blender for 4 minutes until smooth."""),
            new HomeMade(
                    "harissa",
                    150,
                    """
                    30 g dried chillies
                    200 ml water
                    20 g garlic
                    2 tsp caraway seeds
                    2 tsp ground coriander
                    4 tbsp olive oil
                    1 tsp salt
                    Method
                    1. Soak the dried chillies in the water for 20 minutes.
                    2. Toast the caraway seeds in a dry pan for 2 minutes until they smell nutty.
                    3. Blend the chillies, garlic, caraway seeds, ground coriander, olive oil and salt in a blender for 3 minutes until smooth."""),
            new HomeMade(
                    "salsa",
                    380,
                    """
                    300 g tomatoes
                    50 g red onion
                    15 g coriander leaves
                    2 tbsp lime juice
                    0.5 tsp salt
                    Method
                    1. Chop the tomatoes, red onion and coriander leaves for 8 minutes, and mix with the lime juice and salt.
                    2. Let stand for 10 minutes."""),
            new HomeMade(
                    "naan",
                    400,
                    """
                    250 g plain flour
                    1 tsp instant yeast
                    0.5 tsp salt
                    80 g soy yogurt
                    100 ml water
                    Method
                    1. Knead the plain flour, instant yeast, salt, soy yogurt and water for 8 minutes until smooth.
                    2. Let the dough rise for 60 minutes.
                    3. Roll the dough into flat breads for 8 minutes.
                    4. Cook in a dry hot pan for 12 minutes until blistered."""),
            new HomeMade(
                    "pitta",
                    390,
                    """
                    260 g strong flour
                    1 tsp instant yeast
                    0.5 tsp salt
                    160 ml water
                    Method
                    1. Knead the strong flour, instant yeast, salt and water for 8 minutes until smooth.
                    2. Let the dough rise for 60 minutes.
                    3. Roll the dough into rounds for 8 minutes.
                    4. Bake at 240 °C for 6 minutes until puffed."""),
            new HomeMade(
                    "wheat-tortilla",
                    390,
                    """
                    260 g plain flour
                    0.5 tsp salt
                    3 tbsp rapeseed oil
                    130 ml water
                    Method
                    1. Knead the plain flour, salt, rapeseed oil and water for 5 minutes until smooth.
                    2. Let the dough rest for 20 minutes.
                    3. Roll the dough thin for 10 minutes.
                    4. Cook in a dry hot pan for 10 minutes until spotted brown."""),
            new HomeMade(
                    "corn-tortilla",
                    470,
                    """
                    220 g masa harina
                    300 ml water
                    Method
                    1. Knead the masa harina and water for 4 minutes until it no longer cracks at the edge.
                    2. Let the dough rest for 15 minutes.
                    3. Press the dough into rounds for 8 minutes.
                    4. Cook in a dry hot pan for 12 minutes until spotted brown."""),
            new HomeMade(
                    "dumpling-wrappers",
                    370,
                    """
                    250 g plain flour
                    125 ml water
                    Method
                    1. Knead the plain flour and water for 8 minutes until smooth.
                    2. Let the dough rest for 30 minutes.
                    3. Roll and cut the dough into thin rounds for 15 minutes."""),
            new HomeMade(
                    "vegan-mayo",
                    290,
                    """
                    90 ml soy drink
                    200 ml rapeseed oil
                    1 tbsp lemon juice
                    1 tsp dijon mustard
                    0.5 tsp salt
                    Method
                    1. Blend the soy drink, rapeseed oil, lemon juice, dijon mustard and salt with an immersion blender for 1 minute until thick."""),
            new HomeMade(
                    "hoisin",
                    150,
                    """
                    80 g miso
                    2 tbsp maple syrup
                    1 tbsp rice vinegar
                    1 tbsp soy sauce
                    1 tsp sesame oil
                    Method
                    1. Stir the miso, maple syrup, rice vinegar, soy sauce and sesame oil for 3 minutes until smooth."""),
            new HomeMade(
                    "chilli-oil",
                    190,
                    """
                    200 ml rapeseed oil
                    20 g chilli flakes
                    1 tsp salt
                    Method
                    1. Warm the rapeseed oil in a pan for 6 minutes until a flake of chilli sizzles gently in it.
                    2. Pour it over the chilli flakes and salt and let it steep for 30 minutes."""),
            new HomeMade(
                    "passata",
                    700,
                    """
                    1 kg tomatoes
                    Method
                    1. Cut up the tomatoes for 5 minutes.
                    2. Simmer the tomatoes in a pot for 25 minutes until they fall apart.
                    3. Press the tomatoes through a sieve for 6 minutes until only the skins are left."""),
            new HomeMade(
                    "stock",
                    1000,
                    """
                    150 g onions
                    120 g carrots
                    80 g celery
                    1 bay leaf
                    1 tsp salt
                    1.2 l water
                    Method
                    1. Cut up the onions, carrots and celery for 5 minutes.
                    2. Simmer the onions, carrots, celery, bay leaf and salt in the water for 40 minutes until the carrots have no taste left.
                    3. Strain it for 3 minutes."""),
            new HomeMade(
                    "apple-sauce",
                    560,
                    """
                    600 g apples
                    60 ml water
                    1 tbsp lemon juice
                    Method
                    1. Peel and cut up the apples for 8 minutes.
                    2. Simmer the apples with the water and lemon juice in a pot for 15 minutes until they fall apart.
                    3. Mash for 2 minutes until smooth."""),
            new HomeMade(
                    "roasted-pepper-jar",
                    330,
                    """
                    500 g bell peppers
                    Method
                    1. Roast the bell peppers at 220 °C for 30 minutes until the skin is black in places.
                    2. Let stand covered for 15 minutes.
                    3. Peel them for 6 minutes."""));

    /** How something that is usually bought is made, if that is written here. */
    public static Optional<HomeMade> of(String item) {
        return ALL.stream().filter(made -> made.item.equals(item)).findFirst();
    }

    /** All of them. */
    public static List<HomeMade> all() {
        return ALL;
    }

    /** What the component is called. */
    public String title(Catalogue catalogue) {
        String name = catalogue.get(item).shortName();
        return "Home-made " + name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    /** The recipe as a dish of one component. */
    public Draft sheet(Catalogue builtIn) {
        String text = title(builtIn) + "\nServes 1\n\nIngredients\n" + recipe;
        DishProposal proposal =
                DishProposal.of(RecipeReader.read(text, builtIn, Measures.METRIC), new Weigher(Measures.METRIC));
        return Draft.of(proposal, "", Measures.METRIC);
    }

    /**
     * The dish with this made in it instead of bought: its own component, as much as the line asks for; what used the
     * line waits for it.
     *
     * @param grams that the line asks for, above 0
     */
    Draft inPlaceOf(Draft sheet, IngredientLine line, BigDecimal grams, Catalogue builtIn) throws RefusedEditException {
        Draft made = sheet(builtIn);
        BigDecimal servings = Decimals.ratio(sheet.dish().servings().multiply(BigDecimal.valueOf(yields)), grams);
        Draft sized = Edits.dish(made.in(sheet.measures()), made.dish().title(), servings);
        Draft with =
                Edits.bringIn(sheet, sized, sized.dish().components().get(0).id());
        List<Step> steps = with.dish()
                .components()
                .get(with.dish().components().size() - 1)
                .steps();
        After done = After.of(steps.get(steps.size() - 1).id());
        Draft tied = with.eachStep(
                step -> step.uses().stream().noneMatch(use -> use.ingredient().equals(line.id()))
                        ? step
                        : step.withAfter(Stream.concat(step.after().stream(), Stream.of(done))
                                .toList()));
        return Edits.removeLine(first(tied, done.step()), line.id());
    }

    /** The last component put in front of the first that waits for its last step: nobody reads a recipe backwards. */
    private static Draft first(Draft sheet, String last) {
        List<Component> components = new ArrayList<>(sheet.dish().components());
        Component made = components.remove(components.size() - 1);
        int at = 0;
        while (at < components.size()
                && components.get(at).steps().stream().noneMatch(step -> step.after().stream()
                        .anyMatch(after -> after.step().equals(last)))) {
            at++;
        }
        components.add(at, made);
        return sheet.with(sheet.dish().withComponents(components));
    }

    /** The component of a dish that was put in by {@link #inPlaceOf}, if it still is there. */
    Optional<Component> in(Draft sheet, Catalogue builtIn) {
        return sheet.dish().components().stream()
                .filter(own -> own.base()
                        .filter(base -> base.title().equals(title(builtIn)))
                        .isPresent())
                .filter(own -> !own.steps().isEmpty() && !own.ingredients().isEmpty())
                .findFirst();
    }

    /** The way back: the component goes, and as much is bought as it gave. */
    Draft bought(Draft sheet, Component made, Catalogue builtIn) throws RefusedEditException {
        IngredientLine first = made.ingredients().get(0);
        IngredientLine written = sheet(builtIn)
                .dish()
                .lines()
                .filter(line -> line.item().equals(first.item()))
                .findFirst()
                .orElse(first);
        BigDecimal factor = Decimals.ratio(grams(sheet, first, builtIn), grams(sheet(builtIn), written, builtIn));
        BigDecimal grams =
                Decimals.tenths(factor.multiply(BigDecimal.valueOf(yields))).max(new BigDecimal("0.1"));
        String last = made.steps().get(made.steps().size() - 1).id();
        Optional<Step> user = sheet.dish()
                .steps()
                .filter(step ->
                        step.after().stream().anyMatch(after -> after.step().equals(last)))
                .findFirst();
        String home = user.flatMap(step -> sheet.home(step.id()))
                .map(Component::id)
                .orElseGet(() -> sheet.dish().components().stream()
                        .filter(own -> !own.equals(made))
                        .map(Component::id)
                        .findFirst()
                        .orElse(made.id()));
        String id = Edits.newLine(sheet, item);
        Draft listed = Edits.line(sheet, home, IngredientLine.of(id, item, Optional.of(Amount.of(grams, Unit.G))));
        Draft used = user.isEmpty()
                ? listed
                : Edits.change(
                        listed,
                        user.get().id(),
                        step -> step.withUses(
                                Stream.concat(step.uses().stream(), Stream.of(new Use(id, BigDecimal.ONE)))
                                        .toList()));
        Draft untied = used.eachStep(step -> step.withAfter(step.after().stream()
                .filter(after -> !after.step().equals(last))
                .toList()));
        return Edits.removeComponent(untied, made.id());
    }

    private static BigDecimal grams(Draft sheet, IngredientLine line, Catalogue builtIn) {
        return line.amount()
                .flatMap(
                        amount -> sheet.weigher().grams(sheet.catalogue(builtIn).get(line.item()), amount))
                .orElse(BigDecimal.ONE);
    }
}
