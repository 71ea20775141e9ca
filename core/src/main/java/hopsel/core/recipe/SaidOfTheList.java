package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.recipe.HeardAmounts.Heard;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether what was laid aside speaks of things that stand on the list, and of nothing else ("so grab your pumpkin"), so
 * that nobody has to be asked about it.
 *
 * <p>A word that is neither one of those foods, nor an amount, nor said by everybody all day may be a food that nobody
 * knows. Then it is asked, for until it is, nothing is said of what the dish is made without.
 */
final class SaidOfTheList {

    private static final Set<String> EVERYDAY = Stream.of(
                    ("a about again all also always an and are around as at back bag be been big bit block but by "
                                    + "come comes do does don't ever first for forget get gets go goes going "
                                    + "good grab half has have "
                                    + "here how i i'd i'm i've in into is it it's its just keep last little "
                                    + "lots me meantime meanwhile "
                                    + "more my need needs never next nice nicely no not now of off okay on one "
                                    + "only or our out over "
                                    + "own packet please pot quite rather really reckon remember right roughly "
                                    + "same say skip small so "
                                    + "some splash still sure take takes that that's the their them then there "
                                    + "there's these they "
                                    + "they're this those time tin to today tonight too took trick two up us "
                                    + "use used very want wants "
                                    + "was we we're we've well were what when which whole will with you you'd "
                                    + "you'll you're you've "
                                    + "your")
                            .split(" "))
            .collect(Collectors.toUnmodifiableSet());
    private static final Pattern WORD = Pattern.compile("[\\p{L}'’]+");
    private static final Pattern MEASURES = Pattern.compile(
            "\\b(?:grams?|kilos?|mils?|ml|g|kg|litres?|millilitres?|cups?|tablespoons?|teaspoons?|tbsp|tsp"
                    + "|pinch|handfuls?"
                    + "|bunch(?:es)?|cloves?|heads?|tins?|cans?|blocks?|hundred)\\b|\\b(?:" + Numbers.NUMBER + ")\\b",
            Pattern.CASE_INSENSITIVE);

    private SaidOfTheList() {}

    /**
     * Whether it is.
     *
     * @param heard what was measured in all that was said
     * @param list what is on the list
     */
    static boolean of(String passage, List<Heard> heard, List<ReadLine> list, LineReader lines) {
        if (heard.stream().anyMatch(said -> said.begins(passage))) {
            return true;
        }
        List<SpokenFoods.Name> named = SpokenFoods.all(passage, lines);
        boolean onList = named.stream()
                .flatMap(name -> lines.exactly(name.text()).stream())
                .allMatch(item -> isOn(list, item));
        boolean measured = HeardAmounts.in(Numbers.plain(passage), lines).stream()
                .allMatch(said -> list.stream().anyMatch(said::isOf));
        return !named.isEmpty() && onList && measured && isEveryday(passage, named);
    }

    private static boolean isOn(List<ReadLine> list, Item item) {
        return list.stream().anyMatch(read -> read.item().filter(item::equals).isPresent());
    }

    private static boolean isEveryday(String passage, List<SpokenFoods.Name> named) {
        StringBuilder rest = new StringBuilder(passage);
        for (int i = named.size() - 1; i >= 0; i--) {
            rest.replace(named.get(i).start(), named.get(i).end(), " ");
        }
        return WORD.matcher(MEASURES.matcher(rest).replaceAll(" "))
                .results()
                .map(word -> word.group().toLowerCase(Locale.ROOT).replace('’', '\''))
                .allMatch(EVERYDAY::contains);
    }
}
