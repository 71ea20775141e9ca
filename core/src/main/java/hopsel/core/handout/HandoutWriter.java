package hopsel.core.handout;

import hopsel.core.caution.CautionFinder;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.diet.Menu;
import hopsel.core.diet.Serving;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Work;
import hopsel.core.handout.Handout.ComponentPart;
import hopsel.core.handout.Handout.DishPart;
import hopsel.core.handout.Handout.Line;
import hopsel.core.handout.Handout.Line.State;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.measure.Amount;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.mise.Batches;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes the handout of an attendee: their servings, their substitutions, the class's measures and grams. */
public final class HandoutWriter {

    private final CookingClass cooking;
    private final Catalogue catalogue;
    private final Menu menu;
    private final Batches batches;
    private final Attendee attendee;

    private HandoutWriter(CookingClass cooking, Catalogue builtIn, Batches batches, Attendee attendee) {
        this.cooking = cooking;
        this.catalogue = cooking.catalogue(builtIn);
        this.menu = Menu.of(cooking, builtIn);
        this.batches = batches;
        this.attendee = attendee;
    }

    /** The handout of one attendee. */
    public static Handout write(CookingClass cooking, Catalogue builtIn, Batches batches, Attendee attendee) {
        HandoutWriter writer = new HandoutWriter(cooking, builtIn, batches, attendee);
        return new Handout(attendee, cooking.dishes().stream().map(writer::dish).toList());
    }

    private DishPart dish(Dish dish) {
        List<Item> used = new ArrayList<>();
        List<ComponentPart> components = dish.components().stream().map(component -> component(dish, component, used)).toList();
        List<Allergen> allergens = CautionFinder.allergens(used);
        return new DishPart(dish.title(), components, allergens, madeWithout(used), CautionFinder.of(dish, catalogue),
                seconds(dish, Work.HANDS), seconds(dish, Work.WATCH), seconds(dish, Work.REST));
    }

    private List<String> madeWithout(List<Item> used) {
        return attendee.avoids().stream().filter(word -> used.stream()
                .noneMatch(item -> Menu.avoided(item, attendee).contains(word))).toList();
    }

    private static int seconds(Dish dish, Work work) {
        return dish.steps().filter(step -> step.work() == work).mapToInt(step -> step.minutes().likely().seconds()).sum();
    }

    private ComponentPart component(Dish dish, Component component, List<Item> used) {
        List<Line> lines = component.ingredients().stream().map(line -> line(dish, line, used)).toList();
        return new ComponentPart(component.title(), lines, component.steps());
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
        State state = serving instanceof Serving.LeftOut ? State.LEFT_OUT
                : serving instanceof Serving.CannotServe ? State.CANNOT_SERVE : State.AS_WRITTEN;
        Optional<BigDecimal> grams = line.amount().map(any -> batches.grams(dish, line, attendee.servings()));
        return new Line(written.name(), line.amount().map(amount -> measured(dish, line, amount)), grams,
                batches.working(dish, line, attendee.servings()), line.prep(), line.optional(), line.from(), state,
                Optional.empty(), Optional.empty(), reasons(serving), written.origin() == Origin.CHECK_LABEL);
    }

    private static List<String> reasons(Serving serving) {
        return serving instanceof Serving.LeftOut out ? out.reasons()
                : serving instanceof Serving.CannotServe refusal ? refusal.reasons() : List.of();
    }

    private Line substituted(Dish dish, IngredientLine line, Item written, Item item, Serving.Substituted serving) {
        Substitution substitution = serving.substitution();
        Optional<BigDecimal> grams = line.amount().map(any -> batches.grams(dish, line, attendee.servings())
                .multiply(substitution.ratio(), Decimals.EXACT));
        Working working = batches.working(dish, line, attendee.servings());
        return new Line(item.name(), grams.map(weight -> spooned(item, weight)), grams,
                line.amount().isPresent() ? working.then(Working.Kind.RATIO, substitution.ratio()) : working, line.prep(),
                line.optional(), line.from(), State.SUBSTITUTED, Optional.of(written.name()), Optional.of(substitution),
                serving.reasons(), item.origin() == Origin.CHECK_LABEL);
    }

    /** In the unit of the recipe; both ends of a range. */
    private String measured(Dish dish, IngredientLine line, Amount amount) {
        BigDecimal factor = line.scaling().factor(Decimals.ratio(attendee.servings(), dish.servings()));
        return CookAmount.of(amount, factor, cooking.measures());
    }

    /** What stands in is weighed; where its density is known, small amounts are given in spoons. */
    private String spooned(Item item, BigDecimal grams) {
        BigDecimal spoon = cooking.measures().millilitres(Unit.TBSP).orElseThrow();
        Optional<BigDecimal> spoons = item.gramsPerMl().map(density -> Decimals.ratio(grams, density.multiply(spoon)));
        return spoons.filter(number -> number.compareTo(BigDecimal.valueOf(8)) <= 0)
                .map(number -> CookAmount.of(number, Unit.TBSP, cooking.measures())).orElseGet(() -> CookAmount.grams(grams));
    }
}
