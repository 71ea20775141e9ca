package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.measure.Amount;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * An ingredient line as it was read. What is empty was not said, or not understood.
 *
 * @param text as written
 * @param amount in a unit of the contract, pieces where only a number was written; empty: to taste, or unknown
 * @param item of the catalogue; empty where it is not known, or where the line names several foods
 * @param exact whether the item is more than a guess
 * @param foods as they are written, where the line names several; it is no ingredient until they are parted
 * @param name what it is called, without amount and cut
 * @param prep the cut and whatever else was said
 * @param optional whether the dish is complete without it
 * @param or what may be taken instead, by name
 * @param grams edible grams of the upper end
 */
public record ReadLine(
        String text,
        Optional<Amount> amount,
        Optional<Item> item,
        boolean exact,
        List<String> foods,
        String name,
        Optional<String> prep,
        boolean optional,
        List<String> or,
        Optional<BigDecimal> grams) {

    /** The same, read off other words than these: a guess, until somebody who knows has looked. */
    ReadLine guessedFrom(String words) {
        return new ReadLine(words, amount, item, false, foods, words, prep, optional, or, grams);
    }

    /** The same, read off these words in another order. */
    ReadLine asWritten(String words) {
        return new ReadLine(words, amount, item, exact, foods, name, prep, optional, or, grams);
    }

    /** Keeps its own copies. */
    public ReadLine {
        foods = List.copyOf(foods);
        or = List.copyOf(or);
    }
}
