package hopsel.core.recipe;

import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Scaling;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The text of a step with the amounts in it for other servings: "add 200 ml of the stock" for twice as many is 400 ml.
 *
 * <p>An amount follows where it is said of an ingredient of the step, by that line's own way of growing. Minutes,
 * degrees, centimetres and amounts of something else stay.
 */
public final class ScaledText {

    private static final String NUMBER = "(?:\\d+(?:[.,]\\d+)?(?:\\s*[½¼¾⅓⅔⅛]|\\s+\\d/\\d)?|[½¼¾⅓⅔⅛]|\\d/\\d)";
    private static final Pattern SAID = Pattern.compile("(?<![\\p{L}\\d.,/])(" + NUMBER + ")");
    /** Behind these a number is no amount of food. */
    private static final Pattern OTHERWISE =
            Pattern.compile("(?i)\\s*(?:°|degrees|minutes?|min\\b|seconds?|hours?|h\\b|cm|mm|"
                    + "inch|times|rounds|%|/|x\\b|×|to\\b|–|-)");
    /** Words after an amount in which its ingredient is looked for. */
    private static final int NEAR = 5;

    private ScaledText() {}

    /**
     * The text.
     *
     * @param factor servings by servings of the recipe, above 0
     */
    public static String of(Dish dish, Step step, BigDecimal factor, Catalogue catalogue, Measures measures) {
        String text = step.instruction();
        if (factor.compareTo(BigDecimal.ONE) == 0) {
            return text;
        }
        List<Named> named = named(dish, step, catalogue);
        Matcher said = SAID.matcher(text);
        StringBuilder out = new StringBuilder();
        int done = 0;
        while (said.find()) {
            String behind = text.substring(said.end());
            Optional<UnitWords.Found> unit =
                    UnitWords.first(behind).filter(found -> found.word().isUnitItself());
            String rest = behindUnit(behind, unit);
            Optional<Scaling> scaling =
                    isAmount(behind, rest) ? about(rest, named, unit.isPresent()) : Optional.empty();
            Optional<BigDecimal> number = Figure.parse(said.group(1));
            if (scaling.isPresent() && number.isPresent() && number.get().signum() > 0) {
                BigDecimal scaled = number.get().multiply(scaling.get().factor(factor));
                out.append(text, done, said.start()).append(written(scaled, unit, measures));
                done = text.length() - rest.length();
            }
        }
        return out.append(text.substring(done)).toString();
    }

    /** What stands behind the unit; a full stop may end the sentence, and stays. */
    private static String behindUnit(String behind, Optional<UnitWords.Found> unit) {
        String rest = unit.map(UnitWords.Found::rest).orElse(behind);
        boolean stop = behind.substring(0, behind.length() - rest.length()).endsWith(".");
        return stop ? "." + rest : rest;
    }

    private static boolean isAmount(String behind, String rest) {
        return !OTHERWISE.matcher(behind).lookingAt()
                && !OTHERWISE.matcher(rest).lookingAt();
    }

    /** A tin stays a tin. */
    private static String written(BigDecimal number, Optional<UnitWords.Found> found, Measures measures) {
        Unit unit = found.map(UnitWords.Found::word).map(UnitWords.Word::unit).orElse(Unit.PIECE);
        String amount = CookAmount.of(number, unit, measures);
        return found.filter(word -> word.name().startsWith("tin")).isPresent() ? amount.replace("can", "tin") : amount;
    }

    private record Named(List<String> words, Scaling scaling) {}

    /** Lines of the step, then the others of its dish; the longer name first. */
    private static List<Named> named(Dish dish, Step step, Catalogue catalogue) {
        Stream<IngredientLine> own = dish.lines().filter(line -> step.uses().stream()
                .anyMatch(use -> use.ingredient().equals(line.id())));
        Stream<IngredientLine> measured = Stream.concat(own, dish.lines())
                .distinct()
                .filter(line -> line.amount().isPresent());
        return measured.flatMap(
                        line -> names(catalogue.get(line.item())).map(words -> new Named(words, line.scaling())))
                .sorted(Comparator.comparingInt(name -> -name.words.size()))
                .toList();
    }

    private static Stream<List<String>> names(Item item) {
        return Stream.concat(Stream.of(item.name()), item.practice().names().stream())
                .map(ScaledText::words)
                .filter(words -> !words.isEmpty())
                .flatMap(words ->
                        words.size() > 1 ? Stream.of(words, List.of(words.get(words.size() - 1))) : Stream.of(words));
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}-]+"))
                .filter(word -> !word.isEmpty())
                .map(ScaledText::singular)
                .toList();
    }

    private static String singular(String word) {
        if (word.length() > 3 && word.endsWith("oes")) {
            return word.substring(0, word.length() - 2);
        }
        if (word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")) {
            return word.substring(0, word.length() - 1);
        }
        return word;
    }

    /** How what is named right after an amount grows; without a unit it has to be named within two words. */
    private static Optional<Scaling> about(String after, List<Named> named, boolean unit) {
        String clause = after.split("[.;:,(]", 2)[0];
        List<String> next = words(clause).stream().limit(unit ? NEAR : 2).toList();
        for (Named name : named) {
            for (int i = 0; i + name.words.size() <= next.size(); i++) {
                if (next.subList(i, i + name.words.size()).equals(name.words)) {
                    return Optional.of(name.scaling);
                }
            }
        }
        return Optional.empty();
    }
}
