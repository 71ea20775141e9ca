package hopsel.core.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.OwnMenu;
import hopsel.core.diet.Serving;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Unit;
import hopsel.core.measure.Working;
import hopsel.core.mise.Batches;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Fills the kits of a class; section 7 of the contract. */
public final class KitPacker {

    private final CookingClass cooking;
    private final OwnMenu menu;
    private final Batches batches;

    private KitPacker(CookingClass cooking, OwnMenu menu, Batches batches) {
        this.cooking = cooking;
        this.menu = menu;
        this.batches = batches;
    }

    /** The kits of all attendees who get one, in their order. */
    public static List<Kit> pack(CookingClass cooking, Catalogue builtIn, Batches batches) {
        KitPacker packer = new KitPacker(cooking, OwnMenu.of(cooking, builtIn), batches);
        return cooking.attendees().stream()
                .filter(attendee -> attendee.gets().kit())
                .map(packer::pack)
                .toList();
    }

    /** The kit of one attendee. */
    public static Kit pack(CookingClass cooking, Catalogue builtIn, Batches batches, Attendee attendee) {
        return new KitPacker(cooking, OwnMenu.of(cooking, builtIn), batches).pack(attendee);
    }

    /** What somebody has at home and what the host gives, as it is for them, whether or not they get a kit. */
    public static List<Kit.Beside> beside(CookingClass cooking, Catalogue builtIn, Attendee attendee) {
        return beside(cooking, OwnMenu.of(cooking, builtIn), attendee);
    }

    private Kit pack(Attendee attendee) {
        List<Kit.Line> lines = new ArrayList<>();
        List<Kit.Refusal> refusals = new ArrayList<>();
        for (Dish whole : cooking.dishes()) {
            Dish dish = menu.own(whole, attendee);
            dish.lines()
                    .filter(line -> line.from() == Source.KIT)
                    .forEach(line -> add(dish, line, attendee, lines, refusals));
        }
        return new Kit(attendee, lines, refusals, beside(cooking, menu, attendee));
    }

    /** What they have at home and what the host gives; what is left out for them is not in it. */
    private static List<Kit.Beside> beside(CookingClass cooking, OwnMenu menu, Attendee attendee) {
        return cooking.dishes().stream()
                .map(dish -> menu.own(dish, attendee))
                .flatMap(dish -> dish.lines()
                        .filter(line -> line.from() != Source.KIT)
                        .flatMap(line -> beside(menu, dish, line, attendee).stream()))
                .toList();
    }

    private static Optional<Kit.Beside> beside(OwnMenu menu, Dish dish, IngredientLine line, Attendee attendee) {
        Serving serving = menu.serve(dish, line, attendee);
        if (serving instanceof Serving.LeftOut) {
            return Optional.empty();
        }
        if (serving instanceof Serving.Substituted other) {
            return Optional.of(new Kit.Beside(
                    dish.id(),
                    line.id(),
                    other.substitution().use(),
                    line.from(),
                    Optional.of(line.item()),
                    List.of()));
        }
        List<String> refused = serving instanceof Serving.CannotServe refusal ? refusal.reasons() : List.of();
        return Optional.of(new Kit.Beside(dish.id(), line.id(), line.item(), line.from(), Optional.empty(), refused));
    }

    private void add(
            Dish dish, IngredientLine line, Attendee attendee, List<Kit.Line> lines, List<Kit.Refusal> refusals) {
        Serving serving = menu.serve(dish, line, attendee);
        BigDecimal grams = batches.grams(dish, line, attendee.servings());
        Working working = batches.working(dish, line, attendee.servings());
        if (serving instanceof Serving.CannotServe refusal) {
            refusals.add(new Kit.Refusal(dish.id(), line.id(), line.item(), refusal.reasons()));
        } else if (line.amount().isPresent() && serving instanceof Serving.AsWritten) {
            lines.add(new Kit.Line(
                    dish.id(),
                    line.id(),
                    line.item(),
                    grams,
                    line.amount().get().certain(grams),
                    Optional.empty(),
                    working,
                    line.amount().get().unit() == Unit.PIECE,
                    line.byTaste().map(ByTaste::cue)));
        } else if (line.amount().isPresent() && serving instanceof Serving.Substituted other) {
            BigDecimal ratio = other.substitution().ratio();
            BigDecimal weight = grams.multiply(ratio, Decimals.EXACT);
            lines.add(new Kit.Line(
                    dish.id(),
                    line.id(),
                    other.substitution().use(),
                    weight,
                    line.amount().get().certain(weight),
                    Optional.of(line.item()),
                    working.then(Working.Operation.RATIO, ratio),
                    false,
                    Optional.empty()));
        }
    }
}
