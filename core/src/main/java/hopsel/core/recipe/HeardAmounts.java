package hopsel.core.recipe;

import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What somebody who talks measures, wherever in a sentence it is said: an amount and the food it is of, next to each
 * other in either order.
 *
 * <p>Sentences tell who does what; amounts are told by their neighbours alone. So this is a second opinion on the list
 * that was read from the sentences: it knows nothing of them, and finds what a sentence that was not understood has
 * taken along.
 */
final class HeardAmounts {

    private static final String UNIT =
            "(?:grams?|g|kilos?|kg|mils?|ml|millilit(?:re|er)s?|lit(?:re|er)s?|cups?|tablespoons?|teaspoons?|tbsp|tsp"
                    + "|ounces?|oz|pounds?|lbs?|tins?|cans?|jars?|blocks?|pack(?:et)?s?|sachets?|tubs?|cartons?"
                    + "|bottles?|bags?|cloves?|heads?|stalks?"
                    + "|sticks?|sprigs?|leaves|bunch(?:es)?|handfuls?|pinch(?:es)?|thumbs?|splash(?:es)?|squeezes?"
                    + "|knobs?|(?:centimet(?:re|er)|cm|inch)(?:es|s)? (?:bit|piece|knob|chunk|length)|slices?"
                    + "|sheets?|drizzles?|glugs?)";
    private static final String ABOUT = "(?: or so| or thereabouts)?";
    /** An amount: a figure, or a measure of one. */
    private static final Pattern AMOUNT = Pattern.compile(
            "(?<![\\p{L}\\d/.,-])(?:(?<many>" + Numbers.NUMBER + ")" + ABOUT
                    + "(?: (?:good|big|large|small|level|heaped|heaping|scant|whole|medium|generous|fat|ripe"
                    + "|nice|more|extra|full))*"
                    + "(?:[ -]?(?<unit>" + UNIT + ")\\b)?|(?<one>" + UNIT + ")(?= of\\b))",
            Pattern.CASE_INSENSITIVE);

    private static final String STOPS = "and|that|that's|thats|which|you|i|we|because|so|until|till?|for|in|into"
            + "|on|onto|with|then"
            + "|it|it's|they|is|are|was|goes|go|went|but|or|to|from|if|when|while|at|over|about|roughly"
            + "|plus|also"
            + "|just|as|not|no|total|each|again|first|now|here|there|does|do";
    /** Where a name ends. */
    private static final Pattern BEHIND =
            Pattern.compile("[.;:!?,()]|\\s-\\s|\\b(?:" + STOPS + ")\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern PIECE_OF_LENGTH =
            Pattern.compile("(?:an? )?(\\S+)[ -]?(?:centimet(?:re|er)s?|cm)\\b.*", Pattern.CASE_INSENSITIVE);
    /** Between a food and how much of it. */
    private static final Pattern BETWEEN = Pattern.compile(
            "[,.:]? ?(?:(?:I'd say|I mean|I do|I'm (?:using|doing)|we're (?:using|doing)|I (?:did|took|used"
                    + "|reckon I used)|we used"
                    + "|a (?:splash|bit|little) at a time|same again|I \\p{L}+ed it|the whole (?:bag|pot|tub"
                    + "|carton|pack|packet|lot|thing|tin)|is what (?:I|we) (?:have|use|like)(?: with it)?|twice"
                    + "|three times|on top|over the top|to finish|which is|that is|I use|I've got|I have|we use|we need"
                    + "|you want|you need|you'll need|that's|it's|is|are"
                    + "|there's|say|take|about|around|roughly|maybe|like|so|just|of|only|with|need|needs|well"
                    + "|the|another"
                    + "),? ?)*",
            Pattern.CASE_INSENSITIVE);
    /** How much of it after all. */
    private static final Pattern AFTER_ALL = Pattern.compile(
            "\\b(?:total|in all|all together|altogether|so that's|so|that's|no|actually|sorry|less|more like"
                    + "|only|I mean"
                    + "|make that|make it|rather|nearer|needed|used|ended up)\\b",
            Pattern.CASE_INSENSITIVE);

    /** What takes an amount back; "so" alone tells what is left of it, too. */
    private static final Pattern PUT_RIGHT = Pattern.compile(
            "\\b(?:no|actually|sorry|less|more like|I mean|make that|make it|rather|nearer|ended up|total"
                    + "|altogether|in all"
                    + "|needed|used|took|added)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SAID_AGAIN = Pattern.compile(
            "\\b(?:so|no|sorry|actually|make (?:that|it)|I mean)(?: it's| that's)?,? (?:about )?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_ALL =
            Pattern.compile(" (?:total|in all|in total|altogether|all together)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern TOOK = Pattern.compile(
            "\\b(?:I|we|mine|it|this one) (?:took|used|needed|did|ended up (?:using|with)|has|had)(?: about)? $"
                    + "|\\bmake (?:that|it) $",
            Pattern.CASE_INSENSITIVE);
    /** What others take, or what is not taken. */
    static final Pattern OTHERS = Pattern.compile(
            "\\b(?:some people|other people|others|my (?:neighbou?r|mother|mum|mom|gran|sister|friend|aunt|kids"
                    + "|children|husband|wife|son|daughter)|you could"
                    + "|could use|instead of|rather than|if you (?:have|use|want|can't|don't)|or use|would need"
                    + "|you can (?:take|use|put|add)|last (?:time|year|week)"
                    + "|people (?:use|put|add)|used to (?:use|put|add)|for every|per|normally|the recipe says)\\b"
                    + "(?:(?!, (?:and |then |so )*(?:serve|add|put|stir|I|we|you)\\b|\\byou (?:like|want|have"
                    + "|prefer)\\b)[^.;!?]){0,50}$",
            Pattern.CASE_INSENSITIVE);
    /** A part of what was measured before. */
    private static final Pattern SHARE = Pattern.compile(
            "^(?:half|a (?:third|quarter|half)|one (?:third|half|quarter)|two thirds|[\\d/.]+) (?:of )?(?:the|that|this"
                    + "|it|them|those)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NO_FOOD =
            Pattern.compile("\\b(?:tea ?towel|oven|cling ?film|foil|parchment|paper)\\b", Pattern.CASE_INSENSITIVE);
    /** {@code a big piece of ginger, say 60 grams}; {@code one block of 200 grams}. */
    private static final Pattern THAT_IS =
            Pattern.compile("^(?:,? (?:say|about|around|roughly|maybe|so about)| of|,)? ?$", Pattern.CASE_INSENSITIVE);

    /** An amount behind which no name stands: that of a food nobody knows is of no other food. */
    private static final Pattern ALONE = Pattern.compile(
            " ?(?:[.;:!?,()]|$)| (?:of (?:it|them|those|that|these|(?=\\d|" + Numbers.NUMBER
                    + "))|the|altogether|under|cut|" + STOPS + "|\\p{L}+(?:ed|ly))\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> LOOSE = Set.of("a", "an", "the", "half", "quarter");
    private static final int LONGEST_NAME = 7;
    private static final int NEAR = 70;
    /** What was said before that is looked at. */
    private static final int BACK = 3;

    private static final BigDecimal LEAST_ALIKE = new BigDecimal("0.25");

    private final LineReader lines;
    private final String text;
    private final List<Heard> all = new ArrayList<>();
    /** All that was said, twice where it was said twice. */
    private final List<Heard> mentions = new ArrayList<>();

    /**
     * What was measured.
     *
     * @param line as on a list
     * @param item that it is
     * @param amount how much
     * @param end where it ends in the text
     * @param instead what was said before, where that was put right
     */
    record Heard(String line, Item item, Amount amount, int end, Optional<Amount> instead) {

        /** Whether a line of the list says the same. */
        boolean isOf(ReadLine read) {
            return isSame(read, this);
        }

        /** {@code about a kilo}, of what the line says in full. */
        boolean begins(String passage) {
            String said = passage.toLowerCase(Locale.ROOT).replaceAll("^(?:about|around|roughly) |[.,!]+$", "");
            return said.contains(" ") && line.toLowerCase(Locale.ROOT).startsWith(said + " ");
        }

        boolean corrected() {
            return instead.isPresent();
        }

        private boolean says(Heard other) {
            return item.equals(other.item) && isEqual(amount, other.amount);
        }

        private Heard insteadOf(Heard before) {
            return new Heard(line, item, amount, end, Optional.of(before.instead.orElse(before.amount)));
        }
    }

    private HeardAmounts(String text, LineReader lines) {
        this.text = text;
        this.lines = lines;
    }

    /** All that is measured, in the order of the text, each food once. */
    static List<Heard> in(String text, LineReader lines) {
        HeardAmounts heard = new HeardAmounts(text, lines);
        heard.listen();
        return heard.all;
    }

    private void listen() {
        Matcher amount = AMOUNT.matcher(text);
        int from = 0;
        while (amount.find(from)) {
            from = Math.max(amount.start() + 1, take(amount));
        }
    }

    /** Takes an amount with its food; where what was taken ends. */
    private int take(Matcher amount) {
        String behind = text.substring(amount.start(), Math.min(text.length(), amount.start() + NEAR));
        boolean time = TimeReader.find(behind).stream().anyMatch(found -> found.start() == 0);
        String before = text.substring(Math.max(0, amount.start() - NEAR), amount.start());
        if (time || SHARE.matcher(behind).find() || OTHERS.matcher(before).find()) {
            return 0;
        }
        if (amount.group("unit") == null && before.endsWith("for ")) {
            return 0;
        }
        String said = amount.group("one") == null
                ? PIECE_OF_LENGTH
                        .matcher(amount.group().replaceFirst("(?i) or so| or thereabouts", ""))
                        .replaceFirst("$1 cm")
                : "a " + amount.group();
        // What is a lemon is told by the sentence alone: the zest of one, or the sauce that is made with it.
        boolean one = said.matches("(?i)an?") && !before.matches("(?is).*\\b(?:zest|juice|rind) of ");
        Optional<Heard> next = one ? Optional.empty() : named(said, amount.start(), amount.end());
        if (next.isPresent()) {
            add(next.get());
            return next.get().end;
        }
        Optional<Heard> instead = amount.group("unit") == null ? tookInstead(amount) : Optional.empty();
        if (instead.isPresent()) {
            add(instead.get());
            return instead.get().end;
        }
        if (amount.group("unit") == null
                || LOOSE.contains(said.toLowerCase(Locale.ROOT))
                || !ALONE.matcher(behind(amount)).lookingAt()
                        && !Techniques.begins(behind(amount).strip().toLowerCase(Locale.ROOT))) {
            return 0;
        }
        Optional<Heard> beside = afterAll(said, amount).or(() -> named(said, amount));
        beside.ifPresent(this::add);
        return beside.map(Heard::end).orElse(0);
    }

    /** {@code 300 grams of flat rice noodles}: the longest name right behind it. */
    private Optional<Heard> named(String said, int start, int end) {
        String rest = text.substring(end, Math.min(text.length(), end + NEAR)).replaceFirst("^ of\\b", "");
        int skipped = text.substring(end, Math.min(text.length(), end + NEAR)).length() - rest.length();
        Matcher stop = BEHIND.matcher(rest);
        String name = rest.substring(0, Math.min(stop.find() ? stop.start() : rest.length(), nextAmount(rest)));
        String[] words = name.strip().split("\\s+");
        for (int length = Math.min(words.length, LONGEST_NAME); length > 0; length--) {
            String food = String.join(" ", List.of(words).subList(0, length));
            String line = said + " " + food;
            Optional<Heard> heard = food.isEmpty() ? Optional.empty() : line(line, end + skipped + food.length() + 1);
            if (heard.isPresent()) {
                String behind = String.join(" ", List.of(words).subList(length, words.length));
                boolean whole = behind.isEmpty()
                        || RecipeReader.BEHIND_FOOD.matcher(words[length]).matches()
                        || Techniques.begins(behind)
                        || lines.exactly(words[length]).isPresent()
                        || said.contains(" ") && !Branches.isMade(words[length]) && !HeadingWords.isPart(words[length]);
                return heard.filter(any -> whole);
            }
        }
        return Optional.empty();
    }

    /** Where the next amount begins; nobody says two of one thing. */
    private static int nextAmount(String rest) {
        Matcher next = AMOUNT.matcher(rest);
        while (next.find()) {
            boolean figure = next.group("unit") != null
                    || next.group("one") != null
                    || !LOOSE.contains(next.group().toLowerCase(Locale.ROOT));
            if (next.start() > 0 && figure) {
                return next.start();
            }
        }
        return rest.length();
    }

    private Optional<Heard> line(String line, int end) {
        ReadLine read = lines.inSentence(line);
        boolean sure = read.item().isPresent()
                && (read.exact() || lines.exactly(read.name()).isPresent())
                && read.amount().isPresent()
                && !read.name().matches(".*\\d.*")
                && TimeReader.find(line).isEmpty()
                && !NO_FOOD.matcher(read.name()).find()
                && (read.name().contains(" ") && lines.exactly(read.name()).isPresent()
                        || ItemFinder.words(read.name()).stream().noneMatch(Branches::isMade));
        return sure
                ? Optional.of(new Heard(line, read.item().get(), read.amount().get(), end, Optional.empty()))
                : Optional.empty();
    }

    /** {@code two blocks of tempeh, 250 each, so 500 grams}: one of those before, said again. */
    private Optional<Heard> afterAll(String said, Matcher amount) {
        for (int back = 1; back <= Math.min(BACK, all.size()); back++) {
            Heard before = all.get(all.size() - back);
            Optional<Heard> again = afterAll(said, amount, before, back == 1);
            if (again.isPresent()) {
                return again;
            }
        }
        return Optional.empty();
    }

    private Optional<Heard> afterAll(String said, Matcher amount, Heard before, boolean last) {
        int length = amount.start() - before.end;
        if (length <= 0 || length > 3 * NEAR) {
            return Optional.empty();
        }
        String between = text.substring(before.end, amount.start());
        String around = between + " " + text.substring(amount.end(), Math.min(text.length(), amount.end() + 12));
        boolean inAll = IN_ALL.matcher(behind(amount)).lookingAt();
        boolean again = last
                ? AFTER_ALL.matcher(around).find() || THAT_IS.matcher(between).matches()
                : inAll;
        boolean other = again && SpokenFoods.last(between, lines).isPresent() && !isSaidAgain(between, amount);
        if (!again || other) {
            return Optional.empty();
        }
        return line(said + " of " + lines.inSentence(before.line).name(), amount.end())
                .filter(now -> now.item.equals(before.item) && isAlike(now.amount, before.amount))
                .filter(now -> now.amount.unit() != before.amount.unit()
                        || inAll
                        || PUT_RIGHT.matcher(between).find())
                .map(now -> now.insteadOf(before));
    }

    /** {@code depends on your flour, mine needed five, so five tablespoons in all}: whatever else was spoken of. */
    private boolean isSaidAgain(String between, Matcher amount) {
        return SAID_AGAIN.matcher(between).find()
                || IN_ALL.matcher(behind(amount)).lookingAt();
    }

    private String behind(Matcher amount) {
        return text.substring(amount.end(), Math.min(text.length(), amount.end() + NEAR));
    }

    /** A weight for what was counted, or as much again of the same measure at most. */
    private static boolean isAlike(Amount now, Amount before) {
        if (now.unit().grams().isPresent() && before.unit() == Unit.PIECE) {
            return true;
        }
        BigDecimal least = before.high().multiply(LEAST_ALIKE);
        return now.unit() == before.unit()
                && now.high().compareTo(least) >= 0
                && now.high().multiply(LEAST_ALIKE).compareTo(before.high()) <= 0;
    }

    /** The food in front of an amount, or behind it where that says which kind it is. */
    private Optional<Heard> named(String said, Matcher amount) {
        Optional<Heard> before = foodBefore(said, amount);
        Optional<Heard> behind = foodBehind(said, amount);
        boolean closer = before.isPresent()
                && behind.isPresent()
                && ItemFinder.words(behind.get().line)
                        .containsAll(ItemFinder.words(
                                lines.inSentence(before.get().line).name()));
        return closer ? behind : before.or(() -> behind);
    }

    /** {@code Spinach. 200 grams}. */
    private Optional<Heard> foodBefore(String said, Matcher amount) {
        int since = all.isEmpty() ? 0 : all.get(all.size() - 1).end;
        int from = Math.max(since, amount.start() - NEAR);
        String before = text.substring(Math.min(from, amount.start()), amount.start());
        return SpokenFoods.last(before, lines)
                .filter(food -> BETWEEN.matcher(before.substring(food.end())).matches())
                .or(() -> justNamed(amount))
                .flatMap(food -> line(said + " of " + food.text(), amount.end()));
    }

    /**
     * {@code Then sparkling water, this is the trick. Four hundred millilitres.}: a sentence with nothing but how much.
     */
    private Optional<SpokenFoods.Name> justNamed(Matcher amount) {
        String before = text.substring(Math.max(0, amount.start() - 2 * NEAR), amount.start());
        boolean alone = before.matches("(?s).*[.!?]\\s+(?:About |Maybe |Around |That's )?")
                && behind(amount).matches("(?s)\\s*(?:[.!,].*)?");
        int start =
                alone ? before.stripTrailing().replaceAll("[.!?][^.!?]*$", "").lastIndexOf('.') + 1 : before.length();
        Optional<SpokenFoods.Name> food = alone ? SpokenFoods.last(before.substring(start), lines) : Optional.empty();
        return food.filter(name -> all.isEmpty()
                || !ItemFinder.words(all.get(all.size() - 1).line).containsAll(ItemFinder.words(name.text())));
    }

    /** {@code Maybe a little more, I took four hundred and fifty.}: in the measure that was said before. */
    private Optional<Heard> tookInstead(Matcher amount) {
        String before = text.substring(Math.max(0, amount.start() - NEAR), amount.start());
        boolean took = TOOK.matcher(before).find() && behind(amount).matches("(?s)\\s*(?:[.!,].*)?");
        if (!took || all.isEmpty()) {
            return Optional.empty();
        }
        Heard last = all.get(all.size() - 1);
        Matcher first = AMOUNT.matcher(last.line);
        return first.find() && first.group("unit") != null && amount.start() - last.end < 2 * NEAR
                ? line(
                                amount.group("many") + " " + first.group("unit") + " of "
                                        + lines.inSentence(last.line).name(),
                                amount.end())
                        .map(now -> now.insteadOf(last))
                : Optional.empty();
    }

    /** {@code 300 grams, flat rice noodles}. */
    private Optional<Heard> foodBehind(String said, Matcher amount) {
        String rest = behind(amount);
        return rest.startsWith(", ") ? named(said, amount.start(), amount.end() + 1) : Optional.empty();
    }

    /** What was said last of a food, where it was said otherwise before; its first amount, where it goes in twice. */
    private void add(Heard heard) {
        mentions.add(heard);
        Optional<Heard> before = heard.instead.flatMap(amount -> all.stream()
                .filter(known -> known.item.equals(heard.item) && isEqual(known.amount, amount))
                .findFirst());
        // What was measured alike in two places was put right in one of them.
        boolean once = mentions.stream()
                        .filter(known -> before.isPresent() && known.says(before.get()))
                        .count()
                == 1;
        if (once) {
            all.remove(before.orElseThrow());
        }
        if (all.stream().noneMatch(known -> known.says(heard))) {
            all.add(once ? heard : new Heard(heard.line, heard.item, heard.amount, heard.end, Optional.empty()));
        }
    }

    private static boolean isSame(ReadLine read, Heard heard) {
        return read.item().filter(heard.item::equals).isPresent()
                && read.amount().filter(amount -> isEqual(amount, heard.amount)).isPresent();
    }

    static boolean isEqual(Amount one, Amount other) {
        return one.unit() == other.unit()
                && one.low().compareTo(other.low()) == 0
                && one.high().compareTo(other.high()) == 0;
    }
}
