package hopsel.core.bench;

import hopsel.core.dish.Component;
import hopsel.core.dish.Step;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Product;
import hopsel.core.item.Catalogue;
import hopsel.core.recipe.LineReader;
import hopsel.core.recipe.ReadLine;
import hopsel.core.recipe.RecipeReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * A line of a recipe that speaks of what another part of it makes: it is not bought.
 *
 * @param passage as it was written
 * @param part that makes it
 * @param asked grams that the line asks for; empty: it does not say, or nobody knows what that weighs
 * @param made grams that the part gives, steam not reckoned; empty where not all of it has a weight
 */
record MadeHere(String passage, Component part, Optional<BigDecimal> asked, Optional<BigDecimal> made) {

    /** What a passage speaks of, if a part of the dish makes it. */
    static Optional<MadeHere> of(String passage, Draft sheet, Catalogue catalogue) {
        ReadLine read = new LineReader(catalogue, sheet.measures()).read(passage);
        return sheet.dish().components().stream()
                .filter(part -> !part.steps().isEmpty() && RecipeReader.names(read, part.title()))
                .findFirst()
                .map(part -> new MadeHere(passage, part, asked(read, sheet), made(part, sheet, catalogue)));
    }

    private static Optional<BigDecimal> asked(ReadLine read, Draft sheet) {
        return read.item()
                .flatMap(item -> read.amount().flatMap(amount -> sheet.weigher().grams(item, amount)));
    }

    private static Optional<BigDecimal> made(Component part, Draft sheet, Catalogue catalogue) {
        Step last = part.steps().get(part.steps().size() - 1);
        return FoodFlow.of(sheet.dish(), catalogue)
                .product(last.id())
                .filter(product -> isOf(product, part))
                .flatMap(product -> product.grams(sheet.weigher()));
    }

    private static boolean isOf(Product product, Component part) {
        return product.parts().stream().allMatch(own -> part.ingredients().contains(own.line()));
    }

    /** Whether more is asked for than is made. */
    boolean isShort() {
        return asked.isPresent() && made.isPresent() && asked.get().compareTo(made.get()) > 0;
    }

    /** What there is to say about it. */
    String message() {
        String gives =
                made.map(grams -> " gives about %s g".formatted(whole(grams))).orElse(" makes it");
        if (isShort()) {
            return "“%s” asks for more than this recipe makes: “%s”%s. Make more of it, or ask for less."
                    .formatted(Words.shortened(passage), part.title(), gives);
        }
        String left = asked.isPresent() && made.isPresent()
                ? ", of which %s g are left for elsewhere"
                        .formatted(whole(made.get().subtract(asked.get())))
                : "";
        return "“%s” is made in this recipe: “%s”%s%s. It isn't bought."
                .formatted(Words.shortened(passage), part.title(), gives, left);
    }

    private static String whole(BigDecimal grams) {
        return grams.setScale(0, RoundingMode.HALF_UP).toPlainString();
    }
}
