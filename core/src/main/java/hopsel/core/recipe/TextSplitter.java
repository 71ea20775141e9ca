package hopsel.core.recipe;

import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.core.recipe.RecipeSource.Passage;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
            "^(?:the )?(?:method|directions?|instructions?|preparation|steps|procedure|how to (?:make|cook)(?: "
                    + "it| them| this)?|to make|what to do|cooking instructions|preparation steps|let's cook)\\s*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOTES = Pattern.compile(
            "^(?:(?:recipe|cook's|chef's|my|some) )?(?:notes?|tips?(?: and "
                    + "tricks)?|storage|storing|nutrition(?:al)?(?: information| "
                    + "facts)?|variations?|substitutions?|make[- "
                    + "]ahead|equipment|tools|faq|video|comments|to store|leftovers)\\s*:?(?:\\s|$)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NOTES_ALONE = Pattern.compile("^[\\p{L}' -]{3,40}:?$");
    private static final Pattern PART =
            Pattern.compile("^(?:for|to make)\\s+(?:the\\s+)?([^.:\\d]{2,50}?)\\s*:?\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLON = Pattern.compile("^((?:[^.:,\\d]|\\d(?=\\D*$)){2,45}):\\s*$");
    private static final Pattern LIST = Pattern.compile("^([\\p{L}' ]{2,40}):\\s+(\\S.*)$");
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
            "coating");
    /** {@code Scramble wraps - serves two}. */
    private static final Pattern TITLE_YIELD =
            Pattern.compile("(.{3,}?)\\s*[-,(]+\\s*((?:serves|makes|feeds) .{1,60}?)\\)?", Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_TITLE = 7;
    private static final int YIELD_LENGTH = 40;
    private static final int LEAST_ENTRIES = 3;
    /** {@code … 1 t salt. Filling: 2 lb potatoes}: a heading in the middle of a line. */
    private static final Pattern HEADING_INSIDE =
            Pattern.compile("(?<=\\p{L}[.;])\\s+(?=\\p{Lu}[\\p{L}' ]{2,24}:\\s+[\\d½⅓⅔¼¾⅛])");
    /** Where it stands in a book. */
    private static final Pattern PAGE =
            Pattern.compile("\\s*\\((?:p\\.?|pp\\.?|page|see page) ?\\d+\\)", Pattern.CASE_INSENSITIVE);
    /** {@code sauce: everything in a pan}: a step of the part that is named. */
    private static final Pattern NAMED_STEP = Pattern.compile("^([\\p{L}' -]{3,30}):\\s+(\\S.*)$");

    private final LineReader lines;
    private final LineLooks looks;
    private final List<Passage> ingredients = new ArrayList<>();
    private final List<Passage> method = new ArrayList<>();
    private final List<String> other = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private final HeadFacts facts = new HeadFacts(other);

    private Optional<String> part = Optional.empty();
    /** Headings under which nothing stood: whatever they say has to be looked at. */
    private final Map<String, String> headings = new LinkedHashMap<>();

    private Where where = Where.TOP;
    /** Whether an empty line stood before this one, and whether lines of this part stood close together before it. */
    private boolean blank;

    private boolean tight;
    private String next = "";

    private TextSplitter(LineReader lines) {
        this.lines = lines;
        this.looks = new LineLooks(lines);
    }

    /** The parts of a text. */
    public static RecipeSource split(String text, LineReader lines) {
        TextSplitter splitter = new TextSplitter(lines);
        List<String> all = Columns.unfold(text.lines().toList()).stream()
                .map(TableRow::unframed)
                .flatMap(line -> Stream.of(HEADING_INSIDE.split(line)))
                .map(line -> line.replaceAll("\\*\\*|__", "").strip())
                .toList();
        for (int i = 0; i < all.size(); i++) {
            splitter.next = all.subList(i + 1, all.size()).stream()
                    .filter(line -> !line.isEmpty())
                    .findFirst()
                    .orElse("");
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

    /** Whether a passage says nothing but where the recipe stands in a book. */
    static boolean isPage(String passage) {
        return PAGE.matcher(passage).matches();
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
        String line = MARKS.matcher(raw).replaceFirst("").strip();
        if (line.isEmpty() || isHeading(line) || isListInOneLine(line)) {
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
        part = Optional.empty();
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

    private boolean isPart(String line) {
        String plain = LineLooks.withoutBullet(Numbers.plain(line))
                .replaceAll("\\*+", "")
                .strip();
        Matcher named = PART.matcher(plain);
        Matcher colon = COLON.matcher(plain);
        boolean known = where == Where.INGREDIENTS || where == Where.METHOD || where == Where.TOP && title.isPresent();
        boolean foods = !lines.read(plain).foods().isEmpty()
                || named.matches() && !lines.read(named.group(1)).foods().isEmpty();
        if (known && named.matches() && !foods && plain.split(" ").length <= 7) {
            part(capital(named.group(1)), line);
        } else if (known && colon.matches() && !colon.group(1).matches("(?i).*\\b(?:until|then|add|mix)\\b.*")) {
            part(capital(colon.group(1).replaceFirst("(?i)^(?:for |make |to make )?(?:the )?", "")), line);
        } else if (known && isBareHeading(plain)) {
            part(capital(plain.equals(plain.toUpperCase(Locale.ROOT)) ? plain.toLowerCase(Locale.ROOT) : plain), line);
            where = Where.INGREDIENTS;
        } else {
            return false;
        }
        blank = false;
        tight = false;
        return true;
    }

    /** {@code For the dough: 500 g flour, 7 g yeast, 320 ml water}. */
    private boolean isListInOneLine(String line) {
        String plain = LineLooks.withoutBullet(Numbers.plain(line));
        Matcher matcher = LIST.matcher(plain);
        if (!matcher.matches() || where == Where.NOTES) {
            return isBareList(plain);
        }
        List<String> entries = List.of(matcher.group(2).split("\\s*(?:[,;]\\s+|\\s\\+\\s+)"));
        if (entries.size() < 2
                || entries.stream()
                                        .filter(entry ->
                                                LineLooks.startsWithAmount(entry) && looksLikeIngredient(entry))
                                        .count()
                                * 2
                        < entries.size()) {
            return false;
        }
        boolean named = !INGREDIENTS.matcher(matcher.group(1)).matches();
        part = named ? Optional.of(capital(matcher.group(1).replaceFirst("(?i)^for (?:the )?", ""))) : Optional.empty();
        where = Where.INGREDIENTS;
        part.ifPresent(name -> headings.putIfAbsent(name, line));
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        part = Optional.empty();
        return true;
    }

    /** {@code 250 g red lentils, 1 onion, 4 garlic, thumb ginger, salt}: a list without a heading, in one line. */
    private boolean isBareList(String line) {
        if (where == Where.METHOD || LineLooks.isNumbered(line) || LineLooks.isSentence(line)) {
            return false;
        }
        List<String> entries = List.of(line.split("\\s*[,;]\\s+"));
        long amounts = entries.stream()
                .filter(entry -> LineLooks.startsWithAmount(LineTidy.tidy(entry)) && looksLikeIngredient(entry))
                .count();
        boolean foods = entries.stream()
                .map(lines::read)
                .allMatch(read -> read.item().isPresent()
                        || !read.foods().isEmpty()
                        || read.amount().isPresent());
        if (entries.size() < LEAST_ENTRIES || amounts * 2 < entries.size() || !foods) {
            return false;
        }
        where = Where.INGREDIENTS;
        entries.forEach(entry -> ingredients.add(new Passage(part, entry)));
        return true;
    }

    /** A heading without a mark: a few words without an amount, before a line with one. */
    private boolean isBareHeading(String line) {
        String[] words = line.split(" ");
        boolean alone = words.length <= 4 && !line.matches(".*[\\d,.;½⅓⅔¼¾⅛].*") && where != Where.METHOD;
        boolean before =
                LineTidy.tidy(Numbers.plain(LineLooks.withoutBullet(next))).matches("^\\d.*")
                        && !LineLooks.isNumbered(next);
        return alone
                && before
                && (line.equals(line.toUpperCase(Locale.ROOT)) && line.matches(".*\\p{Lu}{3}.*")
                        || PART_WORDS.contains(ItemFinder.singular(words[words.length - 1].toLowerCase(Locale.ROOT))));
    }

    private void top(String line) {
        if (title.isEmpty()
                && !(LineLooks.startsWithAmount(line) && looksLikeIngredient(line))
                && line.length() < LineLooks.LONG
                && (!LineLooks.isSentence(line) || isNameWithStop(line))) {
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
            plain = isNameWithStop(plain) ? plain.substring(0, plain.length() - 1) : plain;
            boolean shouted =
                    plain.equals(plain.toUpperCase(Locale.ROOT)) && !plain.equals(plain.toLowerCase(Locale.ROOT));
            title = Optional.of(shouted ? capital(plain.toLowerCase(Locale.ROOT)) : plain);
        } else if (looksLikeIngredient(line)) {
            where = Where.INGREDIENTS;
            ingredient(line);
        } else if (LineLooks.method(line)) {
            where = Where.METHOD;
            method(titleFrom(line));
        } else {
            other.add(line);
        }
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
        if (!looksLikeIngredient(line) && LineLooks.method(line)) {
            where = Where.METHOD;
            part = Optional.empty();
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

    /** Several ingredients on one line, parted by semicolons or by commas before amounts. */
    private List<String> together(String line) {
        String[] parts = line.split("\\s*;\\s*|,\\s+(?=(?:\\d|[½⅓⅔¼¾⅛])[^,]*\\p{L})");
        boolean foods = Stream.of(parts)
                .map(lines::read)
                .allMatch(read -> read.item().isPresent() && read.amount().isPresent());
        return parts.length > 2 || parts.length == 2 && foods ? List.of(parts) : List.of(line);
    }

    private void method(String line) {
        boolean numbered = LineLooks.isNumbered(line);
        if (!numbered && looks.surelyIngredient(line)) {
            where = Where.INGREDIENTS;
            ingredient(line);
            return;
        }
        String text = withoutYield(
                LineLooks.withoutBullet(LineLooks.NUMBERED.matcher(line).replaceFirst(""))
                        .strip());
        if (!text.isEmpty()) {
            Optional<Passage> named = namedStep(text);
            method.add(named.orElseGet(() -> new Passage(part, text)));
        }
    }

    /** The number of servings may stand at the end of the method; another one than before is laid aside. */
    private String withoutYield(String text) {
        List<String> sentences = StepReader.sentences(text);
        String end = sentences.isEmpty() ? "" : sentences.get(sentences.size() - 1);
        String bare = end.replaceAll("[.!]$", "");
        if (!HeadFacts.YIELD.matcher(bare).matches() || end.length() > YIELD_LENGTH) {
            return text;
        }
        if (!facts.isFact(bare) && !facts.isSaidAlready(bare)) {
            other.add(end);
        }
        return String.join(" ", sentences.subList(0, sentences.size() - 1));
    }

    private Optional<Passage> namedStep(String text) {
        Matcher matcher = NAMED_STEP.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        List<String> said = ItemFinder.words(matcher.group(1));
        return headings.keySet().stream()
                .filter(heading -> {
                    List<String> words = ItemFinder.words(heading);
                    return words.equals(said)
                            || words.size() > said.size()
                                    && words.subList(words.size() - said.size(), words.size())
                                            .equals(said);
                })
                .findFirst()
                .map(heading -> new Passage(Optional.of(heading), matcher.group(2)));
    }

    private boolean looksLikeIngredient(String line) {
        return looks.ingredient(line, where == Where.INGREDIENTS);
    }

    private static String capital(String text) {
        String plain = text.strip();
        return plain.isEmpty() ? plain : plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
    }
}
