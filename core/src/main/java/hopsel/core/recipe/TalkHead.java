package hopsel.core.recipe;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What somebody who talks says at the beginning and the end: which dish it is, for how many, and greetings. */
final class TalkHead {

    private static final int LONGEST_FIRST = 9;
    private static final int SHORTEST_TITLE = 3;
    private static final int LONGEST_TITLE = 5;
    /** {@code today I'm making a plum tart}. */
    private static final Pattern MAKING = Pattern.compile(
            "\\b(?:today|tonight|this (?:week|evening|morning))?,?\\s*(?:we're|we are|I'm|I am|let's|we'll|"
                    + "I'll)\\s+(?:going to |gonna )?"
                    + "(?:be )?(?:mak(?:e|ing)|do(?:ing)?|cook(?:ing)?|having|eating|"
                    + "show(?:ing)? you(?: guys| all)?(?: how (?:to|I|we) (?:make|do|cook))?)\\s+(?:(?:an?|some"
                    + "|my|our|the)\\s+)?"
                    + "(?:quick |easy |simple |delicious |big (?:pot|pan|bowl) of |bowl of |pot of )*(?!about "
                    + "\\p{L}+ (?:so|of)\\b|(?:tea|table)spoon|cup"
                    + "|pinch|handful|bit|little|few|it\\b|this\\b|that\\b)([^,.;!]{3,60}?)(?=,"
                    + "|\\.|!|;| for | which | that | it's | on an? | and (?=it|we|I |you|then|that|this|there|let)"
                    + "| today|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code What I want to show you is a noodle soup}, {@code this is my mother's way of sambar}. */
    private static final Pattern SHOWING = Pattern.compile(
            "\\b(?:what (?:I|we)(?:'m| am|'re| are| want| would like|'d like)? (?:to |going to "
                    + ")?(?:show(?:ing)? you|mak(?:e|ing)"
                    + "|do(?:ing)?)"
                    + "(?: today| tonight)? is|this is (?:\\p{L}+ )?(?:\\p{L}+'s )?(?:way of|version of|take "
                    + "on)|dictating|so it's|I(?:'ll)? show you how (?:we|I|to|you) (?:make|cook|do))"
                    + " (?:making |my |the |an? )*(?<dish>(?!(?:this|it|that|these)\\b)[\\p{L} '-]{3,50}?)(?=,"
                    + "|\\.|!|;| for | at home| where | which | that | with | before "
                    + "| while | so | one\\b|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Today's a one-tray wonder, roasted pumpkin tray bake with a tahini drizzle.} */
    private static final Pattern TODAYS = Pattern.compile(
            "\\b(?:today|tonight)(?:'s| is) (?:an? |the |my )?(?<first>[\\p{L} '-]{3,50}?)(?:, (?<dish>[\\p{L} "
                    + "'-]{3,60}?))?"
                    + "(?= with |[.!]|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Tonight it's flatbreads}. */
    private static final Pattern TONIGHT = Pattern.compile(
            "\\b(?:today|tonight|this (?:week|evening|morning)),? (?:it's|it is|it’s) (?:an? |some |my |our )?"
                    + "([\\p{L} '-]{3,60}?)(?=,|\\.|!|;| for | with |$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code okay so this is the tempeh satay for Saturday}. */
    private static final Pattern THIS_IS = Pattern.compile(
            "(?:^|, and |, )(?:okay |ok |so |right |now |and )*this is (?:me (?:talking|going|walking) (?:you "
                    + ")?through "
                    + ")?(?:the |my |our |an? )(?:recipe for (?:the |my )?)?"
                    + "([\\p{L} '-]{3,40}?)(?: for [^,.;]{3,25})?(?=,|\\.|!|;| the one\\b| you\\b| that\\b| "
                    + "everyone\\b|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Hi everyone, so today pierogi}. */
    private static final Pattern TODAY = Pattern.compile(
            "^(?:(?:hi|hello|hey|so|okay|right|everyone|everybody|folks|and),? )*(?:today|tonight),? "
                    + "((?!it|we|I |is|was)\\p{L}[\\p{L} '-]{3,30}?)(?=,|\\.|!|$)",
            Pattern.CASE_INSENSITIVE);

    /** {@code Today: sago with mango}. */
    private static final Pattern HEADLINE = Pattern.compile(
            "^(?:today|tonight|this (?:week|evening|morning)): ([^.!?]{3,50})[.!]?$", Pattern.CASE_INSENSITIVE);
    /** {@code We're making about forty so that's enough for six people}. */
    private static final Pattern SO_MANY = Pattern.compile(
            "\\b(?:mak(?:e|es|ing)|get|gives?) (?:about )?(?!an?\\b|some\\b)(" + Numbers.NUMBER + ")\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code so eight slices}. */
    private static final Pattern SLICES = Pattern.compile(
            "\\b(?:so|that's|makes|cuts into|serves) (?:about )?(" + Numbers.NUMBER
                    + ") (?:good |big |small |generous )?(slices|pieces|portions|people|servings)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code that does six people}. */
    private static final Pattern THAT_DOES = Pattern.compile(
            "^that (?:does|serves|makes|feeds|is enough for) (?:about )?(" + Numbers.NUMBER + ")(?: (\\p{L}+))?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_PEOPLE = Pattern.compile(
            "\\b(?:for|serves|feeds) (" + Numbers.NUMBER + ")(?: people| of us| persons)?\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code So for eight flatbreads it's three hundred grams}. */
    private static final Pattern FOR_PIECES = Pattern.compile(
            "^(?:so |okay |ok |right )*for (" + Numbers.NUMBER + ") ([\\p{L} ]{4,25}?),? (?=it's|you|I |we |that's)",
            Pattern.CASE_INSENSITIVE);

    /** {@code 300 grams of rice for four}. */
    private static final Pattern FOR_SO_MANY = Pattern.compile(
            " for (?:" + Numbers.NUMBER + ")(?: people| of us| persons)?(?=[.!]?$)", Pattern.CASE_INSENSITIVE);
    /** What a day is, rather than a dish. */
    private static final Pattern NO_DISH = Pattern.compile(
            "\\b(?:hiya|hola|buenas|ciao|bonjour|guten|grüezi|hey|howdy|cheers|rain|cold|wet|hot|sunny|windy"
                    + "|time|all about|me|us|just|back|mon|tues|wednes|thurs|fri|satur"
                    + "|sun|easy|dead"
                    + "|simple|quick|really|so|going|nice|lovely|good|great|evening|morning|afternoon|everyone"
                    + "|everybody|welcome)",
            Pattern.CASE_INSENSITIVE);
    /** Said to those who watch, and not of the dish. */
    private static final Pattern CHATTER = Pattern.compile(
            "\\b(?:welcome|hello|good (?:morning|evening|afternoon)|thank you all|joining us|hi (?:everybody|"
                    + "everyone|there|guys)|my name is|subscribe|leave a comment|like (?:the|this) video|"
                    + "sponsor\\w*|press(?:ed)? record|g'day|catch you|link (?:below|in the)|see you|bye|"
                    + "thanks? (?:you )?for watching|thank you so much|follow me|check out|people (?:always "
                    + "|often |sometimes )?ask|"
                    + "(?:somebody|someone) (?:asked|asks)|(?:can|could) I freeze|you can freeze|yes,? you can|"
                    + "signed up|like and subscribe)\\b",
            Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private Optional<String> title = Optional.empty();
    private Optional<String> yield = Optional.empty();

    TalkHead(LineReader lines) {
        this.lines = lines;
    }

    /** The name of the dish; empty: not said so far. */
    Optional<String> title() {
        return title;
    }

    /** For how many, as a recipe says it; empty: not said so far. */
    Optional<String> yield() {
        return yield;
    }

    /** Whether somebody greets, thanks, or speaks to those who watch. */
    static boolean isChatter(String passage) {
        return CHATTER.matcher(passage).find();
    }

    /** Whether somebody says what is to be made. */
    static boolean saysMaking(String passage) {
        return MAKING.matcher(passage).find();
    }

    /** What follows {@code for eight flatbreads}, which are the yield. */
    String withoutPieces(String sentence) {
        Matcher counted = FOR_PIECES.matcher(sentence);
        if (!counted.find()) {
            return sentence;
        }
        if (yield.isEmpty()) {
            yield = Optional.of("Makes " + counted.group(1));
            named(counted.group(2));
        }
        return sentence.substring(counted.end());
    }

    /** What stands before {@code for four}, who are the guests. */
    String withoutGuests(String sentence) {
        Matcher people = FOR_PEOPLE.matcher(sentence);
        if (yield.isPresent() || !people.find() || !TimeReader.find(sentence).isEmpty()) {
            return sentence;
        }
        yield = serves(people.group(1));
        return FOR_SO_MANY.matcher(sentence).replaceFirst("");
    }

    /** {@code Today: sago with mango}. */
    boolean isHeadline(String sentence) {
        Matcher headline = HEADLINE.matcher(sentence);
        return title.isEmpty() && headline.matches() && named(headline.group(1));
    }

    /**
     * Whether a sentence says nothing but what it is, or for how many.
     *
     * @param begun whether something was done before
     * @param measured whether it says how much of something goes in
     */
    boolean isSaidIn(String sentence, boolean begun, boolean measured) {
        Matcher today = TODAY.matcher(sentence);
        if (title.isEmpty() && today.find() && !measured) {
            return named(today.group(1));
        }
        return !measured && isSoManyFor(sentence)
                || doesSoMany(sentence)
                || !begun && (isThis(sentence) || !measured && isShown(sentence));
    }

    private boolean isSoManyFor(String sentence) {
        Matcher many = SO_MANY.matcher(sentence);
        Matcher fed = FOR_PEOPLE.matcher(sentence);
        if (yield.isPresent()
                || !many.find()
                || !fed.find()
                || !TimeReader.find(sentence).isEmpty()) {
            return false;
        }
        yield = Numbers.value(many.group(1)).flatMap(pieces -> Numbers.value(fed.group(1))
                .map(people -> "Makes %s, serves %s".formatted(pieces.toPlainString(), people.toPlainString())));
        return true;
    }

    private boolean doesSoMany(String sentence) {
        Matcher does = THAT_DOES.matcher(sentence);
        if (!does.find()) {
            return false;
        }
        boolean makes = sentence.matches("(?i)that makes.*");
        yield = yield.or(() -> makes
                ? Numbers.value(does.group(1)).map(number -> "Makes " + number.toPlainString())
                : serves(does.group(1)));
        return true;
    }

    /** What is shown, where the sentence says nothing else. */
    private boolean isShown(String sentence) {
        Matcher showing = SHOWING.matcher(sentence);
        Matcher todays = TODAYS.matcher(sentence);
        if (title.isPresent()) {
            return false;
        }
        if (showing.find() && isDish(showing.group("dish"))) {
            return named(showing.group("dish"));
        }
        return todays.find()
                && Stream.of(Optional.ofNullable(todays.group("dish")), Optional.of(todays.group("first")))
                        .flatMap(Optional::stream)
                        .filter(lines::namesFood)
                        .findFirst()
                        .filter(this::named)
                        .isPresent();
    }

    private boolean isThis(String sentence) {
        Matcher named = THIS_IS.matcher(sentence);
        if (title.isPresent() || !named.find() || !lines.namesFood(named.group(1))) {
            return false;
        }
        Matcher slices = SLICES.matcher(sentence);
        if (yield.isEmpty() && slices.find()) {
            yield = Numbers.value(slices.group(1))
                    .map(number -> "Makes " + number.toPlainString() + " " + slices.group(2));
        }
        return named(named.group(1));
    }

    /** {@code Tonight it's flatbreads}. */
    boolean isTonight(String sentence) {
        Matcher tonight = TONIGHT.matcher(sentence);
        if (title.isPresent() || !tonight.find() || !isDish(tonight.group(1))) {
            return false;
        }
        Matcher guests = FOR_PEOPLE.matcher(sentence);
        if (yield.isEmpty() && guests.find()) {
            yield = serves(guests.group(1));
        }
        return named(tonight.group(1));
    }

    /**
     * {@code Right, pierogi.}: the dish, and nothing else.
     *
     * @param opened the sentence without how it opens
     * @param first whether nothing was said before
     */
    boolean isNamedAlone(String sentence, String opened, boolean first) {
        String alone = opened.replaceFirst("[.!]$", "")
                .replaceFirst("(?i)^(?:the|my|our|some) ", "")
                .replaceFirst("(?i) (?:thing )?on top$", "")
                .strip();
        int words = alone.split(" ").length;
        if (title.isPresent()
                || alone.isEmpty()
                || alone.contains(",")
                || Techniques.begins(alone.toLowerCase(Locale.ROOT))) {
            return false;
        }
        boolean dish = first && words <= SHORTEST_TITLE && !isChatter(sentence) && isDish(alone);
        boolean food = !saysMaking(sentence)
                && words <= (first ? LONGEST_FIRST : LONGEST_TITLE)
                && lines.read(alone).amount().isEmpty()
                && Stream.of(alone.split(" "))
                        .anyMatch(word -> lines.read(word).item().isPresent());
        return (dish || food) && named(alone);
    }

    /** {@code I'm making pierogi}: what is to be made, where nobody had said it. */
    boolean isMaking(String sentence) {
        Matcher making = MAKING.matcher(sentence);
        return title.isEmpty() && making.find() && named(making.group(1));
    }

    /** {@code This serves six}. */
    boolean isYield(String sentence) {
        boolean said = sentence.matches("(?i)(?:(?:it|this|that) )?(?:serves|feeds|makes)\\b.{1,40}");
        if (said) {
            yield = yield.or(() -> Optional.of(sentence));
        }
        return said;
    }

    private boolean named(String name) {
        title = title.or(() -> Optional.of(Lettering.capital(name.strip())));
        return true;
    }

    private static Optional<String> serves(String number) {
        return Numbers.value(number).map(people -> "Serves " + people.toPlainString());
    }

    private boolean isDish(String name) {
        return lines.namesFood(name)
                || name.strip().split(" ").length <= 2 && !NO_DISH.matcher(name).find();
    }
}
