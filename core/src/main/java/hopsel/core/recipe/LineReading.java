package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;
import hopsel.core.recipe.ItemFinder.Match;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One ingredient line being read, from the front to the back: what is still unread stands in {@code rest}. The grammar
 * is {@link LineReader}'s.
 */
final class LineReading {

    /** A heaped spoon holds about a quarter more than a level one; kitchen practice. */
    static final BigDecimal HEAPED = new BigDecimal("1.25");

    static final BigDecimal SCANT = new BigDecimal("0.9");
    private static final BigDecimal ONE = BigDecimal.ONE;
    private static final BigDecimal DOZEN = BigDecimal.valueOf(12);
    private static final Set<String> LENGTHS = Set.of("inch", "cm");
    private static final Pattern VAGUE = Pattern.compile(
            "^(an? (?:(?:good|generous|small|big|little) "
                    + ")?(?:splash|glug|drizzle|squeeze|touch|little|few|dollop|drop|lug)s?|some|a "
                    + "bit|plenty|enough)\\s+(?:of\\s+)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MODIFIER = Pattern.compile(
            "^(?:(?:abt|approx|ca|min|max)\\.(?= )|about|abt|approximately|approx|around|roughly|circa|ca|min"
                    + "|max|~|scant|generous|heaped|heaping|"
                    + "rounded|level|good|big|large|small|packed|plus|up to|another|more|a bit more than|just "
                    + "under|just over|medium|med\\.?)(?:\\b|(?<=[.~]))\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PART_OF = Pattern.compile(
            "^(?:the\\s+)?((?:freshly squeezed |finely grated |grated )?(?:juice|zest|rind|"
                    + "zest (?:and|&|\\+) juice|juice (?:and|&|\\+) zest|grated zest|seeds|flesh|leaves))"
                    + "(?:\\s+(?:of|from)\\s+|(?<=juice|zest)\\s+(?=\\d|half\\b|an?\\b|one\\b|two\\b))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PARENTHESIS = Pattern.compile("\\(([^()]*)\\)");
    private static final Pattern APPROXIMATELY = Pattern.compile(
            "^(?:about|abt\\.?|approx\\.?|approximately|around|roughly|~|or|each|net|drained|=)\\s*",
            Pattern.CASE_INSENSITIVE);
    /** {@code 1 squash, about 800 g}. */
    private static final Pattern IN_ALL = Pattern.compile(
            "^(?:about|abt\\.?|approx\\.?|approximately|around|roughly|ca\\.?|~)\\s*" + Numbers.NUMBER
                    + "\\s?(?:k?g|oz|lbs?)\\b(?: (?:in total|in all|total|each))?$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TIMES = Pattern.compile("^\\s*[x×*]\\s*(?=\\d)", Pattern.CASE_INSENSITIVE);
    private static final Pattern SIZE = Pattern.compile(
            "^(?:(?:very|extra)[ "
                    + "-])?(small|medium|large|big|jumbo|med|medium-sized|medium-large|small-medium|lge?|lrg|"
                    + "sml?)\\b\\.?(?:[ "
                    + "-]sized?)?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OPTIONAL = Pattern.compile(
            "\\(?\\b(?:optional(?:ly)?|if (?:desired|you like|using|available|you (?:have|can (?:get|"
                    + "find)) ?(?:it|them|some|any|one)?))\\b\\)?:?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ASIDE = Pattern.compile(
            "\\s*(?:,|;|: (?=zest|juice|rind|leaves|stalks|half )| - |-+> ?|→ ?|\\+ (?=extra|more)|\\b(?:plus "
                    + "(?=extra|more|a |some|\\d)|for "
                    + "(?=boiling|steaming|soaking|poaching|cooking|dusting|frying|greasing|serving|garnish|"
                    + "brushing|drizzling|the "
                    + "|rolling|oiling|deep|shallow|sprinkling|topping)"
                    + "|to (?=taste|shallow|deep|fry|brush|grease|serve|garnish|finish|decorate|cover|drizzle|"
                    + "sprinkle|loosen|thin)|as "
                    + "(?:per|needed)|as required|such as|on (?=(?:the )?side\\b)|at room temperature|in "
                    + "(?=\\d+(?:[.,]\\d+)? ?(?:cm|mm)\\b|"
                    + "(?:small |large |thin |thick )?(?:cubes|dice|slices|strips|chunks|"
                    + "wedges|pieces|rounds|ribbons|florets)\\b)|cut "
                    + "(?=in|into|lengthwise)|soaked (?=in |over|for |\\d)|sliced|chopped|diced|minced|grated|"
                    + "peeled|shredded|"
                    + "crushed|torn|melted|divided|with (?=skin|their|its|the ))\\b|\\b(?:cubed|halved|"
                    + "quartered|softened|julienned|stoned|deseeded|trimmed)$)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CUT_FIRST = Pattern.compile(
            "^((?:(?:very|freshly|finely|coarsely|roughly|thinly|thickly|lightly|well)[ "
                    + "-])?(?:chopped|diced|minced|sliced|grated|shredded|"
                    + "crushed|crumbled|cubed|mashed|peeled|toasted|steamed|boiled|marinated|caramelised|"
                    + "caramelized|pressed|thawed|melted|drained|rinsed|packed|sifted|halved|julienned|"
                    + "squeezed|soaked|torn)(?:,? (?:and|&) \\w+ed)?)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> SOLD_SO = Set.of("crushed", "shredded", "grated");
    private static final Pattern DONE_BEHIND = Pattern.compile(
            "(.*\\p{L})\\s+((?:\\p{L}+ly )?\\p{L}{3,}ed|torn|split|slit|whole|same|(?:small|fine|large) dice|"
                    + "in (?:batons|strips|cubes|slices|chunks|rounds))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OR = Pattern.compile(
            "\\s+(?:or|oder)\\s+(?!(?:to taste|more|so|less|as needed|two|three)\\b)"
                    + "|(?<=\\p{L}{3})(?<!\\band) ?/ ?(?=\\p{L}{3})",
            Pattern.CASE_INSENSITIVE);

    private final ItemFinder finder;
    private final Weigher weigher;
    private final String text;
    private final List<String> asides = new ArrayList<>();
    private final List<String> brackets = new ArrayList<>();
    private final List<String> or = new ArrayList<>();
    private String rest;
    private Optional<Numbers.Reading> count = Optional.empty();
    private Optional<UnitWords.Word> unit = Optional.empty();
    private String unitName = "";
    private Optional<String> size = Optional.empty();
    private Optional<String> adjective = Optional.empty();
    private Optional<Amount> pack = Optional.empty();
    private Optional<Amount> added = Optional.empty();
    private BigDecimal factor = ONE;
    private boolean optional;
    /** Whether a sign of multiplication stands before what each one holds. */
    private boolean often;

    LineReading(String text, ItemFinder finder, Weigher weigher) {
        this.finder = finder;
        this.weigher = weigher;
        this.text = text.strip();
        this.rest = LineTidy.tidy(Numbers.plain(
                Scanned.letters(LineReader.BULLET.matcher(this.text).replaceFirst(""))));
    }

    ReadLine line() {
        optional();
        partOf();
        vague();
        modifiers();
        count();
        parentheses();
        unit();
        secondMeasure();
        rest = rest.replaceFirst("(?i)^\\s*(?:of|worth of|each(?: of)?)\\s+(?:the\\s+|an?\\s+)?", "")
                .strip();
        sizeOf();
        prefixCut();
        alternatives();
        List<String> foods = new SeveralFoods(finder).in(rest);
        if (!foods.isEmpty()) {
            return several(foods);
        }
        aside();
        String name = withoutDone(name());
        Optional<Match> match = named(name).or(() -> size.flatMap(kind -> finder.match(name + " " + kind)));
        Optional<Item> item = match.map(Match::item);
        item.ifPresent(this::asPiece);
        SaidAmount said = said(name);
        Optional<Amount> amount = said.amount(item);
        if (said.inGrams(item)) {
            asides.add("no unit was written: taken for grams");
        }
        return new ReadLine(
                text,
                amount,
                item,
                match.map(Match::exact).orElse(true),
                List.of(),
                name,
                prep(),
                optional,
                or,
                item.filter(dry -> CookedGrain.isSaid(name, dry))
                        .flatMap(dry -> CookedGrain.dry(dry, amount, weigher))
                        .or(() -> item.flatMap(dry -> CookedGrain.unsoaked(dry, name, amount, weigher)))
                        .or(() -> said.grams(item, amount)));
    }

    /** {@code 6 inch piece of cucumber}: where nobody knows what an inch of it weighs, it is one piece, so long. */
    private void asPiece(Item item) {
        boolean length = size.filter(LENGTHS::contains).isPresent()
                && !item.practice().pieces().containsKey(size.get());
        if (length && count.isPresent()) {
            asides.add(0, count.get().low().toPlainString() + " " + size.get() + " piece");
            count = Numbers.read("1");
            size = Optional.empty();
        }
    }

    private SaidAmount said(String name) {
        boolean each = often || LineReader.EACH.matcher(text).find();
        return new SaidAmount(
                count, unit, unitName, size, adjective, pack, added, factor, each, text.endsWith(")"), name, weigher);
    }

    /** Whatever amount stands before several foods, nobody knows how it is shared out. */
    private ReadLine several(List<String> foods) {
        SaidAmount said = said(name());
        return new ReadLine(
                text,
                said.amount(Optional.empty()),
                Optional.empty(),
                true,
                foods,
                name(),
                prep(),
                optional,
                or,
                Optional.empty());
    }

    private void optional() {
        Matcher matcher = OPTIONAL.matcher(rest);
        if (matcher.find()) {
            optional = true;
            rest = matcher.replaceAll(" ")
                    .replaceAll("\\s+([,;])", "$1")
                    .replaceAll("[,;]\\s*$", "")
                    .replaceAll("\\(\\s*[,;]?\\s*\\)", "")
                    .strip();
        }
    }

    private void partOf() {
        Matcher matcher = PART_OF.matcher(rest);
        if (matcher.find()) {
            asides.add(matcher.group(1).toLowerCase(Locale.ROOT));
            rest = rest.substring(matcher.end());
        }
    }

    /** Words before a number: about, a heaped, a good. */
    private void modifiers() {
        boolean article = rest.matches("(?i)^an? .*");
        String from = article ? rest.replaceFirst("(?i)^an?\\s+", "") : rest;
        Matcher matcher = MODIFIER.matcher(from);
        boolean moved = false;
        while (matcher.find()) {
            modify(matcher.group().strip().toLowerCase(Locale.ROOT));
            from = from.substring(matcher.end());
            matcher = MODIFIER.matcher(from);
            moved = true;
        }
        if (moved) {
            rest = (article ? "1 " : "") + from;
        }
    }

    private void modify(String word) {
        if (word.startsWith("heap")) {
            factor = HEAPED;
            asides.add(word);
        } else if (word.equals("scant")) {
            factor = SCANT;
            asides.add(word);
        } else if (word.equals("large") || word.equals("big") || word.equals("small")) {
            size = Optional.of(word.equals("small") ? "small" : "large");
        } else if (!word.startsWith("med")) {
            asides.add(word);
        }
    }

    /** A splash, a drizzle: nobody knows how much, so nothing is counted. */
    private void vague() {
        Matcher matcher = VAGUE.matcher(rest);
        if (matcher.find()) {
            asides.add(matcher.group(1).toLowerCase(Locale.ROOT));
            rest = rest.substring(matcher.end());
        }
    }

    private void count() {
        count = Numbers.read(rest);
        count.ifPresent(number -> rest = number.rest());
        if (count.isPresent() && rest.stripLeading().startsWith("dozen ")) {
            count = count.map(number -> new Numbers.Reading(
                    number.low().multiply(DOZEN), number.high().multiply(DOZEN), ""));
            rest = rest.stripLeading().substring("dozen ".length());
        }
        Matcher matcher = MODIFIER.matcher(rest.stripLeading());
        if (count.isPresent()
                && matcher.find()
                && !SIZE.matcher(rest.stripLeading()).find()) {
            modify(matcher.group().strip().toLowerCase(Locale.ROOT));
            rest = rest.stripLeading().substring(matcher.end());
        }
    }

    /**
     * A weight in parentheses before a can or a block is what the pack holds; after a cup it is another way to say it.
     */
    private void parentheses() {
        Matcher matcher = PARENTHESIS.matcher(rest);
        StringBuilder without = new StringBuilder();
        while (matcher.find()) {
            String inside = matcher.group(1).strip();
            Optional<Amount> weight = weight(inside);
            boolean instead = inside.matches("(?i)or .*[\\d½¼¾] ?\\p{L}+ \\p{L}.*");
            if (weight.isPresent() && pack.isEmpty() && !instead) {
                pack = weight;
                behindWeight(inside);
            } else if (inside.toLowerCase(Locale.ROOT).startsWith("or ")
                    && !inside.toLowerCase(Locale.ROOT).matches("or (?:to taste|more|so|less)\\b.*")) {
                or.add(inside.substring(3).strip());
            } else if (!inside.isEmpty()) {
                asides.add(inside);
                brackets.add(inside);
            }
            matcher.appendReplacement(without, " ");
        }
        matcher.appendTail(without);
        rest = without.toString()
                .replaceAll("\\s+", " ")
                .replaceAll("\\s+,", ",")
                .strip();
    }

    /** {@code (400 g, soaked overnight)}: what is said behind the weight is not the weight's. */
    private void behindWeight(String inside) {
        Numbers.read(APPROXIMATELY.matcher(inside).replaceFirst("").strip())
                .flatMap(number -> UnitWords.first(number.rest()))
                .map(found -> found.rest()
                        .replaceFirst(
                                "(?i)^[\\s,;:/-]*(?:\\d+ ?(?:g|ml|kg|oz)\\b)?[\\s,;:/-]*(?:each\\b)?[\\s,;:-]*", "")
                        .strip())
                .filter(behind -> !behind.isEmpty())
                .ifPresent(asides::add);
    }

    private Optional<Amount> weight(String inside) {
        String plain = APPROXIMATELY.matcher(inside).replaceFirst("").strip();
        return Numbers.read(plain).filter(number -> number.low().signum() > 0).flatMap(number -> UnitWords.first(
                        number.rest())
                .filter(found -> found.word().measured())
                .filter(found -> found.rest().length() < 25)
                .map(found -> amount(number, found.word())));
    }

    private Amount amount(Numbers.Reading number, UnitWords.Word word) {
        return new Amount(number.low().multiply(word.factor()), number.high().multiply(word.factor()), word.unit());
    }

    private void unit() {
        if (TIMES.matcher(rest).find()) {
            rest = TIMES.matcher(rest).replaceFirst("");
            often = true;
            Optional<Numbers.Reading> each = Numbers.read(rest);
            each.filter(number -> number.low().signum() > 0)
                    .flatMap(number -> UnitWords.first(number.rest())
                            .map(found -> new Pack(amount(number, found.word()), found.rest())))
                    .ifPresent(this::packed);
            boolean held = UnitWords.first(rest)
                    .filter(found -> UnitWords.CONTAINERS.contains(found.name()))
                    .isPresent();
            boolean weighed = pack.filter(one -> one.unit().grams().isPresent()
                            || weigher.measures().millilitres(one.unit()).isPresent())
                    .isPresent();
            if (weighed && count.isPresent() && !held) {
                allTogether(count.get(), pack.get());
                return;
            }
            if (pack.filter(one -> one.unit() == Unit.CAN).isPresent()) {
                // 2x400 tins: how much is in each is on the tin.
                pack = Optional.empty();
                unit = Optional.of(new UnitWords.Word(Unit.CAN, ONE, Optional.empty()));
                return;
            }
        }
        if (count.isEmpty() && !rest.matches("(?i)^(?:pinch|dash|handful|bunch|sprig|knob|thumb).*")) {
            return;
        }
        sizeOf();
        packWithoutParentheses();
        Optional<UnitWords.Found> found = UnitWords.first(rest);
        if (found.isPresent() && !isName(found.get())) {
            take(found.get());
            containerBehindWeight();
        }
    }

    private void packed(Pack found) {
        pack = Optional.of(found.holds);
        rest = found.rest;
    }

    /** {@code 2 x 400 g tomatoes}: so much in all, however many of them one could count. */
    private void allTogether(Numbers.Reading number, Amount one) {
        count = Optional.of(new Numbers.Reading(
                number.low().multiply(one.low()), number.high().multiply(one.high()), ""));
        unit = Optional.of(new UnitWords.Word(one.unit(), ONE, Optional.empty()));
        pack = Optional.empty();
    }

    /** {@code 1 15-ounce can}: a second number with a measured unit, then a container. */
    private void packWithoutParentheses() {
        Optional<Numbers.Reading> each = pack.isPresent() || unit.isPresent() || !rest.matches("^\\s*\\d.*")
                ? Optional.empty()
                : Numbers.read(rest);
        each.flatMap(number -> UnitWords.first(number.rest())
                        .filter(found -> found.word().measured())
                        .map(found -> new Pack(amount(number, found.word()), found.rest())))
                .ifPresent(this::packed);
    }

    /** {@code 400 g can chickpeas}: the weight was that of one can. */
    private void containerBehindWeight() {
        Optional<UnitWords.Found> container =
                UnitWords.first(rest).filter(found -> UnitWords.CONTAINERS.contains(found.name()));
        if (unit.isPresent() && unit.get().measured() && container.isPresent() && pack.isEmpty()) {
            pack = count.map(number -> amount(number, unit.get()));
            count = Optional.of(new Numbers.Reading(ONE, ONE, ""));
            take(container.get());
        }
    }

    private void take(UnitWords.Found found) {
        unit = Optional.of(found.word());
        unitName = found.name();
        rest = found.rest();
        if (found.word().size().isPresent()) {
            adjective = size;
            size = found.word().size();
        }
    }

    /** Cloves are a spice as well, stalks and heads may be the thing itself. */
    private boolean isName(UnitWords.Found found) {
        String behind = found.rest().strip();
        return found.word().unit() == Unit.PIECE && (behind.isEmpty() || behind.startsWith(","));
    }

    /** {@code 200 g/7 oz}, {@code 1 tbsp plus 1 tsp}, {@code 2 cups / 300 g}. */
    private void secondMeasure() {
        Matcher plus = Pattern.compile("^\\s*(?:plus|\\+|and|&)\\s+(?=\\d|an? )", Pattern.CASE_INSENSITIVE)
                .matcher(rest);
        Matcher same = Pattern.compile("^\\s*(?:/|\\||;|or|=)\\s*(?=[\\d.])", Pattern.CASE_INSENSITIVE)
                .matcher(rest);
        boolean adds = unit.isPresent() && plus.find();
        boolean repeats = unit.isPresent() && !adds && same.find();
        boolean smaller =
                unit.isPresent() && !adds && !repeats && isOfTheSame(unit.get().unit());
        if (!adds && !repeats && !smaller) {
            return;
        }
        String behind = rest;
        if (adds) {
            behind = rest.substring(plus.end());
        } else if (repeats) {
            behind = rest.substring(same.end());
        }
        adds |= smaller;
        Optional<Numbers.Reading> number = Numbers.read(behind);
        Optional<UnitWords.Found> found = number.flatMap(n -> UnitWords.first(n.rest()))
                .filter(f -> f.word().measured());
        if (found.isPresent()) {
            rest = found.get().rest();
            Amount second = amount(number.get(), found.get().word());
            if (repeats && second.unit() == Unit.LB) {
                rest = withoutOunces(rest);
            }
            if (adds && !SaidAmount.canAdd(unit.get().unit(), second.unit(), weigher)) {
                asides.add("plus " + second.written());
            } else if (adds) {
                added = Optional.of(second);
            } else {
                pack = pack.or(() -> Optional.of(second));
            }
        }
    }

    /** {@code 1 lb 4 oz}, {@code 1 kg 200 g}: the smaller unit behind the bigger one goes on top. */
    private boolean isOfTheSame(Unit bigger) {
        Optional<Unit> smaller = Numbers.read(rest)
                .filter(number -> rest.matches("^\\s*\\d.*"))
                .flatMap(number -> UnitWords.first(number.rest()))
                .map(found -> found.word().unit());
        return switch (bigger) {
            case LB -> smaller.equals(Optional.of(Unit.OZ));
            case KG -> smaller.equals(Optional.of(Unit.G));
            case L -> smaller.equals(Optional.of(Unit.ML));
            default -> false;
        };
    }

    /** {@code 500 g/1 lb 2 oz}: the ounces belong to the same second measure. */
    private static String withoutOunces(String behind) {
        return Numbers.read(behind)
                .flatMap(number -> UnitWords.first(number.rest()))
                .filter(found -> found.word().unit() == Unit.OZ)
                .map(UnitWords.Found::rest)
                .orElse(behind);
    }

    private void sizeOf() {
        Matcher matcher = SIZE.matcher(rest.stripLeading());
        if (matcher.find()) {
            String word = matcher.group(1).toLowerCase(Locale.ROOT);
            if (size.isEmpty() && !word.startsWith("med")) {
                size = Optional.of(word.startsWith("s") ? "small" : "large");
            }
            rest = rest.stripLeading().substring(matcher.end());
        }
    }

    private void prefixCut() {
        Matcher matcher = CUT_FIRST.matcher(rest);
        if (matcher.find() && !isSoldSo(matcher.group(1))) {
            asides.add(matcher.group(1).toLowerCase(Locale.ROOT));
            rest = rest.substring(matcher.end());
        }
    }

    /** {@code crushed chillies}, {@code shredded coconut}: nobody has to crush them. */
    private boolean isSoldSo(String done) {
        Matcher aside = ASIDE.matcher(rest);
        String name = aside.find(done.length()) ? rest.substring(0, aside.start()) : rest;
        return SOLD_SO.contains(done.toLowerCase(Locale.ROOT))
                && finder.exactly(ItemFinder.words(name)).isPresent();
    }

    private void alternatives() {
        Matcher matcher = OR.matcher(rest);
        if (!matcher.find() || rest.lastIndexOf(',', matcher.start()) >= 0) {
            return;
        }
        String first = rest.substring(0, matcher.start()).strip();
        String second = rest.substring(matcher.end());
        Matcher end = ASIDE.matcher(second);
        String other = end.find() ? second.substring(0, end.start()) : second;
        String behind = second.substring(other.length());
        String[] others = OR.split(other);
        for (String one : others) {
            or.add(withoutMeasure(one.strip()));
        }
        String last = others[others.length - 1].strip();
        String head = last.replaceFirst("^.*\\s", "");
        boolean unknown = finder.find(first).isEmpty()
                && !last.contains(",")
                && finder.find(first + " " + head).isPresent();
        rest = (unknown || isKindOf(head, first, last) ? first + " " + head : first) + behind;
    }

    /** {@code olive or rapeseed oil}: the first is an oil, too, and no olives. */
    private boolean isKindOf(String head, String first, String last) {
        List<String> words = ItemFinder.words(first);
        return last.contains(" ")
                && words.equals(List.of(first.toLowerCase(Locale.ROOT)))
                && !last.toLowerCase(Locale.ROOT).startsWith(words.get(0))
                && finder.exactly(ItemFinder.words(first + " " + head)).isPresent();
    }

    private String withoutMeasure(String name) {
        return Numbers.read(name)
                .flatMap(number -> UnitWords.first(number.rest()))
                .map(found -> found.rest().strip())
                .orElse(name);
    }

    private void aside() {
        Matcher matcher = ASIDE.matcher(rest);
        if (matcher.find() && matcher.start() > 0) {
            String behind = rest.substring(matcher.start())
                    .replaceFirst("^[\\s,;-]+", "")
                    .strip();
            rest = rest.substring(0, matcher.start());
            if (pack.isEmpty()
                    && count.isPresent()
                    && unit.isEmpty()
                    && IN_ALL.matcher(behind).matches()) {
                pack = weight(behind);
            }
            if (!behind.isEmpty()) {
                asides.add(behind);
            }
        } else if (matcher.find(0) && matcher.start() == 0) {
            rest = rest.replaceFirst("^[\\s,;-]+", "");
        }
    }

    private String name() {
        return rest.replaceAll("\\s+", " ")
                .replaceAll("^[\\s,;:.*-]+|[\\s,;:*-]+$", "")
                .strip();
    }

    /** {@code 1 pandan leaf knotted}: what was done to it, without a comma. */
    private String withoutDone(String name) {
        Matcher done = DONE_BEHIND.matcher(name);
        if (!done.matches()) {
            return name;
        }
        LineItem whole = new LineItem(
                finder,
                unit.map(UnitWords.Word::unit),
                count.isPresent() && unit.isEmpty(),
                size,
                new ArrayList<>(asides),
                new ArrayList<>(brackets));
        if (whole.match(name).isPresent()) {
            return name;
        }
        asides.add(done.group(2));
        return done.group(1);
    }

    private Optional<Match> named(String name) {
        return new LineItem(
                        finder,
                        unit.map(UnitWords.Word::unit),
                        count.isPresent() && unit.isEmpty(),
                        size,
                        asides,
                        brackets)
                .match(name);
    }

    private Optional<String> prep() {
        List<String> said = asides.stream()
                .map(aside ->
                        aside.replaceAll("\\s+", " ").replaceFirst("^: ", "").strip())
                .filter(aside -> !aside.isEmpty())
                .toList();
        return said.isEmpty() ? Optional.empty() : Optional.of(String.join(", ", said));
    }

    private record Pack(Amount holds, String rest) {}
}
