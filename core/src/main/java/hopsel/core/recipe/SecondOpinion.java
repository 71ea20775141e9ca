package hopsel.core.recipe;

import hopsel.core.measure.Unit;
import hopsel.core.recipe.HeardAmounts.Heard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Which of two readers is believed: what was read from the sentences, and what was heard beside the foods. */
final class SecondOpinion {

    private SecondOpinion() {}

    /** The source with what was heard and does not stand on the list that was made of it. */
    static RecipeSource added(RecipeSource source, ReadRecipe made, LineReader lines) {
        List<RecipeSource.Passage> list = new ArrayList<>(source.ingredients());
        Map<String, Integer> before = new HashMap<>(source.telling().before());
        List<ReadLine> measured = made.parts().stream()
                .flatMap(part -> part.lines().stream())
                .map(ReadRecipe.Line::read)
                .filter(read -> read.amount().isPresent())
                .toList();
        List<Heard> missing = source.telling().heard().stream()
                .filter(heard -> isMissing(heard, measured, source.telling().heard()))
                .toList();
        for (Heard heard : missing) {
            list.removeIf(passage -> isReplaced(lines.read(passage.text()), heard));
            OptionalInt at = saidIn(source, heard, lines);
            Optional<String> heading = at.isPresent()
                    ? source.method().get(at.getAsInt()).heading()
                    : source.ingredients().stream().findFirst().flatMap(RecipeSource.Passage::heading);
            list.add(new RecipeSource.Passage(heading, heard.line()));
            before.put(heard.line(), at.orElse(0));
        }
        return missing.isEmpty() ? source : source.withIngredients(list, before);
    }

    /** Not on the list at all, less often than it was said, or not as it was said last, or in full. */
    private static boolean isMissing(Heard heard, List<ReadLine> measured, List<Heard> all) {
        List<ReadLine> same = measured.stream()
                .filter(read -> read.item().filter(heard.item()::equals).isPresent())
                .toList();
        if (same.stream().anyMatch(heard::isOf)) {
            return false;
        }
        // What is counted was named twice and goes in once; what is weighed goes in each time.
        boolean weighed = heard.amount().unit() != Unit.PIECE
                && same.stream()
                        .flatMap(read -> read.amount().stream())
                        .noneMatch(amount -> amount.unit() == Unit.PIECE);
        long often =
                all.stream().filter(other -> other.item().equals(heard.item())).count();
        return same.isEmpty()
                || weighed && same.size() < often
                || heard.corrected()
                || same.stream().anyMatch(read -> isCutOff(read.text(), heard.line()));
    }

    /** The passage of the method in which a food is named first: it goes in no sooner, and belongs to that part. */
    private static OptionalInt saidIn(RecipeSource source, Heard heard, LineReader lines) {
        Pattern name = Pattern.compile(
                "\\b" + Pattern.quote(lines.inSentence(heard.line()).name()) + "\\b", Pattern.CASE_INSENSITIVE);
        return IntStream.range(0, source.method().size())
                .filter(at -> name.matcher(source.method().get(at).text()).find())
                .findFirst();
    }

    /** {@code a half cups of flour}, where one and a half were said. */
    private static boolean isCutOff(String read, String heard) {
        return heard.length() > read.length()
                && heard.toLowerCase(Locale.ROOT).endsWith(" " + read.toLowerCase(Locale.ROOT));
    }

    /** The same food without how much, or with what was taken back; or the kind of thing that it is: noodles. */
    private static boolean isReplaced(ReadLine read, Heard heard) {
        if (read.item().filter(heard.item()::equals).isPresent()) {
            return read.amount().isEmpty()
                    || read.amount()
                            .filter(amount -> heard.instead()
                                    .filter(before -> HeardAmounts.isEqual(amount, before))
                                    .isPresent())
                            .isPresent()
                    || isCutOff(read.text(), heard.line());
        }
        List<String> name = ItemFinder.words(read.name());
        // Butter is no peanut butter, whatever the last word.
        boolean alike = read.item()
                .filter(item -> item.allergens().equals(heard.item().allergens()))
                .isPresent();
        return (alike || !read.exact())
                && read.amount().isEmpty()
                && name.size() == 1
                && ItemFinder.words(heard.line()).contains(name.get(0));
    }
}
