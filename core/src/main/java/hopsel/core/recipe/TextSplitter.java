package hopsel.core.recipe;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.RecipeSource.Passage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Cuts the text of a recipe into title, ingredients, method and the rest, with or without headings.
 *
 * <p>Headings such as {@code Ingredients}, {@code Method} or {@code For the sauce:} are followed where they are there.
 * Without them a line that starts with an amount, or is short and names something edible, is an ingredient, and one
 * that reads like a sentence is method.
 */
public final class TextSplitter {

    private enum Where {
        TOP,
        INGREDIENTS,
        METHOD,
        NOTES
    }

    private static final Pattern INGREDIENTS = Pattern.compile(
            "^(?:the )?(?:ingredients?|ingredient list|what you(?:'ll| will)? need|you(?:'ll| will)? "
                    + "need|shopping list)\\s*(?:\\(([^()]*)\\))?\\s*(?:for (?:the "
                    + ")?([^.:,\\d]{2,40}))?\\s*(?:\\(([^()]*)\\))?\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern METHOD = Pattern.compile(
            "^(?:the )?(?:method|directions?|instructions?|preparation|steps|procedure|how|how to(?: (?:make|cook)(?: "
                    + "it| them| this)?)?|making it|putting it together|to make|what to do|order of work|"
                    + "running order|work ?plan|timings?|cooking instructions|preparation steps|"
                    + "let's cook)\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOTES = Pattern.compile(
            "^(?:(?:recipe|cook's|chef's|my|some) )?(?:notes?|tips?(?: and "
                    + "tricks)?|storage|storing|nutrition(?:al)?(?: information| "
                    + "facts)?|variations?|substitutions?|make[- "
                    + "]ahead|equipment|tools|faq|video|comments|to store|leftovers)\\s*:?(?:\\s|$)",
            Pattern.CASE_INSENSITIVE);

    /** {@code nb. freezes well}: said beside the method. */
    private static final Pattern NOTED =
            Pattern.compile("^(?:n\\.?b|p\\.?s|note|tip)\\b\\s*[.:-]", Pattern.CASE_INSENSITIVE);

    private static final Pattern NOTES_ALONE = Pattern.compile("^[\\p{L}' -]{3,40}:?$");
    private static final Pattern PART =
            Pattern.compile("^(?:for|to make)\\s+(?:the\\s+)?([^.:\\d]{2,50}?)\\s*:?\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLON = Pattern.compile("^((?:[^.:,\\d]|\\d(?=\\D*$)){2,45}):\\s*$");
    private static final Pattern LIST =
            Pattern.compile("^([\\p{L}'][\\p{L}' &-]{1,40}?)(?: \\(([^()]{1,30})\\))?:\\s+(\\S.*)$");
    private static final Pattern MARKS = Pattern.compile("^(?:#+|>)\\s*");
    private static final Set<String> PART_WORDS = Set.of(
            "sauce",
            "paste",
            "broth",
            "dressing",
            "dough",
            "filling",
            "topping",
            "marinade",
            "glaze",
            "pastry",
            "batter",
            "salad",
            "slaw",
            "base",
            "crust",
            "syrup",
            "curry",
            "soup",
            "crumb",
            "garnish",
            "pickle",
            "dip",
            "salsa",
            "frangipane",
            "caramel",
            "spice mix",
            "rub",
            "cream",
            "mash",
            "relish",
            "chutney",
            "bread",
            "flatbread",
            "wrapper",
            "vinaigrette",
            "stew",
            "crisp",
            "coating",
            "chimichurri",
            "gremolata",
            "raita",
            "sambal",
            "tempering",
            "tadka",
            "aioli",
            "mayo",
            "gravy",
            "icing",
            "frosting",
            "streusel",
            "crumble",
            "stuffing",
            "seasoning",
            "brine",
            "guacamole",
            "chermoula",
            "masa",
            "ganache",
            "custard",
            "sponge",
            "drizzle",
            "sprinkle");
    /** {@code Scramble wraps - serves two}. */
    private static final Pattern TITLE_YIELD = Pattern.compile(
            "(.{3,}?)\\s*[-,(]+\\s*((?:(?:serves|makes|feeds)|(?:enough )?for(?= \\d)) .{1,60}?|"
                    + "\\d+ people)\\)?(?: \\([^()]*\\))?",
            Pattern.CASE_INSENSITIVE);

    /** {@code sauce -> 4 tbsp soy}. */
    private static final Pattern ARROW =
            Pattern.compile("^([\\p{L}' ]{2,40}?) ?(?:-+>|=+>|→|⇒|=(?= ?[\\p{L}\\d½¼¾])) ?");

    /** {@code salad - cucumber 2, tomatoes 6}. */
    private static final Pattern DASHED = Pattern.compile("^(\\p{L}+) - (?=.*,)");

    private static final Pattern COMMAS =
            Pattern.compile("\\s*(?:[,;]\\s+(?![^(]*\\))|\\s\\+\\s+(?![^(]*\\))|\\s/\\s|\\s-+>\\s|\\s-\\s(?!\\d))");
    private static final Pattern MARKED_OFF = Pattern.compile("\\s*;\\s+|\\s-\\s(?!\\d)");
    /** {@code You'll want about 300 g of red lentils, half a squash, peeled, …}: a list in a sentence. */
    private static final Pattern WANTED = Pattern.compile(
            "^(?:for (?:the|this) [\\p{L} ]{2,30},? )?(?:you(?:'ll| will)? (?:need|want)|we(?:'ll)? need|"
                    + "i (?:use|take)|take|get|needs?|ingredients?(?: are)?)\\b:?\\s+",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern DONE_TO_IT =
            Pattern.compile("(?:\\p{L}+ly )?\\p{L}{3,}ed(?:(?: and| &|,) (?:\\p{L}+ly )?\\p{L}+ed)*\\.?");

    /** {@code Pierogi day! What I need at home: scale, rolling pin}. */
    private static final Pattern EXCLAIMED = Pattern.compile("([\\p{L}' -]{4,40}!+)\\s+(\\p{Lu}.*:.*)");

    private static final Pattern EMPHASIS = Pattern.compile("(?<![\\p{L}\\d*])[*_]([^*_]+)[*_](?![\\p{L}\\d*])");
    private static final Pattern SENTENCE_END = Pattern.compile(
            "(?<!\\b(?:tsp|tbsp|oz|lb|approx|abt|opt|min|hr)|\\d)\\.\\s+(?=\\p{L})", Pattern.CASE_INSENSITIVE);
    /** What stands together in a list and is no part of the dish. */
    private static final Pattern GROUP = Pattern.compile(
            "(?:whole |ground |dry |dried |fresh )?(?:spices|herbs|aromatics|veg|vegetables|seasonings?|dairy|"
                    + "store ?cupboard|fridge|also)",
            Pattern.CASE_INSENSITIVE);
    /** {@code Sat morning}, over steps. */
    private static final Pattern MOMENT = Pattern.compile(
            "(?:(?:on )?(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?|(?:the )?(?:day|night|"
                    + "evening|morning) before|on the day|early|late)?,? ?(?:morning|afternoon|evening|night|"
                    + "lunchtime)?:?",
            Pattern.CASE_INSENSITIVE);
    /** What a web page has around a recipe. */
    private static final Pattern PAGE_NOISE = Pattern.compile(
            "(?:jump to (?:recipe|video)|print(?: recipe)?|save|share|pin(?: it| recipe)?|rate|cook mode.*|"
                    + "did you make this.*|leave a (?:comment|review).*|[★☆⭐ ]+.*)",
            Pattern.CASE_INSENSITIVE);
    /** {@code show: sealing the edge}: for whoever holds the camera. */
    private static final Pattern DIRECTION =
            Pattern.compile("^\\W*(?:show|say|camera|close-?up|remember|ask)\\s*:", Pattern.CASE_INSENSITIVE);

    /** {@code 3 tbsp miso / 1 tbsp soy = sauce}. */
    private static final Pattern MAKES_IT = Pattern.compile("^(.*\\d.*(?:,|/|\\+|;).*) = ([\\p{L} ]{3,20})$");

    private static final Pattern SIZED =
            Pattern.compile("(\\p{L}[\\p{L} ]{2,30}) \\((\\d+ ?[x×] ?[^()]+|\\d+ (?:pcs|pieces)[^()]*)\\)");

    private static final Pattern SHOUT = Pattern.compile("\\b\\p{Lu}[\\p{Lu}']+\\b");

    private static final Pattern IN_A_ROW = Pattern.compile(
            ",\\s+(?:and\\s+)?(?![^(]*\\))|\\s+and\\s+(?=(?:an? |\\d|half|one |two |three |some )[^,]*$)");
    private static final int LONGEST_TITLE = 7;
    private static final int YIELD_LENGTH = 40;
    private static final int LEAST_ENTRIES = 3;
    private static final Pattern OF_THE =
            Pattern.compile("^(?:to (?:make|finish|assemble) |make |for )?(?:the )?", Pattern.CASE_INSENSITIVE);

    /** {@code … 1 t salt. Filling: 2 lb potatoes}: a heading in the middle of a line. */
    private static final Pattern HEADING_INSIDE =
            Pattern.compile("(?<=\\p{L}[.;])\\s+(?=\\p{Lu}[\\p{L}' ]{2,24}:\\s+[\\d½⅓⅔¼¾⅛])");
    /** Where it stands in a book. */
    private static final Pattern PAGE =
            Pattern.compile("\\s*\\((?:[^()\\d]{0,40}\\b)?(?:p\\.?|pp\\.?|page) ?\\d+\\)", Pattern.CASE_INSENSITIVE);
    /** {@code sauce: everything in a pan}: a step of the part that is named. */
    private static final Pattern NAMED_STEP = Pattern.compile("^([\\p{L}' -]{3,30}?)(?::| -)\\s+(\\S.*)$");

    /** {@code Let it rest for 15 min while you make the sauce: stir everything together}. */
    private static final Pattern WHILE_YOU_MAKE = Pattern.compile(
            "(.+?),? while you (?:make|mix|prepare|do|stir|whisk)(?: up)? (?:the |your )?([\\p{L} ]{3,25}: .+)",
            Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private final LineLooks looks;
    private final List<Passage> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    private final List<String> other = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private final HeadFacts facts = new HeadFacts(other);

    private Optional<String> part = Optional.empty();
    /** The recipe that is being read, where a text holds several. */
    private Optional<String> section = Optional.empty();
    /** Headings under which nothing stood: whatever they say has to be looked at. */
    private final Map<String, String> headings = new LinkedHashMap<>();

    private Where where = Where.TOP;
    /** Whether an empty line stood before this one, and whether lines of this part stood close together before it. */
    private boolean blank;

    private boolean tight;
    /** Lines that stand alone over a list and over what is done with it, in small letters. */
    private final Set<String> standing = new HashSet<>();

    private String next = "";
    /** Whether an empty line stands before the next one. */
    private boolean nextIsApart;

    private TextSplitter(LineReader lines) {
        this.lines = lines;
        this.looks = new LineLooks(lines);
    }

    /** The parts of a text. */
    public static RecipeSource split(String text, LineReader lines) {
        TextSplitter splitter = new TextSplitter(lines);
        PlainText plain = PlainText.of(TableRow.inOrder(text.lines().toList()));
        splitter.other.addAll(plain.aside());
        List<String> all = Columns.unfold(plain.lines()).stream()
                .map(TableRow::unframed)
                .flatMap(line -> Stream.of(HEADING_INSIDE.split(line)))
                .map(TextSplitter::unmarked)
                .toList();
        splitter.standing.addAll(standing(all));
        for (int i = 0; i < all.size(); i++) {
            splitter.next = all.subList(i + 1, all.size()).stream()
                    .filter(line -> !line.isEmpty())
                    .findFirst()
                    .orElse("");
            splitter.nextIsApart = i + 1 < all.size() && all.get(i + 1).isEmpty();
            splitter.doings(all, i);
            splitter.take(all.get(i));
        }
        splitter.emptyHeadings();
        return new RecipeSource(
                splitter.title,
                splitter.facts.yield(),
                splitter.facts.promised(),
                splitter.ingredients,
                splitter.method,
                splitter.other);
    }

    /**
     * What stands by itself twice, over a line with an amount and over one of the method: a part, even a food's name.
     */
    private static Set<String> standing(List<String> all) {
        Set<String> over = new HashSet<>();
        Set<String> twice = new HashSet<>();
        for (int i = 1; i + 1 < all.size(); i++) {
            String line = all.get(i).toLowerCase(Locale.ROOT);
            String before = Numbers.plain(all.get(i - 1));
            boolean first = before.isEmpty()
                    || INGREDIENTS.matcher(before).matches()
                    || METHOD.matcher(before).matches();
            boolean alone = first && !line.isEmpty() && !all.get(i + 1).isEmpty();
            if (alone && !LineLooks.startsWithAmount(line) && !LineLooks.isSentence(line)) {
                boolean listed = LineLooks.startsWithAmount(all.get(i + 1)) && !LineLooks.isNumbered(all.get(i + 1));
                if (listed) {
                    over.add(line);
                } else if (over.contains(line)) {
                    twice.add(line);
                }
            }
        }
        return twice;
    }

    /** Bullets behind a list without, most of which tell what is done, are the method. */
    private void doings(List<String> all, int from) {
        boolean begins = LineLooks.isBulleted(all.get(from)) && (from == 0 || !LineLooks.isBulleted(all.get(from - 1)));
        if (where != Where.INGREDIENTS || ingredients.size() < LEAST_ENTRIES || !begins) {
            return;
        }
        List<String> block = all.subList(from, all.size()).stream()
                .takeWhile(LineLooks::isBulleted)
                .map(LineLooks::withoutBullet)
                .toList();
        long done = block.stream()
                .filter(line -> !LineLooks.startsWithAmount(line))
                .filter(line -> Techniques.begins(line.toLowerCase(Locale.ROOT))
                        || TimeReader.first(line).isPresent())
                .count();
        if (block.size() >= LEAST_ENTRIES && done * 2 > block.size()) {
            where = Where.METHOD;
            part = section;
        }
    }

    /** Without marks of emphasis, pictures, and lines that only divide. */
    private static String unmarked(String line) {
        String plain = EMPHASIS.matcher(line.replaceAll("\\*\\*|__", "").replaceAll("(\\d)\\uFE0F?\\u20E3\\s*", "$1. "))
                .replaceAll("$1")
                .replaceAll("[\\x{1F000}-\\x{1FAFF}\\uFE0F\\u200D]", "")
                .strip();
        return plain.matches("[-=_*~.· ]{3,}|\\d{1,2}[.)]") ? "" : plain;
    }

    /** Whether a passage says nothing but where the recipe stands in a book. */
    static boolean isPage(String passage) {
        return PAGE.matcher(passage).matches();
    }

    /** Whether a passage is said to whoever holds the camera, says when something is done, or belongs to a web page. */
    static boolean isBeside(String passage) {
        return DIRECTION.matcher(passage).find()
                || MOMENT.matcher(passage).matches()
                || PAGE_NOISE.matcher(passage).matches();
    }

    /** The parts of a text, read with a catalogue. */
    public static RecipeSource split(String text, Catalogue catalogue) {
        return split(text, new LineReader(catalogue, Measures.METRIC));
    }

    /**
     * The recipes that a text holds, each with its name, list and method.
     *
     * @return parts of the text; one, all of it, where it holds no more
     */
    public static List<String> recipes(String text) {
        List<String> all = text.lines().toList();
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (isListHeading(all.get(i))) {
                int name = i - 1;
                while (name >= 0 && all.get(name).isBlank()) {
                    name--;
                }
                starts.add(Math.max(0, name));
            }
        }
        List<String> found = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : all.size();
            found.add(String.join("\n", all.subList(starts.get(i), end)));
        }
        boolean whole = found.size() > 1
                && found.stream().allMatch(recipe -> recipe.lines()
                        .anyMatch(line ->
                                METHOD.matcher(Numbers.plain(line).strip()).matches()));
        return whole ? found : List.of(text);
    }

    /** {@code Ingredients}, and not {@code Ingredients for the sauce}, which is a part. */
    private static boolean isListHeading(String line) {
        Matcher listed = INGREDIENTS.matcher(Numbers.plain(line).strip());
        return listed.matches() && listed.group(2) == null;
    }

    private void emptyHeadings() {
        Stream.concat(ingredients.stream(), method.stream())
                .flatMap(passage -> passage.heading().stream())
                .forEach(headings::remove);
        other.addAll(headings.values());
    }

    private void part(String name, String line) {
        part = Optional.of(name);
        headings.putIfAbsent(name, line);
    }

    private void take(String raw) {
        if (raw.isEmpty()) {
            blank = true;
            return;
        }
        String line = MARKS.matcher(raw).replaceFirst("").strip();
        boolean moment =
                where != Where.TOP && line.length() > 2 && MOMENT.matcher(line).matches();
        boolean directed = title.isPresent() && DIRECTION.matcher(line).find();
        if (directed || moment || PAGE_NOISE.matcher(line).matches()) {
            other.add(line);
            where = moment ? Where.METHOD : where;
            part = moment ? section : part;
            return;
        }
        if (line.isEmpty() || isHeading(line) || isNumberedName(line) || isListInOneLine(line)) {
            return;
        }
        line = where == Where.METHOD ? line : facts.without(line);
        if (line.isEmpty() || isPart(line)) {
            return;
        }
        switch (where) {
            case TOP -> top(line);
            case INGREDIENTS -> ingredient(line);
            case METHOD -> method(line);
            default -> other.add(line);
        }
    }

    private boolean isHeading(String line) {
        String plain = Numbers.plain(line).replaceAll("\\*+", "");
        Matcher listed = INGREDIENTS.matcher(plain);
        Where next;
        if (listed.matches()) {
            next = Where.INGREDIENTS;
        } else if (METHOD.matcher(plain).matches()) {
            next = Where.METHOD;
        } else if (NOTES.matcher(plain).find()
                && (plain.length() < 30 || where != Where.INGREDIENTS && plain.contains(":"))) {
            next = Where.NOTES;
        } else {
            next = null;
        }
        if (next == null) {
            return false;
        }
        where = next;
        part = section;
        if (next == Where.NOTES
                && !(plain.length() < 12 && NOTES_ALONE.matcher(plain).matches())) {
            other.add(line);
        }
        if (next == Where.INGREDIENTS) {
            beside(listed, line);
        }
        return true;
    }

    /** {@code Ingredients (serves 4)}, {@code Ingredients for the sauce}. */
    private void beside(Matcher listed, String line) {
        Stream.of(listed.group(1), listed.group(3)).filter(Objects::nonNull).forEach(said -> {
            if (!facts.isFact(said)) {
                other.add(said);
            }
        });
        Optional.ofNullable(listed.group(2)).map(String::strip).ifPresent(name -> part(capital(name), line));
    }

    /** {@code 2. Sesame greens (serves 4)}, with its list under it: one of several dishes of an evening. */
    private boolean isNumberedName(String line) {
        Matcher number = LineLooks.NUMBERED.matcher(line);
        boolean listed = next.contains(";")
                && Stream.of(next.split(";"))
                                .map(String::strip)
                                .filter(this::isMeasured)
                                .count()
                        > 1;
        if (title.isEmpty() || !listed || !number.find()) {
            return false;
        }
        String name = facts.without(
                        number.replaceFirst("").replaceAll("[()]", " ; ").strip())
                .replaceAll("[\\s;]+$", "");
        section = Optional.of(capital(unshouted(name)));
        part(section.get(), line);
        where = Where.INGREDIENTS;
        return true;
    }

    private boolean isPart(String line) {
        String plain = LineLooks.withoutBullet(Numbers.plain(line))
                .replaceAll("\\*+", "")
                .strip();
        Matcher named = PART.matcher(plain);
        Matcher colon = COLON.matcher(plain);
        boolean known = where == Where.INGREDIENTS || where == Where.METHOD || where == Where.TOP && title.isPresent();
        boolean foods = !lines.read(plain).foods().isEmpty()
                || named.matches() && !lines.read(named.group(1)).foods().isEmpty();
        Matcher yielding = TITLE_YIELD.matcher(plain);
        if (where == Where.INGREDIENTS
                && yielding.matches()
                && !LineLooks.startsWithAmount(plain)
                && facts.isFact(yielding.group(2).strip())) {
            part(capital(unshouted(yielding.group(1).strip())), line);
        } else if (known && named.matches() && !foods && plain.split(" ").length <= 7) {
            part(capital(named.group(1)), line);
        } else if (known && colon.matches() && !colon.group(1).matches("(?i).*\\b(?:until|then|add|mix)\\b.*")) {
            part(capital(colon.group(1).replaceFirst("(?i)^(?:for |make |to make )?(?:the )?", "")), line);
        } else if (isSection(plain)) {
            section = Optional.of(capital(unshouted(plain)));
            part(section.get(), line);
        } else if (known && where != Where.METHOD && standing.contains(plain.toLowerCase(Locale.ROOT))) {
            part(capital(unshouted(plain)), line);
            where = Where.INGREDIENTS;
        } else if (where == Where.METHOD && namedBefore(plain).isPresent()) {
            part(namedBefore(plain).get(), line);
        } else if (blank && known && sized(plain).isPresent() && LineLooks.startsWithAmount(next)) {
            // Tortillas (28 x 12 cm), over what goes into them.
            Matcher pieces = sized(plain).orElseThrow();
            part(capital(unshouted(pieces.group(1))), line);
            other.add(pieces.group(2));
            where = Where.INGREDIENTS;
        } else if (known && isBareHeading(plain)) {
            part(capital(unshouted(plain)), line);
            where = Where.INGREDIENTS;
        } else {
            return false;
        }
        blank = false;
        tight = false;
        return true;
    }

    /** The part of the list that a line of the method names, and nothing else. */
    private Optional<String> namedBefore(String line) {
        String name = OF_THE.matcher(line).replaceFirst("");
        return headings.keySet().stream()
                .filter(heading -> heading.equalsIgnoreCase(name))
                .findFirst();
    }

    private static Optional<Matcher> sized(String line) {
        return Optional.of(SIZED.matcher(line)).filter(Matcher::matches);
    }

    /** {@code For the dough: 500 g flour, 7 g yeast, 320 ml water}. */
    private boolean isListInOneLine(String line) {
        String made = MAKES_IT.matcher(Numbers.plain(line)).replaceFirst("$2: $1");
        String plain = ARROW.matcher(LineLooks.withoutBullet(made)).replaceFirst("$1: ");
        Matcher dashed = DASHED.matcher(plain);
        if (dashed.find()
                && (PART_WORDS.contains(ItemFinder.singular(dashed.group(1).toLowerCase(Locale.ROOT)))
                        || Stream.of(COMMAS.split(plain.substring(dashed.end())))
                                        .filter(this::isMeasured)
                                        .count()
                                >= LEAST_ENTRIES)) {
            plain = dashed.replaceFirst("$1: ");
        }
        boolean numbered = section.isPresent() && LineLooks.isNumbered(plain);
        Matcher matcher =
                LIST.matcher(numbered ? LineLooks.NUMBERED.matcher(plain).replaceFirst("") : plain);
        if (!matcher.matches() || where == Where.NOTES || HeadFacts.isHead(matcher.group(1))) {
            return isBareList(plain);
        }
        String whole = matcher.group(3);
        int told = told(whole);
        String said = whole.substring(0, told).replaceFirst("[.]\\s*$", "");
        List<String> pieces = withPreparation((said.contains("; ") ? MARKED_OFF : COMMAS).split(said));
        List<String> entries =
                pieces.stream().takeWhile(piece -> !Techniques.begins(piece)).toList();
        long measured = entries.stream().filter(this::isMeasured).count();
        boolean foods = measured > 0
                && entries.size() == pieces.size()
                && entries.stream().allMatch(entry -> lines.read(entry).item().isPresent());
        int least = numbered || where == Where.INGREDIENTS && measured > 0 ? 1 : 2;
        if (entries.size() < least || measured * 2 < entries.size() && !foods) {
            return false;
        }
        Optional.ofNullable(matcher.group(2))
                .filter(beside -> !facts.isFact(beside))
                .ifPresent(other::add);
        if (GROUP.matcher(matcher.group(1)).matches() && told == whole.length()) {
            where = Where.INGREDIENTS;
            entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
            return true;
        }
        boolean named = !INGREDIENTS.matcher(matcher.group(1)).matches();
        Optional<String> around = where == Where.INGREDIENTS && !ingredients.isEmpty() ? part : Optional.empty();
        part = named
                ? Optional.of(capital(unshouted(matcher.group(1).replaceFirst("(?i)^for (?:the )?", ""))))
                : Optional.empty();
        if (where == Where.METHOD && entries.size() < pieces.size() && isListedAlready(entries)) {
            // What was listed before goes in here: no list of its own.
            method.add(new Passage(part, said));
            part = Optional.empty();
            return true;
        }
        where = Where.INGREDIENTS;
        part.ifPresent(name -> headings.putIfAbsent(name, line));
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        if (entries.size() < pieces.size()) {
            // What is done with them stands in the same line.
            where = Where.METHOD;
            method.add(new Passage(part, said.substring(said.indexOf(pieces.get(entries.size())))));
        }
        if (told < whole.length()) {
            where = Where.METHOD;
            method.add(new Passage(part, whole.substring(told).strip()));
        }
        part = where == Where.METHOD || !isListGoingOn() ? around : part;
        blank = false;
        tight = true;
        return true;
    }

    /** {@code 1 tsp salt, 1 tbsp oil. knead 6 min}: where the list ends and somebody does something with it. */
    private static int told(String said) {
        Matcher stop = SENTENCE_END.matcher(said);
        while (stop.find()) {
            if (Techniques.begins(said.substring(stop.end()).toLowerCase(Locale.ROOT))) {
                return stop.end();
            }
        }
        return said.length();
    }

    /** {@code 8 plums, stoned and quartered}: what was done to it stays with it. */
    private static List<String> withPreparation(String[] pieces) {
        List<String> all = new ArrayList<>();
        for (String piece : pieces) {
            int last = all.size() - 1;
            if (last >= 0 && DONE_TO_IT.matcher(piece).matches()) {
                all.set(last, all.get(last) + ", " + piece);
            } else {
                all.add(piece);
            }
        }
        return all;
    }

    private boolean isListedAlready(List<String> entries) {
        List<Item> listed = ingredients.stream()
                .flatMap(passage -> lines.read(passage.text()).item().stream())
                .toList();
        long known = entries.stream()
                .flatMap(entry -> lines.read(entry).item().stream())
                .filter(listed::contains)
                .count();
        return known * 2 > entries.size();
    }

    /** Whether the next line is more of the same list: foods, without a heading of its own. */
    private boolean isListGoingOn() {
        return !nextIsApart && !LIST.matcher(next).matches() && looksLikeIngredient(next);
    }

    private boolean isMeasured(String entry) {
        return LineLooks.startsWithAmount(LineTidy.tidy(entry)) && looksLikeIngredient(entry);
    }

    /** {@code 250 g red lentils, 1 onion, 4 garlic, thumb ginger, salt}: a list without a heading, in one line. */
    private boolean isBareList(String line) {
        Matcher wanted = WANTED.matcher(line);
        if (where != Where.METHOD && wanted.find()) {
            return isWanted(line.substring(wanted.end()).replaceAll("\\.$", ""));
        }
        if (where == Where.METHOD || LineLooks.isNumbered(line) || LineLooks.isSentence(line)) {
            return false;
        }
        List<String> entries = List.of(line.split("\\s*[,;]\\s+|\\s+/\\s+"));
        long amounts = entries.stream().filter(this::isMeasured).count();
        boolean foods = entries.stream()
                .map(lines::read)
                .allMatch(read -> read.item().isPresent()
                        || !read.foods().isEmpty()
                        || read.amount().isPresent());
        boolean few = amounts * 2 < entries.size() && !(where == Where.INGREDIENTS && amounts > 0);
        if (entries.size() < LEAST_ENTRIES || few || !foods) {
            return false;
        }
        where = Where.INGREDIENTS;
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        return true;
    }

    /** The name of a recipe, with a list of its own under it. */
    private boolean isSection(String line) {
        return title.isPresent()
                && INGREDIENTS.matcher(next).matches()
                && line.split(" ").length <= LONGEST_TITLE
                && !LineLooks.isSentence(line)
                && !LineLooks.isNumbered(line);
    }

    /** What somebody wants, in a row: what is no food of its own says more about the one before. */
    private boolean isWanted(String list) {
        List<String> entries = new ArrayList<>();
        for (String piece : IN_A_ROW.split(list)) {
            ReadLine read = lines.read(piece);
            boolean food = read.item().isPresent() || !read.foods().isEmpty();
            String last = entries.isEmpty() ? "" : entries.get(entries.size() - 1);
            boolean more = !LineLooks.startsWithAmount(piece)
                    && (!food || last.contains(" each ") && read.amount().isEmpty());
            if (more && !entries.isEmpty()) {
                entries.set(entries.size() - 1, last + ", " + piece);
            } else {
                entries.add(piece);
            }
        }
        if (entries.size() < LEAST_ENTRIES
                || entries.stream().filter(this::isMeasured).count() * 2 < entries.size()) {
            return false;
        }
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        where = Where.INGREDIENTS;
        return true;
    }

    /** A heading without a mark: a few words without an amount, before a line with one. */
    private boolean isBareHeading(String line) {
        String[] words = line.split(" ");
        boolean few = words.length <= 4 && !line.matches("(?i).*(?:[\\d,.;½⅓⅔¼¾⅛]| for ).*");
        boolean before =
                LineTidy.tidy(Numbers.plain(LineLooks.withoutBullet(next))).matches("^\\d.*")
                        && !LineLooks.isNumbered(next);
        if (!few || !before) {
            return false;
        }
        boolean shouted = line.equals(line.toUpperCase(Locale.ROOT)) && line.matches(".*\\p{Lu}{3}.*");
        boolean partWord = PART_WORDS.contains(ItemFinder.singular(words[words.length - 1].toLowerCase(Locale.ROOT)));
        boolean apart = blank && !nextIsApart && lines.read(line).item().isEmpty() && !Techniques.begins(line);
        // In a text in capitals a shouted food is a line of the list.
        boolean food = lines.read(line).item().isPresent() && !partWord && next.equals(next.toUpperCase(Locale.ROOT));
        return shouted && !food
                || where != Where.METHOD && (partWord || apart)
                || blank && (partWord || apart && looks.surelyIngredient(next));
    }

    private void top(String whole) {
        String line = title.isEmpty() && whole.contains(" | ") ? beside(whole) : whole;
        List<String> said = title.isEmpty() ? StepReader.sentences(line) : List.of();
        if (said.size() == 2
                && line.length() < LineLooks.LONG
                && !Techniques.begins(said.get(1).toLowerCase(Locale.ROOT))
                && !namesFood(said.get(0))
                && namesFood(said.get(1))) {
            // Dinner for tomorrow. One-pan noodles, feeds 3.
            other.add(said.get(0));
            top(facts.without(said.get(1)));
            return;
        }
        Matcher exclaimed = EXCLAIMED.matcher(line);
        if (title.isEmpty() && exclaimed.matches()) {
            title = Optional.of(exclaimed.group(1));
            other.add(exclaimed.group(2));
            return;
        }
        boolean alone = nextIsApart
                && line.split(" ").length <= LONGEST_TITLE + 1
                && StepReader.sentences(line).size() == 1
                && !LineLooks.startsWithAmount(line);
        if (title.isEmpty()
                && (alone || !(LineLooks.startsWithAmount(line) && looksLikeIngredient(line)) || isNameWithNumber(line))
                && line.length() < LineLooks.LONG
                && (alone || !LineLooks.isSentence(line) || isNameWithStop(line))) {
            Matcher yielding = TITLE_YIELD.matcher(Numbers.plain(line));
            if (yielding.matches() && facts.isFact(yielding.group(2).strip())) {
                top(yielding.group(1).strip());
                return;
            }
            Matcher page = PAGE.matcher(line);
            if (page.find()) {
                other.add(page.group().strip());
            }
            String plain = page.replaceAll("").replaceAll("[:*#]+$", "").strip();
            plain = alone && plain.endsWith(".") || isNameWithStop(plain)
                    ? plain.substring(0, plain.length() - 1)
                    : plain;
            String name = unshouted(plain);
            title = Optional.of(name.equals(plain) ? plain : capital(name));
        } else if (looksLikeIngredient(line) && !isBetterTitle(line)) {
            where = Where.INGREDIENTS;
            ingredient(line);
        } else if (isBetterTitle(line)) {
            other.add(title.orElseThrow());
            title = Optional.of(line);
        } else if (LineLooks.method(line)) {
            where = Where.METHOD;
            method(titleFrom(line));
        } else {
            other.add(line);
        }
    }

    /** {@code Sago | serves 6 | 30 min}: the name, and what stands beside it. */
    private String beside(String line) {
        List<String> cells = List.of(line.split("\\s+\\|\\s+"));
        cells.stream().skip(1).filter(cell -> !facts.isFact(cell)).forEach(other::add);
        return cells.get(0);
    }

    /** {@code Two things for Thursday}, alone at the top: a number, and nothing to eat or to measure. */
    private boolean isNameWithNumber(String line) {
        ReadLine read = lines.read(line);
        boolean counted =
                read.amount().filter(amount -> amount.unit() == Unit.PIECE).isPresent();
        return nextIsApart
                && counted
                && (read.item().isEmpty() || !read.exact())
                && read.foods().isEmpty();
    }

    /** A name of a dish under a line that names nothing to eat, such as the house or the course. */
    private boolean isBetterTitle(String line) {
        return title.filter(first -> !namesFood(first)).isPresent()
                && namesFood(line)
                && line.matches("^\\p{Lu}.*")
                && line.split(" ").length <= LONGEST_TITLE + 2
                && !LineLooks.isSentence(line.replaceAll("\\bw\\. ", "with "))
                && !LineLooks.startsWithAmount(line)
                && (nextIsApart || LineLooks.isNumbered(next));
    }

    private boolean namesFood(String line) {
        return Stream.of(line.split("[^\\p{L}'-]+"))
                .anyMatch(word -> word.length() > 2
                        && (lines.read(word).item().isPresent()
                                || PART_WORDS.contains(ItemFinder.singular(word.toLowerCase(Locale.ROOT)))));
    }

    /** {@code My sister's pierogi.}: a few words that nobody does anything with. */
    private static boolean isNameWithStop(String line) {
        return line.endsWith(".")
                && line.split(" ").length <= LONGEST_TITLE
                && StepReader.sentences(line).size() == 1
                && !Techniques.begins(line);
    }

    /** A recipe told in one go may begin with its name as a sentence. */
    private String titleFrom(String line) {
        List<String> sentences = StepReader.sentences(line);
        String first = sentences.get(0);
        if (title.isEmpty()
                && sentences.size() > 2
                && first.split(" ").length <= 7
                && first.endsWith(".")
                && !Numbers.read(first).isPresent()) {
            title = Optional.of(first.substring(0, first.length() - 1));
            return String.join(" ", sentences.subList(1, sentences.size()));
        }
        return line;
    }

    private void ingredient(String line) {
        if (title.isEmpty() && blank && isNameOverMethod(line)) {
            top(line);
            where = Where.METHOD;
            return;
        }
        if (!looksLikeIngredient(line) && LineLooks.method(line)) {
            where = Where.METHOD;
            // A list in the middle of the method is followed by what is done with it.
            part = method.isEmpty() ? section : part;
            method(line);
            return;
        }
        if (blank && tight) {
            part = Optional.empty();
        }
        tight = !blank
                && !ingredients.isEmpty()
                && ingredients.get(ingredients.size() - 1).heading().equals(part);
        blank = false;
        for (String one : together(line)) {
            ingredients.add(new Passage(part, one));
        }
    }

    /** The name of the dish, behind a table of what goes in. */
    private boolean isNameOverMethod(String line) {
        return !ingredients.isEmpty()
                && !LineLooks.startsWithAmount(line)
                && !LineLooks.isSentence(line)
                && line.split(" ").length <= LONGEST_TITLE
                && LineLooks.method(next);
    }

    /** Several ingredients on one line, parted by semicolons or by commas before amounts. */
    private List<String> together(String line) {
        String[] parts = line.split("\\s*;\\s*|,\\s+(?=(?:\\d|[½⅓⅔¼¾⅛])[^,]*\\p{L})");
        boolean foods = Stream.of(parts)
                .map(lines::read)
                .allMatch(read -> read.item().isPresent() && read.amount().isPresent());
        if (parts.length > 2 || parts.length == 2 && foods) {
            return List.of(parts);
        }
        List<String> named = List.of(line.split(",\\s+"));
        boolean names = named.size() > 1
                && !line.contains("(")
                && !LineLooks.startsWithAmount(line)
                && named.stream().allMatch(one -> lines.read(one).item().isPresent() && one.split(" ").length <= 4)
                && named.stream().anyMatch(one -> LineLooks.startsWithAmount(LineTidy.tidy(one)));
        return names ? named : List.of(line);
    }

    private void method(String line) {
        blank = false;
        if (NOTED.matcher(line).find()) {
            other.add(line);
            return;
        }
        boolean numbered = LineLooks.isNumbered(line);
        if (!numbered && looks.surelyIngredient(line)) {
            where = Where.INGREDIENTS;
            ingredient(line);
            return;
        }
        String text = withoutYield(
                LineLooks.withoutBullet(LineLooks.NUMBERED.matcher(line).replaceFirst(""))
                        .strip());
        Matcher meanwhile = WHILE_YOU_MAKE.matcher(text);
        for (String one : meanwhile.matches() ? List.of(meanwhile.group(1), meanwhile.group(2)) : List.of(text)) {
            if (!one.isEmpty()) {
                method.add(namedStep(one).orElseGet(() -> new Passage(part, one)));
            }
        }
    }

    /** The number of servings may stand in the method; another one than before is laid aside. */
    private String withoutYield(String text) {
        List<String> sentences = StepReader.sentences(text);
        Optional<String> said = sentences.stream()
                .filter(sentence -> sentence.length() <= YIELD_LENGTH
                        && HeadFacts.YIELD.matcher(bare(sentence)).matches())
                .reduce((a, b) -> b);
        if (said.isEmpty()) {
            return text;
        }
        String bare = bare(said.get());
        if (!facts.isFact(bare) && !facts.isSaidAlready(bare)) {
            other.add(said.get());
        }
        return sentences.stream()
                .filter(sentence -> !sentence.equals(said.get()))
                .collect(Collectors.joining(" "));
    }

    private static String bare(String sentence) {
        return sentence.replaceAll("[.!]$", "");
    }

    private Optional<Passage> namedStep(String text) {
        Matcher matcher = NAMED_STEP.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        List<String> said =
                ItemFinder.words(matcher.group(1).replaceFirst("(?i)(?:^first,? |,? (?:first|next|last))$", ""));
        return headings.keySet().stream()
                .filter(heading -> {
                    List<String> words = ItemFinder.words(heading);
                    int more = words.size() - said.size();
                    return more >= 0
                            && (words.subList(more, words.size()).equals(said)
                                    || words.subList(0, said.size()).equals(said));
                })
                .findFirst()
                .map(heading -> new Passage(Optional.of(heading), matcher.group(2)));
    }

    private boolean looksLikeIngredient(String line) {
        return looks.ingredient(line, where == Where.INGREDIENTS);
    }

    /** In small letters, where all of it is in capitals; what stands in brackets does not count. */
    private static String unshouted(String text) {
        String plain = text.replaceAll("\\([^()]*\\)", "");
        boolean shouted = plain.equals(plain.toUpperCase(Locale.ROOT)) && !plain.equals(plain.toLowerCase(Locale.ROOT));
        return (shouted ? SHOUT.matcher(text).replaceAll(word -> word.group().toLowerCase(Locale.ROOT)) : text)
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String capital(String text) {
        String plain = text.strip();
        return plain.isEmpty() ? plain : plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
    }
}
