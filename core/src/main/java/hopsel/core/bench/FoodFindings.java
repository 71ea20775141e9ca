package hopsel.core.bench;

import hopsel.core.bench.Objection.Rule;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Vessel;
import hopsel.core.food.ByEye;
import hopsel.core.food.Condition;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Keeps;
import hopsel.core.food.Part;
import hopsel.core.food.Product;
import hopsel.core.food.UsualTime;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.PrepWords;
import hopsel.core.recipe.TechniqueReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What follows from cooking the text: what would be served raw, run over, or be done in the wrong order. */
final class FoodFindings extends Findings {

    /** Minutes at a boil below which soaked beans and chickpeas are not soft; kitchen practice. */
    private static final int BEANS_COOK = 40;
    /** Minutes at a rolling boil before anything slower; see the cautions of the trade. */
    private static final int HARD_BOIL = 10;
    /** Likewise lentils and split peas. */
    private static final int LENTILS_COOK = 12;

    /** Minutes of heat from which a grain that lay in nothing wet is taken to be soft; kitchen practice. */
    private static final int GRAIN_COOKS = 8;

    private static final BigDecimal LITRE = BigDecimal.valueOf(1000);

    /** Lines that were spoken of; a line may be in more than one thing that is served. */
    private final Set<String> told = new HashSet<>();

    FoodFindings(Draft sheet, Catalogue builtIn, FoodFlow flow) {
        super(sheet, builtIn, flow);
    }

    @Override
    void look() {
        flow.served().forEach(product -> product.inIt().forEach(this::raw));
        sheet.dish().lines().forEach(this::byEye);
        sheet.dish().components().forEach(component -> component.steps().forEach(step -> step(component, step)));
    }

    private void raw(Part part) {
        Item item = part.item();
        if (item.has(Trait.PULSE) && item.has(Trait.DRIED)) {
            pulse(part);
        } else if (UsualTime.isDryGrain(item)) {
            grain(part);
        } else if (item.has(Trait.FLOUR)
                && !part.isCooked()
                && !isBase()
                && told.add(part.line().id())) {
            object(
                    Rule.RAW_FLOUR,
                    part.line().id(),
                    ("Served raw: %s. No step heats it, and raw flour makes people ill; toast, bake or boil what it is "
                                    + "in.")
                            .formatted(item.name()));
        } else if (item.has(Trait.MUSHROOM)
                && !part.isCooked()
                && told.add(part.line().id())) {
            object(
                    Rule.RAW_MUSHROOM,
                    part.line().id(),
                    "Served raw: %s. No step heats it; cook mushrooms through.".formatted(item.name()));
        }
    }

    /** A dough that is cooked in another dish. */
    private boolean isBase() {
        return flow.served().stream().allMatch(product -> product.is(Condition.DOUGH))
                && flow.all().stream().noneMatch(product -> product.is(Condition.HOT));
    }

    /** Every dried pulse cooks as long as it takes to be soft, wherever in the dish that happens. */
    private void pulse(Part part) {
        int needs = part.item().has(Trait.DRY_BEAN) ? BEANS_COOK : LENTILS_COOK;
        if (part.boiled() < needs && told.add(part.line().id())) {
            object(
                    Rule.RAW_PULSE,
                    part.line().id(),
                    ("%s cook for %d minutes in all, and are raw before %d. Give them longer, or say that they are "
                                    + "cooked already by choosing the canned ones.")
                            .formatted(part.item().name(), part.boiled(), needs));
        }
    }

    /** What is stirred in dry stays hard, unless it lay in something wet, or was hot for long. */
    private void grain(Part part) {
        String name = part.item().shortName().toLowerCase(Locale.ROOT);
        if (!part.soaked()
                && part.boiled() < GRAIN_COOKS
                && told.add(part.line().id())) {
            object(
                    Rule.RAW_GRAIN,
                    part.line().id(),
                    "Goes in dry and stays hard: %s. No step cooks or soaks it.".formatted(name),
                    "Boil it first",
                    now -> Insertions.boilFirst(
                            now, part.line().id(), name, UsualTime.boiled(part.line(), part.item())));
        }
    }

    /** What nobody measures is not bought, not weighed and not packed, unless it is estimated. */
    private void byEye(IngredientLine line) {
        boolean open = line.amount().isEmpty() && !line.optional() && PrepWords.isToTaste(line.prep());
        Optional<Item> item = catalogue.find(line.item()).filter(known -> open);
        item.flatMap(known -> estimate(known, line, sheet.dish()))
                .ifPresent(estimate -> object(
                        Rule.BY_EYE,
                        line.id(),
                        "“To taste”, so none is bought, weighed or packed: %s."
                                .formatted(item.get().name()),
                        "By eye: " + said(estimate),
                        now -> now.eachLine(own -> own.id().equals(line.id()) ? estimated(own, estimate) : own)));
    }

    /** What a cook takes by eye for a line; oil to deep-fry in goes by the pot. */
    static Optional<ByEye.Estimate> estimate(Item item, IngredientLine line, Dish dish) {
        boolean deep = PrepWords.isToDeepFry(line.prep().orElse(""))
                || dish.steps().anyMatch(step -> uses(step, line) && PrepWords.isToDeepFry(step.title()));
        return item.falls(HouseRule.OIL) && deep ? Optional.of(ByEye.deepOil()) : ByEye.of(item, dish.servings());
    }

    private static boolean uses(Step step, IngredientLine line) {
        return step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id()));
    }

    static IngredientLine estimated(IngredientLine line, ByEye.Estimate estimate) {
        return line.measured(Optional.of(estimate.amount())).withByTaste(Optional.of(estimate.byTaste()));
    }

    /** Such as "20 to 50 ml". */
    static String said(ByEye.Estimate estimate) {
        return "%s to %s %s"
                .formatted(
                        plain(estimate.byTaste().start()),
                        plain(estimate.byTaste().ceiling()),
                        estimate.amount().unit().word());
    }

    private void step(Component component, Step step) {
        keeps(step);
        gentle(step);
        blender(component, step);
        glaze(step);
        overflow(step);
    }

    /** Beans go into nothing that only warms them before they have boiled hard: their poison gets stronger there. */
    private void gentle(Step step) {
        if (step.needs().stream().noneMatch(need -> need.does(Does.GENTLE))) {
            return;
        }
        List<Part> before = flow.into(step).stream()
                .flatMap(product -> product.inIt().stream())
                .toList();
        flow.product(step.id()).stream()
                .flatMap(product -> product.inIt().stream())
                .filter(part -> part.item().has(Trait.DRY_BEAN))
                .filter(part ->
                        before.stream().noneMatch(own -> own.line().equals(part.line()) && own.boiled() >= HARD_BOIL))
                .forEach(part -> rawInGentle(step, part));
    }

    private void rawInGentle(Step step, Part part) {
        String line = part.line().id();
        String message =
                ("%s go into the %s raw. Boil them hard for %d minutes on a ring first: in there they never come "
                                + "to a boil, and stay poisonous.")
                        .formatted(part.item().name(), gentlePlace(step), HARD_BOIL);
        Optional<Step> soak = sheet.dish()
                .steps()
                .filter(own -> !own.id().equals(step.id()))
                .filter(own ->
                        own.uses().stream().anyMatch(use -> use.ingredient().equals(line)))
                .findFirst();
        if (soak.isPresent()) {
            object(
                    Rule.DRY_BEANS,
                    step.id(),
                    message,
                    "Boil them first",
                    now -> Insertions.boilBehind(now, soak.get().id(), line));
        } else {
            object(
                    Rule.DRY_BEANS,
                    step.id(),
                    message,
                    "Soak and boil them first",
                    now -> Insertions.soakAndBoil(now, line));
        }
    }

    private static String gentlePlace(Step step) {
        return step.needs().stream()
                .filter(need -> need.does(Does.GENTLE))
                .map(need -> need.kind().replace('-', ' '))
                .findFirst()
                .orElseThrow();
    }

    private void keeps(Step step) {
        Optional<Keeps> row = Keeps.of(sheet.dish(), step, flow);
        if (step.keeps().isEmpty() && row.isPresent()) {
            int minutes = row.get().minutes();
            object(
                    Rule.KEEPS,
                    step.id(),
                    "How long can the result of “%s” wait? %s".formatted(step.title(), why(row.get())),
                    minutes == 0 ? "No wait – use it at once" : "It keeps %d min".formatted(minutes),
                    now -> Edits.change(now, step.id(), own -> own.withKeeps(Optional.of(Minutes.of(minutes)))));
        }
    }

    private static String why(Keeps row) {
        return switch (row) {
            case DEGLAZED -> "A deglazed pan can't wait.";
            case IN_THE_PAN -> "A hot pan can't wait.";
            case DRAINED_PASTA -> "Drained, it sticks together within minutes.";
            case CRISP -> "Crisp things stay crisp for minutes.";
            case MELTED -> "It sets again as it cools.";
            case WARMED -> "Warmed through, it soon goes lukewarm.";
            case DRESSED -> "Dressed leaves wilt.";
            case BATTER -> "Batter thickens and loses its lift.";
        };
    }

    /** Hot liquid in a jar that is closed while it whirls. */
    private void blender(Component component, Step step) {
        boolean closed = step.needs().stream().anyMatch(Need::isClosedJar);
        Optional<Product> hot = flow.into(step).stream()
                .filter(product -> product.is(Condition.HOT))
                .findFirst();
        if (closed && hot.isPresent()) {
            String from = sheet.step(hot.get().step()).map(Step::title).orElse("");
            object(
                    Rule.HOT_BLENDER,
                    step.id(),
                    "“%s” puts what comes hot from “%s” into a closed blender.".formatted(step.title(), from),
                    "Let it cool for 10 minutes first",
                    now -> Insertions.coolBefore(now, component.id(), step.id()));
        }
    }

    /** A glaze runs into the cuts. */
    private void glaze(Step step) {
        boolean glazes = TechniqueReader.of(step).contains(Technique.GLAZE);
        boolean cut = flow.into(step).stream().anyMatch(product -> product.is(Condition.SLICED));
        if (glazes && cut) {
            object(
                    Rule.ORDER,
                    step.id(),
                    "“%s” comes after the slicing and would run into the cuts. Move it before."
                            .formatted(step.title()));
        }
    }

    /** What bubbles or rises fills its vessel to 85 % at most. */
    private void overflow(Step step) {
        boolean oven = step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN));
        Optional<Vessel> vessel = sheet.dish().vessel().filter(any -> oven);
        Optional<BigDecimal> millilitres =
                flow.product(step.id()).flatMap(product -> product.millilitres(sheet.weigher()));
        if (vessel.isPresent()
                && millilitres
                        .filter(needed -> needed.compareTo(vessel.get().fill()) > 0)
                        .isPresent()) {
            object(
                    Rule.OVERFLOW,
                    step.id(),
                    ("“%s” has about %s l to go into a dish that holds %s l when it is 85 %% full. Take a bigger one, "
                                    + "or two.")
                            .formatted(
                                    step.title(),
                                    litres(millilitres.get()),
                                    litres(vessel.get().fill())));
        }
    }

    private static String litres(BigDecimal millilitres) {
        return millilitres.divide(LITRE, 1, RoundingMode.HALF_UP).toPlainString();
    }
}
