package hopsel.core.recipe;

import hopsel.core.measure.Unit;
import hopsel.core.recipe.RecipeSource.Passage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Somebody talking: what a dictation program wrote down, or the captions of a recording (WebVTT, SubRip). It becomes
 * the parts of a recipe: what is needed, what is done in kitchen imperatives, and what was only said.
 */
final class Narration {

    private static final int LEAST = 3;
    private static final int LISTED = 3;
    private static final int LEAST_ON_PLATE = 2;
    private static final int SHORTEST_TALK = 12;
    private static final Pattern MOMENT = Pattern.compile("(?m)^\\s*(?:\\d{1,2}:)?\\d{1,2}:\\d{2}[.,]\\d{3}\\s*-->.*$");
    private static final Pattern FRAME =
            Pattern.compile("(?m)^\\s*(?:WEBVTT.*|NOTE\\b.*|Kind:.*|Language:.*|STYLE\\b.*|\\d{1,5})\\s*$|<[^>]{1,60}>|"
                    + "\\[[^\\]]{1,40}\\]");
    private static final Pattern FILLER = Pattern.compile(
            "\\b(?:um+|uh+|erm*|you know|sort of|kind of|basically|literally|obviously|I guess|as I said)\\b,?\\s*",
            Pattern.CASE_INSENSITIVE);
    /** Two, sorry, three: what was meant is what was said last. */
    private static final Pattern CORRECTED = Pattern.compile(
            "(?!an? (?:lot|bit|little|few|load|glug|splash|drizzle)\\b)(?:" + Numbers.NUMBER
                    + ")(?: \\p{L}{3,12})?(?: of [\\p{L} ]{2,20}?)?[ ,.-]+(?:sorry|no|I mean|or rather|make that|"
                    + "pardon)(?:,? (?:sorry|no|make that|I mean))?[ ,]+(?=(?:"
                    + Numbers.NUMBER + ")\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code 300 grams of flour, no wait, 350}: the number alone is another. */
    private static final Pattern TAKEN_BACK = Pattern.compile(
            "(" + Numbers.NUMBER
                    + ")( \\p{L}+ of [\\p{L} -]{2,30}?)[ ,.-]+(?:sorry|no,? wait|wait|no|I mean|or rather|"
                    + "make that|pardon)(?:,? (?:sorry|no|wait|make that|I mean))*[ ,]+("
                    + Numbers.NUMBER + ")(?: (?:cups?|tablespoons?|teaspoons?|grams?))?(?=,|\\.| and )",
            Pattern.CASE_INSENSITIVE);
    /** A sentence that begins with a small letter. */
    private static final Pattern SMALL = Pattern.compile("(?<=\\p{L}{2}[.!?] )\\p{Ll}");
    /** {@code That's the whole dough}, {@code if it browns, start again}: about what is done, and nothing to do. */
    private static final Pattern REMARK = Pattern.compile(
            "^(?:(?:that|this|it|there)(?:'s| is| was| are)\\b|if (?:it|they|you|this|that)\\b|it'll\\b|"
                    + "(?:overnight|longer) is\\b|you(?:'ll| will) (?:see|notice|find|smell|hear)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code The dough has rested, …}: how things stand. */
    private static final Pattern STANDS = Pattern.compile(
            "^(?:the|my|your|our|that|it|they|everything)\\b[^,.;]{0,25}(?:'s|'re| is| are| has| have)(?: now|"
                    + " all| nicely| really| just)? [^,.;]{2,25},\\s*(?=\\S)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PAN_STANDS = Pattern.compile(
            "^(?:the|my|your|our) (?:\\p{L}+ )?(?:pan|wok|pot|skillet|griddle)(?:'s| is) (?:now |really |"
                    + "nice and |smoking )*hot(?: now)?,\\s*(?=\\S)",
            Pattern.CASE_INSENSITIVE);
    /** {@code the tempeh goes in}. */
    private static final Pattern GOES_IN = Pattern.compile(
            "(\\b(?:the|my|your|our|all the|all my) [\\p{L} -]{2,30}?|^(?!that|this|it|they|in\\b)\\p{L}[\\p{L} "
                    + "-]{2,20}?) "
                    + "(?:goes|go|went) in(?:to (?:the|it|that|my)[^,.;]{0,20})?(?=[,.;]| and | hot| cold| now|$)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TALKS = Pattern.compile(
            "\\b(?:I'm (?:mak|cook|us|go|pour|chopp|halv|tak|show|do|put)\\w*ing|okay|um+|don't peek|by the way|"
                    + "I'm going to|we're going to|I am going to|we are going to|gonna|you'll need|"
                    + "you will need|go ahead and|welcome|"
                    + "hello|hi (?:everybody|everyone|there|guys)|let's|you just|oh and|here goes|dictating|"
                    + "so for|I've got|we've got|I like to|what I do)\\b",
            Pattern.CASE_INSENSITIVE);
    /** Said, rather than written, where nothing is written short. */
    private static final Pattern SAYS = Pattern.compile(
            "\\b(?:I (?:mix|let|use|serve|always|only|fry|cook|toss|add|just)|I'll|folks|there you go|don't rush"
                    + "|you don't have to|no notes|back to the|look at that|they go|it goes|goes in)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WRITTEN_SHORT = Pattern.compile("\\d ?(?:g|kg|ml|tbsp|tsp|oz|lb|mins?|°)(?!\\p{L})");
    private static final int SHORT = 2;
    private static final Pattern PERSON =
            Pattern.compile("\\b(?:I|I'm|I've|I'll|I'd|we're|we've|me|my|mine|myself)\\b");
    private static final int LEAST_PERSON = 6;
    private static final int WORDS_A_PERSON = 40;
    private static final Pattern STOPS = Pattern.compile("[.;:!?,](?!\\d)");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    private static final int LONG_BREATH = 50;
    /** {@code First thing, dough.}, {@code The sauce.}, {@code Back to the dough.} */
    private static final Pattern PART_BEGUN = Pattern.compile(
            "^(?:(?:okay|ok|right|so|now|and|then|next|meanwhile|first(?: thing)?|back to|on to),? )*(?:(?:the"
                    + "|my|our|for the) )?"
                    + "(\\p{L}{3,15})(?: first| next| now)?[.:!]$",
            Pattern.CASE_INSENSITIVE);

    /** {@code That all goes in the blender}. */
    private static final Pattern ALL_GOES_IN = Pattern.compile(
            "^(?:that|this|it|they|those|these)(?:'s| all)?(?: all)? (?:goes|go|going) in(?:to)? (?=(?:the|a"
                    + "|my) (?:\\p{L}+ )?"
                    + "(blender|processor|grinder)|(?:the|a|my) )",
            Pattern.CASE_INSENSITIVE);
    /** {@code 250 grams of noodles, soak these for …}: first what is done. */
    private static final Pattern FOOD_THEN_DONE = Pattern.compile(
            "^(?<food>(?:about )?(?:\\d|" + Numbers.NUMBER + "\\b)[^.;:]{3,60}?), (?:and |then )*(?<verb>\\p{L}{3,10})"
                    + " (?:these|them|this|that|it|those)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ONLY_ADDED = Pattern.compile(
            "add (?:about )?(?:\\d|(?:" + Numbers.NUMBER + ") )[^.]{3,90}[.]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern HANDFUL = Pattern.compile(
            "^(?:(?:big|small|good|generous) )?(?:pinch|handful|splash|dash|drizzle|squeeze|knob|bunch|sprig) of ",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKETS = Pattern.compile(" ?\\([^()]*\\)");
    /** {@code chillies (soaked in hot water for 20 minutes)}: it has to be done. */
    private static final Pattern DONE_BEFORE =
            Pattern.compile("^(?<food>.*\\p{L}) \\((?<verb>\\p{L}+)ed(?<how> .*)\\)$");

    /** {@code Here's one that has had its ten minutes}: nothing is done but to bring it in. */
    private static final Pattern CUT_TO = Pattern.compile(
            "^(?:(?:and|so|now|okay|right|but),? )*(?:here(?:'s| is) (?:one|some|the one) (?:I|we|that|which|with)\\b"
                    + "|(?:that|this|it) took (?:me|us)?\\b|(?:you|we) (?:could|might) (?:also |always )?"
                    + "(?:put|add|use|swap|do|throw|top)\\b|(?:well, )?\\p{L}+ minutes (?:of )?waiting)",
            Pattern.CASE_INSENSITIVE);

    /** {@code For the filling I boil …}: what follows belongs there. */
    /** So much of something, in figures or in words: whatever else is said, it goes in. */
    private static final Pattern MEASURED = Pattern.compile(
            "(?:\\d|\\b(?:" + Numbers.NUMBER
                    + ")) ?(?:g|grams?|kilos?|ml|mils?|litres?|cups?|tablespoons?|teaspoons?|tins?"
                    + "|cans?|cloves?|blocks?|handfuls?|pinch(?:es)?)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_THE = Pattern.compile(
            "^(?:(?:and|so|then|now|okay|right),? )*for the (\\p{L}{3,12}),? ", Pattern.CASE_INSENSITIVE);
    /** The parts meet on the plate. */
    private static final Pattern SERVING = Pattern.compile(
            "^(?:(?:and|so|then|now|okay|right),? )*(?:to serve|(?:I |we |you )?(?:serve|plate|top|assemble)|to "
                    + "finish)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code Then into a really hot pan with a good glug of oil}. */
    private static final Pattern INTO_A_PAN = Pattern.compile(
            "^(?:back )?in(?:to)? (?:a|the|my) (?:\\p{L}+ ){0,3}(?:pan|pot|wok|oven|bowl|blender|griddle)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ON_TOP = Pattern.compile("\\bon top\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern NEEDED = Pattern.compile(
            "\\b(?:(?:what )?you(?:'ll| will)? need(?: is| are)?|(?:what )?we(?:'ll| will)? need(?: is| are)?|"
                    + "(?:I|we) (?:use|take)|(?:I(?:'m| am)|we(?:'re| are)) going to (?:use|need|want)|I(?:'ve| "
                    + "have)(?: also| just)? got|we(?:'ve| have)(?: also|"
                    + " just)? got|(?:I|we)(?: also)? have|you(?:'ll| will)(?: also)? want|"
                    + "the ingredients are|I(?:'m| am) using|here(?:'s| is| are| I have| we have)|(?:you|we"
                    + "|I)(?:'ll)? (?:start|begin) with)\\b:?\\s*",
            Pattern.CASE_INSENSITIVE);
    /** {@code Oh and the beetroot dip, that's two cooked beetroots}: what goes into one part. */
    private static final Pattern PART_NEEDED = Pattern.compile(
            "^(?:(?:oh|and|so|then|okay|ok|right|now|meanwhile),? |while (?:it|they|that|this)(?:'s|'re| is| "
                    + "are)? ?\\p{L}+,? )*"
                    + "(?:for )?(?:(?:the|my|our) ([\\p{L} ]{3,30}?)"
                    + "(?: bit| part)?,? (?:it's|that's|it is|that is|you(?:'ll)? (?:need|want)|we (?:need"
                    + "|want)|I (?:use|take))"
                    + "|(?:the|my|our) ([\\p{L} ]{3,25}?):"
                    + "|(\\p{L}{4,12}) first,?(?: so)?(?: you(?:'ll)? (?:need|want)| it's)?|the (\\p{L}{4,12}) "
                    + "bit,?)\\s+"
                    + "(?=(?:about )?(?:" + Numbers.NUMBER + "|an?|half|some)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern IT_IS = Pattern.compile(
            "^(?:so |and )?(?:it's|that's|it is) (?=(?:about |an? )?(?:" + Numbers.NUMBER
                    + ") (?:grams?|g|kilos?|ml|millilitres?|cups?|tablespoons?|teaspoons?|tins?|cans?)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code a quarter cup of oil two cups of broth}, where no comma was heard. */
    private static final Pattern UNPARTED = Pattern.compile(
            "(?<=\\bof \\p{L}{3,20}) (?=(?:" + Numbers.NUMBER
                    + ") (?:cups?|tablespoons?|teaspoons?|grams?|tins?|cans?|mils?|millilitres?|kilos?) of )",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PARTS =
            Pattern.compile("\\s*(?:,|;|(?<!hundred )\\band\\b|\\bplus\\b|\\bthen\\b)\\s*", Pattern.CASE_INSENSITIVE);
    /** {@code for the marinade four tablespoons of soy}. */
    private static final Pattern FOR_PART = Pattern.compile(
            "^(?:also |then |and )*(?:for the [\\p{L} ]{3,20}?,? (?=(?:" + Numbers.NUMBER + ")\\b))?",
            Pattern.CASE_INSENSITIVE);
    /** {@code one block of tempeh, that's 200 grams}. */
    private static final Pattern THAT_IS = Pattern.compile(
            "^(?:that's|that is|about|which is|so)(?: about)? (" + Numbers.NUMBER
                    + " ?(?:g|grams?|kg|kilos?|ml|millilitres?))( (?:cut|chopped|sliced|diced|drained|cubed|crumbled"
                    + "|grated|peeled|torn|halved)\\b.*)?$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OPENING = Pattern.compile(
            "^(?:(?:first thing|(?:alright|hi|hello|okay|right),? (?:folks|everyone|everybody)|folks|okay|ok"
                    + "|right|so|now|and|but|well|first(?: of all)?|next|then|after that|"
                    + "all right|alright|just|that's it)\\b,?\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WHO = Pattern.compile(
            "(?<!\\b(?:whatever|what|however|how|as|wherever|before|after) )\\b(?:I|we|you)(?:'m|'re|'ll| am| "
                    + "are| will| can| could| want to| need to| have to| like to|"
                    + " always| just)*"
                    + "(?: just)?(?: going to| gonna)?(?: go ahead and)?(?: just)?\\s+(?=\\p{Ll})"
                    + "|\\b(?:go ahead and|let's|let us|gonna)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_GO = Pattern.compile(
            "\\b(?:in|on) (?:go|goes|went) (?=the|my|our|some|an?\\b|all|half|about|\\d|" + Numbers.NUMBER + "\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code in my bowl}: where it stands already. */
    private static final Pattern STANDS_IN = Pattern.compile(
            "\\s+(?:in|on|into) (?:my|a|the|this|our) (?:\\w+ )?(?:bowl|pan|pot|tray|board|counter|jug|table)\\W*$",
            Pattern.CASE_INSENSITIVE);
    /** Hundreds in words, as nobody writes them: two hundred and fifty. */
    private static final Pattern BIG = Pattern.compile(
            "\\b(?:an?|one|two|three|four|five|six|seven|eight|nine) hundred(?: and)?(?: [a-z]+(?:ty|"
                    + "teen)(?:[- ](?:one|two|three|"
                    + "four|five|six|seven|eight|nine))?)?\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern A_FIGURE = Pattern.compile("\\d|[½⅓⅔¼¾⅛]");
    /** {@code a sachet of yeast that's seven grams}. */
    private static final Pattern SO_MUCH = Pattern.compile(
            "(?<=\\p{L}) that's (?=(?:about )?" + Numbers.NUMBER + " (?:grams?|g|ml|mil|millilitres?)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code five hundred grams}: nobody writes that by hand. */
    private static final Pattern SPELT_OUT = Pattern.compile(
            "\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|fifteen|twenty|thirty|forty|fifty|hundred|half an?|"
                    + "couple of|few|an?) (?:grams|kilos?|mils?|millilitres|litres?|tablespoons?|teaspoons?|cups?|"
                    + "minutes|hours?|cloves|tins?|cans?)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AND_A_HALF = Pattern.compile(
            "\\ban? (cup|tablespoon|teaspoon|litre|kilo|pound)s? and a half\\b", Pattern.CASE_INSENSITIVE);
    /** {@code one and a half cups}: no list of two. */
    private static final Pattern SOME_AND_A_HALF = Pattern.compile(
            "\\b(?:one|two|three|four|five) and a (?:half|quarter)(?= (?:cups?|tablespoons?|teaspoons?|lit|kilo"
                    + "|pound))",
            Pattern.CASE_INSENSITIVE);
    /** {@code three tablespoons of miso, two of mirin}. */
    private static final Pattern SAME_SPOON = Pattern.compile(
            "\\b((?:" + Numbers.NUMBER
                    + ") )(tablespoons?|teaspoons?|cups?|grams?)( of [^,.;]{2,40}?)(?:,| and) ((?!a? ?(?:couple"
                    + "|few|dozen|half)\\b)(?:"
                    + Numbers.NUMBER + ")) of ",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern IN_A_BOWL =
            Pattern.compile("\\bin (?:the|a|my|this) (?:\\p{L}+ )?(?:bowl|jug)\\b", Pattern.CASE_INSENSITIVE);

    /** {@code 250 grams of flour, and the same of yoghurt}. */
    private static final Pattern SAME_OF = Pattern.compile(
            "\\b((?:" + Numbers.NUMBER + ") (?:grams?|kilos?|ml|mils?|millilitres?|cups?|tablespoons?|teaspoons?)) of "
                    + "([\\p{L} -]{2,30}?)( (?:in|into) (?:the|an?|my|this) \\p{L}+)?,? and (?:the same|as much)"
                    + "(?: amount| again)? of ",
            Pattern.CASE_INSENSITIVE);
    /** {@code the spring onions, that's four of them}. */
    private static final Pattern OF_THEM = Pattern.compile(
            "\\bthe ([\\p{L} ]{3,30}?), (?:that's|that is|there are|I(?:'ve| have) got) (" + Numbers.NUMBER
                    + ") of (?:them|those)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code Ten minutes later}: where the recording was cut; what follows goes on. */
    private static final Pattern LATER = Pattern.compile(
            "^(?:so |and )?(?:about |some |around )?(?:" + Numbers.NUMBER
                    + ") (?:seconds?|minutes?|hours?) later[,.]?\\s*"
                    + "|^(?:\\(cut\\) )?(?:ok(?:ay)?,? |so )*(?:it has|it's|that has|that's) (?:now )?been "
                    + "(?:about )?(?:"
                    + Numbers.NUMBER + ") (?:seconds?|minutes?|hours?)(?: now)?[,.]?\\s*",
            Pattern.CASE_INSENSITIVE);
    /** {@code Sago in the glass, syrup on it}: put together, without a word for it. */
    private static final Pattern PUT_TOGETHER = Pattern.compile(
            "^[\\p{L} ]{3,25} (?:in|into|on|onto) (?:the|an?|each|every|your|my) (?:\\p{L}+ )?(?:glass|bowl|plate|jar|"
                    + "pot|cup|bun|wrap|platter|board)(?:es|s)?\\b.*,.*\\b(?:on|over) (?:it|top|that|them|there)\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code for 40, 45 minutes}. */
    private static final Pattern ONE_OR_OTHER = Pattern.compile(
            "(?<=\\bfor )(\\d{1,3}), (\\d{1,3}) (?=min|hours?\\b|seconds?\\b)", Pattern.CASE_INSENSITIVE);

    private static final Pattern GERUND = Pattern.compile("(^|(?:,| and|, and) )(\\p{L}{2,12}?)ing\\b(?= )");

    private final LineReader lines;
    private final List<Passage> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    /** For what is needed, how many passages of the method were told before. */
    private final Map<String, Integer> told = new HashMap<>();

    /** What was said while a passage of the method was done, and names nothing to eat. */
    private final Map<Integer, String> said = new HashMap<>();

    private final List<String> aside = new ArrayList<>();
    /** Foods that were named as needed, without how much. */
    private final List<Passage> named = new ArrayList<>();

    /** The part that is told of. */
    private Optional<String> part = Optional.empty();

    private final TalkHead head;

    /** Whether somebody says at the beginning what will be needed; how much of it counts when it goes in. */
    private boolean introducing;
    /** Whether the sentence before said what is needed. */
    private boolean listing;

    private Narration(LineReader lines) {
        this.lines = lines;
        this.head = new TalkHead(lines);
    }

    /** The parts of what was said; empty where the text is written, not spoken. */
    static Optional<RecipeSource> of(String text, LineReader lines) {
        boolean captions = MOMENT.matcher(text).find();
        long said = TALKS.matcher(text).results().limit(LEAST).count();
        if (WRITTEN_SHORT.matcher(text).results().limit(SHORT).count() < SHORT) {
            said += SAYS.matcher(text).results().limit(LEAST).count();
        }
        boolean talks = (said >= LEAST || isInPerson(text) || isOneBreath(text)) && !isList(text, lines);
        boolean dictated = !A_FIGURE.matcher(text).find()
                && SPELT_OUT.matcher(text).results().limit(LEAST).count() >= LEAST;
        return captions || talks || dictated ? Optional.of(new Narration(lines).source(text)) : Optional.empty();
    }

    /** Who writes a recipe down hardly speaks of himself; who talks does so in every second sentence. */
    private static boolean isInPerson(String text) {
        long words = text.split("\\s+").length;
        long person = PERSON.matcher(text).results().count();
        boolean inWords = SPELT_OUT.matcher(text).results().limit(LEAST).count() >= LEAST;
        boolean noted = WRITTEN_SHORT.matcher(text).results().limit(SHORT).count() >= SHORT;
        return !noted && (person >= LEAST_PERSON && person * WORDS_A_PERSON >= words || person >= LEAST && inWords);
    }

    /** So many words in a row without a stop are written by nobody. */
    private static boolean isOneBreath(String text) {
        return text.lines().anyMatch(line -> {
            long words = WORD.matcher(line).results().count();
            return words >= LONG_BREATH && STOPS.matcher(line).results().count() * LONG_BREATH < words;
        });
    }

    /** Whether somebody only greets, thanks, or says what is to be made. */
    static boolean isChatter(String passage) {
        return TalkHead.isChatter(passage)
                || TalkHead.saysMaking(passage)
                || isCutTo(passage)
                || Optional.of(PART_BEGUN.matcher(passage))
                        .filter(begun -> begun.matches() && isPartBegun(begun.group(1)))
                        .isPresent();
    }

    private static boolean isCutTo(String sentence) {
        return CUT_TO.matcher(sentence).find() && !MEASURED.matcher(sentence).find();
    }

    /** Whoever has a list of amounts has written a recipe, in however chatty a way. */
    private static boolean isList(String text, LineReader lines) {
        return text.lines()
                        .map(String::strip)
                        .filter(line -> line.matches("^[-*•]?\\s*[\\d½¼¾].{2,70}")
                                && lines.read(line).item().isPresent())
                        .limit(LISTED)
                        .count()
                >= LISTED;
    }

    private RecipeSource source(String text) {
        String plain = MOMENT.matcher(Captions.punctuated(text)).replaceAll("");
        plain = FRAME.matcher(MOMENT.matcher(text).find() ? plain : Unstopped.paragraphs(plain))
                .replaceAll(" ")
                .replaceAll("\\s+", " ")
                .strip();
        plain = Unstopped.parted(plain);
        // A dictation program knows no capitals.
        plain = SMALL.matcher(plain).replaceAll(stop -> stop.group().toUpperCase(Locale.ROOT));
        plain = BIG.matcher(FILLER.matcher(Numbers.plain(plain)).replaceAll("").replaceAll(", ?(?=[.!?])", ""))
                .replaceAll(Narration::inFigures);
        plain = AND_A_HALF.matcher(plain).replaceAll("1.5 $1");
        plain = SOME_AND_A_HALF.matcher(plain).replaceAll(Narration::inFigures);
        plain = UNPARTED.matcher(plain).replaceAll(", ");
        plain = SO_MUCH.matcher(plain).replaceAll(", that's ");
        plain = CORRECTED.matcher(TAKEN_BACK.matcher(plain).replaceAll("$3$2")).replaceAll("");
        plain = ONE_OR_OTHER.matcher(plain).replaceAll("$1-$2 ");
        for (String before = ""; !before.equals(plain); ) {
            before = plain;
            plain = SAME_SPOON.matcher(plain).replaceAll("$1$2$3, $4 $2 of ");
        }
        plain = SAME_OF.matcher(plain).replaceAll("$1 of $2$3, and $1 of ");
        aside.addAll(SpokenWords.notTaken(plain));
        plain = SpokenWords.written(OF_THEM.matcher(plain).replaceAll("$2 $1"), lines);
        for (String sentence : StepReader.sentences(plain)) {
            take(sentence);
        }
        namedOnly();
        putIn();
        return new RecipeSource(
                head.title(),
                head.yield(),
                Optional.empty(),
                ingredients,
                method,
                aside,
                new RecipeSource.Telling(told, said, HeardAmounts.in(plain, lines)));
    }

    private static String inFigures(MatchResult said) {
        return Numbers.read(said.group())
                .filter(number -> number.rest().isBlank())
                .map(Numbers.Reading::low)
                .map(number -> number.stripTrailingZeros().toPlainString())
                .orElse(Matcher.quoteReplacement(said.group()));
    }

    private void take(String whole) {
        String sentence = head.withoutPieces(whole);
        boolean wasListing = listing;
        listing = false;
        if (isCutTo(sentence) || sentence.endsWith("?") || head.isHeadline(sentence)) {
            aside.add(sentence);
            return;
        }
        Matcher begun = PART_BEGUN.matcher(sentence);
        if (begun.matches() && isPartBegun(begun.group(1))) {
            part = Optional.of(Lettering.capital(begun.group(1)));
            aside.add(sentence);
            return;
        }
        Matcher forThe = FOR_THE.matcher(sentence);
        Optional<String> sofar = part;
        if (forThe.find() && isPart(forThe.group(1)) && !method.isEmpty()) {
            part = Optional.of(Lettering.capital(forThe.group(1)));
            tell(sentence);
            part = sofar;
        } else {
            part = SERVING.matcher(sentence).find() ? Optional.empty() : part;
            takeFurther(sentence, wasListing);
        }
    }

    private void takeFurther(String sentence, boolean wasListing) {
        if (head.isSaidIn(sentence, !method.isEmpty(), isMeasured(sentence))) {
            aside.add(sentence);
            return;
        }
        if ((method.isEmpty() || wasListing || IN_A_BOWL.matcher(sentence).find()) && isOnlyMeasured(sentence)) {
            needed(sentence, sentence);
            return;
        }
        Matcher it = IT_IS.matcher(sentence);
        if (it.find()) {
            needed(sentence, sentence.substring(it.end()));
            return;
        }
        Matcher of = PART_NEEDED.matcher(sentence);
        if (of.find()) {
            part = Stream.of(1, 2, 3, 4)
                    .map(of::group)
                    .filter(Objects::nonNull)
                    .map(name -> Lettering.capital(name.strip()))
                    .findFirst();
            needed(sentence, sentence.substring(of.end()));
            return;
        }
        if (head.isTonight(sentence)) {
            aside.add(sentence);
            return;
        }
        boolean nothingYet = method.isEmpty() && ingredients.isEmpty();
        if (nothingYet && head.isNamedAlone(sentence, OPENING.matcher(sentence).replaceFirst(""), aside.isEmpty())) {
            return;
        }
        tell(head.withoutGuests(sentence));
    }

    private static boolean isPartBegun(String name) {
        return isPart(name) && (name.endsWith("ing") || !Techniques.begins(name.toLowerCase(Locale.ROOT)));
    }

    /** What is to be made, what is needed, or what is done. */
    private void tell(String sentence) {
        Matcher needed = NEEDED.matcher(sentence);
        if (head.isYield(sentence)) {
            aside.add(sentence);
        } else if (TalkHead.isChatter(sentence) && TimeReader.find(sentence).isEmpty()) {
            aside.add(sentence);
            head.isMaking(sentence);
        } else if (head.isMaking(sentence)) {
            aside.add(sentence);
            if (needed.find()) {
                introducing = true;
                needed(sentence, sentence.substring(needed.end()));
                introducing = false;
            }
        } else if (needed.find(0) && needed.start() > 0 && isDone(sentence.substring(0, needed.start()))) {
            take(sentence.substring(0, needed.start()).strip());
            take(sentence.substring(needed.start()).strip());
        } else if (needed.find(0)
                && TimeReader.find(BRACKETS.matcher(sentence).replaceAll("")).isEmpty()) {
            needed(sentence, sentence.substring(needed.end()));
        } else {
            method(sentence);
        }
    }

    /** {@code toss them with 50 grams of sugar}, before {@code I use demerara}: something was done first. */
    private boolean isDone(String ahead) {
        String said = OPENING.matcher(ahead).replaceFirst("");
        return said.contains(" ") && (Techniques.begins(said.toLowerCase(Locale.ROOT)) || isMeasured(said));
    }

    private static boolean isPart(String name) {
        String word = name.toLowerCase(Locale.ROOT);
        return HeadingWords.isPart(word) || Branches.isMade(word);
    }

    /** {@code 250 grams of flour in the bowl, and a pinch of salt}: what goes in, and nothing that is done. */
    private boolean isOnlyMeasured(String sentence) {
        List<String> all = Stream.of(PARTS.split(sentence.replaceAll("[.!]$", "")))
                .map(part -> STANDS_IN.matcher(part).replaceFirst("").strip())
                .filter(part -> !part.isEmpty())
                .toList();
        return !all.isEmpty()
                && LineLooks.startsWithAmount(all.get(0))
                && TimeReader.find(sentence).isEmpty()
                && TechniqueReader.read(sentence).isEmpty()
                && all.stream()
                        .map(lines::read)
                        .allMatch(read -> read.item().isPresent()
                                && read.exact()
                                && read.amount().isPresent());
    }

    /** What is needed: foods, with or without how much; whoever does something meanwhile tells that, too. */
    private void needed(String sentence, String list) {
        listing = true;
        List<String> found = Stream.of(PARTS.split(list.replaceAll("[.!]$", "")))
                .map(part -> STANDS_IN.matcher(part).replaceFirst("").strip())
                .map(part -> FOR_PART.matcher(part).replaceFirst(""))
                .filter(part -> !part.isEmpty())
                .toList();
        List<String> rest = new ArrayList<>();
        boolean any = false;
        for (String part : found) {
            Matcher doing = WHO.matcher(part);
            Matcher weight = THAT_IS.matcher(part);
            if (weight.matches() && weighed(weight.group(1), weight.group(2) == null ? "" : "," + weight.group(2))) {
                continue;
            }
            String done = part.replaceFirst("(?i)^(?:(?:and|then|just) )+", "");
            if (doing.lookingAt() || Techniques.begins(done.toLowerCase(Locale.ROOT))) {
                method(part);
            } else if (lines.read(part).item().isPresent() || isWeighed(part)) {
                any = true;
                Matcher before = DONE_BEFORE.matcher(part);
                if (before.matches() && !TimeReader.find(before.group("how")).isEmpty()) {
                    method(before.group("verb") + "ing the "
                            + lines.read(before.group("food")).name() + before.group("how"));
                }
                told.put(part, method.size());
                if (!introducing && lines.read(part).amount().isPresent()) {
                    ingredients.add(new Passage(this.part, part));
                } else {
                    named.add(new Passage(this.part, part));
                }
            } else {
                rest.add(part);
            }
        }
        if (any) {
            aside.addAll(rest);
        } else if (!rest.isEmpty()) {
            method(sentence);
        }
    }

    /** {@code 200 grams of goji paste}: whatever nobody knows is an ingredient, too, where so much of it is wanted. */
    private boolean isWeighed(String part) {
        ReadLine read = lines.read(part);
        return !read.name().isEmpty()
                && !read.name().matches("(?i)(?:that's|thats|that|for|it|it's|which|with|so|about|or)\\b.*")
                && read.amount().filter(amount -> amount.unit() != Unit.PIECE).isPresent();
    }

    /** The thing that was named last weighs so much; false where nothing was. */
    private boolean weighed(String weight, String prep) {
        int listed = ingredients.size() - 1;
        if (introducing && !named.isEmpty()) {
            named.set(
                    named.size() - 1,
                    new Passage(
                            part,
                            weight + " "
                                    + lines.read(named.get(named.size() - 1).text())
                                            .name() + prep));
        } else if (listed >= 0) {
            String name = lines.read(ingredients.get(listed).text()).name();
            ingredients.set(listed, new Passage(ingredients.get(listed).heading(), weight + " " + name + prep));
        }
        return listed >= 0 || !named.isEmpty();
    }

    /** What was named without an amount is an ingredient; how much of it is said when it goes in, or not at all. */
    private void namedOnly() {
        for (Passage food : named) {
            ReadLine read = lines.read(food.text());
            boolean listed = ingredients.stream()
                    .anyMatch(own -> lines.read(own.text()).item().equals(read.item()));
            if (!listed) {
                // What is said when it goes in counts; where nothing is, what was said before.
                ingredients.add(new Passage(food.heading(), isMeasuredLater(read) ? read.name() : food.text()));
            }
        }
    }

    /** What goes in without a word about how much. */
    private void putIn() {
        List<String> listed = Stream.concat(
                        ingredients.stream().map(Passage::text),
                        method.stream()
                                .flatMap(passage -> Stream.of(PARTS.split(passage.text())))
                                .filter(piece -> lines.read(piece).amount().isPresent()))
                .toList();
        for (int i = 0; i < method.size(); i++) {
            byHandful(i);
        }
        SpokenFoods foods = new SpokenFoods(lines, listed);
        method.forEach(passage -> foods.hear(passage.text()));
        for (int i = 0; i < method.size(); i++) {
            Optional<String> heading = method.get(i).heading();
            int before = i;
            foods.in(method.get(i).text()).forEach(food -> {
                told.put(food, before);
                ingredients.add(new Passage(heading, food));
            });
        }
    }

    /** {@code pinch of salt}, between two commas. */
    private void byHandful(int passage) {
        for (String piece : PARTS.split(method.get(passage).text())) {
            ReadLine read = lines.read(piece);
            boolean listed = ingredients.stream()
                    .anyMatch(own -> lines.read(own.text()).item().equals(read.item()));
            if (HANDFUL.matcher(piece).find() && read.item().isPresent() && read.exact() && !listed) {
                told.put(piece, passage);
                ingredients.add(new Passage(method.get(passage).heading(), piece));
            }
        }
    }

    private boolean isMeasuredLater(ReadLine read) {
        List<String> words = ItemFinder.words(read.name());
        String word = words.isEmpty() ? "" : words.get(words.size() - 1);
        Pattern amount = Pattern.compile(
                "(?:" + Numbers.NUMBER + ")\\b[^.;,]{0,30}\\b" + Pattern.quote(word), Pattern.CASE_INSENSITIVE);
        return method.stream().anyMatch(said -> amount.matcher(said.text()).find());
    }

    /** As a recipe says it: "Then I'm going to chop the onion" is "Chop the onion". */
    private void method(String sentence) {
        String opened = OPENING.matcher(sentence).replaceFirst("");
        Matcher later = LATER.matcher(opened);
        if (later.find()) {
            aside.add(later.group().replaceAll("[,.\\s]+$", ""));
            opened = opened.substring(later.end());
            if (opened.isBlank()) {
                return;
            }
        }
        if (PUT_TOGETHER.matcher(opened).find()) {
            method.add(new Passage(part, "Assemble: " + opened));
            return;
        }
        if (REMARK.matcher(opened).find() && TimeReader.find(opened).isEmpty()) {
            beside(sentence);
            return;
        }
        opened = ALL_GOES_IN
                .matcher(opened)
                .replaceFirst(found -> (found.group(1) == null ? "add everything to " : "blend everything in "));
        opened = foodLast(opened);
        String standing = PAN_STANDS.matcher(opened).find()
                ? PAN_STANDS.matcher(opened).replaceFirst("In the hot pan, ")
                : STANDS.matcher(opened).replaceFirst("");
        String going = GOES_IN.matcher(IN_GO.matcher(standing).replaceAll("add "))
                .replaceAll(found -> Matcher.quoteReplacement("add "
                        + found.group(1).substring(0, 1).toLowerCase(Locale.ROOT)
                        + found.group(1).substring(1)));
        String said = OPENING.matcher(going).replaceFirst("");
        said = Lettering.capital(OPENING.matcher(WHO.matcher(said).replaceAll(""))
                .replaceFirst("")
                .strip());
        said = imperative(said);
        if (isOnThePlate(said)) {
            said = "Serve with " + said.substring(0, 1).toLowerCase(Locale.ROOT) + said.substring(1);
        } else if (lines.exactly(said.replaceFirst("[.!]$", "")).isPresent()) {
            said = "Add " + said.substring(0, 1).toLowerCase(Locale.ROOT) + said.substring(1);
        }
        boolean done = Techniques.begins(said.toLowerCase(Locale.ROOT))
                || !TimeReader.find(said).isEmpty()
                || !TechniqueReader.read(said).isEmpty()
                || isMeasured(said)
                || INTO_A_PAN.matcher(said).find()
                || ON_TOP.matcher(said).find() && lines.namesFood(said);
        int last = method.size() - 1;
        if (last >= 0
                && isAdded(said)
                && isAdded(method.get(last).text())
                && method.get(last).heading().equals(part)) {
            String more = said.replaceFirst("(?i)^add ", "");
            method.set(last, new Passage(part, method.get(last).text().replaceFirst("[.]$", "") + ", " + more));
        } else if (last >= 0
                && StepReader.isHowLong(said)
                && TimeReader.find(method.get(last).text()).isEmpty()) {
            method.set(
                    last,
                    new Passage(method.get(last).heading(), method.get(last).text() + " " + said));
        } else if (done) {
            method.add(new Passage(part, said));
        } else {
            beside(sentence);
        }
    }

    /** {@code Cucumber, red onion, lime, sauce on the side}: foods, and nothing that is done. */
    private boolean isOnThePlate(String said) {
        return !method.isEmpty()
                && !LineLooks.startsWithAmount(said)
                && !Techniques.begins(said.toLowerCase(Locale.ROOT))
                && TechniqueReader.read(said).isEmpty()
                && TimeReader.find(said).isEmpty()
                && Stream.of(PARTS.split(said.replaceFirst("[.!]$", "")))
                                .filter(piece -> lines.exactly(piece).isPresent())
                                .count()
                        >= LEAST_ON_PLATE;
    }

    /** {@code Add a tablespoon of curry paste}, and nothing else: the next goes in with it. */
    private static boolean isAdded(String said) {
        return ONLY_ADDED.matcher(said).matches() && TimeReader.find(said).isEmpty();
    }

    /** {@code 150 grams of tofu puffs, cut in half, add them}: in the order of a recipe. */
    private String foodLast(String said) {
        Matcher done = FOOD_THEN_DONE.matcher(said);
        if (done.find()
                && isMeasured(done.group("food"))
                && Techniques.begins(done.group("verb").toLowerCase(Locale.ROOT))) {
            return done.group("verb") + " " + done.group("food") + said.substring(done.end());
        }
        return LineLooks.startsWithAmount(said)
                        && isMeasured(said)
                        && TimeReader.find(said).isEmpty()
                ? "add " + said.substring(0, 1).toLowerCase(Locale.ROOT) + said.substring(1)
                : said;
    }

    /** {@code Tofu back in, a teaspoon of sugar, a squeeze of lime}. */
    private boolean isMeasured(String said) {
        return Stream.of(PARTS.split(said))
                .map(lines::read)
                .anyMatch(read -> read.item().isPresent() && read.amount().isPresent());
    }

    /** Said to the audience while something is done; whatever speaks of food is laid aside to be looked at. */
    private void beside(String sentence) {
        boolean food = Stream.of(sentence.split("[^\\p{L}'-]+"))
                .anyMatch(word -> word.length() > 2 && lines.read(word).item().isPresent());
        if (method.isEmpty() || food || sentence.length() < SHORTEST_TALK) {
            aside.add(sentence);
        } else {
            said.merge(method.size() - 1, sentence, (before, more) -> before + " " + more);
        }
    }

    /** {@code Halving them and scoring them} is "Halve them and score them". */
    private static String imperative(String said) {
        return GERUND.matcher(said).replaceAll(found -> {
            String stem = found.group(2);
            String once = stem.matches("(?i).*([bdgklmnprt])\\1") ? stem.substring(0, stem.length() - 1) : stem;
            String verb = Stream.of(once, stem + "e", stem)
                    .filter(candidate -> Techniques.begins(candidate.toLowerCase(Locale.ROOT) + " it"))
                    .findFirst()
                    .orElse(found.group(2) + "ing");
            return Matcher.quoteReplacement(found.group(1) + verb);
        });
    }
}
