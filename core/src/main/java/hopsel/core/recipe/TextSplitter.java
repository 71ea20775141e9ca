package hopsel.core.recipe;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.RecipeSource.Passage;
import hopsel.core.recipe.RecipeSource.Telling;

import java.util.ArrayList;
import java.util.HashMap;
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

    private static final Pattern PART = Pattern.compile(
            "^(?:for|to make)\\s+(?:the\\s+)?([^.:\\d]{2,50}?)"
                    + "(?: (?:you|we|I)(?:'ll| will)? (?:need|want|use|take))?\\s*:?\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COLON = Pattern.compile("^((?:[^.:,\\d]|\\d(?=\\D*$)){2,45}):\\s*$");
    private static final Pattern MARKS = Pattern.compile("^(?:#+|>)\\s*");
    /** {@code Scramble wraps - serves two}. */
    private static final Pattern TITLE_YIELD = Pattern.compile(
            "(.{3,}?)(?:\\s*[-,(]+\\s*|\\s+(?=(?:serves|makes|feeds) \\d))((?:(?:serves|makes|feeds|yields?)|(?:enough "
                    + ")?for(?= \\d)) .{1,60}?|"
                    + "\\d+ people)\\)?(?: \\([^()]*\\))?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern CLOCK =
            Pattern.compile("^(?:[01]?\\d|2[0-3]):[0-5]\\d(?: ?(?:h|am|pm))?[ :–-]+(?=\\p{L})");
    /** {@code Dish 2 / 3 - Pea ravioli}. */
    private static final Pattern OF_A_MENU = Pattern.compile(
            "^(?:dish|course|recipe|plate|no\\.?) ?\\d{1,2}(?: ?(?:/|of) ?\\d{1,2})? ?[:–—-] ?(?=\\p{L})",
            Pattern.CASE_INSENSITIVE);
    /** {@code Sat brunch, 6 portions}: how many it is for stands at the end of a name. */
    private static final Pattern COUNTED = Pattern.compile(
            "^[^\\d:]{3,60}[,(-] ?(\\d{1,3} (?:portions|servings|people|pax|ppl|guests|covers))\\)?\\.?$",
            Pattern.CASE_INSENSITIVE);
    /** {@code + 4 cl garlic, 2t cumin, 1'}: into what was begun in the line before. */
    private static final Pattern ADDED_TO = Pattern.compile("^\\+ ?(?=[\\d½¼¾⅓⅔\\p{L}])");

    private static final Pattern TOLD_PART = Pattern.compile(
            "^for (?:the|my) ((?!last|first|next|best|rest|final)[\\p{L}' -]{3,25}?)(?:,|:)?(?: (?:I|we"
                    + "|you)(?:'ll|’ll)?)\\s+",
            Pattern.CASE_INSENSITIVE);

    /** {@code You'll want about 300 g of red lentils, half a squash, peeled, …}: a list in a sentence. */
    private static final Pattern WANTED = Pattern.compile(
            "^(?:for (?:the|this) [\\p{L} ]{2,30},? )?(?:you(?:'ll| will)? (?:need|want)|we(?:'ll)? need|"
                    + "i (?:use|take)|take|get|needs?|ingredients?(?: are)?)\\b:?\\s+",
            Pattern.CASE_INSENSITIVE);

    /** {@code Split it}: said of what was made just now. */
    private static final Pattern GOES_ON = Pattern.compile(
            "^(?:then |now )?(?:split|divide|halve|strain|blitz|taste|sieve|season) (?:it|this|that|them|these)\\b"
                    + "|^(?:on the day|(?:the )?next day|after that|to finish it)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code 500 g sweet potato diced small, roast 200 fan 25 min}: a step that stands in the list. */
    private static final Pattern COOKED_BEHIND = Pattern.compile(
            "(?:(?:,| -)\\s+(roast|bake|(?:deep-|shallow-)?fry|boil|steam|grill|char|simmer|warm)|"
                    + " - (cut|slice|dice|chop|press|soak|marinate))\\b",
            Pattern.CASE_INSENSITIVE);

    /** {@code It feeds 6}. */
    private static final Pattern IT_SERVES = Pattern.compile(
            "^(?:it|this|that|they|the (?:whole|lot|recipe))(?:'ll|’ll| will| should)? (?:is |be )?(?=(?:serves?|feeds?"
                    + "|makes?|enough for|yields?)\\b)",
            Pattern.CASE_INSENSITIVE);
    /** {@code here is the tart I promised you}. */
    private static final Pattern PROMISED = Pattern.compile(
            "^(?:and |so )?(?:here(?:'s|’s| is| are| comes?)|this is|these are) (?:the recipe for )?(?:the |my "
                    + "|our |an? )?"
                    + "([\\p{L}' -]{3,40}?),? (?:recipe )?(?:that |which )?(?:I|you|we)(?:'ve| have| had|'d)? "
                    + "(?:promised|asked|wanted|spoke|told|made|mentioned|liked|loved|had|ate)\\b[^.!]*[.!]$",
            Pattern.CASE_INSENSITIVE);
    /** {@code Enchiladas (gives 8, feeds 4)}. */
    private static final Pattern BRACKETED = Pattern.compile("(\\D{3,60}?) \\(([^()]*\\d[^()]*)\\)\\.?");

    /** {@code onions: 4 lge, dice, 25 min}. */
    private static final Pattern FOOD_AND_DOING = Pattern.compile(
            "^(?:\\d{1,2}[.)] )?(\\p{L}{3,20}): (\\d{1,3}(?: ?(?:lge?|large|small|sm|med|medium|kg|g))?), "
                    + "(\\p{L}.*\\d.*)$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SERVED_WITH = Pattern.compile(
            "(?:(?:to|for) )?(?:serve|serving|garnish|finish)|garnish(?:es)?", Pattern.CASE_INSENSITIVE);
    /** {@code Pastry.}, over what goes in. */
    private static final Pattern STOPPED = Pattern.compile("(\\p{Lu}[\\p{L} ]{2,20})\\.");
    /** {@code Pierogi day! What I need at home: scale, rolling pin}. */
    private static final Pattern EXCLAIMED = Pattern.compile("([\\p{L}' -]{4,40}!+)\\s+(\\p{Lu}.*:.*)");

    private static final Pattern EMPHASIS = Pattern.compile("(?<![\\p{L}\\d*])[*_]([^*_]+)[*_](?![\\p{L}\\d*])");
    /** What stands together in a list and is no part of the dish. */
    private static final Pattern GROUP = Pattern.compile(
            "(?:whole |ground |dry |dried |fresh )?(?:spices|herbs|aromatics|veg|vegetables|seasonings?|dairy|"
                    + "store ?cupboard|fridge|also)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SIZED =
            Pattern.compile("(\\p{L}[\\p{L} ]{2,30}) \\((\\d+ ?[x×] ?[^()]+|[x×] ?\\d+|\\d+ (?:pcs|pieces)[^()]*)\\)");

    private static final Pattern IN_A_ROW = Pattern.compile(
            ",\\s+(?:and\\s+)?(?![^(]*\\))|\\s+and\\s+(?=(?:an? |\\d|half|one |two |three |some )[^,]*$)");
    private static final Pattern TOLD_UNDER = Pattern.compile("^(?:→|⇒|[-=]*>) ?(?=\\p{L})");
    /** {@code Pickup: noodles 20 s, bowl, broth}: how a plate is put together. */
    private static final Pattern PICKUP = Pattern.compile(
            "(?:on the )?(?:pick-?up|pass|plating|to plate|plate-?up) ?[:=] ?(.*)", Pattern.CASE_INSENSITIVE);

    private static final Pattern AT_BOTH_MARGINS =
            Pattern.compile("\\s*(\\p{Lu}[\\p{Lu} '’&-]{5,40}?)\\s{4,}(\\p{Lu}[\\p{L}., '’-]{3,60})");

    /** {@code PASTE (yield 1.2 kg)}: how much of a part there is. */
    private static final Pattern PART_YIELD = Pattern.compile(
            "(\\p{L}[\\p{L} ]{2,30}?) ?(\\((?:yields?|makes) (?:about |ca\\.? )?[\\d.,]+ ?(?:kg|g|ml|l|litres?)\\))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BAR = Pattern.compile("\\s+\\|\\s+");
    private static final int LONGEST_TITLE = 7;
    private static final int YIELD_LENGTH = 40;
    private static final int LEAST_ENTRIES = 3;
    private static final Pattern OF_THE =
            Pattern.compile("^(?:to (?:make|finish|assemble) |make |for )?(?:the )?", Pattern.CASE_INSENSITIVE);

    /** {@code … 1 t salt. Filling: 2 lb potatoes}: a heading in the middle of a line. */
    private static final Pattern HEADING_INSIDE =
            Pattern.compile("(?<=\\p{L}[.;])\\s+(?=\\p{Lu}[\\p{L}' ]{2,24}:\\s+[\\d½⅓⅔¼¾⅛])");
    /** {@code sauce: everything in a pan}: a step of the part that is named. */
    private static final Pattern NAMED_STEP = Pattern.compile("^([\\p{L}' -]{3,30}?)(?::| -)\\s+(\\S.*)$");

    private static final Pattern MEANWHILE =
            Pattern.compile("(?:meanwhile|in the meantime),? " + "", Pattern.CASE_INSENSITIVE);
    /** {@code Let it rest for 15 min while you make the sauce: stir everything together}. */
    private static final Pattern WHILE_YOU_MAKE = Pattern.compile(
            "(.+?),? while you (?:make|mix|prepare|do|stir|whisk)(?: up)? (?:the |your )?([\\p{L} ]{3,25}: .+)",
            Pattern.CASE_INSENSITIVE);

    private final LineReader lines;
    private final LineLooks looks;
    private final List<Passage> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    private final List<String> other = new ArrayList<>();
    /** How much of the method stood before a line of the list. */
    private final Map<String, Integer> before = new HashMap<>();

    private Optional<String> title = Optional.empty();
    private final HeadFacts facts = new HeadFacts(other);

    private Optional<String> part = Optional.empty();
    /** The part whose list, and perhaps its first step, stood in one line. */
    private Optional<String> begunPart = Optional.empty();
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
        PlainText plain = PlainText.of(
                TableRow.inOrder(StepTable.told(Scanned.mended(text.lines().toList()))));
        splitter.other.addAll(plain.aside());
        List<String> all = Columns.unfold(plain.lines()).stream()
                .map(TableRow::unframed)
                .flatMap(line -> Stream.of(HEADING_INSIDE.split(line)))
                .map(splitter::withoutBars)
                .flatMap(TextSplitter::titleAndAuthor)
                .map(TextSplitter::unmarked)
                .toList();
        splitter.standing.addAll(HeadingWords.standing(all));
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
                splitter.other,
                splitter.telling());
    }

    /** {@code PLUM TART Mrs. Fenwick}: who wrote it stands at the other margin. */
    private static Stream<String> titleAndAuthor(String line) {
        Matcher both = AT_BOTH_MARGINS.matcher(line);
        return both.matches() ? Stream.of(both.group(1), "(" + both.group(2) + ")") : Stream.of(line);
    }

    /** A line in the middle of the method goes in no sooner; a list behind all of it goes in anywhere. */
    private Telling telling() {
        return new Telling(
                before.entrySet().stream()
                        .filter(line -> line.getValue() < method.size())
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)),
                Map.of(),
                List.of());
    }

    /** {@code Paste: 6 chillies | 4 shallots | thumb of ginger}: bars for commas. */
    private String withoutBars(String line) {
        List<String> cells = List.of(BAR.split(line));
        int colon = cells.get(0).indexOf(": ");
        boolean list = cells.size() > LEAST_ENTRIES
                && colon > 0
                && cells.stream()
                                        .skip(1)
                                        .filter(cell -> LineLooks.startsWithAmount(LineTidy.tidy(cell)))
                                        .filter(cell -> lines.read(cell).item().isPresent())
                                        .count()
                                * 2
                        > cells.size();
        return list ? String.join("; ", cells) : line;
    }

    /** Bullets behind a list without, most of which tell what is done, are the method. */
    private void doings(List<String> all, int from) {
        boolean begins = LineLooks.isBulleted(all.get(from)) && (from == 0 || !LineLooks.isBulleted(all.get(from - 1)));
        if (where == Where.INGREDIENTS && from > 0 && all.get(from - 1).isEmpty() && isToldBlock(all, from)) {
            where = Where.METHOD;
            part = section;
            return;
        }
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

    /** Lines behind an empty one that begin with no amount, and of which most say how long something takes. */
    private boolean isToldBlock(List<String> all, int from) {
        List<String> block = all.subList(from, all.size()).stream()
                .takeWhile(line -> !line.isEmpty())
                .toList();
        if (ingredients.size() < LEAST_ENTRIES
                || block.size() < LEAST_ENTRIES
                || block.stream()
                        .anyMatch(line ->
                                LineLooks.isBulleted(line) || LineLooks.startsWithAmount(line) || line.endsWith(":"))) {
            return false;
        }
        long timed = block.stream()
                .filter(line -> TimeReader.first(StepReader.spelledOut(line)).isPresent())
                .filter(line -> !isMeasured(line))
                .count();
        return timed * 2 > block.size();
    }

    /** Without marks of emphasis, pictures, and lines that only divide. */
    private static String unmarked(String line) {
        String plain = EMPHASIS.matcher(line.replaceAll("\\*\\*|__", "").replaceAll("(\\d)\\uFE0F?\\u20E3\\s*", "$1. "))
                .replaceAll("$1")
                .replaceAll("[\\x{1F000}-\\x{1FAFF}\\uFE0F\\u200D]", "")
                .replaceAll("\\s*>>\\s*", ": ")
                .replaceAll(":\\s*[-–—]+\\s*$", ":")
                .strip();
        return plain.matches("[-=_*~.· ]{3,}|\\d{1,2}[.)]") ? "" : plain;
    }

    /** The parts of a text, read with a catalogue. */
    public static RecipeSource split(String text, Catalogue catalogue) {
        return split(text, new LineReader(catalogue, Measures.METRIC));
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
        Matcher yielding = PART_YIELD.matcher(raw);
        if (yielding.matches()) {
            other.add(yielding.group(2));
        }
        String whole = yielding.matches() ? yielding.group(1) : raw;
        if (where == Where.INGREDIENTS && isToldUnder(whole)) {
            return;
        }
        String line = MARKS.matcher(whole).replaceFirst("").strip();
        boolean moment = where != Where.TOP
                && line.length() > 2
                && BesideRecipe.MOMENT.matcher(line).matches();
        boolean directed =
                title.isPresent() && BesideRecipe.DIRECTION.matcher(line).find();
        if (directed
                || moment
                || BesideRecipe.OF_ONE_GUEST.matcher(line).find()
                || BesideRecipe.MADE_FOR_ONE.matcher(line).matches()
                || BesideRecipe.ON_AIR.matcher(line).matches()
                || BesideRecipe.ALLERGENS.matcher(line).matches()
                || BesideRecipe.PAGE_NOISE.matcher(line).matches()) {
            other.add(line);
            where = moment ? Where.METHOD : where;
            part = moment ? section : part;
            return;
        }
        Matcher pickup = PICKUP.matcher(line);
        if (pickup.matches() && !ingredients.isEmpty()) {
            method.add(new Passage(Optional.empty(), "Assemble: " + pickup.group(1)));
            return;
        }
        if (line.isEmpty() || isHeading(line) || isNumberedName(line) || isListInOneLine(line)) {
            return;
        }
        line = where == Where.METHOD && !line.contains(" | ") ? line : facts.without(line);
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
        Matcher listed = HeadingWords.INGREDIENTS.matcher(plain);
        Where next;
        if (listed.matches()) {
            next = Where.INGREDIENTS;
        } else if (HeadingWords.METHOD.matcher(plain).matches()) {
            next = Where.METHOD;
        } else if (HeadingWords.NOTES.matcher(plain).find()
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
        blank = false;
        tight = false;
        if (next == Where.NOTES
                && !(plain.length() < 12
                        && HeadingWords.NOTES_ALONE.matcher(plain).matches())) {
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
        Optional.ofNullable(listed.group(2)).map(String::strip).ifPresent(name -> part(Lettering.capital(name), line));
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
        section = Optional.of(Lettering.capital(Lettering.unshouted(name)));
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
        Matcher yielding = TITLE_YIELD.matcher(plain);
        if ((where == Where.INGREDIENTS || where == Where.TOP && known && LineLooks.startsWithAmount(next))
                && yielding.matches()
                && !LineLooks.startsWithAmount(plain)
                && facts.isFact(yielding.group(2).strip())) {
            part(Lettering.capital(Lettering.unshouted(yielding.group(1).strip())), line);
        } else if (known
                && named.matches()
                && plain.split(" ").length <= 7
                && lines.read(plain).foods().isEmpty()
                && lines.read(named.group(1)).foods().isEmpty()) {
            part(Lettering.capital(named.group(1)), line);
        } else if (known && colon.matches() && !colon.group(1).matches("(?i).*\\b(?:until|then|add|mix)\\b.*")) {
            part(Lettering.capital(colon.group(1).replaceFirst("(?i)^(?:for |make |to make )?(?:the )?", "")), line);
        } else if (isSection(plain)) {
            section = Optional.of(Lettering.capital(Lettering.unshouted(plain)));
            part(section.get(), line);
        } else if (known && isStoppedHeading(plain)) {
            part(Lettering.capital(plain.substring(0, plain.length() - 1)), line);
            where = Where.INGREDIENTS;
        } else if (known && where != Where.METHOD && standing.contains(plain.toLowerCase(Locale.ROOT))) {
            part(Lettering.capital(Lettering.unshouted(plain)), line);
            where = Where.INGREDIENTS;
        } else if (where == Where.METHOD && namedBefore(plain).isPresent()) {
            part(namedBefore(plain).get(), line);
        } else if (blank && known && sized(plain).isPresent() && LineLooks.startsWithAmount(next)) {
            // Tortillas (28 x 12 cm), over what goes into them.
            Matcher pieces = sized(plain).orElseThrow();
            part(Lettering.capital(Lettering.unshouted(pieces.group(1))), line);
            other.add(pieces.group(2));
            where = Where.INGREDIENTS;
        } else if (known && isBareHeading(plain)) {
            part(Lettering.capital(Lettering.unshouted(plain)), line);
            where = Where.INGREDIENTS;
        } else {
            return false;
        }
        blank = false;
        tight = false;
        return true;
    }

    private boolean isStoppedHeading(String line) {
        String[] words = line.replaceAll("\\.$", "").split(" ");
        return STOPPED.matcher(line).matches()
                && HeadingWords.isPart(words[words.length - 1])
                && LineLooks.startsWithAmount(next);
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

    /** {@code onions: 4 lge, dice, 25 min golden}: so many of them, and what is done with them. */
    private boolean isFoodAndDoing(String line) {
        Matcher found = FOOD_AND_DOING.matcher(LineLooks.withoutBullet(line));
        if (!found.matches() || lines.read(found.group(1)).item().isEmpty() || HeadFacts.isHead(found.group(1))) {
            return false;
        }
        where = Where.METHOD;
        method.add(new Passage(part, "%s %s, %s".formatted(found.group(2), found.group(1), found.group(3))));
        return true;
    }

    /** {@code For the dough: 500 g flour, 7 g yeast, 320 ml water}. */
    private boolean isListInOneLine(String line) {
        if (isFoodAndDoing(line)) {
            return true;
        }
        if (title.isEmpty()
                && where == Where.TOP
                && COUNTED.matcher(Numbers.plain(line)).find()) {
            return false;
        }
        if (isToldUnder(line) || isAddedTo(line) || isInCells(line) || isListAndDoing(line)) {
            return true;
        }
        String plain = ListInLine.coloned(line, this::isMeasured);
        boolean numbered = LineLooks.isNumbered(plain) && (section.isPresent() || isListUnderNumber(plain));
        Optional<ListInLine> found =
                ListInLine.of(numbered ? LineLooks.NUMBERED.matcher(plain).replaceFirst("") : plain);
        if (found.isEmpty()
                || where == Where.NOTES
                || HeadFacts.isHead(found.get().name())) {
            return isBareList(plain);
        }
        ListInLine list = found.get();
        if (SERVED_WITH.matcher(list.name()).matches() && list.pieces().stream().anyMatch(this::isPartBefore)) {
            where = Where.METHOD;
            part = section;
            method.add(new Passage(part, line));
            return true;
        }
        if (isServedWith(list)) {
            part = section;
            list.pieces().forEach(piece -> listed(piece + ", to serve"));
            return true;
        }
        List<String> entries = list.entries();
        long measured = entries.stream().filter(this::isMeasured).count();
        boolean foods = measured > 0
                && list.done().isEmpty()
                && entries.stream().allMatch(entry -> lines.read(entry).item().isPresent());
        // Roll: 2 tbsp filling each, seam down.
        boolean told = Techniques.begins(list.name().toLowerCase(Locale.ROOT))
                && entries.stream()
                                        .filter(entry ->
                                                lines.read(entry).item().isPresent())
                                        .count()
                                * 2
                        < entries.size();
        if (told) {
            return false;
        }
        if (Techniques.begins(list.name().toLowerCase(Locale.ROOT))
                && list.name().contains(" ")
                && where != Where.TOP
                && measured == entries.size()) {
            // Season the rice: 40 ml vinegar, 1 T sugar.
            entries.forEach(entry -> {
                before.put(entry, method.size());
                ingredients.add(new Passage(part, entry));
            });
            where = Where.METHOD;
            method.add(new Passage(
                    part, numbered ? LineLooks.NUMBERED.matcher(line).replaceFirst("") : line));
            return true;
        }
        boolean all = measured == entries.size() && list.told().isPresent();
        int least = numbered || all || where == Where.INGREDIENTS && measured > 0 ? 1 : 2;
        if (entries.size() < least || measured * 2 < entries.size() && !foods) {
            return false;
        }
        list.beside().filter(beside -> !facts.isFact(beside)).ifPresent(other::add);
        if (GROUP.matcher(list.name()).matches() && list.told().isEmpty()) {
            where = Where.INGREDIENTS;
            entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
            return true;
        }
        boolean named = !HeadingWords.INGREDIENTS.matcher(list.name()).matches();
        Optional<String> around = where == Where.INGREDIENTS && !ingredients.isEmpty() ? part : Optional.empty();
        part = named
                ? Optional.of(
                        Lettering.capital(Lettering.unshouted(list.name().replaceFirst("(?i)^for (?:the )?", ""))))
                : Optional.empty();
        if (where == Where.METHOD && list.done().isPresent() && isListedAlready(entries)) {
            // What was listed before goes in here: no list of its own.
            method.add(new Passage(part, list.said()));
            part = Optional.empty();
            return true;
        }
        where = Where.INGREDIENTS;
        part.ifPresent(name -> headings.putIfAbsent(name, line));
        Stream.concat(entries.stream(), list.further().filter(this::isMeasuredFood))
                .forEach(entry -> ingredients.add(new Passage(part, entry)));
        begunPart = part;
        // What is done with them stands in the same line.
        Stream.of(list.done(), list.told()).flatMap(Optional::stream).forEach(doing -> {
            where = Where.METHOD;
            method.add(new Passage(part, doing));
        });
        part = where == Where.METHOD || !isListGoingOn() ? around : part;
        blank = false;
        tight = true;
        return true;
    }

    /** {@code 2. pickle: 1 cucumber, 60 ml rice vinegar}: a number of the running order, and no amount. */
    private boolean isListUnderNumber(String line) {
        return ListInLine.of(LineLooks.NUMBERED.matcher(line).replaceFirst(""))
                .filter(list -> !HeadFacts.isHead(list.name()))
                .filter(list ->
                        list.entries().size() > 1 && list.entries().stream().allMatch(this::isMeasured))
                .isPresent();
    }

    /** {@code Beetroot dip | 3 beets, 2 tbsp tahini | blend till smooth}: a part, its list, and what is done. */
    private boolean isInCells(String line) {
        String[] cells = line.split("\\s+\\|\\s+");
        boolean named = cells.length == 3
                && cells[0].matches("\\p{L}[\\p{L}' &-]{2,40}")
                && !HeadFacts.isHead(cells[0])
                && Stream.of(cells[2].split("[,;]\\s+"))
                        .anyMatch(clause -> Techniques.begins(clause.toLowerCase(Locale.ROOT)));
        List<String> entries = named ? List.of(cells[1].split(",\\s+")) : List.of();
        if (title.isEmpty()
                || entries.isEmpty()
                || entries.stream().filter(this::isMeasured).count() * 2 < entries.size()) {
            return false;
        }
        part(Lettering.capital(cells[0]), line);
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        where = Where.METHOD;
        method.add(new Passage(part, cells[2]));
        part = section;
        return true;
    }

    /**
     * {@code 8 ancho, 4 guajillo - seeds out, toast 30 s, soak 20}: foods, and behind a dash what is done with them.
     */
    private boolean isListAndDoing(String line) {
        String plain = LineLooks.withoutBullet(Numbers.plain(line));
        int dash = plain.indexOf(" - ");
        if (dash < 0 || where == Where.TOP || LineLooks.isNumbered(plain)) {
            return false;
        }
        List<String> entries = List.of(plain.substring(0, dash).split(",\\s+"));
        String doing = plain.substring(dash + 3);
        boolean done = Stream.of(doing.split("[,;]\\s+"))
                .anyMatch(clause -> Techniques.begins(clause.toLowerCase(Locale.ROOT)));
        if (!done || entries.size() < 2 || !entries.stream().allMatch(this::isMeasuredOrGuessed)) {
            return false;
        }
        entries.forEach(entry -> {
            before.put(entry, method.size());
            ingredients.add(new Passage(part, entry));
        });
        String names = entries.stream().map(entry -> lines.read(entry).name()).collect(Collectors.joining(", "));
        method.add(new Passage(part, names + ": " + doing));
        return true;
    }

    private boolean isMeasuredOrGuessed(String entry) {
        return isMeasured(entry) && lines.read(entry).item().isPresent();
    }

    private boolean isPartBefore(String piece) {
        return headings.keySet().stream().anyMatch(heading -> heading.equalsIgnoreCase(piece.replaceAll("\\.$", "")));
    }

    /** {@code → toss in cornflour, fry 5 min}: what is done with the list over it. */
    private boolean isToldUnder(String line) {
        Matcher told = TOLD_UNDER.matcher(line);
        if (where != Where.INGREDIENTS || ingredients.isEmpty() || !told.find()) {
            return false;
        }
        String doing = told.replaceFirst("");
        // A letter that is quoted has such a mark on every line.
        if (line.startsWith(">")
                && (isMeasured(doing) || lines.read(doing).item().isPresent())) {
            return false;
        }
        method.add(new Passage(part, doing));
        return true;
    }

    /** What a line with a plus puts into the part of the line before, and how long that takes. */
    private boolean isAddedTo(String line) {
        Matcher plus = ADDED_TO.matcher(Numbers.plain(line));
        if (!plus.find() || begunPart.isEmpty()) {
            return false;
        }
        Optional<ListInLine> list = ListInLine.of("Add: " + plus.replaceFirst(""));
        List<String> entries = list.map(ListInLine::entries).orElse(List.of());
        if (entries.stream().noneMatch(this::isMeasured)) {
            return false;
        }
        entries.forEach(entry -> {
            before.put(entry, method.size());
            ingredients.add(new Passage(begunPart, entry));
        });
        where = Where.METHOD;
        method.add(new Passage(begunPart, "Add " + list.orElseThrow().said()));
        return true;
    }

    /** {@code To serve: cucumber, cut in batons; steamed rice}: foods, though somebody cut and steamed them. */
    private boolean isServedWith(ListInLine list) {
        return where == Where.INGREDIENTS
                && SERVED_WITH.matcher(list.name()).matches()
                && list.told().isEmpty()
                && list.pieces().stream()
                                        .filter(piece ->
                                                lines.read(piece).item().isPresent())
                                        .count()
                                * 2
                        > list.pieces().size();
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
        return !nextIsApart && ListInLine.of(next).isEmpty() && looksLikeIngredient(next);
    }

    private boolean isMeasured(String entry) {
        return LineLooks.startsWithAmount(LineTidy.tidy(entry)) && looksLikeIngredient(entry);
    }

    private boolean isMeasuredFood(String entry) {
        ReadLine read = lines.read(entry);
        return isMeasured(entry)
                && read.item().isPresent()
                && read.exact()
                && TimeReader.find(entry).isEmpty();
    }

    /** {@code 250 g red lentils, 1 onion, 4 garlic, thumb ginger, salt}: a list without a heading, in one line. */
    private boolean isBareList(String line) {
        if (LineLooks.isDoing(line)) {
            return false;
        }
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
                .filter(entry -> !LineLooks.isTime(entry))
                .map(lines::read)
                .allMatch(read -> read.item().isPresent()
                        || !read.foods().isEmpty()
                        || read.amount().isPresent());
        boolean timed = entries.stream().anyMatch(LineLooks::isTime);
        boolean few = amounts * 2 < entries.size() && !(where == Where.INGREDIENTS && amounts > 0);
        if (isListThenDoing(entries, line)) {
            return true;
        }
        if (entries.size() < LEAST_ENTRIES || few || !foods || timed) {
            return false;
        }
        where = Where.INGREDIENTS;
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        return true;
    }

    /** {@code 150 ml water, 1 lemon, ½ t salt, blitz 3 min}: what goes in, and what is done with it. */
    private boolean isListThenDoing(List<String> entries, String line) {
        List<String> goingIn =
                entries.stream().takeWhile(entry -> !ListInLine.isDoing(entry)).toList();
        boolean all = goingIn.size() > 1
                && goingIn.size() < entries.size()
                && goingIn.stream().allMatch(this::isMeasuredOrGuessed);
        if (!all || where == Where.TOP && title.isEmpty()) {
            return false;
        }
        goingIn.forEach(this::listed);
        String doing = line.substring(
                line.indexOf(entries.get(goingIn.size()), line.indexOf(goingIn.get(goingIn.size() - 1))));
        method.add(new Passage(part, doing));
        where = Where.INGREDIENTS;
        return true;
    }

    /** The name of a recipe, with a list of its own under it. */
    private boolean isSection(String line) {
        return title.isPresent()
                && HeadingWords.INGREDIENTS.matcher(next).matches()
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
        boolean partWord = HeadingWords.isPart(words[words.length - 1]);
        boolean apart = blank && !nextIsApart && lines.read(line).item().isEmpty() && !Techniques.begins(line);
        // In a text in capitals a shouted food is a line of the list.
        boolean food = lines.read(line).item().isPresent() && !partWord && next.equals(next.toUpperCase(Locale.ROOT));
        // Behind a method, a food by itself over a list is the next part.
        boolean nextPart = where == Where.METHOD
                && blank
                && !nextIsApart
                && Character.isUpperCase(line.charAt(0))
                && !Techniques.begins(line.toLowerCase(Locale.ROOT))
                && looks.surelyIngredient(next);
        // Where several parts were named so already, a food by itself over a list is another.
        boolean likeOthers = where == Where.INGREDIENTS
                && blank
                && !nextIsApart
                && headings.size() >= 2
                && headings.values().stream().noneMatch(heading -> heading.endsWith(":"))
                && Character.isUpperCase(line.charAt(0))
                && lines.read(line)
                        .item()
                        .filter(item -> !item.has(Trait.SEASONING) && !item.has(Trait.LASTING))
                        .isPresent();
        return nextPart
                || likeOthers
                || shouted && !food
                || where != Where.METHOD && (partWord || apart)
                || blank && (partWord || apart && looks.surelyIngredient(next));
    }

    private void top(String numbered) {
        String whole = OF_A_MENU.matcher(numbered).replaceFirst("");
        String line = title.isEmpty() && whole.contains(" | ") ? beside(whole) : whole;
        List<String> said = title.isEmpty() ? StepReader.sentences(line) : List.of();
        if (said.size() == 2
                && line.length() < LineLooks.LONG
                && !Techniques.begins(said.get(1).toLowerCase(Locale.ROOT))
                && !lines.namesFood(said.get(0))
                && lines.namesFood(said.get(1))) {
            // Dinner for tomorrow. One-pan noodles, feeds 3.
            other.add(said.get(0));
            top(facts.without(said.get(1)));
            return;
        }
        if (isNamedAndCounted(said)) {
            // Grandma's pierogi. About 40 of them.
            title = Optional.of(said.get(0).substring(0, said.get(0).length() - 1));
            String counted = said.get(1)
                    .replaceFirst("(?i)^(?:about |around |roughly )?(\\d+) of (?:them|these)\\b", "makes $1")
                    .replaceFirst("[.!]$", "");
            if (!facts.isFact(counted)) {
                other.add(said.get(1));
            }
            return;
        }
        if (title.isEmpty() && isCountedInBrackets(line)) {
            return;
        }
        Matcher counted = COUNTED.matcher(Numbers.plain(line));
        if (title.isEmpty() && counted.find() && facts.isFact(counted.group(1))) {
            String name = line.substring(0, counted.start(1)).replaceFirst("[\\s,(-]+$", "");
            int bracket = name.contains(")") ? -1 : name.indexOf(" (");
            if (bracket > 0) {
                other.add(name.substring(bracket + 2));
            }
            top(bracket > 0 ? name.substring(0, bracket) : name);
            return;
        }
        Matcher served = TITLE_YIELD.matcher(Numbers.plain(line).replaceFirst("\\.$", ""));
        if (title.isEmpty()
                && nextIsApart
                && served.matches()
                && !LineLooks.isSentence(served.group(1))
                && !LineLooks.startsWithAmount(line)
                && line.split(" ").length <= LONGEST_TITLE + 4
                && facts.isFact(served.group(2).strip())) {
            top(served.group(1).strip());
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
            Matcher page = BesideRecipe.PAGE.matcher(line);
            if (page.find()) {
                other.add(page.group().strip());
            }
            String plain = page.replaceAll("").replaceAll("[:*#]+$", "").strip();
            plain = alone && plain.endsWith(".") || isNameWithStop(plain)
                    ? plain.substring(0, plain.length() - 1)
                    : plain;
            String name = Lettering.unshouted(plain);
            title = Optional.of(name.equals(plain) ? plain : Lettering.capital(name));
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

    /** How many it is for, said twice behind the name. */
    private boolean isCountedInBrackets(String line) {
        Matcher bracket = BRACKETED.matcher(Numbers.plain(line));
        if (!bracket.matches()) {
            return false;
        }
        List<String> said = List.of(bracket.group(2).split("\\s*[,/;]\\s+|\\s+/\\s*"));
        if (said.size() < 2
                || said.stream()
                        .noneMatch(piece -> HeadFacts.YIELD.matcher(piece).matches())) {
            return false;
        }
        List<String> yields = said.stream()
                .filter(piece -> HeadFacts.YIELD.matcher(piece).matches())
                .toList();
        said.stream().filter(piece -> !yields.contains(piece)).forEach(other::add);
        facts.isFact(String.join(", ", yields));
        title = Optional.of(
                Lettering.capital(Lettering.unshouted(bracket.group(1).strip())));
        return true;
    }

    /** A few words that name something to eat, and then only how many there will be. */
    private boolean isNamedAndCounted(List<String> said) {
        return said.size() == 2
                && isNameWithStop(said.get(0))
                && lines.namesFood(said.get(0))
                && said.get(1).matches("(?i)^(?:about|around|roughly|makes|serves|feeds|for|enough|\\d).*\\d.*")
                && !said.get(0).contains("(")
                && said.get(1).length() < LineLooks.LONG
                && lines.read(said.get(1)).item().isEmpty();
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
        return title.filter(first -> !lines.namesFood(first)).isPresent()
                && lines.namesFood(line)
                && line.matches("^\\p{Lu}.*")
                && line.split(" ").length <= LONGEST_TITLE + 2
                && !LineLooks.isSentence(line.replaceAll("\\bw\\. ", "with "))
                && !LineLooks.startsWithAmount(line)
                && (nextIsApart || LineLooks.isNumbered(next));
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
        Matcher promised = PROMISED.matcher(first);
        if (title.isEmpty() && sentences.size() > 2 && promised.matches()) {
            title = Optional.of(Lettering.capital(promised.group(1)));
            other.add(first);
            return String.join(" ", sentences.subList(1, sentences.size()));
        }
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
        if (!looksLikeIngredient(line)
                && !looks.surelyIngredient(line)
                && (LineLooks.method(line) || LineLooks.isDoing(line))) {
            where = Where.METHOD;
            // A list in the middle of the method is followed by what is done with it.
            part = method.isEmpty() ? section : part;
            method(line);
            return;
        }
        if (isCookedBehind(line)) {
            return;
        }
        if (blank && tight) {
            part = Optional.empty();
        }
        tight = !blank
                && !ingredients.isEmpty()
                && ingredients.get(ingredients.size() - 1).heading().equals(part);
        blank = false;
        together(line).forEach(this::listed);
    }

    /** {@code 12 tortillas - warm in a dry pan, 20 sec a side}: what goes in, and the step that stands behind it. */
    private boolean isCookedBehind(String line) {
        String entry = LineLooks.withoutBullet(line);
        Matcher doing = COOKED_BEHIND.matcher(entry);
        if (!doing.find()) {
            return false;
        }
        String food = entry.substring(0, doing.start());
        if (isCutSoLong(food) || !isMeasuredFood(food)) {
            return false;
        }
        String verb = doing.group(1) == null ? doing.group(2) : doing.group(1);
        String how = entry.substring(doing.end());
        if (TimeReader.first(StepReader.spelledOut(verb + how)).isEmpty()) {
            return false;
        }
        listed(food);
        String name = lines.read(food).name();
        method.add(new Passage(part, "%s %s%s".formatted(verb, name, how.replace(" - ", ", "))));
        return true;
    }

    /** {@code Cube tempeh 2 cm}: how long the pieces are, and not how many. */
    private boolean isCutSoLong(String text) {
        boolean counted = lines.read(text)
                .amount()
                .filter(amount -> amount.unit() == Unit.PIECE)
                .isPresent();
        return counted && !LineLooks.startsWithAmount(text);
    }

    private void listed(String entry) {
        before.putIfAbsent(entry, method.size());
        ingredients.add(new Passage(part, entry));
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
        // Whatever the first is called, the second is no way to cut it.
        boolean foods = lines.read(parts[0]).amount().isPresent()
                && Stream.of(parts)
                        .skip(1)
                        .map(lines::read)
                        .allMatch(read -> read.item().isPresent()
                                && read.exact()
                                && read.amount().isPresent());
        boolean timed = Stream.of(parts).anyMatch(LineLooks::isTime);
        if (!timed && parts.length > 2 || parts.length == 2 && foods) {
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
        if (HeadingWords.NOTED.matcher(line).find()) {
            other.add(line);
            return;
        }
        boolean numbered = LineLooks.isNumbered(line);
        if (!numbered && isCookedBehind(line)) {
            return;
        }
        if (!numbered && looks.surelyIngredient(line)) {
            where = Where.INGREDIENTS;
            ingredient(line);
            return;
        }
        String text = withoutYield(withoutClock(
                LineLooks.withoutBullet(LineLooks.NUMBERED.matcher(line).replaceFirst(""))
                        .strip()));
        Matcher meanwhile = WHILE_YOU_MAKE.matcher(text);
        for (String one : meanwhile.matches() ? List.of(meanwhile.group(1), meanwhile.group(2)) : List.of(text)) {
            if (!one.isEmpty()) {
                method.add(
                        namedStep(one).orElseGet(() -> new Passage(toldPart(one).or(() -> partOf(one)), one)));
            }
        }
    }

    /** {@code For the paste I take 15 dried chillies}: a paragraph of somebody's telling, with what goes in. */
    private Optional<String> toldPart(String text) {
        Matcher told = TOLD_PART.matcher(text);
        boolean found = part.isEmpty() && told.find() && looks.measures(text.substring(told.end()));
        return found ? Optional.of(Lettering.capital(told.group(1))) : Optional.empty();
    }

    private Optional<String> partOf(String text) {
        return part.isEmpty() && !method.isEmpty() && GOES_ON.matcher(text).find()
                ? method.get(method.size() - 1).heading()
                : part;
    }

    /** {@code 18:40 plate}: when it was done that time. */
    private String withoutClock(String text) {
        Matcher clock = CLOCK.matcher(text);
        if (!clock.find()) {
            return text;
        }
        other.add(clock.group().strip());
        return clock.replaceFirst("");
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
        return IT_SERVES.matcher(sentence).replaceFirst("").replaceAll("[.!]$", "");
    }

    private Optional<Passage> namedStep(String text) {
        Matcher meanwhile = MEANWHILE.matcher(text);
        String begins = meanwhile.lookingAt() ? meanwhile.group() : "";
        Matcher matcher = NAMED_STEP.matcher(text.substring(begins.length()));
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
                .map(heading -> new Passage(Optional.of(heading), begins + matcher.group(2)));
    }

    private boolean looksLikeIngredient(String line) {
        return looks.ingredient(line, where == Where.INGREDIENTS);
    }
}
