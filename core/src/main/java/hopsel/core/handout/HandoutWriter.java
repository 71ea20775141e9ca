package hopsel.core.handout;

import hopsel.core.caution.CautionFinder;
import hopsel.core.caution.FoundCaution;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.Serving;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Handout.ComponentPart;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.ForYou;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.Handout.Line.State;
import hopsel.core.handout.Handout.StepPart;
import hopsel.core.handout.Handout.Swap;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Substitution;
import hopsel.core.measure.Amount;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.mise.Batches;
import hopsel.core.nutrition.NutritionFacts;
import hopsel.core.nutrition.NutritionFacts.Part;
import hopsel.core.recipe.CookName;
import hopsel.core.recipe.PrepWords;
import hopsel.core.recipe.ScaledText;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Writes the handout of an attendee: their servings, their substitutions, the class's measures and grams. */
public final class HandoutWriter {

    private final CookingClass cooking;
    private final Catalogue catalogue;
    private final OwnMenu menu;
    private final Batches batches;
    private final Attendee attendee;
    private final HostWords words;
    private final Set<String> labelsRead;
    private final Map<Dish, DishFacts> known;

    private HandoutWriter(
            CookingClass cooking,
            Catalogue builtIn,
            Batches batches,
            Attendee attendee,
            HostWords words,
            Set<String> labelsRead,
            Map<Dish, DishFacts> known) {
        this.labelsRead = labelsRead;
        this.cooking = cooking;
        this.catalogue = cooking.catalogue(builtIn);
        this.menu = OwnMenu.of(cooking, builtIn);
        this.batches = batches;
        this.attendee = attendee;
        this.words = words;
        this.known = known;
    }

    /**
     * The handout of one attendee, with what the host writes.
     *
     * @param labelsRead ids of items whose labels somebody read for this class
     */
    public static Handout write(
            CookingClass cooking,
            Catalogue builtIn,
            Batches batches,
            Attendee attendee,
            HostWords words,
            Set<String> labelsRead) {
        return write(cooking, builtIn, batches, attendee, words, labelsRead, new HashMap<>());
    }

    /**
     * One of many handouts of the same class and words.
     *
     * @param known what is the same for everybody, by dish; filled as it is worked out
     */
    public static Handout write(
            CookingClass cooking,
            Catalogue builtIn,
            Batches batches,
            Attendee attendee,
            HostWords words,
            Set<String> labelsRead,
            Map<Dish, DishFacts> known) {
        HandoutWriter writer = new HandoutWriter(cooking, builtIn, batches, attendee, words, labelsRead, known);
        return new Handout(
                attendee,
                cooking.dishes().stream()
                        .flatMap(dish -> writer.menu.all(dish, attendee).stream())
                        .map(writer::dish)
                        .toList());
    }

    private DishPart dish(Dish dish) {
        List<Item> used = new ArrayList<>();
        List<Part> eaten = new ArrayList<>();
        BigDecimal factor = Decimals.ratio(attendee.servings(), dish.servings());
        List<ComponentPart> components = dish.components().stream()
                .map(component -> component(dish, component, factor, used, eaten))
                .toList();
        DishWords own = words.dish(dish.id());
        DishFacts facts = known.computeIfAbsent(dish, any -> DishFacts.of(cooking, dish, catalogue, own, labelsRead));
        List<FoundCaution> cautions = facts.cautions().stream()
                .filter(found -> !own.hidden().containsKey(found.caution()))
                .toList();
        return new DishPart(
                dish.id(),
                dish.titleForSome(),
                components,
                CautionFinder.allergens(used),
                facts.check().madeWithout(attendee, used),
                facts.check().doubtsFor(attendee, used),
                cautions,
                seconds(components, Work.HANDS),
                seconds(components, Work.WATCH),
                seconds(components, Work.REST),
                Strand.end(facts.strands()),
                facts.strands(),
                facts.tools(),
                facts.keeping(),
                swaps(dish),
                NutritionFacts.of(eaten),
                own);
    }

    /** What the class knows to stand in for a line of the dish that this attendee eats as written. */
    private List<Swap> swaps(Dish dish) {
        return cooking.substitutions().stream()
                .filter(own ->
                        OwnMenu.avoided(catalogue.get(own.use()), attendee).isEmpty())
                .filter(own -> dish.lines()
                        .anyMatch(line -> line.item().equals(own.replaced())
                                && menu.serve(dish, line, attendee) instanceof Serving.AsWritten))
                .map(own -> new Swap(
                        catalogue.get(own.replaced()).name(),
                        catalogue.get(own.use()).name(),
                        own.effect().or(own::note).orElse("")))
                .toList();
    }

    private static int seconds(List<ComponentPart> components, Work work) {
        return components.stream()
                .flatMap(component -> component.steps().stream())
                .filter(part -> part.step().work() == work)
                .mapToInt(part -> part.step().minutes().likely().seconds())
                .sum();
    }

    private ComponentPart component(
            Dish dish, Component component, BigDecimal factor, List<Item> used, List<Part> eaten) {
        List<Line> lines = component.ingredients().stream()
                .map(line -> line(dish, line, used))
                .toList();
        lines.stream()
                .filter(line -> line.state() != State.LEFT_OUT && line.state() != State.CANNOT_SERVE)
                .forEach(line -> eaten.add(new Part(catalogue.get(line.item()), line.grams())));
        return new ComponentPart(
                component.title(),
                lines,
                component.steps().stream().map(step -> step(dish, step, factor)).toList());
    }

    private StepPart step(Dish dish, Step step, BigDecimal factor) {
        List<ForYou> different = new ArrayList<>();
        List<Seasoning> tastes = new ArrayList<>();
        step.uses().stream().map(use -> dish.line(use.ingredient())).forEach(line -> {
            Serving serving = menu.serve(dish, line, attendee);
            if (serving instanceof Serving.Substituted other) {
                different.add(new ForYou(
                        catalogue.get(line.item()).name(),
                        Optional.of(catalogue.get(other.substitution().use()).name())));
            } else if (!(serving instanceof Serving.AsWritten)) {
                different.add(new ForYou(catalogue.get(line.item()).name(), Optional.empty()));
            }
            if (serving instanceof Serving.AsWritten) {
                Seasoning.of(line, catalogue.get(line.item()).name(), factor, cooking.measures())
                        .ifPresent(tastes::add);
            }
        });
        return new StepPart(
                step,
                StepScale.of(step, factor),
                ScaledText.of(dish, step, factor, catalogue, cooking.measures()),
                different,
                tastes);
    }

    private Line line(Dish dish, IngredientLine line, List<Item> used) {
        Serving serving = menu.serve(dish, line, attendee);
        Item written = catalogue.get(line.item());
        if (serving instanceof Serving.Substituted other) {
            Item item = catalogue.get(other.substitution().use());
            used.add(item);
            return substituted(dish, line, written, item, other);
        }
        if (!(serving instanceof Serving.LeftOut)) {
            used.add(written);
        }
        State state;
        if (serving instanceof Serving.LeftOut) {
            state = State.LEFT_OUT;
        } else if (serving instanceof Serving.CannotServe) {
            state = State.CANNOT_SERVE;
        } else {
            state = State.AS_WRITTEN;
        }
        Optional<BigDecimal> grams = line.amount().map(any -> batches.grams(dish, line, attendee.servings()));
        return new Line(
                line.said()
                        .orElseGet(() ->
                                CookName.of(written, line.amount().map(amount -> amount.times(factor(dish, line))))),
                line.amount().map(amount -> measured(dish, line, amount)),
                grams,
                batches.working(dish, line, attendee.servings()),
                line.prep().flatMap(PrepWords::unmeasured),
                line.optional(),
                line.from(),
                state,
                Optional.empty(),
                Optional.empty(),
                reasons(serving),
                written.origin() == Origin.CHECK_LABEL,
                line.id(),
                line.item());
    }

    private static List<String> reasons(Serving serving) {
        if (serving instanceof Serving.LeftOut out) {
            return out.reasons();
        }
        if (serving instanceof Serving.CannotServe refusal) {
            return refusal.reasons();
        }
        return List.of();
    }

    private Line substituted(Dish dish, IngredientLine line, Item written, Item item, Serving.Substituted serving) {
        Substitution substitution = serving.substitution();
        Optional<BigDecimal> grams = line.amount().map(any -> batches.grams(dish, line, attendee.servings())
                .multiply(substitution.ratio(), Decimals.EXACT));
        Working working = batches.working(dish, line, attendee.servings());
        return new Line(
                item.name(),
                grams.map(weight -> spooned(item, weight)),
                grams,
                line.amount().isPresent() ? working.then(Working.Operation.RATIO, substitution.ratio()) : working,
                line.prep().flatMap(PrepWords::unmeasured),
                line.optional(),
                line.from(),
                State.SUBSTITUTED,
                Optional.of(written.name()),
                Optional.of(substitution),
                serving.reasons(),
                item.origin() == Origin.CHECK_LABEL,
                line.id(),
                item.id());
    }

    /** In the unit of the recipe; both ends of a range. */
    private String measured(Dish dish, IngredientLine line, Amount amount) {
        return CookAmount.of(amount, factor(dish, line), cooking.measures());
    }

    private BigDecimal factor(Dish dish, IngredientLine line) {
        return line.scaling().factor(Decimals.ratio(attendee.servings(), dish.servingsOf(line)));
    }

    /** What stands in is weighed; where its density is known, small amounts are given in spoons. */
    private String spooned(Item item, BigDecimal grams) {
        BigDecimal spoon = cooking.measures().millilitres(Unit.TBSP).orElseThrow();
        Optional<BigDecimal> spoons = item.gramsPerMl().map(density -> Decimals.ratio(grams, density.multiply(spoon)));
        return spoons.filter(number -> number.compareTo(BigDecimal.valueOf(8)) <= 0)
                .map(number -> CookAmount.of(number, Unit.TBSP, cooking.measures()))
                .orElseGet(() -> CookAmount.grams(grams));
    }
}
