package hopsel.core.recipe;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Gives dictation that was typed without a comma the stops that its speaker made: before an amount, after a time. */
final class Unstopped {

    private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.!?])\\s+");
    private static final Pattern COMMA = Pattern.compile("[,;:]");
    private static final String SPOON =
            "cups?|tablespoons?|teaspoons?|grams?|g|tins?|cans?|mils?|ml|millilitres?|kilos?"
                    + "|cloves?|litres?|handfuls?|pinch";
    /** {@code the marinade | three tablespoons of soy sauce}; an "and" or a verb before it needs no comma. */
    private static final Pattern BEFORE_AMOUNT = Pattern.compile(
            "(?<=\\p{L}{3})(?<!\\b(?:and|with|add|adds|use|take|takes|about|another|then|plus|than|the|half"
                    + "|into|for|only"
                    + "|just|that's|say|fry|steam|boil|need|needs|roughly|hundred|quarter)) (?=(?:in )?(?:"
                    + Numbers.NUMBER + ") (?:" + SPOON + ")\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code tablespoons of soy sauce | one of maple}. */
    private static final Pattern BEFORE_SAME = Pattern.compile(
            "(?<=\\p{L}{3}) (?=(?:one|two|three|four|half) of (?!the\\b|them\\b|it\\b|those\\b|these\\b|us\\b)\\p{L})",
            Pattern.CASE_INSENSITIVE);
    /** {@code two minutes | add the paste}. */
    private static final Pattern AFTER_TIME = Pattern.compile(
            "(?<=\\b(?:minutes?|hours?|days?|side|overnight)) (?:then )?(?=(?:add|grill|serve|stir|fry|simmer|pour|put"
                    + "|take|blend|bake|mix|leave|drain|roll|for the)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code takes the bitterness out while that's going | make the marinade}. */
    private static final Pattern FOR_THE = Pattern.compile(
            "(?<=\\p{L}{3}) (?=for the (?:sauce|filling|dough|marinade|paste|dip|topping|dressing)\\b)");

    /** {@code a tablespoon of curry paste | one minute}. */
    private static final Pattern BEFORE_TIME = Pattern.compile(
            "((?:" + SPOON + ") of \\p{L}{3,}(?: \\p{L}{3,})?) (?=(?:" + Numbers.NUMBER + ") (?:minutes?|hours?)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final String DOES = "(?:need|mix|stir|take|add|fry|heat|put|leave|blend|warm|cook|roll|knead|pour"
            + "|serve|make|bake|chop|whisk|simmer)\\b";
    /** {@code … crushed | you mix that}, {@code … boil | then heat a pan}. */
    private static final Pattern BEFORE_DOING = Pattern.compile(
            "(?<=\\p{L}{2})(?<!\\b(?:when|if|that|as|until|while|what|where|which|because|how|before|after|once|like)) "
                    + "(?:(?:and |so )?(?=(?:then )?(?:you|we|I)(?:'ll|'re going to| just)? " + DOES + ")"
                    + "|(?:and )?(?=then (?:for the\\b|" + DOES + "))"
                    + "|and (?=for the (?:sauce|filling|dough|marinade|paste|dip|topping|dressing)\\b|serve\\b)"
                    + "|(?<!\\b(?:and|to|you|we|I|then|just|can) )(?=(?:warm|heat|serve|leave|mix|stir) (?:it"
                    + "|that|them)\\b))",
            Pattern.CASE_INSENSITIVE);
    /** {@code two blocks of tempeh | that's four hundred grams}, {@code … | don't let it boil}. */
    private static final Pattern BESIDE = Pattern.compile(
            " (?=that's (?:about )?(?:" + Numbers.NUMBER + ")\\b|don't let )", Pattern.CASE_INSENSITIVE);
    /** {@code cucumber | that does six people}. */
    private static final Pattern THAT_DOES = Pattern.compile(
            " (?:and )?(?=that (?:does|serves|makes|feeds|is enough for) (?:about )?(?:" + Numbers.NUMBER + ")\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_BREATH = 22;

    private Unstopped() {}

    /** The text with stops where whoever spoke for more than a breath made none. */
    static String parted(String text) {
        return Stream.of(SENTENCE_END.split(BEFORE_TIME.matcher(text).replaceAll("$1, ")))
                .map(sentence -> isBreathless(sentence) ? stopped(sentence) : sentence)
                .collect(Collectors.joining(" "));
    }

    private static boolean isBreathless(String sentence) {
        return sentence.split(" ").length > LONGEST_BREATH
                && !COMMA.matcher(sentence).find();
    }

    private static String stopped(String sentence) {
        String timed =
                FOR_THE.matcher(AFTER_TIME.matcher(sentence).replaceAll(". ")).replaceAll(". ");
        String told = BESIDE.matcher(THAT_DOES
                        .matcher(BEFORE_DOING.matcher(timed).replaceAll(". "))
                        .replaceAll(". "))
                .replaceAll(", ");
        return BEFORE_SAME.matcher(BEFORE_AMOUNT.matcher(told).replaceAll(", ")).replaceAll(", ");
    }
}
