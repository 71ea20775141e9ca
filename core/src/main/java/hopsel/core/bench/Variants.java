package hopsel.core.bench;

import hopsel.core.dish.Dish;
import hopsel.core.dish.DishVariant;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.Use;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.ForSome;
import hopsel.core.recipe.ItemFinder;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What not everybody gets: mild and hot, with peanuts and without. */
public final class Variants {

    private static final int DIGITS = 4;
    /** How far shares in percent may be off a hundred: thirds, written with one decimal. */
    private static final BigDecimal NEARLY = new BigDecimal("0.2");

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private Variants() {}

    /**
     * A variant as the host types it.
     *
     * @param id as it was; empty: it is new
     * @param title as on a label
     * @param percent of the servings; empty: what the others leave
     */
    public record Typed(Optional<String> id, String title, Optional<BigDecimal> percent) {}

    /**
     * The variants of a dish; lines of one that is gone go into all servings again.
     *
     * @param typed none, or two and more
     * @throws RefusedEditException where it is one alone, or the shares don't come to all servings
     */
    public static Draft set(Draft sheet, List<Typed> typed) throws RefusedEditException {
        if (typed.size() == 1) {
            throw new RefusedEditException("“%s” is alone. Name what the others get as well, such as plain."
                    .formatted(typed.get(0).title()));
        }
        BigDecimal said =
                typed.stream().flatMap(own -> own.percent().stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
        long open = typed.stream().filter(own -> own.percent().isEmpty()).count();
        BigDecimal left = HUNDRED.subtract(said);
        boolean wrong = open > 0 ? left.signum() <= 0 : left.abs().compareTo(NEARLY) > 0;
        if (!typed.isEmpty() && wrong) {
            throw new RefusedEditException(
                    "The shares come to %s percent. Let them come to 100, or leave one open: it gets the rest."
                            .formatted(said.toPlainString()));
        }
        List<DishVariant> all = new ArrayList<>();
        for (Typed own : typed) {
            BigDecimal percent =
                    own.percent().orElseGet(() -> left.divide(BigDecimal.valueOf(open), DIGITS, RoundingMode.HALF_UP));
            all.add(new DishVariant(
                    own.id().orElseGet(() -> free(own.title(), all)),
                    own.title(),
                    Decimals.plain(percent.movePointLeft(2))));
        }
        Set<String> ids = all.stream().map(DishVariant::id).collect(Collectors.toSet());
        return sheet.with(sheet.dish().withVariants(all))
                .eachLine(line -> line.withVariant(line.variant().filter(ids::contains)));
    }

    private static String free(String title, List<DishVariant> all) {
        return Slug.free(
                Slug.of(title), id -> all.stream().anyMatch(own -> own.id().equals(id)));
    }

    /** What a step says of how two lots differ; empty: nothing, or the dish knows it already. */
    static Optional<Split> said(Draft sheet, Step step, Catalogue catalogue) {
        Dish dish = sheet.dish();
        if (!dish.variants().isEmpty()) {
            return Optional.empty();
        }
        return ForSome.of(step.instruction(), dish.servings()).flatMap(some -> split(dish, step, some, catalogue));
    }

    private static Optional<Split> split(Dish dish, Step step, ForSome some, Catalogue catalogue) {
        String text = step.instruction();
        List<IngredientLine> first = named(dish, step, text.substring(0, some.turn()), catalogue);
        List<IngredientLine> second = named(dish, step, text.substring(some.turn()), catalogue);
        if (first.isEmpty()) {
            return Optional.empty();
        }
        String food = name(first.get(0), catalogue);
        String others =
                second.isEmpty() ? some.others().orElse("without " + food) : "with " + name(second.get(0), catalogue);
        return Optional.of(new Split(step.id(), some, "with " + food, others, first, second));
    }

    /** Lines that go in whole at a step and are named in a part of its text. */
    private static List<IngredientLine> named(Dish dish, Step step, String text, Catalogue catalogue) {
        List<String> said = ItemFinder.words(text);
        return step.uses().stream()
                .filter(use -> use.share().compareTo(BigDecimal.ONE) == 0)
                .map(Use::ingredient)
                .map(dish::line)
                .filter(line -> catalogue
                        .find(line.item())
                        .filter(item ->
                                ItemFinder.words(item.shortName()).stream().anyMatch(said::contains))
                        .isPresent())
                .toList();
    }

    private static String name(IngredientLine line, Catalogue catalogue) {
        return catalogue
                .find(line.item())
                .map(Item::shortName)
                .orElse(line.item())
                .toLowerCase(Locale.ROOT);
    }

    /**
     * Two lots of a dish.
     *
     * @param step that tells of both
     * @param some what its text says
     * @param title of the first
     * @param others title of the second
     * @param first lines that go into the first alone
     * @param second lines that go into the second alone
     */
    record Split(
            String step,
            ForSome some,
            String title,
            String others,
            List<IngredientLine> first,
            List<IngredientLine> second) {

        /** The dish with both. */
        Draft apply(Draft sheet) throws RefusedEditException {
            BigDecimal percent = some.share().multiply(HUNDRED);
            Draft both = set(
                    sheet,
                    List.of(
                            new Typed(Optional.empty(), title, Optional.of(percent)),
                            new Typed(Optional.empty(), others, Optional.empty())));
            List<DishVariant> all = both.dish().variants();
            Draft marked = both.eachLine(line -> line.withVariant(of(line, all).or(line::variant)));
            return second.isEmpty() ? marked : parted(marked);
        }

        /** Each kind in a step of its own, so that nobody reads in their handout of what is not in their dish. */
        private Draft parted(Draft sheet) throws RefusedEditException {
            Step whole = sheet.step(step).orElseThrow();
            BigDecimal half = Decimals.ratio(whole.minutes().likely().value(), BigDecimal.valueOf(2));
            Draft cut = Edits.split(sheet, step, Minutes.of(half));
            String second = cut.dish()
                    .steps()
                    .map(Step::id)
                    .filter(id -> sheet.step(id).isEmpty())
                    .findFirst()
                    .orElseThrow();
            return cut.with(cut.dish()
                    .change(step, own -> own.withText(Optional.of(some.first(whole.instruction())))
                            .withUses(uses(whole, this.second, false)))
                    .change(second, own -> own.withTitle(some.others(whole.title()) + others)
                            .withText(Optional.of(some.second(whole.instruction())))
                            .withUses(uses(whole, this.second, true))));
        }

        private static List<Use> uses(Step whole, List<IngredientLine> lines, boolean in) {
            return whole.uses().stream()
                    .filter(use ->
                            in == lines.stream().anyMatch(line -> line.id().equals(use.ingredient())))
                    .toList();
        }

        private Optional<String> of(IngredientLine line, List<DishVariant> all) {
            if (has(first, line)) {
                return Optional.of(all.get(0).id());
            }
            return has(second, line) ? Optional.of(all.get(1).id()) : Optional.empty();
        }

        private static boolean has(List<IngredientLine> lines, IngredientLine line) {
            return lines.stream().anyMatch(own -> own.id().equals(line.id()));
        }
    }
}
