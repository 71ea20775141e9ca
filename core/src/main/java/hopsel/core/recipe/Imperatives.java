package hopsel.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What somebody says who cooks ("the tofu goes in", "knead that") as a cook writes it down: what is done comes first,
 * and a word that only points at what everybody sees is left out.
 */
final class Imperatives {

    private static final String POINTS = "(?:it|them|'em|that|those|these|this|all of (?:that|it|this|those))";
    /** Behind "that" and "those" where they stand alone: in "mix those two" they do not. */
    private static final String FOLLOWS =
            "(?:in|into|on|onto|over|up|out|off|down|with|to|for|from|at|under|and|then|very|really"
                    + "|well|gently|together|through|back|all|again|aside|thin|thinly|flat|hard|first|by|as"
                    + "|until|till|while|so|right"
                    + "|straight|just|nicely|overnight|dry|cold|warm|hot|smooth)\\b";

    private static final String FOOD =
            "(?:the |your |that |those |some |my |our )?(?<food>(?!(?:everything|into|in|on|onto|while|when"
                    + "|once|with|for|half|one|each|out|off|if|to|a bit)\\b)"
                    + "\\p{L}[\\p{L}'-]*"
                    + "(?: (?!and\\b|it\\b|goes?\\b|comes?\\b|in\\b|is\\b)\\p{L}[\\p{L}'-]*){0,3})";
    private static final String LEAD = "^(?:(?:and|so|then|now|okay|right|again|well|next|finally|just),? )*";
    private static final String VERB =
            "(?:arrange|brown|coil|core|crumble|deseed|dip|discard|drizzle|juice|ladle|lay|mince|place|pleat"
                    + "|remove|saut[eé]|scrunch"
                    + "|smear|spoon|stretch|stuff|swirl|thread|zest|add|bake|beat|blanch|blend|blind bake|blitz"
                    + "|boil|bring|brush|char|chill|chop|coat"
                    + "|combine|cook|cool|cover|crimp|crush|cut|dice|divide|drain|dress|dry|dust|flatten|fill"
                    + "|flip|fold|freeze|fry|get"
                    + "|garnish|grate|grill|grind|halve|heat|keep|knead|knock|leave|let|lift|line|lower|make"
                    + "|marinate|mash|mix|peel"
                    + "|pile|poach|pop|pour|press|prick|prove|pulse|push|put|quarter|reduce|rest|return|rinse"
                    + "|roast|roll|rub|scatter"
                    + "|score|season|serve|set|shape|shred|sift|simmer|skewer|slice|soak|soften|split|spread"
                    + "|sprinkle|squash"
                    + "|squeeze|stack|steam|stir|stone|strain|sweat|take|taste|tip|toast|top|toss|transfer|trim"
                    + "|tuck|turn|unmould|warm"
                    + "|wash|whisk|whizz|wilt|wipe|wrap)";

    /** What is put in other words. */
    private record Rewrite(Pattern pattern, String with) {
        Rewrite(String pattern, String with) {
            this(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), with);
        }
    }

    private static final List<Rewrite> REWRITES = List.of(
            // "Whisk it whisk it whisk it"
            new Rewrite("\\b(\\p{L}+ " + POINTS + "),?(?: and)?(?: \\1\\b)+", "$1"),
            new Rewrite(
                    "^while (?:it|that|this|they|those|the \\p{L}+)(?:'s|'re| is| are)? \\p{L}+(?: away| on)?,? "
                            + "(?=" + VERB + " )",
                    ""),
            // "While that's chilling the plums. Halve them"
            new Rewrite(
                    "^while (?:it|that|this|they)(?:'s|'re| is| are) \\p{L}+ing(?: away| on)?,? (the [\\p{L} ]{3,25}?)"
                            + "[.,]+ (?:so |and |you |I )*(" + VERB + ") (?:them|it|those|that)\\b",
                    "$2 $1"),
            // "The plums, halve them"
            new Rewrite(
                    LEAD + "(?!" + VERB + " )" + FOOD + "[.,]+ (?:you |I |we |so |just )*(?<verb>" + VERB
                            + ") (?:them|it|those|that)\\b",
                    "${verb} the ${food}"),
            new Rewrite("^(?:in|with) (?:the same |that |another )(?:pan|pot|wok|bowl),? (?=the |some |a )", "add "),
            new Rewrite("^in (?:w/?|with) (?=\\p{L}|\\d)", "add "),
            new Rewrite(
                    LEAD + "into (?<where>[\\p{L} ]{3,35}?) (?:it|they|that|those|these) (?:goes|go)\\b",
                    "put into ${where}"),
            new Rewrite(
                    LEAD + "(?:it|that|this|they|those|these|all of (?:that|it|this)) (?:all )?(?:goes|go|is going|are"
                            + " going) (?:straight )?(?:back )?under (?<where>\\p{L}.*)",
                    "cover with ${where}"),
            new Rewrite(
                    LEAD + "(?:it|that|this|they|those|these|all of (?:that|it|this)) (?:all )?(?:goes|go|is going|are"
                            + " going) (?:straight )?(?<where>(?:back )?(?:in|into|onto|on|to|over)\\b.*)",
                    "put ${where}"),
            new Rewrite(
                    LEAD + "everything (?:goes|go) (?<where>(?:back )?(?:in|into|onto|on|to|over)\\b)",
                    "put everything ${where}"),
            new Rewrite(
                    LEAD
                            + "(?:it|that|this|they|those|these) (?:wants?|needs?) to (?<done>stand|rest|sit"
                            + "|cool|soak|chill"
                            + "|prove|dry)\\b",
                    "leave to ${done}"),
            new Rewrite(
                    LEAD + "(?:it|that|this|they|those|these) (?:wants?|needs?) (?:to be )?(?<verb>" + VERB
                            + ")(?:ed|d|ing)?\\b",
                    "${verb}"),
            new Rewrite(
                    LEAD + "(?!" + VERB + " )" + FOOD
                            + " (?:goes|go|is going|are going) (?:straight |right )?(?<back>back )?in"
                            + "(?=[.,]|$| now| next| first| while)",
                    "add the ${food}"),
            new Rewrite(
                    LEAD + "(?!" + VERB + " )" + FOOD + " (?:goes|go|is going|are going) (?:straight |right )?"
                            + "(?<where>(?:back )?(?:in|into|onto|on|over|under)\\b)",
                    "put the ${food} ${where}"),
            new Rewrite(
                    LEAD
                            + "half (?:of )?(?:it|that|those|them) (?:goes|go) (?<where>(?:back )?(?:in|into"
                            + "|onto|on|over)\\b)",
                    "put half ${where}"),
            new Rewrite(
                    LEAD + "(?!" + VERB + " )" + FOOD + " in,? (?:the )?(?<more>\\p{L}+(?: \\p{L}+)?) in,? (?=" + VERB
                            + "\\b)",
                    "add the ${food} and ${more} and "),
            new Rewrite(
                    LEAD + "(?!" + VERB + " |lid|foil|oven|heat)" + FOOD + " in,? (?=" + VERB + "\\b)",
                    "add the ${food} and "),
            new Rewrite(LEAD + "(?!" + VERB + " )" + FOOD + " comes? out\\b", "take the ${food} out"),
            new Rewrite(
                    LEAD + "(?:each|every) (?<where>\\p{L}+) gets (?<what>[^.,;]+?)(?: first)?(?=[.,;]|$)",
                    "put ${what} in each ${where}"),
            new Rewrite(
                    LEAD + "(?!" + VERB + " |lid|foil|oven|heat)" + FOOD + " back in(?=[.,]|$)",
                    "put the ${food} back in"),
            new Rewrite(
                    LEAD + "(?!" + VERB + " |lid|foil|oven|heat|turn|put)" + FOOD + " in(?=[.,]|$)", "add the ${food}"),
            new Rewrite(
                    LEAD + "(?<what>cling ?film|lid|foil|a? ?tea towel) (?:goes )?on(?: and| then|,)? it rests\\b",
                    "cover with ${what} and leave to rest"),
            new Rewrite("^(?:get your hands in|get in there)(?: and|,) (?=" + VERB + "\\b)", ""),
            new Rewrite("^let (?:" + POINTS + ") (?:all )?(?=\\p{L})", "leave to "),
            new Rewrite("^leave (?:" + POINTS + " )?(?:for )?(?:about )?\\d+(?: ?- ?\\d+)? ?min\\w*(?= to )", "leave"),
            new Rewrite(
                    "^leave (?:" + POINTS
                            + " )?(?:for )?(?:about )?(?:\\d+(?: ?- ?\\d+)?|five|ten|fifteen|twenty|thirty)"
                            + " ?min\\w*(?=[.,]|$)",
                    "leave to stand"),
            new Rewrite("^leave " + POINTS + "(?=[.,]|$| for| until| till)", "leave to stand"),
            new Rewrite(
                    "(?<=and |then |, )let (?:" + POINTS
                            + " )?(?=cool|rest|simmer|stand|sit|bubble|prove|soak|steam|melt|drain)",
                    "leave to "),
            // "Halve them stone them and toss them"
            new Rewrite("\\b(" + VERB + ") " + POINTS + "(?: all)? (?=" + VERB + " " + POINTS + "\\b)", "$1, "),
            new Rewrite(
                    "(?<=^|, |and |then )(" + VERB + ")(?: all)? " + POINTS
                            + "(?<!\\b(?:that|those|these|this)(?= (?!" + FOLLOWS + ")))(?: all)?(?= |[.,]|$)"
                            + "(?! (?:(?:\\p{L}+ ){1,3})?(?:is|are|goes?|comes?)\\b)",
                    "$1"));

    /** What is put in other words once the name is cut from what is told. */
    private static final List<Rewrite> IN_NAMES = List.of(
            new Rewrite(
                    "^(?:into|onto|in) (?=(?:an? |the |simmering |boiling |cold |hot |iced )(?:(?!" + VERB
                            + " )[^.,;])*$)",
                    "put into "),
            new Rewrite(
                    LEAD + "(?<what>(?:" + Numbers.NUMBER
                            + ") \\p{L}+ of [\\p{L} ]{3,30}?) (?:in|into) (?=(?:the|an?) [^,;]*$)",
                    "put ${what} into "),
            new Rewrite("(?<=\\p{L}{4}) (?:for )?\\d+(?: ?- ?\\d+)? ?mins?\\.?$", ""),
            new Rewrite(" while (?:it|they|that|those)(?:'s|'re| is| are)?\\b.*$", ""),
            new Rewrite(
                    "(?<=\\b(?:simmer|boil|cook|bake|fry|rest|chill|stand|cool|soak|roast|steam)) (?:\\d+(?: ?- "
                            + "?\\d+)?|five|ten"
                            + "|fifteen|twenty|thirty|forty)$",
                    ""),
            new Rewrite(" (?:because|since) .*$", ""),
            new Rewrite(" so (?:it|they|that|you|nothing)\\b.*$", ""),
            new Rewrite(
                    "^(\\d+|two|three|four|six|eight|ten|twelve) (balls|pieces|rounds|discs|portions|squares)\\b",
                    "make $1 $2"));

    /** {@code Rolled it out}: what somebody did, who made it. */
    private static final Pattern DID = Pattern.compile(
            "^(?:(?:and|so|then|I|we) )*(?<did>\\p{L}{3,}ed|left|took|made|brought|kept|ground|froze|shook)(?= "
                    + "(?:it|them|the|that"
                    + "|those|these|this|in|into|at|for|with|until|till|again|through|out|up|down|everything"
                    + "|all)\\b|[.,]|$)",
            Pattern.CASE_INSENSITIVE);

    private static final Map<String, String> IRREGULAR = Map.of(
            "left", "leave", "took", "take", "made", "make", "brought", "bring", "kept", "keep", "ground", "grind",
            "froze", "freeze", "shook", "shake");

    private static final Pattern ONE_VERB = Pattern.compile(VERB, Pattern.CASE_INSENSITIVE);
    private static final Pattern VERBS = Pattern.compile("\\b" + VERB + "\\b", Pattern.CASE_INSENSITIVE);

    private Imperatives() {}

    /** How many things are done. */
    static long verbsIn(String text) {
        return VERBS.matcher(text).results().count();
    }

    /** What is told, with what is done first. */
    static String of(String text) {
        return with(REWRITES, DID.matcher(Lettering.small(text)).replaceFirst(found -> base(found.group(1))));
    }

    /** The verb of which somebody says that it was done; the same where that is no verb. */
    private static String base(String did) {
        String low = did.toLowerCase(Locale.ROOT);
        String stem = low.replaceFirst("ed$", "");
        return Stream.of(
                        IRREGULAR.getOrDefault(low, ""),
                        stem,
                        stem + "e",
                        stem.replaceFirst("i$", "y"),
                        stem.replaceFirst("(\\p{L})\\1$", "$1"))
                .filter(verb -> ONE_VERB.matcher(verb).matches())
                .findFirst()
                .orElse(did);
    }

    /** The same for a name that was cut from it. */
    static String inName(String name) {
        return with(IN_NAMES, with(REWRITES, Lettering.small(name)));
    }

    private static String with(List<Rewrite> rewrites, String text) {
        String told = text;
        for (Rewrite rewrite : rewrites) {
            told = rewrite.pattern.matcher(told).replaceFirst(rewrite.with);
        }
        return told;
    }
}
