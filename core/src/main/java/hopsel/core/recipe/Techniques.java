package hopsel.core.recipe;

import hopsel.core.dish.Work;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What the verbs of recipes say: who is needed, how long it usually takes, on what it is done. */
final class Techniques {

    private static final List<Verb> ALL = List.of(
            rest("preheat|pre-heat|heat (?:the |your |up the )?oven", 15),
            rest("soak|rehydrate", 60),
            rest("marinat\\w*|marinade for", 60),
            rest("refrigerat\\w*|chill|(?:in|into|to) (?:the )?fridge|fridge", 60),
            rest("drain(?= [^.;,]{0,25}\\b(?:\\d{2}|[5-9]) ?min)", 10),
            rest("freez\\w*|(?:in|into) (?:the )?freezer", 120),
            rest("under (?:a |the )?(?:damp |clean |upturned )?(?:tea[ -]?towel|cloth|bowl|cling)(?= for\\b)", 20),
            rest("thaw|defrost", 120),
            rest("proof|prove|rise|ferment|double in size", 60),
            rest("press (?:the |your )?tofu|press|press for|pressed", 20),
            rest(
                    "(?:let|leave|allow)\\b[^.,;]{0,50}?\\b(?:sit|stand|steep|soften|rest|cool|drain|soak|infuse|"
                            + "set|swell|thicken|absorb|relax|bloom|hydrate|macerate|dry)",
                    10),
            rest(
                    "leave (?:for|to|it|that|this|everything|them|covered|until|over|overnight|out|at room)"
                            + "|leave on (?:the |a )?(?:counter|worktop|side|table|rack|wire|sill|kitchen)"
                            + "|leave (?=\\d|an? |half )|leave (?:it|them|the \\p{L}+|that) in (?:it|that|there"
                            + "|the marinade)|"
                            + "cover and leave|(?:heat (?:is )?off|turn (?:the heat|it) off),? "
                            + "(?=[^.;]{0,12}\\d)|off (?:the )?heat,? (?:for |about )*(?=\\d)|stand (?=\\d|an? |"
                            + "half )|cool|steep|infuse|(?<!w/ )(?<!with )(?<!repeat )rest(?! (?:of|for(?! "
                            + "(?:about |at least |another |up to )?(?:\\d|an?\\b|half\\b|ten\\b|twenty\\b|thirty\\b))|"
                            + "goes|on|to|into)\\b)|macerate|bloom "
                            + "in (?:the )?water|set aside for|stand for|sit for|to set|set in",
                    10),
            rest(
                    "let (?:the )?pressure|pressure (?:to )?(?:come down|fall|drop|release)|natural(?:ly)? "
                            + "release|release (?:the )?pressure",
                    15),
            watch("(?:bring|come|get)[^.;]{0,25}? to (?:high |full |low )?pressure|build(?:ing)? (?:up )?pressure", 10),
            hands(
                    "heat (?:(?:half )?the |half (?:of )?the |some |a little |\\d+ \\w+ )?(?:\\w+ )?oil|"
                            + "heat (?:the |a |up )?(?:\\w+ "
                            + "){0,2}(?:pan|skillet|wok)",
                    2),
            hands(
                    "stir-fry|stir fry|sauté|saute|sautée|fry "
                            + "off|sweat|pan-fry|deep-fry|shallow-fry|fry|sear|char|brown|temper(?!ature)|bloom"
                            + "|flip|griddle",
                    5),
            watch(
                    "bring(?:[^.;]|(?<=\\d)\\.(?=\\d)){0,60}?(?:boil|simmer)|come to (?:a |the )?boil|"
                            + "boil (?:the |some )?water",
                    8),
            watch("into (?:the )?(?:gently )?(?:simmering|boiling|bubbling) (?:salted )?(?:water|stock)", 10),
            watch("(?<!lid )on(?= \\([^()]*\\d)|simmer|boil|bubble|poach|parboil|blanch|reduce", 10),
            watch("oven(?=,? (?:at |for |on )?\\d)|into (?:the |a )?(?:hot )?oven|in the oven", 25),
            watch("blind(?= \\d)|bake|roast|braise|broil|grill|barbecue|air-fry|air fry", 25),
            watch(
                    "steam|pressure[- ]cook|cook under pressure|slow[- "
                            + "]cook|microwave|caramelis\\w*|carameliz\\w*|toast|dry-roast|melt|warm "
                            + "through|warm(?! (?:water|place|spot|room)\\b)|reheat|cook|heat(?! off\\b)",
                    6),
            hands("knead", 8),
            hands(
                    "pat (?:it |them |the dough |each )?(?:out|into|down)|roll "
                            + "out|roll|shape|form|fill|fold|pleat|assemble|stuff|wrap|spread|layer|crimp|pipe|"
                            + "scoop|divide|cut out|(?:bowl|plate|dish|build) up",
                    8),
            hands(
                    "chop|dice|slice|score|mince|peel|grate|shred|cut|trim|julienne|core|halve|quarter|crush|smash|pit|"
                            + "zest|tear|pick",
                    4),
            hands("rub (?:in\\b|(?:the )?(?:\\p{L}+ ){1,3}in(?:to)? )", 5),
            hands("blend|blitz|process|purée|puree|pulse|grind|whizz|liquidise|liquidize", 2),
            hands(
                    "rice (?=the\\b|your\\b|it\\b|them\\b)|bring (?:it |them |that |this |everything |the dough "
                            + ")?(?:all )?together|mix|whisk|whip|stir|combine|toss|beat|mash|rub|massage|"
                            + "cream|season|taste|add|pour|sprinkle|coat|"
                            + "brush|dress|dissolve|drizzle|fold in|squeeze",
                    2),
            hands(
                    "set up|set out|lay out|dip (?=an? |the |each |it |them |in |into )|dunk|drain|rinse|wash|"
                            + "strain|pat "
                            + "dry|dry|sieve|sift|measure|line|grease|oil|arrange|place|put|transfer|remove|lift|"
                            + "turn|lower",
                    2),
            hands("serve|garnish|plate|top|finish|decorate|ladle|enjoy", 2));
    private static final WordIndex<Verb> VERBS = new WordIndex<>(ALL.stream()
            .map(verb -> new WordIndex.Words<>(verb, verb.verbs, "(?:s|es|ing)?\\b"))
            .toList());
    /** No verb that is known. */
    static final Verb OTHER = new Verb("", Work.HANDS, 2);

    private static final Pattern BUSY = Pattern.compile(
            "\\b(?:stirring|whisking|tossing|turning|shaking|flipping)(?:\\s+(?:it|them))?\\s*(?:all the "
                    + "time|constantly|continuously|continually|often|frequently|vigorously|well|throughout)|"
                    + "constantly (?:stirring|whisking)|stir(?:ring)? constantly|\\ba side\\b|per side|each side",
            Pattern.CASE_INSENSITIVE);
    /** {@code boiling water} is poured on, and nothing is boiled. */
    private static final Pattern LIQUID =
            Pattern.compile("^ (?:hot |salted )?(?:water|stock|broth)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern ONE_OF_SEVERAL = Pattern.compile(",\\s*(?:and )?$");
    private static final Pattern AS_A_NOUN =
            Pattern.compile("\\b(?:the|a|an|of|off|until|your|each|into|warm|cool|dark|dry) $");

    private static final int SHORT = 3;

    private Techniques() {}

    private static Verb rest(String verbs, int minutes) {
        return new Verb(verbs, Work.REST, minutes);
    }

    private static Verb watch(String verbs, int minutes) {
        return new Verb(verbs, Work.WATCH, minutes);
    }

    private static Verb hands(String verbs, int minutes) {
        return new Verb(verbs, Work.HANDS, minutes);
    }

    /**
     * The technique that a time belongs to: the last one named before it, otherwise the first one behind it.
     *
     * @param before where the time stands; the end of the text where there is none
     */
    static Verb of(String clause, int before) {
        WordIndex.Hit<Verb> last = null;
        for (WordIndex.Hit<Verb> hit : VERBS.in(clause)) {
            boolean later = last == null || hit.start() > last.start();
            if (later && isVerb(clause, hit)) {
                if (hit.start() > before) {
                    return last == null ? hit.meant() : last.meant();
                }
                last = hit;
            }
        }
        return last == null ? OTHER : last.meant();
    }

    /** Whether a text begins with something that is done. */
    static boolean begins(String text) {
        return VERBS.begins(text);
    }

    /** The technique that a passage without a time starts with. */
    static Verb leading(String clause) {
        return VERBS.in(clause).stream()
                .filter(hit -> isVerb(clause, hit))
                .map(WordIndex.Hit::meant)
                .findFirst()
                .orElse(OTHER);
    }

    /** Stirring beside a simmer is not what the time is for; chopped onions are not being chopped. */
    private static boolean isVerb(String clause, WordIndex.Hit<Verb> verb) {
        String word = clause.substring(verb.start(), verb.end()).toLowerCase(Locale.ROOT);
        String before = clause.substring(0, verb.start()).toLowerCase(Locale.ROOT);
        boolean adjective = word.endsWith("ing")
                && LIQUID.matcher(clause.substring(verb.end())).find();
        return !adjective
                && !(word.endsWith("ing") && ONE_OF_SEVERAL.matcher(before).find())
                && !AS_A_NOUN.matcher(before).find()
                && !(word.equals("oil") || word.equals("top") || word.equals("dry")) | before.isEmpty();
    }

    /** Who is needed: a short or a restless watch is hands work. */
    static Work work(Verb technique, String clause, Optional<Integer> minutes) {
        if (technique.work == Work.WATCH
                && (BUSY.matcher(clause).find()
                        || minutes.filter(m -> m < SHORT).isPresent()
                                && !clause.toLowerCase(Locale.ROOT).contains("oven")
                                && !clause.toLowerCase(Locale.ROOT)
                                        .matches("(?s).*\\b(?:bake|boil|blanch|simmer|roast)\\b.*"))) {
            return Work.HANDS;
        }
        return technique.work;
    }

    /**
     * A family of verbs.
     *
     * @param verbs that name it: alternatives, each a regular expression
     * @param work who is needed
     * @param minutes what it usually takes where nothing was said
     */
    record Verb(String verbs, Work work, int minutes) {}
}
