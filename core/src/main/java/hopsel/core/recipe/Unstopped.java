package hopsel.core.recipe;

import java.util.List;
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
                    + "|in|toast|toss|beat|pour|pouring|melt|whisk|blend|grate|chop|slice|crush|soak|cook|fold"
                    + "|stir|mix|rub|tip|just|that's|say|fry|steam|boil|need|needs|want|wants|roughly|hundred"
                    + "|quarter))(?<!ing|\\bheat) (?=(?:in )?(?:"
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
            "(?<=\\p{L}{2})(?<!\\b(?:when|if|that|as|until|while|what|where|which|because|how|before|after|once"
                    + "|like)),? "
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
            " (?:and )?(?=(?:it )?(?:serves|feeds) (?:about )?(?:" + Numbers.NUMBER
                    + ")\\b|that (?:does|serves|makes|feeds|is enough for) (?:about )?(?:" + Numbers.NUMBER + ")\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_BREATH = 22;
    /** A list of what goes in is out of breath sooner. */
    private static final int LONGEST_LIST = 10;
    /** Whoever makes a stop now and then, and lists things between, makes more. */
    private static final int WORDS_A_COMMA = 8;

    /** A line longer than any page is wide: whoever typed it pressed return for a pause. */
    private static final int WIDER_THAN_A_PAGE = 130;

    private static final Pattern ENDED = Pattern.compile(".*[.!?,;:]\\s*$");

    /** What is done to something: a verb in front of what it is done to. */
    private static final String VERBS =
            "halve|stone|peel|chop|slice|dice|cut (?!into|in|up)|grate|crush|rub|wrap|roll|line|prick|blind bake"
                    + "|bake|roast|fry|toast|boil|simmer|drain|rinse|spread|arrange|brush|let|leave|toss|beat"
                    + "|whisk|mix|stir|fold"
                    + "|knead|shape|press|squeeze|pour|tip|add|put|take|turn|flip|season|sprinkle|scatter|cover"
                    + "|chill|cool|serve"
                    + "|blend|blitz|heat|warm|melt|mash|soak|sweat|soften|pop|bring|cook|steam|wilt|fill|pinch"
                    + "|layer|dust|trim";

    private static final Pattern BEFORE_VERB = Pattern.compile(
            "(?<=\\p{L}{2})(?<!\\b(?:to|you|we|I|they|then|just|can|don't|dont|when|if|that|as|until|till|while"
                    + "|what|where"
                    + "|which|because|how|the|a|an|my|your|our|this|it'll|they'll|will|and|or|of|with|for"
                    + "|gently|well|it|them"
                    + "|a big|hot|cold|blind|stir|deep|pan|air)),? (?:and )?(?!(?<=\\bthe \\p{L}{3,12} )mix)(?=(?:"
                    + VERBS
                    + ") (?:it|them|that|those|these|this|the|all|everything|for"
                    + "|with|until|till|in|into|on|onto|out|off|about|a|some)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code … in the fridge | right while that's chilling}, {@code … bake | oven on 180}. */
    private static final Pattern BEFORE_WORD = Pattern.compile(
            "(?<=\\p{L}{2}),? (?=(?:right|okay|ok|so|now|next|meanwhile) (?:while|the|for|we|you|I|then|now"
                    + "|next|let)\\b"
                    + "|big (?:pot|pan) of\\b|for the (?:sauce|filling|dough|marinade|paste|dip|topping"
                    + "|dressing|pastry|syrup)\\b|oven on\\b|while (?:that|it|they|those)(?:'s|'re| is| are)\\b"
                    + "|(?:the )?\\p{L}{4,12} (?:bit|first) (?:so|you|I|we|it's|a|an|one|two|three|\\d))",
            Pattern.CASE_INSENSITIVE);
    /** {@code … cut up small | and a good pinch of salt}. */
    private static final Pattern BEFORE_HANDFUL = Pattern.compile(
            "(?<=\\p{L}{2})(?<!\\b(?:with|in|of|for|by|and|plus|into|or|about|need|want|take|add)) (?:and "
                    + ")?(?=(?:then )?(?:an?|about) (?:(?:good|big|small|tiny) )?(?:pinch|splash|handful|bunch"
                    + "|squeeze|glug|drizzle|knob) of )",
            Pattern.CASE_INSENSITIVE);

    private Unstopped() {}

    /** What was typed as lines of any length: each ends where it ends. */
    static String paragraphs(String text) {
        int longest = text.lines().mapToInt(String::length).max().orElse(0);
        List<String> lines = text.lines().filter(line -> !line.isBlank()).toList();
        boolean typed = longest > WIDER_THAN_A_PAGE
                && lines.stream().limit(Math.max(0, lines.size() - 1)).anyMatch(line -> line.length() * 2 < longest);
        return typed
                ? text.lines()
                        .map(line ->
                                line.isBlank() || ENDED.matcher(line).matches() ? line : line.stripTrailing() + ".")
                        .collect(Collectors.joining("\n"))
                : text;
    }

    /** The text with stops where whoever spoke for more than a breath made none. */
    static String parted(String text) {
        return Stream.of(SENTENCE_END.split(BEFORE_TIME.matcher(text).replaceAll("$1, ")))
                .map(sentence -> isBreathless(sentence) ? stopped(sentence) : sentence)
                .collect(Collectors.joining(" "));
    }

    private static boolean isBreathless(String sentence) {
        int words = sentence.split(" ").length;
        long commas = COMMA.matcher(sentence).results().count();
        boolean lists = commas == 0
                && BEFORE_AMOUNT.matcher(sentence).results().limit(2).count() > 0;
        return (words > LONGEST_BREATH || lists && words > LONGEST_LIST) && commas * WORDS_A_COMMA < words;
    }

    private static String stopped(String sentence) {
        String timed =
                FOR_THE.matcher(AFTER_TIME.matcher(sentence).replaceAll(". ")).replaceAll(". ");
        String told = BESIDE.matcher(THAT_DOES
                        .matcher(BEFORE_DOING.matcher(timed).replaceAll(". "))
                        .replaceAll(". "))
                .replaceAll(", ");
        String measured = BEFORE_SAME
                .matcher(BEFORE_AMOUNT
                        .matcher(BEFORE_HANDFUL.matcher(told).replaceAll(", "))
                        .replaceAll(", "))
                .replaceAll(", ");
        return BEFORE_VERB
                .matcher(BEFORE_WORD.matcher(measured).replaceAll(". "))
                .replaceAll(". ");
    }
}
