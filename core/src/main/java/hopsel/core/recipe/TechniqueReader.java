package hopsel.core.recipe;

import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/** Reads techniques off the words of a step; a guess, until somebody has looked. */
public final class TechniqueReader {

    private static final Map<Technique, String> WORDS = new EnumMap<>(Technique.class);
    /** The same few texts are asked for again and again. */
    private static final Map<String, Set<Technique>> READ = new ConcurrentHashMap<>();

    private static final int MOST_KEPT = 5_000;

    /** {@code Cook the onions slowly in the oil}. */
    private static final String COOKED_IN_FAT =
            "cook(?: \\w+){0,6} (?:in|with) (?:the |some |a little |\\d \\w+ )?(?:\\w+ )?(?:oil|margarine|butter)\\b";

    static {
        verbs(Technique.PREHEAT, "pre-?heat|heat (?:the |your |up the )?oven|oven on");
        verbs(Technique.SOAK, "soak|rehydrate");
        verbs(Technique.THAW, "thaw|defrost");
        verbs(Technique.PRESS, "press(?!ure)");
        verbs(Technique.MARINATE, "marinat|marinade|pickle (?:the|them|it)\\b");
        verbs(Technique.INFUSE, "infus|steep");
        verbs(Technique.GEL, "gel\\b|gels\\b|gelled");
        verbs(
                Technique.CUT,
                "slice|chop|dice|cut|peel(?!er|ed)|(?<!(?:vegan|soya?|veggie|plant|the) )mince|shred|halve|"
                        + "(?<!(?:a|one|three) )quarter(?! (?:of|hour|cup|tea|tsp|table|tbsp))|trim|julienne"
                        + "|(?<!(?:stock|ice|sugar|"
                        + "bouillon) )cubes?|mandoline");
        verbs(Technique.GRATE, "grate|zest");
        verbs(Technique.SWEAT, "sweat|caramelis|carameliz|wilt|" + COOKED_IN_FAT);
        verbs(
                Technique.FRY,
                "fry|(?<!french )fries|sear(?!ch)|(?<!(?:golden|are|is|not|lightly|till|until|deep|nicely|well) "
                        + ")brown(?! (?:rice|"
                        + "sugar|lentil|basmati|mushroom|bread|onion|flour|paper|miso))|sauté|saute|sizzl"
                        + "|crisp(?!y \\p{L})|griddle");
        verbs(Technique.TOAST, "(?<!(?:on|with|of) )toast|bloom|dry-roast|temper(?!ature)");
        verbs(Technique.DEGLAZE, "deglaze");
        verbs(Technique.BOIL, "boil|parboil|poach|(?!" + COOKED_IN_FAT + ")cook(?!er|ie|ing oil)");
        verbs(
                Technique.SIMMER,
                "simmer|bubble|stew(?:s|ed|ing)? (?:the|them|it|for|gently|until)|reduce(?! (?:the )?(?:oven"
                        + "|heat|temperature))|braise");
        verbs(Technique.BLANCH, "blanch");
        verbs(Technique.STEAM, "steam");
        verbs(Technique.PRESSURE_COOK, "pressure");
        verbs(
                Technique.BAKE,
                "bake(?! powder)|baking(?! (?:sheet|tray|powder|pdr|pwdr|paper|parchment|soda|dish))|roast");
        verbs(Technique.GRILL, "grill|broil|torch|char(?:red|ring|s)?\\b");
        verbs(Technique.REHEAT, "reheat|warm through|warm it|warm up");
        verbs(Technique.MELT, "melt");
        verbs(Technique.CRISP, "crisp(?!y \\p{L})|crunchy(?! \\p{L})");
        verbs(
                Technique.DRAIN,
                "drain|strain|(?:throw|pour) (?:the |its |their )?(?:\\w+ )?(?:water|liquid)? ?(?:away|off)");
        verbs(
                Technique.BLEND,
                "blend|blitz|(?<!(?:tomato|chestnut|pumpkin|mango|apple|date|garlic|ginger|pea) )(?:purée|"
                        + "puree)|whizz|liquidis|liquidiz|process until|pulse\\b");
        verbs(Technique.GRIND, "grind|pound");
        verbs(Technique.MASH, "mash|crush(?!ed)");
        verbs(
                Technique.MIX,
                "mix|bring(?:ing)? (?:it |them |that |this |everything )?(?:all "
                        + ")?together(?! (?:in)?to\\b)|stir(?!-| fr)|massage|combine|toss|rub(?!ber|y)");
        verbs(Technique.WHISK, "whisk|beat|whip");
        verbs(
                Technique.KNEAD,
                "knead|(?:to|into|forms?|makes) an? (?:[\\w-]+,? ){0,3}(?:dough|pastry)|dough (?:comes"
                        + "|forms|leaves)");
        verbs(Technique.ROLL, "roll(?!ing boil)");
        verbs(Technique.SHAPE, "shape|form(?!er|ula)|pleat|crimp");
        verbs(Technique.FILL, "fill|stuff");
        verbs(Technique.PROOF, "proof|prov(?:e|es|ed|ing)\\b|rise|ferment");
        verbs(
                Technique.REST,
                "(?<!the )(?<!w/ )(?<!with )rest\\b(?! (?:of|for|goes|on|to|into)\\b)|relax|stand(?! mixer)|sit\\b");
        verbs(Technique.COOL, "cool");
        verbs(Technique.CHILL, "chill(?!i|y)|refrigerat|fridge");
        verbs(Technique.FREEZE, "freez");
        verbs(
                Technique.SET,
                "set\\b(?! (?:\\w+ ){0,3}(?:aside|by|timer|alarm|oven|out|up|over|on|to|off)\\b)|setting|firm "
                        + "up|gel\\b");
        verbs(Technique.DRESS, "dress(?:ing)?\\b");
        verbs(Technique.GLAZE, "glaz|frost|brush (?:it|them|the|with|over)");
        verbs(Technique.ASSEMBLE, "assemble|layer|arrange|fold");
        verbs(Technique.SERVE, "serve|plate|garnish|ladle(?! by|ful)");
    }

    private static final WordIndex<Technique> VERBS = new WordIndex<>(WORDS.entrySet().stream()
            .map(words -> new WordIndex.Words<>(words.getKey(), words.getValue(), ""))
            .toList());

    /** {@code cuire au four}: what is cooked in the oven is not boiled. */
    private static final Pattern IN_OVEN =
            Pattern.compile("\\b(?:cook|boil)\\b[^.;]{0,40}\\bin the oven\\b", Pattern.CASE_INSENSITIVE);

    /** {@code the soaked cashews}: what was done to it before is not done now. */
    private static final Pattern DONE_BEFORE = Pattern.compile(
            "\\b(the|some|your|our|remaining|of|with|add) (?:\\w+ly )?(?:soaked|drained|chopped|sliced|diced"
                    + "|minced|grated"
                    + "|shredded|toasted|roasted|grilled|fried|boiled|cooked|steamed|blanched|mashed|blended|marinated"
                    + "|pressed|chilled|frozen|thawed|cooled|melted|infused|rolled|charred|seared|browned|baked|mixed"
                    + "|whisked|blitzed|strained|simmered|reduced) (?!until|and|in|for|with|through|on|at|over|to|by)",
            Pattern.CASE_INSENSITIVE);

    /** {@code without boiling}, {@code don't let it brown}: what is not to be done. */
    private static final Pattern NOT_DONE = Pattern.compile(
            "\\b(?:without|(?<!if )not|do(?:es)?n['’]?t|never|avoid|rather than|(?:just |right )?before (?:it|they))\\b"
                    + "(?: (?:let|letting|it|them|this|to|even|ever|quite|need|starts?|begins?|comes?|the))* \\p{L}+",
            Pattern.CASE_INSENSITIVE);

    private TechniqueReader() {}

    private static void verbs(Technique technique, String words) {
        WORDS.put(technique, words);
    }

    /** The techniques of a step: as they were said, or else as its words read. */
    public static Set<Technique> of(Step step) {
        return step.techniques().isEmpty()
                ? read(step.title() + ". " + step.instruction() + " "
                        + step.cue().orElse(""))
                : step.techniques();
    }

    /** What a step is mainly for: what somebody said of it, or else what its name says, or else all of its words. */
    public static Set<Technique> mainly(Step step) {
        Set<Technique> named = read(step.title());
        return step.techniques().isEmpty() && !named.isEmpty() ? named : of(step);
    }

    /** Whether a step is a soak, a press, a marinade: it lasts as long as it is planned for, and is not uncertain. */
    public static boolean isAtLeast(Step step) {
        return step.work() == Work.REST && of(step).stream().anyMatch(Technique::isAtLeast);
    }

    /** The techniques that a text speaks of. */
    public static Set<Technique> read(String text) {
        if (READ.size() > MOST_KEPT) {
            READ.clear();
        }
        return READ.computeIfAbsent(text, any -> {
            Set<Technique> found = EnumSet.noneOf(Technique.class);
            String done =
                    NOT_DONE.matcher(DONE_BEFORE.matcher(any).replaceAll("$1 ")).replaceAll(" ");
            VERBS.in(done).forEach(hit -> found.add(hit.meant()));
            if (IN_OVEN.matcher(any).find() && found.remove(Technique.BOIL)) {
                found.add(Technique.BAKE);
            }
            return Collections.unmodifiableSet(found);
        });
    }
}
