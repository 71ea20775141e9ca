package hopsel.core.recipe;

import hopsel.core.recipe.RecipeSource.Passage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
    private static final Pattern MOMENT = Pattern.compile("(?m)^\\s*(?:\\d{1,2}:)?\\d{1,2}:\\d{2}[.,]\\d{3}\\s*-->.*$");
    private static final Pattern FRAME = Pattern.compile(
            "(?m)^\\s*(?:WEBVTT.*|NOTE\\b.*|Kind:.*|Language:.*|STYLE\\b.*|\\d{1,5})\\s*$|<[^>]{1,60}>|\\[[^\\]]{1,40}\\]");
    private static final Pattern FILLER = Pattern.compile(
            "\\b(?:um+|uh+|erm*|you know|sort of|kind of|basically|literally|obviously|I guess|as I said)\\b,?\\s*",
            Pattern.CASE_INSENSITIVE);
    /** Two, sorry, three: what was meant is what was said last. */
    private static final Pattern CORRECTED = Pattern.compile(
            "(?:" + Numbers.NUMBER
                    + ")[ ,.-]+(?:sorry|no|I mean|or rather|make that|pardon)(?:,? (?:sorry|no|make that|I mean))?[ ,]+(?=(?:"
                    + Numbers.NUMBER + ")\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TALKS = Pattern.compile(
            "\\b(?:I'm going to|we're going to|I am going to|we are going to|gonna|you'll need|you will need|go ahead and|welcome|"
                    + "hello|hi (?:everybody|everyone|there|guys)|let's|I've got|we've got|I like to|what I do)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CHATTER = Pattern.compile(
            "\\b(?:welcome|hello|hi (?:everybody|everyone|there|guys)|my name is|subscribe|leave a comment|like (?:the|this) video|"
                    + "sponsor\\w*|link (?:below|in the)|see you|bye|thanks? (?:you )?for watching|thank you so much|follow me|check out)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MAKING = Pattern.compile(
            "\\b(?:today|tonight|this (?:week|evening|morning))?,?\\s*(?:we're|we are|I'm|I am|let's|we'll|I'll)\\s+(?:going to |gonna )?"
                    + "(?:be )?(?:mak(?:e|ing)|cook(?:ing)?|show(?:ing)? you(?: how to make)?)\\s+(?:an?|some|my|our|the)?\\s*"
                    + "(?:quick |easy |simple |delicious )*([^,.;!]{3,60}?)(?=,|\\.|!|;| for | which | that | and | today|$)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_PEOPLE = Pattern.compile(
            "\\b(?:for|serves|feeds) (" + Numbers.NUMBER + ")(?: people| of us| persons)?\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEEDED = Pattern.compile(
            "\\b(?:you(?:'ll| will)? need|we(?:'ll| will)? need|I(?:'ve| have) got|we(?:'ve| have) got|you(?:'ll| will) want|"
                    + "the ingredients are|I(?:'m| am) using|here (?:is|are|I have|we have))\\b:?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PARTS =
            Pattern.compile("\\s*(?:,|;|(?<!hundred )\\band\\b|\\bplus\\b|\\bthen\\b)\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPENING = Pattern.compile(
            "^(?:(?:okay|ok|right|so|now|and|but|well|first(?: of all)?|next|then|after that|all right|alright|just)\\b,?\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WHO = Pattern.compile(
            "\\b(?:I|we|you)(?:'m|'re|'ll| am| are| will| can| could| want to| need to| have to| like to| always| just)*"
                    + "(?: just)?(?: going to| gonna)?(?: go ahead and)?(?: just)?\\s+(?=\\p{Ll})"
                    + "|\\b(?:go ahead and|let's|let us|gonna)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_GO =
            Pattern.compile("\\b(?:in|on) (?:go|goes|went) (?=the|my|our|some|an?|all)", Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private final List<Passage> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    private final List<String> aside = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private Optional<String> yield = Optional.empty();

    private Narration(LineReader lines) {
        this.lines = lines;
    }

    /** The parts of what was said; empty where the text is written, not spoken. */
    static Optional<RecipeSource> of(String text, LineReader lines) {
        boolean captions = MOMENT.matcher(text).find();
        boolean talks = TALKS.matcher(text).results().limit(LEAST).count() >= LEAST && !isList(text, lines);
        return captions || talks ? Optional.of(new Narration(lines).source(text)) : Optional.empty();
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
        String plain = MOMENT.matcher(text).replaceAll("");
        plain = FRAME.matcher(plain).replaceAll(" ").replaceAll("\\s+", " ").strip();
        plain = CORRECTED
                .matcher(FILLER.matcher(Numbers.plain(plain)).replaceAll(""))
                .replaceAll("");
        for (String sentence : StepReader.sentences(plain)) {
            take(sentence);
        }
        return new RecipeSource(title, yield, Optional.empty(), ingredients, method, aside);
    }

    private void take(String sentence) {
        Matcher people = FOR_PEOPLE.matcher(sentence);
        if (yield.isEmpty() && people.find() && TimeReader.find(sentence).isEmpty()) {
            yield = Numbers.value(people.group(1)).map(number -> "Serves " + number.toPlainString());
        }
        Matcher making = MAKING.matcher(sentence);
        Matcher needed = NEEDED.matcher(sentence);
        if (CHATTER.matcher(sentence).find() && TimeReader.find(sentence).isEmpty()) {
            aside.add(sentence);
        } else if (title.isEmpty() && making.find()) {
            title = Optional.of(capital(making.group(1).strip()));
            aside.add(sentence);
        } else if (needed.find() && TimeReader.find(sentence).isEmpty()) {
            needed(sentence, sentence.substring(needed.end()));
        } else {
            method(sentence);
        }
    }

    private void needed(String sentence, String list) {
        List<String> found = Stream.of(PARTS.split(list.replaceAll("[.!]$", "")))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
        List<String> foods = found.stream()
                .filter(part -> lines.read(part).item().isPresent())
                .toList();
        if (foods.isEmpty()) {
            method(sentence);
            return;
        }
        foods.forEach(food -> ingredients.add(new Passage(Optional.empty(), food)));
        found.stream().filter(part -> !foods.contains(part)).forEach(aside::add);
    }

    /** As a recipe says it: "Then I'm going to chop the onion" is "Chop the onion". */
    private void method(String sentence) {
        String said = IN_GO.matcher(OPENING.matcher(sentence).replaceFirst("")).replaceAll("add ");
        said = capital(OPENING.matcher(WHO.matcher(said).replaceAll(""))
                .replaceFirst("")
                .strip());
        boolean done = Techniques.begins(said.toLowerCase(Locale.ROOT))
                || !TimeReader.find(said).isEmpty()
                || !TechniqueReader.read(said).isEmpty();
        if (done) {
            method.add(new Passage(Optional.empty(), said));
        } else {
            aside.add(sentence);
        }
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
