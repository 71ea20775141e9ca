package hopsel.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What somebody says who stands at the counter, in the order in which a recipe would say it. */
final class SpokenWords {

    private static final String MEASURE =
            "(?:grams?|g|kilos?|kg|ml|mils?|millilitres?|litres?|cups?|tablespoons?|teaspoons?|tins?|cans?"
                    + "|blocks?|packs?)";
    private static final String HANDFUL =
            "(?:an?|one|two|some) (?:(?:big|small|good|large|generous|tiny|wee) )?(?:handfuls?|bunch(?:es)?|pinch"
                    + "|splash|drizzle|knob|squeeze|sprinkle|dash|glug)";
    private static final String LONG = "(?:about |around |a good |at least )*(?:" + Numbers.NUMBER
            + "|half an|an) (?:minutes?|hours?|seconds?)|overnight|all night";
    private static final String DONE =
            "soaked|pressed|drained|chilled|marinated|toasted|roasted|boiled|steamed|rested|cooled|blanched|fried|baked"
                    + "|simmered|cooked";

    /** {@code eight chillies that have been sitting in hot water for twenty minutes}. */
    private static final Pattern HAS_STOOD = Pattern.compile(
            "(?<food>[\\p{L}-]+(?: [\\p{L}-]+)?),? (?:that|which)(?:'ve| have| has|'s)(?: just)? been "
                    + "(?<verb>sitting|soaking|steeping|standing|resting|marinating|draining|chilling|cooling)"
                    + "(?<where> (?:in|on|under|over) [\\p{L} ]{3,25}?)? (?:for )?(?<long>" + LONG + ")",
            Pattern.CASE_INSENSITIVE);
    /** {@code I've soaked these for fifteen minutes}: it has to be done. */
    private static final Pattern HAVE_DONE = Pattern.compile(
            "\\b(?:I|we)(?:'ve| have)?(?: already| just)? (" + DONE
                    + ") (?=(?:these|this|them|those|it|the|mine|my|some|\\d+|" + Numbers.NUMBER + ")\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code tofu puffs, about 150 grams}: how much of it, behind. */
    private static final Pattern AMOUNT_BEHIND = Pattern.compile(
            "(?<lead>^|[.,;:] )(?<and>and |then |add |in goes? |(?:you |we |I )?(?:start|begin) with |take |so "
                    + "|right |now |okay |next |the |some |my |our "
                    + ")*(?<name>\\p{L}[\\p{L} -]{2,28}?), "
                    + "(?:about |around |that's |roughly |so |you want |I've got )*"
                    + "(?<amount>(?:" + Numbers.NUMBER + ") ?" + MEASURE + "|" + HANDFUL
                    + ")(?<of> of (?:it|them|those|that))?"
                    + "(?=[.,;]|$| (?:cut|halved|sliced|chopped|drained|rinsed|torn)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code 600 grams of plums that's about ten}: counted once more. */
    private static final Pattern THAT_IS_ABOUT = Pattern.compile(
            ",? (?:that's|that is|so that's|which is) (?:about |around |roughly )?(?!\\d{3})(?:" + Numbers.NUMBER
                    + ")(?= (?:of them)?[,.]|(?: of them)?$|(?: of them)? \\p{L}+ them\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code in they go}. */
    private static final Pattern IN_THEY_GO = Pattern.compile(
            "(?<=, )(?:in|on) (?:they|these|those|it|that|this) (?:goes|go|went)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code oven on one eighty fan}: degrees, as they are said. */
    private static final Pattern DEGREES = Pattern.compile(
            "\\b(?:(?<=oven (?:on|at|to) )|(?<=\\b(?:at|to) )|(?=\\w+ \\w+ (?:fan|degrees|celsius)\\b))(one|two) "
                    + "(ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)\\b(?! (?:grams|ml|minutes"
                    + "|mils?)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code the rest of the, um, the oil}. */
    private static final Pattern TWICE =
            Pattern.compile("\\b(the|a|an|and|of|in|to|some) (?:\\1 )+", Pattern.CASE_INSENSITIVE);

    /** {@code beat all that together}. */
    private static final Pattern ALL_THAT = Pattern.compile(
            "\\b(beat|mix|whisk|blend|stir|mash|rub|toss|fold|blitz) (?:all (?:of )?(?:that|this|it|those"
                    + "|these)|(?:that|it|this) all|the lot)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code 80 grams of butter again, this time soft}. */
    private static final Pattern AGAIN = Pattern.compile(
            "(?<=\\bof \\p{L}{3,12}(?: \\p{L}{3,12})?),? again(?:,? this time)?\\b", Pattern.CASE_INSENSITIVE);

    /** {@code butter cold from the fridge cut up small}: how it is, behind. */
    private static final Pattern HOW_IT_IS = Pattern.compile(
            "(?<=\\bof [\\p{L} ]{3,25}) (?=(?:cold |straight )?(?:straight )?from the (?:fridge|freezer)|cut "
                    + "up\\b|chopped up\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code Teaspoon of turmeric}: one. */
    private static final Pattern ONE = Pattern.compile(
            "(?<lead>^|[.,;] |[.,;] and )(?<what>(?:teaspoon|tablespoon|cup|tin|can|block|handful|pinch|litre"
                    + "|kilo|bunch|knob"
                    + "|thumb|splash|squeeze|drizzle) of )",
            Pattern.CASE_INSENSITIVE);
    /** {@code a tin of coconut milk, but I only use half, so 200 mil}. */
    private static final Pattern ONLY_SO_MUCH = Pattern.compile(
            "(?:" + Numbers.NUMBER + ") " + MEASURE
                    + "(?<food> of [\\p{L} -]{3,30}?),? but (?:I|we|you)(?:'m|'re)? only "
                    + "(?:use|using|need|want) (?:about )?half(?: of (?:it|that))?,? (?:so )?(?:about |that's "
                    + ")?(?<amount>(?:"
                    + Numbers.NUMBER + ") " + MEASURE + ")\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code one more tablespoon of soy}. */
    private static final Pattern MORE = Pattern.compile(
            "\\b(one|two|three|a couple|half a) more (?=(?:teaspoon|tablespoon|cup|tin|handful|pinch)s?\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code 600 grams of potatoes earlier, they're cold now}. */
    private static final Pattern EARLIER = Pattern.compile(
            "(?<=\\p{L}{3})(?<!\\b(?:made|did|rested|baked|prepared|cooked|soaked|one)),? earlier\\b(?:,? "
                    + "(?:and )?(?:they're|it's|they are|it is) (?:all )?(?:cold|cool|done|ready)(?: now)?)?",
            Pattern.CASE_INSENSITIVE);
    /** {@code some yoghurt, coconut yoghurt is what I've got}. */
    private static final Pattern OWN_KIND = Pattern.compile(
            "\\b(?:some |the )?(\\p{L}{3,}), (\\p{L}{3,} \\1) (?:is|are) what (?:I|we)(?:'ve got|'m using| use| "
                    + "have)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code sour cream, vegan obviously}. */
    private static final Pattern OF_PLANTS = Pattern.compile(
            "\\b((?:(?:sour|whipped|cream|double|condensed) )?\\p{L}{3,12}),? (?:vegan|plant[- ]based|dairy[- "
                    + "]free)(?: one)?,? "
                    + "(?:obviously|of course|naturally)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SPOON =
            Pattern.compile("\\ba (?:big |large |table ?|soup ?)spoon(?:ful)? of\\b", Pattern.CASE_INSENSITIVE);
    /** {@code Say 300 grams of rice for four}. */
    private static final Pattern SAY =
            Pattern.compile("(?<=^|[.] )say (\\d|\\p{L}+ (?=" + MEASURE + "\\b))", Pattern.CASE_INSENSITIVE);

    /** {@code the sweet potatoes. I have two big ones}. */
    private static final Pattern ONES = Pattern.compile(
            "\\bthe (\\p{L}{3,}(?: \\p{L}{3,})?s)\\b([^.]{0,60}[.] (?:So |And )?(?:(?:I have|I've got|we have"
                    + "|there are|I'm using) )?(?:"
                    + Numbers.NUMBER + ") (?:(?:big|small|large|medium|good) )?)ones\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code soak the noodles, that's 300 grams of the flat rice ones}. */
    private static final Pattern KIND_OF_ONES = Pattern.compile(
            "\\bthe (\\p{L}{3,}s),? (?:that's|it's|they're) ((?:" + Numbers.NUMBER + ") " + MEASURE
                    + " of )(?:the |those )?([\\p{L} ]{3,20}?) ones\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code the paste is in the blue tub, we need six tablespoons of it}. */
    private static final Pattern OF_IT = Pattern.compile(
            "((?:^|[.] )the (\\p{L}{3,})\\b[^.]{0,150}?\\b(?:" + Numbers.NUMBER
                    + ") (?:tablespoons?|teaspoons?|grams?|cups?|mils?|ml) of )it\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code a cup of yoghurt. I said a cup but it's more like 250 grams}. */
    private static final Pattern SAID_BUT = Pattern.compile(
            "(?:" + Numbers.NUMBER + ") " + MEASURE + "( of [\\p{L} -]{3,30}?)[.,] (?:and )?I said [^.]{2,25}?,? but "
                    + "(?:it's|that's|it was) (?:more like|really|actually|nearer) ((?:" + Numbers.NUMBER + ") "
                    + MEASURE
                    + ")\\b[^.]*",
            Pattern.CASE_INSENSITIVE);
    /** {@code Cover it. Fifteen minutes.} */
    private static final Pattern COVERED = Pattern.compile(
            "\\bcover (it|them|that)[.,]? (?:for )?(?=(?:about )?(?:" + Numbers.NUMBER + ") (?:minutes?|hours?)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code five or six plums … I ended up using seven}. */
    private static final Pattern ENDED_UP = Pattern.compile(
            "\\b(?:" + Numbers.NUMBER + ")(?: (?:or|to) (?:" + Numbers.NUMBER
                    + "))? (\\p{L}{3,}s\\b[^.]{0,50}?)(?:[.,] |,? )"
                    + "(?:I|we) ended up (?:using|with|needing) ("
                    + Numbers.NUMBER + ")\\b(?! (?:of|grams|minutes)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code two packets of tempeh, 200 grams each}. */
    private static final Pattern SO_MUCH_EACH = Pattern.compile(
            "((?:" + Numbers.NUMBER + ") (?:packets?|packs?|blocks?|tins?|cans?|bags?) of [\\p{L} -]{3,25}?),? ((?:"
                    + Numbers.NUMBER + ") (?:grams?|g|ml|mils?)) each\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code a teaspoon each of coriander and cumin}. */
    private static final Pattern EACH_OF_TWO = Pattern.compile(
            "((?:" + Numbers.NUMBER
                    + ") (?:teaspoons?|tablespoons?|cups?|pinch(?:es)?|handfuls?)) each of ([\\p{L} -]{3,25}?)"
                    + " and ([\\p{L} -]{3,25}?)(?=[.,;]|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code as much sambal as you dare. I'm doing a teaspoon}. */
    private static final Pattern AS_MUCH = Pattern.compile(
            "\\bas much ([\\p{L} -]{3,20}?) as (?:you|I) \\p{L}+[.,] (?:I'm (?:doing|using|putting in)|I (?:use"
                    + "|put in)) ((?:"
                    + Numbers.NUMBER + ") (?:teaspoons?|tablespoons?|cups?|pinch|handful))\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code An hour if you can, twenty minutes if you can't.} */
    private static final Pattern IF_YOU_CAN = Pattern.compile(
            "(?<=^|[.] )((?:" + Numbers.NUMBER + ") (?:hours?|minutes?)|overnight) if you can\\b[^.]*",
            Pattern.CASE_INSENSITIVE);

    /** What is put in other words, wherever it stands. */
    private record Rewrite(Pattern pattern, String with) {}

    /** {@code half a teaspoon of cayenne which I'm leaving out tonight}. */
    private static final Pattern LEFT_OUT = Pattern.compile(
            ",?(?: and| or)? (?:" + Numbers.NUMBER + ") " + MEASURE
                    + " of [\\p{L} -]{3,25}?,? (?:which|but|that) (?:I'm|I am|we're|we are|I|we)(?: just)? "
                    + "(?:leaving (?:it )?out"
                    + "|leave (?:it )?out|skipping|skipped|skip|not using|not adding)\\b(?: (?:it|that))?(?: "
                    + "today| tonight)?",
            Pattern.CASE_INSENSITIVE);
    /** {@code spinach or kale, I've got kale today}. */
    private static final Pattern GOT_ONE = Pattern.compile(
            "\\b(\\p{L}{3,}),? or (\\p{L}{3,})(?:[.,]|,? and)? (?:I've got|I have|I'm using|we've got|we have"
                    + "|I've) (\\1|\\2)\\b(?: today| tonight"
                    + "| here)?",
            Pattern.CASE_INSENSITIVE);
    /** {@code beetroot is four cooked ones}. */
    private static final Pattern IS_SO_MANY = Pattern.compile(
            "\\b(\\p{L}{4,})(?:,| is| are|, that's) (" + Numbers.NUMBER + ") ((?:\\p{L}{3,} )?)ones\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code 300 grams of wholemeal and 150 grams of plain}. */
    private static final Pattern FLOURS = Pattern.compile(
            "\\b(grams? of (?:wholemeal|whole ?wheat|plain|white|strong|spelt|rye|self[- ]raising"
                    + "|buckwheat))(?=,|[.]| and\\b|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code 250 grams of vermicelli, the rice ones}. */
    private static final Pattern THE_ONES = Pattern.compile(
            "\\b(\\p{L}{4,}(?: \\p{L}{4,})?), the (\\p{L}{3,}(?: \\p{L}{3,})?) ones?\\b", Pattern.CASE_INSENSITIVE);
    /** {@code Four fifty altogether}. */
    private static final Pattern HUNDREDS = Pattern.compile(
            "\\b(one|two|three|four|five|six|seven|eight|nine) (fifty|twenty[- ]five|seventy[- ]five)(?= (?:" + MEASURE
                    + "|altogether|in all|in total|total)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Number one, carrots. Two of them}. */
    private static final Pattern OF_THEM = Pattern.compile(
            "\\b(\\p{L}{3,}s)[.,] (" + Numbers.NUMBER + ") of (?:them|those)\\b", Pattern.CASE_INSENSITIVE);

    private static final List<Rewrite> REWRITES = List.of(
            new Rewrite(LEFT_OUT, ""),
            new Rewrite(GOT_ONE, "$3"),
            new Rewrite(OF_THEM, "$2 $1"),
            new Rewrite(FLOURS, "$1 flour"),
            new Rewrite(IS_SO_MANY, "$2 $3$1"),
            new Rewrite(OF_PLANTS, "vegan $1"),
            new Rewrite(OWN_KIND, "$2"),
            new Rewrite(SAY, "$1"),
            new Rewrite(SPOON, "a tablespoon of"),
            new Rewrite(TWICE, "$1 "),
            new Rewrite(MORE, "$1 "),
            new Rewrite(ONES, "the $1$2$1"),
            new Rewrite(KIND_OF_ONES, "$2$3 $1"),
            new Rewrite(ENDED_UP, "$2 $1"),
            new Rewrite(SO_MUCH_EACH, "$1 ($2 each)"),
            new Rewrite(EACH_OF_TWO, "$1 of $2, $1 of $3"),
            new Rewrite(AS_MUCH, "$2 of $1"),
            new Rewrite(IF_YOU_CAN, "Leave it for $1"),
            new Rewrite(OF_IT, "$1$2"),
            new Rewrite(SAID_BUT, "$2$1"),
            new Rewrite(COVERED, "cover $1 and leave for "),
            new Rewrite(ONLY_SO_MUCH, "${amount}${food}"),
            new Rewrite(EARLIER, ""),
            new Rewrite(IN_THEY_GO, "add them"),
            new Rewrite(ALL_THAT, "$1 everything"),
            new Rewrite(AGAIN, ","),
            new Rewrite(HOW_IT_IS, ", "),
            new Rewrite(Pattern.compile("\\btaste(?:,? taste)+\\b"), ". Taste it"),
            new Rewrite(THAT_IS_ABOUT, ""));

    private static final List<String> BASES = List.of(
            "soak",
            "press",
            "drain",
            "chill",
            "marinate",
            "toast",
            "roast",
            "boil",
            "steam",
            "rest",
            "cool",
            "blanch",
            "fry",
            "bake",
            "simmer",
            "cook");

    private SpokenWords() {}

    /** What is named and not taken, as it was said: it is no part of the dish, and is laid aside. */
    static List<String> notTaken(String said) {
        return Stream.of(LEFT_OUT, GOT_ONE)
                .flatMap(pattern -> pattern.matcher(said).results())
                .map(found ->
                        found.group().replaceFirst("^,?(?: and| or)? ", "").strip())
                .toList();
    }

    /** The same, as it would be written. */
    static String written(String said, LineReader lines) {
        String text = said;
        for (Rewrite rewrite : REWRITES) {
            text = rewrite.pattern.matcher(text).replaceAll(rewrite.with);
        }
        text = THE_ONES.matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(
                        lines.exactly(found.group(2) + " " + found.group(1)).isPresent()
                                ? found.group(2) + " " + found.group(1)
                                : found.group()));
        text = HUNDREDS.matcher(text).replaceAll(found -> Numbers.value(found.group(1))
                .flatMap(hundreds -> Numbers.value(found.group(2))
                        .map(rest -> hundreds.movePointRight(2).add(rest).toPlainString()))
                .orElse(Matcher.quoteReplacement(found.group())));
        String one = ONE.matcher(text)
                .replaceAll(found -> found.group(1)
                        + (found.group(1).contains(",") ? "a " : "A ")
                        + Matcher.quoteReplacement(found.group(2).toLowerCase(Locale.ROOT)));
        String stood = HAS_STOOD.matcher(one).replaceAll(SpokenWords::stood);
        String done = HAVE_DONE.matcher(stood).replaceAll(found -> base(found.group(1)) + " ");
        String hot = DEGREES.matcher(done).replaceAll(found -> degrees(found.group(1), found.group(2)));
        return AMOUNT_BEHIND.matcher(hot).replaceAll(found -> turned(found, lines));
    }

    private static String stood(MatchResult found) {
        Matcher whole = HAS_STOOD.matcher(found.group());
        if (!whole.matches()) {
            return Matcher.quoteReplacement(found.group());
        }
        String verb = whole.group("verb").toLowerCase(Locale.ROOT);
        String where = whole.group("where") == null ? "" : whole.group("where");
        boolean wet = verb.equals("sitting") && where.contains("water");
        String doing = wet ? "soaked" : verb.replaceFirst("(?:t?t)?ing$", "ed");
        return Matcher.quoteReplacement(whole.group("food") + " (" + doing + where + " for "
                + whole.group("long").strip() + ")");
    }

    private static String base(String past) {
        String low = past.toLowerCase(Locale.ROOT);
        return BASES.stream()
                .filter(verb ->
                        low.equals(verb + "ed") || low.equals(verb + "d") || low.equals("fried") && verb.equals("fry"))
                .findFirst()
                .orElse(low);
    }

    private static String degrees(String hundreds, String rest) {
        return Numbers.value(rest)
                .map(tens -> (hundreds.equalsIgnoreCase("one") ? 100 : 200) + tens.intValueExact())
                .map(String::valueOf)
                .orElse(hundreds + " " + rest);
    }

    private static String turned(MatchResult found, LineReader lines) {
        Matcher whole = AMOUNT_BEHIND.matcher(found.group());
        boolean food = whole.find()
                && !whole.group("name").contains(" of ")
                && Optional.of(lines.read(whole.group("name")))
                        .filter(read -> read.item().isPresent() && read.exact())
                        .filter(read -> read.amount().isEmpty())
                        .isPresent();
        if (!food) {
            return Matcher.quoteReplacement(found.group());
        }
        String before = whole.group().substring(whole.end("lead"), whole.start("name"));
        String kept = before.replaceFirst("(?i)(?:the|some|my|our) $", "");
        String written = kept + whole.group("amount") + " of " + whole.group("name");
        String lead = whole.group("lead");
        boolean begins = lead.isEmpty() || lead.startsWith(".");
        return Matcher.quoteReplacement(lead + (begins ? Lettering.capital(written) : written));
    }
}
