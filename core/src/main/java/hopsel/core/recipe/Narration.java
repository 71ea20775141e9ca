package hopsel.core.recipe;

import hopsel.core.measure.Unit;
import hopsel.core.recipe.RecipeSource.Passage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
    private static final int LONGEST_TITLE = 5;
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
            "(?:" + Numbers.NUMBER
                    + ")(?: of [\\p{L} ]{2,20})?[ ,.-]+(?:sorry|no|I mean|or rather|make that|"
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
            "\\b((?:the|my|your|our|all the|all my) [\\p{L} -]{2,30}?) (?:goes|go|went) in(?:to (?:the|it|that|"
                    + "my)[^,.;]{0,20})?(?=[,.;]| and |$)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TALKS = Pattern.compile(
            "\\b(?:I'm (?:mak|cook|us|go|pour|chopp|halv|tak|show|do|put)\\w*ing|okay|um+|don't peek|by the way|"
                    + "I'm going to|we're going to|I am going to|we are going to|gonna|you'll need|"
                    + "you will need|go ahead and|welcome|"
                    + "hello|hi (?:everybody|everyone|there|guys)|let's|you just|oh and|here goes|dictating|"
                    + "so for|I've got|we've got|I like to|what I do)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CHATTER = Pattern.compile(
            "\\b(?:welcome|hello|good (?:morning|evening|afternoon)|thank you all|joining us|hi (?:everybody|"
                    + "everyone|there|guys)|my name is|subscribe|leave a comment|like (?:the|this) video|"
                    + "sponsor\\w*|g'day|catch you|link (?:below|in the)|see you|bye|"
                    + "thanks? (?:you )?for watching|thank you so much|follow me|check out)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MAKING = Pattern.compile(
            "\\b(?:today|tonight|this (?:week|evening|morning))?,?\\s*(?:we're|we are|I'm|I am|let's|we'll|"
                    + "I'll)\\s+(?:going to |gonna )?"
                    + "(?:be )?(?:mak(?:e|ing)|do(?:ing)?|cook(?:ing)?|"
                    + "show(?:ing)? you(?: how to make)?)\\s+(?:an?|some|my|our|the)?\\s*"
                    + "(?:quick |easy |simple |delicious )*([^,.;!]{3,60}?)(?=,|\\.|!|;| for | which | that |"
                    + " and | today|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Tonight it's flatbreads}. */
    private static final Pattern TONIGHT = Pattern.compile(
            "\\b(?:today|tonight|this (?:week|evening|morning)),? (?:it's|it is|it’s) (?:an? |some |my |our )?"
                    + "([\\p{L} '-]{3,60}?)(?=,|\\.|!|;| for | with |$)",
            Pattern.CASE_INSENSITIVE);

    /** {@code okay so this is the tempeh satay for Saturday}. */
    private static final Pattern THIS_IS = Pattern.compile(
            "^(?:okay |ok |so |right |now |and )*this is (?:the |my |our |an? )(?:recipe for (?:the |my )?)?"
                    + "([\\p{L} '-]{3,40}?)(?: for [^,.;]{3,25})?(?=,|\\.|!|;|$)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern THAT_DOES = Pattern.compile(
            "^that (?:does|serves|makes|feeds|is enough for) (?:about )?(" + Numbers.NUMBER + ")(?: (\\p{L}+))?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_PEOPLE = Pattern.compile(
            "\\b(?:for|serves|feeds) (" + Numbers.NUMBER + ")(?: people| of us| persons)?\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEEDED = Pattern.compile(
            "\\b(?:(?:what )?you(?:'ll| will)? need(?: is| are)?|(?:what )?we(?:'ll| will)? need(?: is| are)?|"
                    + "(?:I|we) (?:use|take)|(?:I(?:'m| am)|we(?:'re| are)) going to (?:use|need|want)|I(?:'ve| "
                    + "have)(?: also| just)? got|we(?:'ve| have)(?: also|"
                    + " just)? got|(?:I|we)(?: also)? have|you(?:'ll| will)(?: also)? want|"
                    + "the ingredients are|I(?:'m| am) using|here (?:is|are|I have|we have))\\b:?\\s*",
            Pattern.CASE_INSENSITIVE);
    /** {@code So for eight flatbreads it's three hundred grams}. */
    private static final Pattern FOR_PIECES = Pattern.compile(
            "^(?:so |okay |ok |right )*for (" + Numbers.NUMBER + ") ([\\p{L} ]{4,25}?),? (?=it's|you|I |we |that's)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Oh and the beetroot dip, that's two cooked beetroots}: what goes into one part. */
    private static final Pattern PART_NEEDED = Pattern.compile(
            "^(?:(?:oh|and|so|then|okay|ok|right|now),? )*(?:for )?(?:the|my|our) ([\\p{L} ]{3,30}?),? (?:it's|"
                    + "that's|it is|that is|you(?:'ll)? need|we need|I (?:use|take))\\s+(?=(?:about )?(?:"
                    + Numbers.NUMBER + "|an?|half|some)\\b)",
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
            "^(?:(?:first thing|okay|ok|right|so|now|and|but|well|first(?: of all)?|next|then|after that|"
                    + "all right|alright|just|that's it)\\b,?\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WHO = Pattern.compile(
            "\\b(?:I|we|you)(?:'m|'re|'ll| am| are| will| can| could| want to| need to| have to| like to|"
                    + " always| just)*"
                    + "(?: just)?(?: going to| gonna)?(?: go ahead and)?(?: just)?\\s+(?=\\p{Ll})"
                    + "|\\b(?:go ahead and|let's|let us|gonna)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_GO =
            Pattern.compile("\\b(?:in|on) (?:go|goes|went) (?=the|my|our|some|an?|all)", Pattern.CASE_INSENSITIVE);

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
    /** {@code three tablespoons of miso, two of mirin}. */
    private static final Pattern SAME_SPOON = Pattern.compile(
            "\\b((?:" + Numbers.NUMBER + ") )(tablespoons?|teaspoons?|cups?|grams?)( of [^,.;]{2,40}?)(?:,| and) ("
                    + Numbers.NUMBER + ") of ",
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
    private final List<String> named = new ArrayList<>();

    /** The part that is told of. */
    private Optional<String> part = Optional.empty();

    private Optional<String> title = Optional.empty();
    private Optional<String> yield = Optional.empty();
    /** Whether somebody says at the beginning what will be needed; how much of it counts when it goes in. */
    private boolean introducing;

    private Narration(LineReader lines) {
        this.lines = lines;
    }

    /** The parts of what was said; empty where the text is written, not spoken. */
    static Optional<RecipeSource> of(String text, LineReader lines) {
        boolean captions = MOMENT.matcher(text).find();
        boolean talks = TALKS.matcher(text).results().limit(LEAST).count() >= LEAST && !isList(text, lines);
        boolean dictated = !A_FIGURE.matcher(text).find()
                && SPELT_OUT.matcher(text).results().limit(LEAST).count() >= LEAST;
        return captions || talks || dictated ? Optional.of(new Narration(lines).source(text)) : Optional.empty();
    }

    /** Whether somebody only greets, thanks, or says what is to be made. */
    static boolean isChatter(String passage) {
        return CHATTER.matcher(passage).find() || MAKING.matcher(passage).find();
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
        plain = FRAME.matcher(plain).replaceAll(" ").replaceAll("\\s+", " ").strip();
        plain = Unstopped.parted(plain);
        // A dictation program knows no capitals.
        plain = SMALL.matcher(plain).replaceAll(stop -> stop.group().toUpperCase(Locale.ROOT));
        plain = BIG.matcher(FILLER.matcher(Numbers.plain(plain)).replaceAll("")).replaceAll(Narration::inFigures);
        plain = AND_A_HALF.matcher(plain).replaceAll("1.5 $1");
        plain = UNPARTED.matcher(plain).replaceAll(", ");
        plain = SO_MUCH.matcher(plain).replaceAll(", that's ");
        plain = CORRECTED.matcher(TAKEN_BACK.matcher(plain).replaceAll("$3$2")).replaceAll("");
        plain = ONE_OR_OTHER.matcher(plain).replaceAll("$1-$2 ");
        plain = SAME_SPOON.matcher(plain).replaceAll("$1$2$3, $4 $2 of ");
        plain = SAME_OF.matcher(plain).replaceAll("$1 of $2$3, and $1 of ");
        plain = OF_THEM.matcher(plain).replaceAll("$2 $1");
        for (String sentence : StepReader.sentences(plain)) {
            take(sentence);
        }
        namedOnly();
        return new RecipeSource(
                title, yield, Optional.empty(), ingredients, method, aside, new RecipeSource.Telling(told, said));
    }

    private static String inFigures(MatchResult said) {
        return Numbers.read(said.group())
                .filter(number -> number.rest().isBlank())
                .map(Numbers.Reading::low)
                .map(number -> number.stripTrailingZeros().toPlainString())
                .orElse(Matcher.quoteReplacement(said.group()));
    }

    private void take(String whole) {
        Matcher counted = FOR_PIECES.matcher(whole);
        if (yield.isEmpty() && counted.find()) {
            yield = Optional.of("Makes " + counted.group(1));
            title = title.or(() -> Optional.of(capital(counted.group(2).strip())));
        }
        String sentence = counted.reset().find() ? whole.substring(counted.end()) : whole;
        Matcher does = THAT_DOES.matcher(sentence);
        if (does.find()) {
            yield = yield.or(() -> Numbers.value(does.group(1))
                    .map(number ->
                            (sentence.matches("(?i)that makes.*") ? "Makes " : "Serves ") + number.toPlainString()));
            aside.add(sentence);
            return;
        }
        Matcher named = THIS_IS.matcher(sentence);
        if (title.isEmpty() && method.isEmpty() && named.find() && lines.namesFood(named.group(1))) {
            title = Optional.of(capital(named.group(1).strip()));
            aside.add(sentence);
            return;
        }
        if ((method.isEmpty() || IN_A_BOWL.matcher(sentence).find()) && isOnlyMeasured(sentence)) {
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
            part = Optional.of(capital(of.group(1).strip()));
            needed(sentence, sentence.substring(of.end()));
            return;
        }
        Matcher tonight = TONIGHT.matcher(sentence);
        if (title.isEmpty() && tonight.find() && lines.namesFood(tonight.group(1))) {
            title = Optional.of(capital(tonight.group(1).strip()));
            Matcher guests = FOR_PEOPLE.matcher(sentence);
            if (yield.isEmpty() && guests.find()) {
                yield = Numbers.value(guests.group(1)).map(number -> "Serves " + number.toPlainString());
            }
            aside.add(sentence);
            return;
        }
        String alone = OPENING.matcher(sentence)
                .replaceFirst("")
                .replaceFirst("[.!]$", "")
                .replaceFirst("(?i)^(?:the|my|our|some) ", "")
                .strip();
        boolean only = !alone.isEmpty()
                && !alone.contains(",")
                && !MAKING.matcher(sentence).find()
                && alone.split(" ").length <= LONGEST_TITLE
                && lines.read(alone).amount().isEmpty()
                && Stream.of(alone.split(" "))
                        .anyMatch(word -> lines.read(word).item().isPresent())
                && !Techniques.begins(alone.toLowerCase(Locale.ROOT));
        if (title.isEmpty() && method.isEmpty() && ingredients.isEmpty() && only) {
            title = Optional.of(capital(alone));
            return;
        }
        Matcher people = FOR_PEOPLE.matcher(sentence);
        if (yield.isEmpty() && people.find() && TimeReader.find(sentence).isEmpty()) {
            yield = Numbers.value(people.group(1)).map(number -> "Serves " + number.toPlainString());
        }
        Matcher making = MAKING.matcher(sentence);
        Matcher needed = NEEDED.matcher(sentence);
        if (sentence.matches("(?i)(?:serves|feeds|makes)\\b.{1,40}")) {
            yield = yield.or(() -> Optional.of(sentence));
            aside.add(sentence);
        } else if (CHATTER.matcher(sentence).find() && TimeReader.find(sentence).isEmpty()) {
            aside.add(sentence);
            title = title.or(
                    () -> making.find() ? Optional.of(capital(making.group(1).strip())) : Optional.empty());
        } else if (title.isEmpty() && making.find()) {
            title = Optional.of(capital(making.group(1).strip()));
            aside.add(sentence);
            if (needed.find()) {
                introducing = true;
                needed(sentence, sentence.substring(needed.end()));
                introducing = false;
            }
        } else if (needed.find() && TimeReader.find(sentence).isEmpty()) {
            needed(sentence, sentence.substring(needed.end()));
        } else {
            method(sentence);
        }
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
                told.put(part, method.size());
                if (!introducing && lines.read(part).amount().isPresent()) {
                    ingredients.add(new Passage(this.part, part));
                } else {
                    named.add(part);
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
                && read.amount().filter(amount -> amount.unit() != Unit.PIECE).isPresent();
    }

    /** The thing that was named last weighs so much; false where nothing was. */
    private boolean weighed(String weight, String prep) {
        int listed = ingredients.size() - 1;
        if (introducing && !named.isEmpty()) {
            named.set(
                    named.size() - 1,
                    weight + " " + lines.read(named.get(named.size() - 1)).name() + prep);
        } else if (listed >= 0) {
            String name = lines.read(ingredients.get(listed).text()).name();
            ingredients.set(listed, new Passage(ingredients.get(listed).heading(), weight + " " + name + prep));
        }
        return listed >= 0 || !named.isEmpty();
    }

    /** What was named without an amount is an ingredient; how much of it is said when it goes in, or not at all. */
    private void namedOnly() {
        for (String food : named) {
            ReadLine read = lines.read(food);
            boolean listed = ingredients.stream()
                    .anyMatch(own -> lines.read(own.text()).item().equals(read.item()));
            if (!listed) {
                // What is said when it goes in counts; where nothing is, what was said before.
                ingredients.add(new Passage(Optional.empty(), isMeasuredLater(read) ? read.name() : food));
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
        String standing = PAN_STANDS.matcher(opened).find()
                ? PAN_STANDS.matcher(opened).replaceFirst("In the hot pan, ")
                : STANDS.matcher(opened).replaceFirst("");
        String going =
                GOES_IN.matcher(IN_GO.matcher(standing).replaceAll("add ")).replaceAll("add $1");
        String said = OPENING.matcher(going).replaceFirst("");
        said = capital(OPENING.matcher(WHO.matcher(said).replaceAll(""))
                .replaceFirst("")
                .strip());
        said = imperative(said);
        boolean done = Techniques.begins(said.toLowerCase(Locale.ROOT))
                || !TimeReader.find(said).isEmpty()
                || !TechniqueReader.read(said).isEmpty()
                || isMeasured(said);
        int last = method.size() - 1;
        if (last >= 0
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

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
