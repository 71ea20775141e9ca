package hopsel.core.recipe;

import hopsel.core.dish.Need;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Techniques.Verb;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Takes the text of a method apart into steps, each with at most one time.
 *
 * <p>It remembers the oven: a bake without a temperature of its own happens at the one the oven was heated to. Each
 * member of a step is either read from the text or guessed from the technique, and says which.
 */
final class StepReader {

    private static final Pattern SENTENCE =
            Pattern.compile("(?<=[.!?;]|[.!]\\))(?<!\\b(?:approx|ab|abt|no|ca|w|nb|incl|opt|esp|e\\.g|i\\.e)\\.)"
                    + "(?:(?<!\\b(?:min|mins|tbsp|tsp|oz|lb|hr|hrs|sec|secs)\\.)\\s+(?=[\\p{Lu}\\d\"'(])|"
                    + "\\s+(?=\\p{Lu}))|\\n+");
    private static final Pattern STOP = Pattern.compile(
            "[.!]\\s+(?=\\p{Ll})(?<!\\b(?:w|nb|abt|approx|incl|opt|esp|ca|vs)[.!]\\s{1,3}|\\d ?[fc][.!]\\s{1,3})");
    private static final Pattern ALTERNATIVE = Pattern.compile(
            "^(?:allerg(?:y|ies|ens?|ic)\\b[^:]{0,25}:|(?:g/?f|d/?f|n/?f|gluten[- ]free|nut[- ]free|soy[- ]free|"
                    + "vegan) (?:table|guests?|version|option|people|pax|portions?|plates?)\\b[^:.]{0,25}:"
                    + "|leave out .{2,40} for |for \\p{L}+,? (?:leave (?:it |them |out)"
                    + "|without)|if (?:you|"
                    + "there) (?:have|are|is|do not|don't|can't|cannot|prefer|like)\\b.{0,60}?\\b(?:no|not|have|"
                    + "find|get|use|take)"
                    + "\\b|you (?:can|could|may) (?:also )?(?:use|swap|replace|substitute)|(?:use|try|"
                    + "swap in) .{2,40} instead|can (?:sub|swap|use|replace)\\b|(?:sub|swap) .{2,40} for\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern JOINT = Pattern.compile(
            "\\s*(?:;|,\\s*(?:and\\s+)?then\\b|\\band then\\b|,\\s*and\\b|\\bbefore\\b|,|\\band\\b|\\bthen\\b)\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern UNTIL_THEN =
            Pattern.compile("\\b(?:un)?till?\\b[^.;]{3,60}?(,? and then |,? then )", Pattern.CASE_INSENSITIVE);
    /** The machine by its name; "blend" and "blitz" are said of others, too. */
    private static final Pattern NAMED_BLENDER =
            Pattern.compile("(?<!immersion |stick |hand )\\bblender\\b", Pattern.CASE_INSENSITIVE);
    /** {@code Knead by hand for 10 minutes or 6 in the mixer}: the first of both. */
    private static final Pattern BY_HAND =
            Pattern.compile("(\\bby hand\\b[^.;]*?),? or (?:for )?(?:about )?\\d+[^.;]*", Pattern.CASE_INSENSITIVE);
    /** {@code Prove for an hour, overnight in the fridge}: the first of both. */
    private static final Pattern PROVED_COLD = Pattern.compile(
            "(\\b(?:prove|proof|rise|ferment)\\b.*\\d.*|\\b(?:prove|proof|rise|"
                    + "ferment)\\b.*\\bhour\\b.*),? (?:or )?(?:overnight|\\d+ hours?) in the (?:fridge|"
                    + "refrigerator)\\W*$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** {@code Add spices for 30 seconds}: into what is in hand. */
    private static final Pattern IN_MACHINE = Pattern.compile(
            "^(?:then )?(?:blitz|blend|whizz|liquidis\\w*|liquidiz\\w*|pulse)\\b(?! (?:a |half|a third|some))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ADDED = Pattern.compile(
            "^(?:then |now )?(?:add|stir in|tip in|throw in|scatter in|flip|turn (?:it|them|over))\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern MEANWHILE = Pattern.compile("^\\W*meanwhile\\b", Pattern.CASE_INSENSITIVE);
    /** {@code season, cool completely}: standing is a step of its own. */
    private static final Pattern COOLS_THEN = Pattern.compile(
            "^(.{12,}?)(?:,| and|, and|,? then) ((?:(?:leave|let|set aside) (?:it |them |the \\w+ )?(?:to "
                    + ")?cool(?: down)?"
                    + "|cool (?:completely|down|fully|right down))[^,;]{0,30})$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    /** {@code leave 10 to infuse}, {@code fridge 30}: nobody means seconds, or hours. */
    private static final Pattern MINUTES_MEANT = Pattern.compile(
            "\\b((?:leave|let stand|sit)(?: it| them)?(?: for)? \\d{1,2}(?=\\s*(?:[,;!]|\\.(?!\\d)|$))|"
                    + "(?:leave|let|rest|stand|sit)(?: it| them)?(?: for)? \\d{1,2}(?= to (?:infuse|steep|stand"
                    + "|cool|rest|"
                    + "soak|set|swell|soften|absorb)\\b)|(?:fridge|freezer|rest|chill|prove|proof|cool|knead|"
                    + "blanch|steam|then) \\d{1,2}(?: ?- ?\\d{1,2})?(?=\\s*(?:[,;!]|\\.(?!\\d)|$)| in (?:the )?(?:tin|"
                    + "pan|fridge)\\b| w/?o\\w*\\b| without\\b))",
            Pattern.CASE_INSENSITIVE);
    /** {@code bake 190/15}. */
    private static final Pattern HEAT_AND_TIME =
            Pattern.compile("(\\b(?:bake|oven|roast)\\b[^.;\\d]{0,15}\\d{3})/(\\d{1,2})\\b", Pattern.CASE_INSENSITIVE);
    /** {@code sauce over, 190/20}. */
    private static final Pattern HEAT_THEN_TIME =
            Pattern.compile("(?<![\\d/])(1[4-9]0|2[0-4]0)/(\\d{1,2})\\b(?!/)", Pattern.CASE_INSENSITIVE);

    private static final Pattern NIGHT_BEFORE =
            Pattern.compile("^\\W*(?:the )?(?:night|evening|eve|day) before\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern LAST = Pattern.compile(
            "\\b(?:for |in )?(?:the )?last (?:(" + Numbers.NUMBER + ") ?min|(half )?(?:an )?hour\\b)",
            Pattern.CASE_INSENSITIVE);
    /** A second time is another way to do the same: {@code or overnight in the fridge}. */
    private static final Pattern OTHERWISE = Pattern.compile(
            "^\\s*,?\\s*or\\b|^[^,.;]{0,30},\\s*(?:overnight|\\d+ hours?) in the (?:fridge|refrigerator)\\W*$",
            Pattern.CASE_INSENSITIVE);
    /** {@code They should be soft and golden}: how it looks when it is done. */
    private static final Pattern SHOULD = Pattern.compile(
            "^(?:it's |it is |they're )?(?:done|ready|cooked) (?:when|once)\\b|^(?:they|it|this|these|(?:the|"
                    + "each|your) [\\p{L} -]{2,25}) (?:should|will|must|ought to|want to) (?:be|look|feel|have|"
                    + "smell|sound|come|still be)\\b|^if (?:it|they|that|this|the \\p{L}+)?(?:'s| is| are| looks?|"
                    + " seems?)? ?(?:still |a (?:bit|little) )?(?:too|not) ",
            Pattern.CASE_INSENSITIVE);

    /** {@code They need about ten minutes}: how long what was said before takes. */
    private static final Pattern LASTS = Pattern.compile(
            "^(?:about |another |for )?(?:" + Numbers.NUMBER + ") (?:minutes?|mins?|seconds?|hours?)"
                    + "(?:\\W*$|,? (?:on |for )?(?:each|per|a|every) side\\b|,? (?:until|till)\\b)|"
                    + "^(?:(?:they|it|these|this|that)(?:'ll| will|'s going to|'s gonna| is going to)? "
                    + "(?:needs?|takes?|wants?|cooks? for|bakes? for)|"
                    + "give (?:it|them)) [^.;]*\\d|"
                    + "^(?:they|it|these|this|that)(?:'ll| will|'s going to|'s gonna)? (?:needs?|takes?|wants?) "
                    + "(?:about |"
                    + "around )?(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|fifteen|twenty|"
                    + "thirty|forty|half)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern CUE = Pattern.compile(
            "\\b(?:(?:un)?til(?:l)?|(?:is|are|'s|'re) (?:done|ready|cooked) (?:when|once))\\s+(?!you are ready|"
                    + "needed|serving|required|ready to "
                    + "(?:use|serve))([^.;()]+?)(?=\\s*(?:\\.|;|\\(|$|,\\s*(?:and "
                    + "then|then|that|don't|do not|it's|you|see|one|two|three|four|five|ten|fifteen|twenty|"
                    + "about|approx|around|stirring|turning|tossing|flipping|shaking|for|\\d|"
                    + "add|remove|set|drain|transfer|some|an? )|\\s+-\\s|\\band "
                    + "then\\b|,\\s*and\\b|\\s+and "
                    + "(?:cook|add|stir|fry|bake|remove|serve|pour|put|place|turn|"
                    + "flip|transfer|drain|set)\\b|,? "
                    + "(?:about|abt|ca\\.?|for|approximately) \\d))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern STORAGE = Pattern.compile(
            "^\\W*(?:n\\.?b\\.?:? )?(?:store|keeps?(?! (?:under|covered|warm|hot|them|it|the|some|stirring|"
                    + "going|turning|moving|cold|back))|will keep|leftovers?|(?:this |that )?(?:can|"
                    + "may) be (?:made|done|stored|frozen|kept|shaped|assembled|prepared|filled|rolled|"
                    + "cooked) ?|leave (?:for )?\\d+ (?:weeks|months)|(?:better|best|"
                    + "even better) (?:the )?next day|(?:and )?it keeps|make[- ]ahead|"
                    + "you can (?:do|make) (?:this|it|that) (?:the day|a day|"
                    + "\\w+ days)|freezes? "
                    + "(?:well|ok|fine|nicely)|it keeps|they keep|this keeps)\\b|\\b(?:up to|for) \\w+ (?:days|"
                    + "weeks|months) "
                    + "(?:in|at)\\b|\\bkeeps (?:for|in)\\b|\\bkeep (?:for \\w+ (?:days|weeks|months)|in (?:the |an? )?"
                    + "(?:fridge|freezer|airtight|sealed|jar|tub|container))\\b|\\bfreezes? (?:really |very "
                    + ")?(?:well|fine|nicely|"
                    + "beautifully)\\b"
                    + "|^\\W*(?:keep|hold|leave)\\b[^.;]{0,50}\\b(?:\\d+ \\p{L}+,? max|"
                    + "max(?:imum)?\\.? (?:of )?\\d|at most|no (?:more|longer) than)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HOT_PLACE = Pattern.compile(
            "\\b(?:hob|stove|stovetop|burner|pan|skillet|pot|saucepan|wok|griddle|(?:high|low|medium|moderate|"
                    + "gentle)(?:[- ](?:high|low))? (?:heat|flame)|lid(?: on| off)?,? (?:\\d+|for)|in (?:the "
                    + "|hot )?oil,? \\d+)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ON_HOB = Pattern.compile(
            "\\b(?:simmer|boil(?!ing (?:hot )?water)|fry|fries|frying|sauté|saute|sear|sweat|stir-fry|poach|"
                    + "blanch|parboil|reduce|"
                    + "caramelis|caramelize|brown (?=the |all |them |it |onion|\\p{L}+ (?:and|in|on)\\b)|steam|"
                    + "(?<!soaked |soak |cover |steep )in (?:boiling|simmering) (?:salted )?water,? \\d|"
                    + "bubble|temper(?!ature)|bloom|toast|griddle|dry-roast)",
            Pattern.CASE_INSENSITIVE);
    private static final Map<String, Pattern> PLACES = places();
    /** Heating the oven is a step of its own: it starts long before. */
    static final Pattern HEATING_UP = Pattern.compile(
            "^.{0,25}\\b(?:pre-?heat|heat (?:the |your |up the )?oven)\\b|^\\W*(?:set |turn |put )?(?:the |"
                    + "your )?oven (?:on |to |at )*(?:\\d{3} ?°? ?[cf]?\\b|gas)",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    /** {@code 200C fan 20-22 mins til golden}: what is so hot is an oven. */
    private static final Pattern HOT_FIRST = Pattern.compile(
            "^\\W*(?:at )?[12345]\\d\\d ?(?:- ?[12345]\\d\\d ?)?(?:°|º|˚|deg|c\\b|f\\b|fan\\b)",
            Pattern.CASE_INSENSITIVE);

    /** {@code 180°C}, or {@code fill, 180 35'}: so hot, and so long. */
    private static final Pattern HOT = Pattern.compile(
            "\\b[12345]\\d\\d ?(?:°|º|˚|c\\b|f\\b|fan\\b)|^[^\\d(]{0,25}\\b(?:1[2-9]0|2[0-5]0|[34]\\d[05])(?:[ "
                    + ",/]+|,? for (?:about )?)"
                    + "\\d{1,3}(?: ?- ?\\d{1,3})? ?(?:'|m\\b|min)"
                    + "|\\d ?(?:min\\w*|hours?|hrs?)\\.?,? (?:at|@) (?:1[5-9]0|2[0-5]0)\\b(?! ?(?:g|ml)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LIQUID_HOT = Pattern.compile(
            "\\b(?:syrup|caramel|thermometer|probe|heat(?:ed)? to)\\b|\\b(?:oil|water|sugar)\\b[^.;,+]{0,14}\\d{2,3}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ANOTHER = Pattern.compile("\\b(?:another|a further) \\d", Pattern.CASE_INSENSITIVE);
    private static final Pattern AWAY = Pattern.compile(
            "^(?:then )?(?:into |in |to )?(?:the |a )?(?:hot )?(?:fridge|freezer|oven)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COVERED = Pattern.compile(
            "(?:then )?(?:wrap|cover)(?: (?:it|them|well|tightly|with .{3,25}|in .{3,25}))?", Pattern.CASE_INSENSITIVE);
    /** {@code fry onion 4, mushrooms till dry ~8, beans 3}: one after the other, each so many minutes. */
    private static final Pattern COOKED_IN_TURN = Pattern.compile(
            "^(?:fry|sweat|saut[eé]|soften|steam) [\\p{L}+& ]{2,40} ~?\\d{1,2}(?:, ?[\\p{L}+& ]{2,40} "
                    + "~?\\d{1,2})+\\.?$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BARE_FIGURE = Pattern.compile("(\\p{L}) ~?(\\d{1,2})(?=,|\\.?$)");
    private static final Pattern HOW = Pattern.compile("^(?:then )?(?:\\p{L}+ly )?");
    /** Minutes from which handwork is a step of its own, before what goes on by itself. */
    private static final int REAL_WORK = 4;

    /** What is spread or grated into a hot pan is part of what is cooked there. */
    private static final Pattern HOT_WORK = Pattern.compile(
            "^(?:spread|ladle|pour|grate)\\b.*\\b(?:tawa|pan|griddle|comal|batter|straight in)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LID_ON = Pattern.compile("\\blid on\\b", Pattern.CASE_INSENSITIVE);
    /** Minutes for which nobody does anything by hand. */
    private static final int NOBODY_STANDS = 360;

    private static final int HOUR = 60;

    private static final int LEAST_WORDS = 3;
    private static final Pattern ROOM_WARM = Pattern.compile(
            "\\b(?:room temp|on the (?:counter|worktop)|somewhere warm|warm place)", Pattern.CASE_INSENSITIVE);

    private static final BigDecimal ROOM = BigDecimal.valueOf(20);
    private static final BigDecimal HEATING = BigDecimal.valueOf(12);
    /** {@code Heat the oil, whisk in the flour}: on the stove, whatever is done in it. */
    private static final Pattern HEATS_FAT = Pattern.compile(
            "\\bheat (?:up )?(?:the |some |a little |your |\\d+ \\p{L}+ )?(?:of )?(?:the )?(?:\\p{L}+ ){0,2}"
                    + "(?:oil|fat|pan|wok|skillet)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern GRILL_PAN =
            Pattern.compile("\\b(?:grill(?:ing)?|griddle)[ -]?pan\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern UNDER_GRILL =
            Pattern.compile("\\b(?:under|barbecue|bbq|broil\\w*)\\b", Pattern.CASE_INSENSITIVE);
    private Optional<BigDecimal> oven = Optional.empty();
    /** Whether a pan to grill in is on the stove. */
    private boolean grillPan;

    private @Nullable ReadStep before;
    /** Whether the oven was heated, and nothing has gone in. */
    private boolean heated;

    private static Map<String, Pattern> places() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put(
                PlaceKind.OVEN.word(),
                "oven|blind(?=[ :]*\\d)|bak(?:e|es|ing)(?! (?:sheet|tray|powder|pdr|pwdr|paper|parchment|soda"
                        + "|dish))|roast(?:s|"
                        + "ing)?(?! tin)");
        words.put(
                PlaceKind.GRILL.word(),
                "broil\\w*|under (?:a|the) (?:hot )?grill|grill(?!(?:ed|ing)? ?pan)" + "|barbecue|bbq");
        words.put(PlaceKind.IMMERSION_BLENDER.word(), "immersion blender|stick blender|hand blender");
        words.put(
                PlaceKind.BLENDER.word(),
                "(?<!immersion |stick |hand )blender|blend(?!er)|blitz|liquidis\\w*|liquidiz\\w*|whizz");
        words.put(PlaceKind.FOOD_PROCESSOR.word(), "food processor|processor|pulse");
        words.put(PlaceKind.STAND_MIXER.word(), "stand mixer|electric mixer|dough hook");
        words.put(PlaceKind.TOASTER.word(), "(?:in|into) (?:the |a )?toaster|toaster");
        words.put(PlaceKind.FRYER.word(), "(?:in|into) (?:the |a )?(?:deep[- ]?(?:fat )?)?fryer");
        words.put(PlaceKind.JUICER.word(), "juicer");
        words.put(PlaceKind.SPICE_GRINDER.word(), "spice grinder|coffee grinder");
        words.put(PlaceKind.PRESSURE_COOKER.word(), "pressure[- ]cook\\w*|pressure|multicooker");
        words.put(PlaceKind.SLOW_COOKER.word(), "slow[- ]cooker");
        words.put(PlaceKind.RICE_COOKER.word(), "rice cooker");
        words.put(PlaceKind.AIR_FRYER.word(), "air[- ]fry\\w*");
        words.put(PlaceKind.MICROWAVE.word(), "microwave");
        words.put(PlaceKind.STEAMER.word(), "steamer|steaming basket|steam(?:s|ing)?(?![- ](?:dry|off))");
        words.put(PlaceKind.FREEZER.word(), "freezer|freeze");
        words.put(PlaceKind.FRIDGE.word(), "fridge|refrigerat\\w*|chill(?:s|ing|ed)?(?! (?:flakes|oil|powder|paste))");
        Map<String, Pattern> places = new LinkedHashMap<>();
        words.forEach((kind, pattern) ->
                places.put(kind, Pattern.compile("\\b(?:" + pattern + ")\\b", Pattern.CASE_INSENSITIVE)));
        return places;
    }

    /** The kinds of place and appliance that a text names. */
    static List<String> places(String text) {
        String plain = Numbers.plain(text);
        List<String> said = PLACES.entrySet().stream()
                .filter(place -> place.getValue().matcher(plain).find())
                .map(Map.Entry::getKey)
                .toList();
        boolean other = said.stream()
                .anyMatch(kind -> PlaceKind.does(kind, Does.MIXES) && !kind.equals(PlaceKind.BLENDER.word()));
        return other && !NAMED_BLENDER.matcher(plain).find()
                ? said.stream()
                        .filter(kind -> !kind.equals(PlaceKind.BLENDER.word()))
                        .toList()
                : said;
    }

    /** Whether a sentence is about keeping what is left, which is no step. */
    static boolean isStorage(String sentence) {
        return STORAGE.matcher(Numbers.plain(sentence)).find()
                && !sentence.matches("(?is)^(?:soak|marinate|rest|chill).*");
    }

    /** The sentences of a paragraph; notes in lower case begin a new one with what is done next. */
    static List<String> sentences(String paragraph) {
        return List.of(SENTENCE.split(Numbers.plain(paragraph))).stream()
                .flatMap(StepReader::inLowerCase)
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    private static Stream<String> inLowerCase(String sentence) {
        List<String> parts = new ArrayList<>();
        Matcher stop = STOP.matcher(sentence);
        int from = 0;
        while (stop.find()) {
            String next = sentence.substring(stop.end());
            if (Techniques.begins(next)
                    || MEANWHILE.matcher(next).find()
                    || HEATING_UP
                            .matcher(sentence.substring(from, stop.start()))
                            .find()) {
                parts.add(sentence.substring(from, stop.start() + 1));
                from = stop.end();
            }
        }
        parts.add(sentence.substring(from));
        return parts.stream();
    }

    /** Whether a sentence says how long what was said before takes. */
    static boolean isHowLong(String sentence) {
        return LASTS.matcher(sentence).find();
    }

    /** Whether a sentence speaks of what somebody else might take, which is no step either. */
    static boolean isAlternative(String sentence) {
        return ALTERNATIVE.matcher(Numbers.plain(sentence)).find()
                || BesideRecipe.OF_ONE_GUEST.matcher(sentence).find();
    }

    /** With the minutes that a cook leaves out: {@code bake 190/15}, {@code leave 10}. */
    static String spelledOut(String text) {
        String heated = HEAT_AND_TIME.matcher(text).replaceAll("$1 for $2 min");
        heated = HEAT_THEN_TIME.matcher(heated).replaceAll("$1, $2 min");
        return MINUTES_MEANT.matcher(heated).replaceAll("$1 min");
    }

    /** Another part begins: nothing of it goes on from what was done before. */
    void elsewhere() {
        before = null;
    }

    /** The steps of one paragraph of the method. */
    List<ReadStep> steps(String paragraph) {
        List<String> passages = new ArrayList<>();
        String told = spelledOut(paragraph);
        for (String sentence : sentences(told)) {
            passages.addAll(oneTimeEach(sentence));
        }
        List<ReadStep> steps = new ArrayList<>();
        for (String passage : merge(passages)) {
            Optional<BigDecimal> last = lastMinutes(passage);
            Optional<ReadStep> goingOn = last.isPresent() && !steps.isEmpty()
                    ? Optional.of(steps.get(steps.size() - 1)).filter(step -> step.work() == Work.WATCH)
                    : Optional.empty();
            last.ifPresent(minutes -> shorten(steps, minutes));
            ReadStep step = step(passage);
            steps.add(goingOn.map(step::goingOn).orElse(step));
        }
        return steps;
    }

    /** {@code Add the bulgur for the last 15 minutes}: of what goes on already. */
    private static Optional<BigDecimal> lastMinutes(String passage) {
        Matcher last = LAST.matcher(passage);
        if (!last.find()) {
            return Optional.empty();
        }
        BigDecimal hour = BigDecimal.valueOf(last.group(2) == null ? HOUR : HOUR / 2);
        return last.group(1) == null ? Optional.of(hour) : Numbers.value(last.group(1));
    }

    private static void shorten(List<ReadStep> steps, BigDecimal minutes) {
        int at = steps.size() - 1;
        if (at >= 0 && steps.get(at).minutes().low().value().compareTo(minutes) > 0) {
            steps.set(at, steps.get(at).shorterBy(minutes));
        }
    }

    /** Cuts a sentence where a second time begins something else. */
    private static List<String> oneTimeEach(String written) {
        String whole = COOKED_IN_TURN.matcher(written).matches()
                ? BARE_FIGURE.matcher(written).replaceAll("$1 $2 min")
                : written;
        List<String> parts = new ArrayList<>();
        Matcher cooling = COOLS_THEN.matcher(whole);
        boolean cools = cooling.find() && TimeReader.find(whole).isEmpty();
        String sentence = cools ? cooling.group(1) : whole;
        List<TimeReader.Found> times = TimeReader.find(sentence);
        int from = 0;
        for (int i = 1; i < times.size(); i++) {
            int gap = times.get(i - 1).end();
            String between = sentence.substring(gap, times.get(i).start());
            Optional<MatchResult> joint = joint(between, sentence.substring(gap));
            if (joint.isPresent() && !OTHERWISE.matcher(sentence.substring(gap)).find()) {
                parts.add(sentence.substring(from, gap + joint.get().start()));
                from = gap + joint.get().end();
            }
        }
        Optional<MatchResult> alone =
                times.size() == 1 ? byItself(sentence, times.get(0).start()) : Optional.empty();
        if (alone.isPresent()) {
            parts.add(sentence.substring(0, alone.get().start()));
            from = alone.get().end();
        } else if (times.size() == 1) {
            // Until it is so, and then something else for so long.
            Matcher then = UNTIL_THEN.matcher(sentence.substring(0, times.get(0).start()));
            if (then.find()
                    && TechniqueReader.read(sentence.substring(
                                            then.end(), times.get(0).start()))
                                    .size()
                            > 0) {
                parts.add(sentence.substring(from, then.start(1)));
                from = then.end();
            }
        }
        Optional<MatchResult> machine = times.size() == 1 && from == 0
                ? inMachine(sentence, times.get(0).end())
                : Optional.empty();
        if (machine.isPresent()) {
            parts.add(sentence.substring(0, machine.get().start()));
            from = machine.get().end();
        }
        parts.add(sentence.substring(from));
        if (cools) {
            parts.add(cooling.group(2));
        }
        return parts.stream()
                .map(String::strip)
                .filter(part -> part.length() > 1)
                .toList();
    }

    /**
     * {@code Rub in the fat till it comes together, wrap, chill 30 min}: hands work, and then what goes on by itself.
     */
    private static Optional<MatchResult> byItself(String sentence, int time) {
        List<MatchResult> joints =
                JOINT.matcher(sentence.substring(0, time)).results().toList();
        for (int i = joints.size() - 1; i >= 0; i--) {
            MatchResult joint = joints.get(i);
            String clause = sentence.substring(joint.end(), time);
            boolean unattended = Techniques.of(clause, clause.length()).work() != Work.HANDS
                    && (Techniques.begins(clause) || AWAY.matcher(clause).find());
            String last = i == 0 ? "" : sentence.substring(joints.get(i - 1).end(), joint.start());
            MatchResult from = i > 0 && COVERED.matcher(last).matches() ? joints.get(i - 1) : joint;
            String before = sentence.substring(0, from.start());
            Verb first = Techniques.leading(before);
            boolean work = first.work() == Work.HANDS
                    && Techniques.begins(
                            HOW.matcher(before.toLowerCase(Locale.ROOT)).replaceFirst(""))
                    && (first.minutes() >= REAL_WORK
                                    && !HOT_WORK.matcher(before).find()
                            || CUE.matcher(before).find());
            if (unattended && work && before.split(" ").length >= LEAST_WORDS) {
                return Optional.of(from);
            }
        }
        return Optional.empty();
    }

    /** {@code Peas in boiling water 2 min, drain, blitz with the mint}: what was cooked goes into a machine. */
    private static Optional<MatchResult> inMachine(String sentence, int time) {
        String cooked = sentence.substring(0, time);
        boolean hot = ON_HOB.matcher(cooked).find() || HOT_PLACE.matcher(cooked).find();
        return JOINT.matcher(sentence)
                .results()
                .filter(joint -> hot && joint.start() >= time)
                .filter(joint ->
                        IN_MACHINE.matcher(sentence.substring(joint.end())).find())
                .findFirst();
    }

    /** Where something else begins; an "and" between two things is no such place, unless there is no other. */
    private static Optional<MatchResult> joint(String between, String behind) {
        List<MatchResult> joints = JOINT.matcher(between).results().toList();
        return joints.stream()
                .filter(joint -> !joint.group().strip().equalsIgnoreCase("and")
                        || Techniques.begins(behind.substring(joint.end())))
                .findFirst()
                .or(() -> joints.stream().findFirst());
    }

    /**
     * Passages without a time join what goes before, if it is the same sort of work and has no time yet, or says hardly
     * anything.
     */
    private static List<String> merge(List<String> passages) {
        List<String> merged = new ArrayList<>();
        for (String passage : passages) {
            String last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && joins(last, passage)) {
                merged.set(merged.size() - 1, last + " " + passage);
            } else {
                merged.add(passage);
            }
        }
        return merged;
    }

    private static boolean joins(String last, String passage) {
        if (HEATING_UP.matcher(last).find()
                || HEATING_UP.matcher(passage).find()
                || MEANWHILE.matcher(passage).find()) {
            return false;
        }
        boolean lasts = isHowLong(passage) && TimeReader.find(last).isEmpty();
        if (SHOULD.matcher(passage).find() || lasts) {
            return true;
        }
        boolean timeBefore = !TimeReader.find(last).isEmpty();
        boolean timeNow = !TimeReader.find(passage).isEmpty();
        Verb before = Techniques.leading(last);
        Verb now = Techniques.leading(passage);
        if (timeNow) {
            return !timeBefore
                    && places(last).isEmpty()
                    && !CUE.matcher(last).find()
                    && before.work() == Work.HANDS
                    && Techniques.of(passage, TimeReader.find(passage).get(0).start())
                                    .work()
                            == Work.HANDS
                    && before.minutes() <= 2;
        }
        if (timeBefore) {
            return passage.length() < 30
                    && places(passage).isEmpty()
                    && now.work() == Work.HANDS
                    && now.minutes() <= 2
                    && !passage.matches("(?is)^serve.*");
        }
        return before.work() == now.work() && (before.minutes() <= 2 || now.minutes() <= 2);
    }

    private ReadStep step(String text) {
        Optional<TimeReader.Found> time = TimeReader.find(text).stream().findFirst();
        Verb technique = time.map(found -> Techniques.of(text, found.start()))
                .orElseGet(() -> Techniques.leading(WHILE_IT.matcher(text).replaceFirst("")));
        Optional<ReadStep> goesOn = Optional.ofNullable(before)
                .filter(step -> (technique == Techniques.OTHER && !step.loud()
                                || technique.work() == Work.HANDS
                                        && (ADDED.matcher(text).find()
                                                || ANOTHER.matcher(text).find())
                                        && step.isOnRing())
                        && time.isPresent()
                        && places(text).isEmpty()
                        && !ROOM_WARM.matcher(text).find()
                        && (step.isOnRing() || !HOT_PLACE.matcher(text).find()));
        if (heated && time.filter(found -> found.start() == 0).isPresent()) {
            heated = false;
            return inHeatedOven(text, time.get());
        }
        if (LineLooks.isTime(text.replaceAll("\\.$", "")) && time.isPresent()) {
            return standing(text, time.get());
        }
        boolean bare = HOT_FIRST.matcher(text).find()
                || HOT.matcher(text).find()
                        && places(text).isEmpty()
                        && !ON_HOB.matcher(text).find()
                        && !LIQUID_HOT.matcher(text).find();
        if (time.isPresent() && bare) {
            oven = HeatReader.celsius(text).or(() -> oven);
            return inHeatedOven(text, time.get());
        }
        Set<String> guessed = new TreeSet<>();
        Work told = goesOn.map(ReadStep::work)
                .orElseGet(() -> Techniques.work(
                        technique,
                        text,
                        time.map(found -> found.minutes().likely().value().intValue())));
        Work work = told == Work.HANDS ? byItself(text, time) : told;
        if (technique == Techniques.OTHER || work != technique.work()) {
            guessed.add("work");
        }
        List<Need> needs = goesOn.map(ReadStep::needs).orElseGet(() -> needs(text, technique, work, guessed));
        StepMinutes minutes = time.map(found -> found.minutes().times(RoundsReader.timesEach(text)))
                .orElseGet(() -> guess(technique, text, guessed));
        Optional<String> cue = cue(text);
        ReadStep read = new ReadStep(
                StepName.of(mainPart(text, time)),
                text,
                minutes,
                work,
                needs,
                cue,
                work == Work.WATCH ? Optional.of(look(minutes)) : Optional.empty(),
                needs.stream().anyMatch(need -> need.does(Does.LOUD)),
                guessed,
                Set.of());
        before = read;
        heated = HEATING_UP.matcher(text).find() || heated && needs.stream().noneMatch(need -> need.is(PlaceKind.OVEN));
        return read;
    }

    /** {@code Pour the brine over, min. 2 days}: what hands begin, and what goes on without them. */
    private static Work byItself(String text, Optional<TimeReader.Found> time) {
        if (time.filter(found -> found.minutes().likely().value().intValue() >= NOBODY_STANDS)
                .isPresent()) {
            return Work.REST;
        }
        return cooksOn(text, time) ? Work.WATCH : Work.HANDS;
    }

    /** {@code Sago into the pan, stir it. That takes about ten minutes}: nobody stirs so long. */
    private static boolean cooksOn(String text, Optional<TimeReader.Found> time) {
        return time.filter(found -> found.minutes().likely().value().intValue() > REAL_WORK)
                        .isPresent()
                && (LID_ON.matcher(text).find()
                        || sentences(text).stream().anyMatch(StepReader::isHowLong)
                                && HOT_PLACE.matcher(text).find());
    }

    /** {@code oven 220. Peppers on trays. 30 min}: nothing but a time, where the oven waits for something. */
    private ReadStep inHeatedOven(String text, TimeReader.Found time) {
        Optional<String> cue = cue(text);
        before = new ReadStep(
                "Bake",
                text,
                time.minutes(),
                Work.WATCH,
                List.of(new Need(PlaceKind.OVEN.word(), 1, oven, BigDecimal.ZERO)),
                cue,
                Optional.of(look(time.minutes())),
                false,
                oven.isPresent() ? Set.of("work") : Set.of("needs", "work"),
                Set.of(Technique.BAKE));
        return before;
    }

    /** Nothing but a time, where no oven waits: it stands. */
    private ReadStep standing(String text, TimeReader.Found time) {
        before = new ReadStep(
                "Leave to stand",
                text,
                time.minutes(),
                Work.REST,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                false,
                Set.of("work"),
                Set.of());
        return before;
    }

    /** Of several sentences the one with the time; otherwise all of it. */
    private static String mainPart(String text, Optional<TimeReader.Found> time) {
        List<String> done = sentences(text).stream()
                .filter(sentence -> !isHowLong(sentence))
                .toList();
        if (!done.isEmpty() && done.size() < sentences(text).size()) {
            return done.get(0);
        }
        return time.flatMap(found -> sentences(text).stream()
                        .filter(sentence -> {
                            int from = text.indexOf(sentence);
                            return from <= found.start() && found.start() < from + sentence.length();
                        })
                        .findFirst())
                .orElse(text);
    }

    private StepMinutes guess(Verb technique, String text, Set<String> guessed) {
        guessed.add("minutes");
        if (technique.work() == Work.REST && NIGHT_BEFORE.matcher(text).find()) {
            return new StepMinutes(Minutes.of(480), Minutes.of(600), Minutes.of(720));
        }
        Optional<BigDecimal> celsius = HeatReader.celsius(text);
        boolean heating = HEATING_UP.matcher(text).find() && celsius.isPresent();
        BigDecimal likely = heating
                ? celsius.get().subtract(ROOM).max(HEATING).divide(HEATING, 0, RoundingMode.UP)
                : BigDecimal.valueOf(technique.minutes());
        return new StepMinutes(half(likely, "0.75"), Minutes.of(likely), half(likely, "1.5"));
    }

    /** A guess to the half minute. */
    private static Minutes half(BigDecimal likely, String factor) {
        BigDecimal two = BigDecimal.valueOf(2);
        return Minutes.of(likely.multiply(new BigDecimal(factor))
                .multiply(two)
                .setScale(0, RoundingMode.HALF_UP)
                .divide(two));
    }

    /** {@code While they bake, …}: what goes on meanwhile needs its place already. */
    private static final Pattern WHILE_IT = Pattern.compile(
            "^\\W*while (?:it|they|that|this|these|those|the \\p{L}+)[^,]{0,30},\\s*", Pattern.CASE_INSENSITIVE);

    private List<Need> needs(String text, Verb technique, Work work, Set<String> guessed) {
        List<Need> needs = new ArrayList<>();
        Optional<BigDecimal> celsius = HeatReader.celsius(text);
        String first = PROVED_COLD
                .matcher(
                        BY_HAND.matcher(WHILE_IT.matcher(text).replaceFirst("")).replaceFirst("$1"))
                .replaceFirst("$1");
        PLACES.forEach((kind, words) -> {
            if (words.matcher(first).find()
                    && !(kind.equals(PlaceKind.STEAMER.word())
                            && needs.stream().anyMatch(need -> need.is(PlaceKind.OVEN)))) {
                needs.add(new Need(kind, 1, Optional.empty(), BigDecimal.ZERO));
            }
        });
        boolean named = NAMED_BLENDER.matcher(first).find();
        boolean other = needs.stream().anyMatch(need -> need.does(Does.MIXES) && !need.is(PlaceKind.BLENDER));
        if (other && !named) {
            needs.removeIf(need -> need.is(PlaceKind.BLENDER));
        }
        if (text.matches("(?is)^(?:remove|take)\\b.*\\b(?:from|out of) the (?:fridge|freezer).*")) {
            needs.removeIf(need -> need.is(PlaceKind.FRIDGE) || need.is(PlaceKind.FREEZER));
        }
        grillPan |= GRILL_PAN.matcher(text).find();
        if (grillPan && !UNDER_GRILL.matcher(text).find()) {
            // What is grilled, where a grill pan was heated, is grilled in that pan.
            needs.removeIf(need -> need.is(PlaceKind.GRILL));
        }
        ReadStep last = before;
        boolean ring = ON_HOB.matcher(text).find() || HOT_PLACE.matcher(text).find();
        if (last != null && needs.isEmpty() && technique.work() == Work.WATCH && last.isUnderPressure() && !ring) {
            return last.needs();
        }
        boolean inOven = needs.removeIf(need -> need.is(PlaceKind.OVEN));
        boolean grilled = needs.stream().anyMatch(need -> need.is(PlaceKind.GRILL) || need.is(PlaceKind.AIR_FRYER))
                && !text.toLowerCase(Locale.ROOT).contains("oven");
        boolean leaving = text.matches("(?is)^(?:remove|take)\\b.*\\b(?:from|out of) the oven.*")
                && TimeReader.find(text).isEmpty();
        if (inOven && !grilled && !leaving) {
            oven = celsius.or(() -> oven);
            if (celsius.isEmpty()) {
                guessed.add("needs");
            }
            needs.add(0, new Need(PlaceKind.OVEN.word(), 1, oven, BigDecimal.ZERO));
        }
        boolean elsewhere = inOven || !needs.isEmpty() && !needs.stream().allMatch(need -> need.is(PlaceKind.STEAMER));
        boolean cooking = technique.work() == Work.WATCH;
        boolean hot = cooking
                || HEATS_FAT.matcher(text).find()
                || ON_HOB.matcher(text).find()
                || HOT_PLACE.matcher(text).find() && !text.matches("(?is)^(?:grease|line|drain|take|remove).*");
        if (hot && !elsewhere && !(work == Work.REST)) {
            guessed.add("needs");
            needs.add(0, new Need(PlaceKind.BURNER.word(), 1, Optional.empty(), BigDecimal.ZERO));
        }
        return needs;
    }

    private static Minutes look(StepMinutes minutes) {
        int likely = Math.max(1, minutes.likely().value().intValue());
        if (likely <= 6) {
            return Minutes.of(Math.max(1, likely / 2));
        }
        return Minutes.of(likely <= 20 ? 5 : 10);
    }

    private static Optional<String> cue(String text) {
        Matcher matcher = CUE.matcher(text);
        if (matcher.find()) {
            return Optional.of(Lettering.capital(matcher.group(1).strip().replaceAll("[,:]$", "")));
        }
        return sentences(text).stream()
                .filter(sentence -> SHOULD.matcher(sentence).find())
                .map(sentence ->
                        SHOULD.matcher(sentence).replaceFirst("").strip().replaceAll("[.!]+$", ""))
                .filter(looks -> looks.length() > 2)
                .map(Lettering::capital)
                .findFirst();
    }
}
