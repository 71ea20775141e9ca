package hopsel.core.recipe;

import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The short name of a step, as a cook would write it on a run sheet: what is done, and to what. */
final class StepName {

    private static final int TITLE = 48;
    /** {@code Add about 200 ml of coconut milk}: how much of it is no part of the name. */
    private static final Pattern HOW_MUCH = Pattern.compile(
            "^(\\p{L}+(?: in)?) (?:about |around |the )?[\\d./½¼¾⅓⅔]+ ?(?:g|kg|ml|mil|l|tbsp|tablespoons?|"
                    + "teaspoons?|tsp|cups?|grams?)\\b (?:of )?(?:the )?(?=\\p{L})",
            Pattern.CASE_INSENSITIVE);
    /** What is said before the thing itself: when, in what, and what is made ready for it. */
    private static final Pattern BEFOREHAND = Pattern.compile(
            "^(?:(?:meanwhile:?|in the meantime|while (?:that|this|it|they)(?:'s|'re| is| are) in (?:there|the "
                    + "oven)|on the day:?|(?:the )?(?:eve|evening|night|day|morning) before:?|"
                    + "(?:the )?next day|next|then|now|first|finally|when ready|(?:while|as) (?:that|this|it|"
                    + "they)(?:'s|'re| is| are)? [\\p{L} ]{0,25}?ing(?: on| away)?|"
                    + "while [^,]+(?=, \\p{L})|in (?:an?|the) [^,]+(?=,)|using [^,]+(?=,)"
                    + "|(?:once|when|to|after) [^,]+(?=,)|for (?:the )?[\\p{L} -]{2,30}?(?:,? (?:I|we|you)(?='|’| "
                    + "))?(?=,| (?:whizz|rub|wash|blitz|dissolve|mix|whisk|"
                    + "blend|fry|heat|cook|stir|combine|soak|chop|slice|simmer|boil|roast|bring|melt|"
                    + "toast)\\b)),?\\s+"
                    + "|drain(?: well)?(?:,| and|, and)? (?:then )?(?=(?:simmer|boil|fry|cook|cover|mash|blend|"
                    + "toss|mix|rinse|tip|add|return)\\b)"
                    + "|heat (?:up )?(?:the |some |a little |an? |your |"
                    + "\\d+ \\p{L}+ )?(?:of )?(?:the )?(?:[\\p{L}-]+ ){0,2}(?:oil|pan|wok|skillet|pot|"
                    + "saucepan|tawa|griddle|kadai)[^.;]{0,40}?(?:,| and|"
                    + ", and)(?: then)? (?=(?:stir-fry|fry|cook|sweat|add|whisk|stir|"
                    + "toast|brown|sear|soften|saut)))+",
            Pattern.CASE_INSENSITIVE);

    /** {@code I fry the paste}. */
    private static final Pattern WHO_DOES = Pattern.compile(
            "^(?:then )?(?:I|we|you) (?:then |just |also |always )?(?=\\p{Ll}{3,} (?:the|an?|it|them|some|\\d))",
            Pattern.CASE_INSENSITIVE);

    /** A name does not end in the middle of what it says. */
    private static final Pattern DANGLING = Pattern.compile(
            "(?:[\\s,&+-]+(?:(?:in|with|of|into|for|about|at) [\\d./]+|(?:w/? )?a bit(?: of)?|and|or|in|into|on"
                    + "|onto|of|with|the|a|an|to|for|over|from|about|so|that|than|some|your|its"
                    + "|their|two|by|at|till?|until|while|as|it's|them|it))+$|[\\s,&+-]+$",
            Pattern.CASE_INSENSITIVE);

    /** {@code Two cloves of garlic}, {@code the tomato paste}: what goes in, and nothing else is said. */
    private static final Pattern SO_MUCH = Pattern.compile(
            "^(?:" + Numbers.NUMBER + "|half(?: an?)?|a bit|a little)(?: \\p{L}+)? of (?:the )?\\p{L}+",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern THE_FOOD = Pattern.compile(
            "the (?!oven|pan|heat|rest|lid|(?:big |small |large )?(?:pot|bowl|dish|tray|bowls|plate|plates|tin"
                    + "|wok)|water|same|other|next|last|first)\\p{L}+(?: (?!is|are|was|will|has|should)\\p{L}+)?",
            Pattern.CASE_INSENSITIVE);

    private StepName() {}

    /** The name of a step that is told in English. */
    static String of(String text) {
        String told = Imperatives.of(text);
        String name = Imperatives.inName(cut(told));
        boolean onlyNamed = Techniques.leading(told) == Techniques.OTHER
                        && SO_MUCH.matcher(name).find()
                || Techniques.leading(name) == Techniques.OTHER
                        && THE_FOOD.matcher(name).matches();
        return Lettering.capital(shortened(onlyNamed ? "add " + Lettering.small(name) : name));
    }

    /** The first words, up to where the time, the place or the cue begins; in whatever tongue. */
    static String cut(String text) {
        String without =
                BEFOREHAND.matcher(HOW_MUCH.matcher(text).replaceFirst("$1 ")).replaceFirst("");
        without = WHO_DOES.matcher(without).replaceFirst("");
        String all = Techniques.leading(without) == Techniques.OTHER ? text : without;
        String start = all
                .split(
                        "(?i)(?<=\\w)\\s*(?:(?<!\\b\\p{L})(?:\\.(?!\\d)|[;:(])|,| for (?=\\d|an? |half|about|"
                                + "another|at least|up "
                                + "to|one|two|three|five|ten|twenty)| (?:un)?till? | at \\d| to \\d| in an? | on "
                                + "(?:a|the) | over | with | about \\d| \\d+\\s*(?:-|min|hour|sec)"
                                + "| (?:about |like )?(?:one|two|three|four|five|six|eight|ten|fifteen|twenty"
                                + "|thirty) (?:min|hour|sec))",
                        2)[0]
                .strip();
        start = start.replaceFirst("(?i)\\s+(?:min\\.?|at least|for|about|another|approx\\.?)$", "");
        start = Techniques.begins(start) ? start.split(" - ", 2)[0].strip() : start;
        if (!start.contains(" ") && all.startsWith(start + " with ")) {
            start = all
                    .split(
                            "(?<=\\w)\\s*(?:[.;:(,]| (?:un)?till? | because | at \\d| for (?=\\d|an? |half"
                                    + "|about|one|two|five|ten))",
                            2)[0]
                    .strip();
        }
        Optional<String> done = Stream.of(all.split("[.;,]\\s+"))
                .map(clause -> clause.replaceFirst("(?i)^(?:and|then)\\s+", ""))
                .filter(Techniques::begins)
                .findFirst();
        boolean noVerb = start.contains("+")
                || start.matches("(?i)(?:into|in|on|onto|with|over|an?|some|half|one|two|three|four|five|six) .*");
        if (!Techniques.begins(start) && noVerb && done.isPresent()) {
            start = done.get();
        }
        if (start.split(" ").length <= 2 && Techniques.leading(start) == Techniques.OTHER) {
            // What is done is said at the end of it, as in German.
            start = all.split("(?<=\\w)\\s*[.;:(]", 2)[0].strip();
        }
        return Lettering.capital(shortened(start.isEmpty() ? text : start));
    }

    private static String shortened(String name) {
        if (name.length() <= TITLE) {
            return name;
        }
        int space = name.lastIndexOf(' ', TITLE);
        String start = name.substring(0, space > 10 ? space : TITLE);
        String whole = DANGLING.matcher(start).replaceFirst("");
        return whole.isEmpty() ? start : whole;
    }
}
