package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.dish.Use;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Finds which ingredient lines go in at a step, from the words of the step.
 *
 * <p>A line is used where it is named first. "Half the oil" takes a half, and "the remaining oil" what is left; any
 * other second mention speaks of what is in the pan already.
 */
final class Mentions {

    private static final BigDecimal HALF = new BigDecimal("0.5");
    /** {@code a little of the milk}, where the rest goes in later: a tenth of it. */
    private static final BigDecimal LITTLE = new BigDecimal("0.1");

    private static final String LITTLE_OF =
            ".*\\b(?:little|bit|splash|dash|spoonful|tablespoon) of(?: the| that| your)?(?: \\w+)?$";
    /** What of a fruit is named by itself: first the one, later the other. */
    private static final List<String> FRUIT_PARTS = List.of("zest", "juice");

    /** {@code Repeat with the rest}: of what is in hand, and of nothing in the list. */
    private static final Pattern AGAIN = Pattern.compile(
            "\\b(?:repeat|do the same|continue|carry on)(?: this)? with (?:the |all the )?(?:rest|others?|remainder"
                    + "|remaining\\b[^.;,]*)",
            Pattern.CASE_INSENSITIVE);

    /** Where food is put onto plates, it was made before. */
    private static final Set<String> PLATED = Set.of("bowl", "plate", "serve", "assemble");

    private static final Set<String> REST = Set.of("rest", "remaining", "remainder");
    private static final Map<String, BigDecimal> FRACTIONS = Map.of(
            "third",
            Decimals.ratio(BigDecimal.ONE, BigDecimal.valueOf(3)),
            "quarter",
            new BigDecimal("0.25"),
            "3/4",
            new BigDecimal("0.75"),
            "2/3",
            Decimals.ratio(BigDecimal.valueOf(2), BigDecimal.valueOf(3)),
            "1/3",
            Decimals.ratio(BigDecimal.ONE, BigDecimal.valueOf(3)),
            "1/4",
            new BigDecimal("0.25"));
    private static final Pattern A_NUMBER = Pattern.compile("\\d+(?:\\.\\d+|/\\d+)?");
    private static final Pattern BARE_ALL =
            Pattern.compile("\\beverything\\b(?! (?:else|exc|except|but|bar)\\b)", Pattern.CASE_INSENSITIVE);
    private static final Pattern EXCEPT = Pattern.compile(
            "\\b(?:everything|all(?: the)?(?: ingredients)?) (?:else )?(?:exc\\.?|except(?: for)?|but|bar) "
                    + "(?:the )?([\\p{L} ]+?)(?= "
                    + "on\\b| in\\b|"
                    + " into\\b|[,.;]|$)",
            Pattern.CASE_INSENSITIVE);
    /** {@code the canned beans}, where there are two of them. */
    private static final Pattern CANNED = Pattern.compile("\\b(?:canned|tinned) (\\p{L}+)", Pattern.CASE_INSENSITIVE);

    private static final Pattern SHAPE = Pattern.compile(
            "\\b(?:into|in) (?:\\w+ )?(half[- ]moons|wedges|ribbons|rings|batons|florets|fingers|matchsticks)\\b",
            Pattern.CASE_INSENSITIVE);
    /** {@code Add the spices}: all that are left of the component. */
    private static final Map<String, Trait> TOGETHER =
            Map.of("spice", Trait.SPICE, "seasoning", Trait.SPICE, "herb", Trait.HERB);

    private static final Pattern IN_WATER = Pattern.compile(
            "\\b(?:soak|boil|cook|blanch|simmer)\\b[^.;]*\\bin (?:plenty of |lots of )?(?:cold |boiling |salted "
                    + "|fresh |hot |warm "
                    + "|simmering )*water\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern EVERYTHING = Pattern.compile(
            "\\b(?:all (?:of )?the|all|everything|the remaining|remaining|rest of the|other) (?:(?:\\w+ "
                    + "){0,2}ingredients|together)|\\bcombine everything|\\b\\w+ ingredients\\b|everything "
                    + "(?:else )?(?:in|into|to|together|but|for|exc\\.?|except|bar)\\b|"
                    + "with (?:the )?rest\\b(?! of)|with everything|(?:add|in) everything|everything else\\b"
                    + "|mix everything|blend everything|toss everything|"
                    + "\\ball in(?:to)? (?:the|a|one|your|my)\\b|\\ball (?:but|except|bar)\\b",
            Pattern.CASE_INSENSITIVE);

    private final Map<String, List<String>> words = new LinkedHashMap<>();
    /** What else the things of a list are called: black salt is kala namak. */
    private final Map<String, List<List<String>>> others = new HashMap<>();
    /** What components are called: "the paste" is what was made, not the tamarind paste in a jar. */
    private final Map<String, Set<String>> products = new HashMap<>();
    /** Names of one word. */
    private final Set<String> oneWord = new HashSet<>();
    /** How often any three words stand in a row in what comes later. */
    private final Map<List<String>, Integer> coming = new HashMap<>();
    /** The words of what comes later in the text. */
    private final Map<String, Integer> later = new HashMap<>();
    /** Components of which something was done already. */
    private final Set<String> begun = new HashSet<>();
    /** Words that have to stand in a step, for a line that was measured there. */
    private final Map<String, String> only = new HashMap<>();
    /** The last word of what an item is called in the catalogue: demerara is a sugar. */
    private final Map<String, String> kinds = new HashMap<>();
    /** Of the component of the step that is being read: lines by their last word, and by what they are. */
    private final Map<String, Integer> ownHeads = new HashMap<>();

    private final Map<String, Integer> ownKinds = new HashMap<>();
    /** In how many names a word stands. */
    private final Map<String, Long> holding = new HashMap<>();
    /** Lines that go by a word for several: spices, herbs. */
    private final Map<String, Set<Trait>> traits = new HashMap<>();

    /** How much of a line there is, as a step may repeat it: 30g. */
    private final Map<String, String> amounts = new HashMap<>();

    private final Map<String, Amount> lows = new HashMap<>();
    private final Map<String, Item> items = new HashMap<>();

    private final List<String> toTaste = new ArrayList<>();
    private final Map<String, Integer> heads = new HashMap<>();
    private final Map<String, BigDecimal> left = new HashMap<>();

    /** A component, with its lines: once it is begun its name means what was made. */
    void product(String title, List<String> lines) {
        word(title).ifPresent(word -> products.computeIfAbsent(word, any -> new HashSet<>())
                .addAll(lines));
    }

    /** {@code sliced into half moons}: what it is called from then on. */
    private static Optional<List<String>> shape(String prep) {
        Matcher matcher = SHAPE.matcher(prep);
        return matcher.find() ? Optional.of(ItemFinder.words(matcher.group(1))) : Optional.empty();
    }

    private static Optional<String> word(String title) {
        return ItemFinder.words(title).stream().reduce((a, b) -> b);
    }

    /** What is still to come: "blend everything" does not mean what goes in later by its name. */
    void stillToCome(String text) {
        count(ItemFinder.words(text), 1);
    }

    /** A passage that was to come is here. */
    void passed(String text) {
        count(ItemFinder.words(text), -1);
    }

    private void count(List<String> said, int by) {
        said.forEach(word -> later.merge(word, by, Integer::sum));
        for (int i = 0; i + 3 <= said.size(); i++) {
            coming.merge(List.copyOf(said.subList(i, i + 3)), by, Integer::sum);
        }
    }

    /** Something of a component was done. */
    void begun(String title) {
        word(title).ifPresent(begun::add);
    }

    /** A line that was measured in the method: nowhere else does it go in. */
    void only(String line, String said) {
        only.put(line, said);
    }

    /** {@code the zest}: of the one fruit of which the list says so. */
    private void partsOfFruit(ReadRecipe.Line line) {
        if (line.read().item().filter(item -> item.has(Trait.CITRUS)).isEmpty()) {
            return;
        }
        for (String part : FRUIT_PARTS) {
            if (ItemFinder.words(line.read().text()).contains(part)) {
                boolean other = others.values().stream()
                        .map(names -> names.remove(List.of(part)))
                        .toList()
                        .contains(true);
                if (!other) {
                    Known.in(others, line.id()).add(List.of(part));
                }
            }
        }
    }

    /** Whether of this fruit the zest goes in at one time, perhaps, and the juice at another. */
    private boolean isPartOfFruit(String line) {
        return FRUIT_PARTS.stream().allMatch(part -> Known.in(others, line).contains(List.of(part)));
    }

    /** Whether more than half of some lines have gone in nowhere yet. */
    boolean isMostlyLeft(Set<String> own) {
        long whole = own.stream()
                .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                .count();
        return whole * 2 > own.size();
    }

    /** As {@link #in}, with nothing taken. */
    List<Use> looked(String text, Set<String> own) {
        Map<String, BigDecimal> before = new HashMap<>(left);
        List<Use> uses = in(text, own);
        left.clear();
        left.putAll(before);
        return uses;
    }

    void know(ReadRecipe.Line line) {
        List<String> name = ItemFinder.words(line.read().name());
        if (!name.isEmpty()) {
            words.put(line.id(), name);
            if (name.size() == 1) {
                oneWord.add(name.get(0));
            }
            others.put(
                    line.id(),
                    line.read().item().stream()
                            .flatMap(item ->
                                    Stream.concat(Stream.of(item.shortName()), item.practice().names().stream()))
                            .map(ItemFinder::words)
                            .filter(other -> !other.equals(name) && (other.size() > 1 || isTelling(other.get(0))))
                            .collect(Collectors.toCollection(ArrayList::new)));
            if (OF_CHEESE.matcher(line.read().name()).find()) {
                Known.in(others, line.id()).add(List.of("cheese"));
            }
            partsOfFruit(line);
            line.read().prep().flatMap(Mentions::shape).ifPresent(Known.in(others, line.id())::add);
            heads.merge(name.get(name.size() - 1), 1, Integer::sum);
            left.put(line.id(), BigDecimal.ONE);
            line.read().item().flatMap(item -> word(item.shortName())).ifPresent(kind -> kinds.put(line.id(), kind));
            line.read().amount().ifPresent(amount -> lows.put(line.id(), amount));
            line.read().item().ifPresent(item -> items.put(line.id(), item));
            line.read()
                    .amount()
                    .ifPresent(amount -> amounts.put(
                            line.id(),
                            amount.low().stripTrailingZeros().toPlainString()
                                    + amount.unit().word()));
            traits.put(line.id(), line.read().item().map(Item::traits).orElse(Set.of()));
            if (line.read().amount().isEmpty()
                    && name.stream().anyMatch(word -> word.equals("salt") || word.equals("pepper"))) {
                toTaste.add(line.id());
            }
        }
    }

    /** What goes in; {@code own} are the lines of the step's component, for "all the ingredients". */
    List<Use> in(String whole, Set<String> own) {
        String text = AGAIN.matcher(whole).replaceAll(" ");
        List<String> said = ItemFinder.words(NO_FOOD.matcher(text)
                .replaceAll(" ")
                .replaceAll("(?i)\\btoms\\b", "tomatoes")
                .replaceAll("(?i)\\b(?:mush|shrooms)\\b", "mushrooms")
                .replaceAll("(?i)\\bspuds\\b|(?<=mash )pots\\b|^\\W*pots(?= on\\b)", "potatoes"));
        boolean begun = own.stream()
                .anyMatch(line -> left.getOrDefault(line, BigDecimal.ONE).signum() == 0);
        String plain = only.isEmpty() ? text : Numbers.plain(text).replace(".", "");
        count(own);
        List<Use> uses = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        Set<String> heard = new HashSet<>(said);
        words.keySet().stream()
                .filter(line -> mayBeNamed(line, heard))
                .filter(line -> !isMeasuredLater(line, said))
                .filter(line -> !isSpoonOfWater(line) || !IN_WATER.matcher(text).find())
                .filter(line -> own.isEmpty()
                        || own.contains(line)
                        || only.containsKey(line)
                        || !traits.getOrDefault(line, Set.of()).contains(Trait.TAP))
                .filter(line -> !only.containsKey(line)
                        || plain.contains(Known.in(only, line).replace(".", "")))
                .sorted(Comparator.<String, Boolean>comparing(line -> !own.contains(line))
                        .thenComparing(line -> -Known.in(words, line).size()))
                .forEach(line -> place(line, said, taken, own).ifPresent(at -> use(line, said, at, uses)));
        if (text.matches("(?is).*\\bseason\\b.*")) {
            toTaste.stream()
                    .filter(line -> Known.in(left, line).signum() > 0)
                    .forEach(line -> take(line, BigDecimal.ONE, uses));
        }
        CANNED.matcher(text)
                .results()
                .flatMap(found -> ItemFinder.words(found.group(1)).stream())
                .forEach(word -> own.stream()
                        .filter(line -> traits.getOrDefault(line, Set.of()).contains(Trait.CANNED))
                        .filter(line -> Known.in(words, line).contains(word))
                        .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                        .forEach(line -> take(line, BigDecimal.ONE, uses)));
        allOfAKind(text, own, uses);
        TOGETHER.forEach((word, trait) -> {
            if (said.contains(word) && heads.getOrDefault(word, 0) == 0) {
                own.stream()
                        .filter(line -> traits.getOrDefault(line, Set.of()).contains(trait))
                        .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                        .forEach(line -> take(line, BigDecimal.ONE, uses));
            }
        });
        if (EVERYTHING.matcher(text).find()) {
            Set<String> but = excepted(text, own, uses);
            if (begun && BARE_ALL.matcher(text).find()) {
                own.stream().filter(this::isNamedLater).forEach(but::add);
            }
            own.stream()
                    .filter(line -> !but.contains(line))
                    .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                    .forEach(line -> take(line, BigDecimal.ONE, uses));
        }
        return uses;
    }

    /** Three spoons of water from the list are not what barley is soaked in. */
    private boolean isSpoonOfWater(String line) {
        return traits.getOrDefault(line, Set.of()).contains(Trait.TAP)
                && Optional.ofNullable(lows.get(line))
                        .filter(amount -> amount.unit() == Unit.TBSP || amount.unit() == Unit.TSP)
                        .isPresent();
    }

    /** {@code Whisk the flours}: where there are several of a kind, and none is told apart, all of them. */
    private void allOfAKind(String text, Set<String> own, List<Use> uses) {
        OF_A_KIND
                .matcher(text)
                .results()
                .flatMap(found -> ItemFinder.words(found.group(1)).stream())
                .forEach(kind -> {
                    List<String> all = own.stream()
                            .filter(words::containsKey)
                            .filter(line -> kind.equals(kinds.get(line))
                                    || kind.equals(word(String.join(" ", Known.in(words, line)))
                                            .orElse("")))
                            .toList();
                    boolean untouched =
                            all.stream().allMatch(line -> Known.in(left, line).compareTo(BigDecimal.ONE) == 0);
                    if (all.size() > 1 && untouched) {
                        all.forEach(line -> take(line, BigDecimal.ONE, uses));
                    }
                });
    }

    /** {@code everything except the basil}: what is named behind it is not taken. */
    private Set<String> excepted(String text, Set<String> own, List<Use> uses) {
        Matcher matcher = EXCEPT.matcher(text);
        Set<String> but = new HashSet<>();
        if (matcher.find()) {
            List<String> names = ItemFinder.words(matcher.group(1));
            own.stream()
                    .filter(line -> names.contains(
                            Known.in(words, line).get(Known.in(words, line).size() - 1)))
                    .forEach(but::add);
            uses.stream()
                    .filter(use -> but.contains(use.ingredient()))
                    .forEach(use -> left.merge(use.ingredient(), use.share(), BigDecimal::add));
            uses.removeIf(use -> but.contains(use.ingredient()));
        }
        return but;
    }

    /** Whether a word of it is among those of a step at all. */
    private boolean mayBeNamed(String line, Set<String> heard) {
        List<String> name = Known.in(words, line);
        String head = name.get(name.size() - 1);
        return heard.contains(name.get(0))
                || heard.contains(kinds.getOrDefault(line, ""))
                || Known.in(others, line).stream().anyMatch(other -> heard.contains(other.get(0)))
                || heard.contains(head)
                || IntStream.rangeClosed(1, head.length() - SHORTEST_HEAD)
                        .anyMatch(from -> heard.contains(head.substring(from)));
    }

    /** How many lines of the component go by the same last word. */
    private void count(Set<String> own) {
        ownHeads.clear();
        ownKinds.clear();
        own.stream().filter(words::containsKey).forEach(line -> {
            List<String> name = Known.in(words, line);
            ownHeads.merge(name.get(name.size() - 1), 1, Integer::sum);
            Optional.ofNullable(kinds.get(line)).ifPresent(kind -> ownKinds.merge(kind, 1, Integer::sum));
        });
    }

    private boolean isNamedLater(String line) {
        List<String> name = Known.in(words, line);
        return later.getOrDefault(name.get(name.size() - 1), 0) > 0;
    }

    /** Where the line is named: by its whole name, or by its last or first word if no other line has it. */
    private Optional<Integer> place(String line, List<String> said, Set<Integer> taken, Set<String> own) {
        List<String> name = Known.in(words, line);
        String head = name.get(name.size() - 1);
        boolean ownPart = products.containsKey(head) && Known.in(products, head).contains(line);
        // Mushrooms of the part Mushrooms, which have gone in nowhere yet, are no product of it.
        boolean untouched = ownPart
                && left.getOrDefault(line, BigDecimal.ONE).compareTo(BigDecimal.ONE) == 0
                && own.contains(line)
                && said.stream().noneMatch(PLATED::contains);
        boolean made = products.containsKey(head) && !untouched && (begun.contains(head) || !ownPart);
        boolean alone =
                !made && (Known.in(heads, head) == 1 || own.contains(line) && ownHeads.getOrDefault(head, 0) == 1);
        for (int i = 0; i < said.size(); i++) {
            boolean whole = i + name.size() <= said.size()
                    && said.subList(i, i + name.size()).equals(name);
            // Another line may be called so, and nothing else: oil, beside sesame oil that has gone in.
            boolean anothers = name.size() > 1
                    && left.getOrDefault(line, BigDecimal.ONE).signum() == 0
                    && oneWord.contains(said.get(i));
            boolean byHead = isHead(said.get(i), head)
                    && !anothers
                    && (alone
                            || isMeasuredSo(line, said, i)
                            || name.size() > 1 && i > 0 && said.get(i - 1).equals(name.get(name.size() - 2)));
            boolean byFirst = name.size() > 1
                    && said.get(i).equals(name.get(0))
                    && name.get(0).length() > 2
                    && unique(name.get(0));
            boolean list = i + 1 < said.size() && said.get(i + 1).equals("ingredient");
            boolean other = isCountedElse(line, said, i);
            if ((whole || byHead || byFirst) && !other && !list && !taken.contains(i)) {
                for (int j = i; j < (whole ? i + name.size() : i + 1); j++) {
                    taken.add(j);
                }
                return Optional.of(i);
            }
        }
        return byOtherName(line, said, taken).or(() -> byKind(line, said, taken, own));
    }

    /** {@code Soak in water}, where {@code the 200 ml water} goes in later: that is other water. */
    private boolean isMeasuredLater(String line, List<String> said) {
        Amount amount = lows.get(line);
        if (amount == null || !traits.getOrDefault(line, Set.of()).contains(Trait.TAP)) {
            return false;
        }
        List<String> name = Known.in(words, line);
        List<String> measured = List.of(
                amount.low().stripTrailingZeros().toPlainString(), amount.unit().word(), name.get(name.size() - 1));
        return Collections.indexOfSubList(said, measured) < 0 && coming.getOrDefault(measured, 0) > 0;
    }

    private static final Pattern COUNT = Pattern.compile("\\d{1,2}");

    /** {@code the 2 onions}, where this line is of one onion and another of two. */
    private boolean isCountedElse(String line, List<String> said, int at) {
        return at > 0
                && COUNT.matcher(said.get(at - 1)).matches()
                && !isMeasuredSo(line, said, at)
                && words.keySet().stream()
                        .filter(other -> !other.equals(line))
                        .filter(other -> isHead(
                                said.get(at),
                                Known.in(words, other)
                                        .get(Known.in(words, other).size() - 1)))
                        .anyMatch(other -> isMeasuredSo(other, said, at));
    }

    /** {@code 30 g butter}: of two lines of butter the one of 30 g. */
    private boolean isMeasuredSo(String line, List<String> said, int at) {
        String amount = amounts.getOrDefault(line, "");
        return !amount.isEmpty()
                && (at > 0 && said.get(at - 1).equals(amount)
                        || at > 0 && amount.equals(said.get(at - 1) + Unit.PIECE.word())
                        || at > 1 && (said.get(at - 2) + said.get(at - 1)).equals(amount));
    }

    /** {@code sugar} over the plums, where demerara is the only sugar of the component. */
    private Optional<Integer> byKind(String line, List<String> said, Set<Integer> taken, Set<String> own) {
        String kind = kinds.getOrDefault(line, "");
        boolean only = own.contains(line)
                && !kind.isEmpty()
                && !heads.containsKey(kind)
                && !products.containsKey(kind)
                && ownKinds.getOrDefault(kind, 0) == 1;
        int at = said.indexOf(kind);
        return only && at >= 0 && taken.add(at) ? Optional.of(at) : Optional.empty();
    }

    /** A word long enough to be no other's. */
    private static boolean isTelling(String word) {
        return word.length() > 3 && !WEAK.contains(word);
    }

    private Optional<Integer> byOtherName(String line, List<String> said, Set<Integer> taken) {
        for (List<String> name : Known.in(others, line)) {
            int at = Collections.indexOfSubList(said, name);
            boolean another = name.size() == 1 && (heads.containsKey(name.get(0)) || products.containsKey(name.get(0)));
            if (at >= 0 && !another && !taken.contains(at)) {
                for (int i = at; i < at + name.size(); i++) {
                    taken.add(i);
                }
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    private static final int SHORTEST_HEAD = 4;

    /** Sweetcorn is called corn, too. */
    private static boolean isHead(String said, String head) {
        return said.equals(head) || said.length() >= SHORTEST_HEAD && head.endsWith(said);
    }

    /** What sounds like food and is none: it leaves the side of the pan, a tea towel, under cold water. */
    static final Pattern NO_FOOD = Pattern.compile(
            "\\bleaves (?=the\\b|a\\b)|\\bfish(?:ing)? (?:it |them )?out\\b|\\btea[- ](?=towel|cloth)|\\bunder "
                    + "(?:the )?(?:cold |running |warm |"
                    + "hot )*(?:water|tap)\\b|\\bwater runs clear"
                    + "|\\b(?:in)?to an? (?:(?!with\\b|of\\b|in\\b)[\\p{L}-]+,? ){0,3}(?:paste|powder|pur[ée]e"
                    + "|dough|batter|crumb)\\b",
            Pattern.CASE_INSENSITIVE);

    static final Pattern OF_CHEESE =
            Pattern.compile("parmesan|mozzarella|feta|cheddar|ricotta|halloumi|queso", Pattern.CASE_INSENSITIVE);

    private static final Pattern OF_A_KIND = Pattern.compile(
            "(?:\\b(?:the|all|both|all the|both the)|^\\W*(?:toast|fry|soak|chop|slice|dice|whisk|grind|char)) "
                    + "(\\p{L}{3,}s)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> WEAK = Set.of(
            "fresh", "large", "small", "medium", "plain", "dried", "ground", "raw", "whole", "firm", "extra", "white",
            "black", "green", "brown", "warm", "cold", "boiling", "baby", "fine", "light", "dark", "ripe", "hot",
            "sweet", "vegan", "plant", "red", "old", "dry", "can", "tin", "jar", "big", "new", "for", "and", "the");

    private boolean unique(String word) {
        return !WEAK.contains(word)
                && holding.computeIfAbsent(word, any -> words.values().stream()
                                .filter(name -> name.stream().anyMatch(other -> other.contains(word)))
                                .count())
                        == 1;
    }

    private void use(String line, List<String> said, int at, List<Use> uses) {
        String before = String.join(" ", said.subList(Math.max(0, at - 5), at)).toLowerCase(Locale.ROOT);
        boolean rest = before.matches(
                ".*\\b(?:remaining|rest of the|rest of|other half of the|other half|remainder of the)\\b.*");
        boolean half = before.matches(
                ".*\\bhalf (?:of )?(?:the |your )?(?:\\w+ )?$|.*\\bhalf (?:of )?the\\b.*|.*\\bhalf of?$|.*\\bhalf$");
        boolean product = before.matches(".*\\bof (?:the )?$") && before.contains("bowl");
        BigDecimal remains = Known.in(left, line);
        if (isPartOfFruit(line) && remains.signum() > 0) {
            boolean zestAlone = said.contains(FRUIT_PARTS.get(0)) && !said.contains(FRUIT_PARTS.get(1));
            take(line, zestAlone && remains.compareTo(BigDecimal.ONE) == 0 ? HALF : remains, uses);
            return;
        }
        if (before.matches(LITTLE_OF) && isLeftOver(line) && remains.compareTo(BigDecimal.ONE) == 0) {
            take(line, LITTLE, uses);
            return;
        }
        Optional<BigDecimal> part = part(line, said, at);
        if (part.isPresent() && part.get().compareTo(remains) <= 0) {
            take(line, part.get(), uses);
            return;
        }
        String behind = String.join(" ", said.subList(at, said.size()));
        boolean both = half && behind.matches(".*\\b(?:the rest|the remaining|the remainder|other half)\\b.*");
        if (both && remains.compareTo(BigDecimal.ONE) == 0) {
            take(line, BigDecimal.ONE, uses);
        } else if (rest && remains.signum() > 0) {
            take(line, remains, uses);
        } else if (half && remains.compareTo(HALF) >= 0) {
            take(line, HALF, uses);
        } else if (remains.compareTo(BigDecimal.ONE) == 0 && !product) {
            take(line, BigDecimal.ONE, uses);
        }
    }

    /** Whether the rest of it is spoken of later. */
    private boolean isLeftOver(String line) {
        List<String> name = words.getOrDefault(line, List.of());
        return !name.isEmpty()
                && later.getOrDefault(name.get(name.size() - 1), 0) > 0
                && REST.stream().anyMatch(rest -> later.getOrDefault(rest, 0) > 0);
    }

    /** {@code 1 tbsp of the oil}, of three; {@code a third of the stock}. */
    private Optional<BigDecimal> part(String line, List<String> said, int at) {
        List<String> before = said.subList(Math.max(0, at - 6), at).stream()
                .filter(word -> !word.equals("of") && !word.equals("the") && !word.equals("your"))
                .toList();
        int size = before.size();
        if (size == 0) {
            return Optional.empty();
        }
        String last = before.get(size - 1);
        Optional<BigDecimal> named = Optional.ofNullable(FRACTIONS.get(last));
        if (named.isPresent()) {
            boolean two = size > 1
                    && (before.get(size - 2).equals("two")
                            || before.get(size - 2).equals("2"));
            return named.map(share -> two ? share.multiply(BigDecimal.valueOf(2)) : share);
        }
        return size > 1 && A_NUMBER.matcher(before.get(size - 2)).matches()
                ? Numbers.value(before.get(size - 2)).flatMap(number -> shareOf(line, number, last))
                : Optional.empty();
    }

    private Optional<BigDecimal> shareOf(String line, BigDecimal number, String unit) {
        return inSameUnit(line, number, unit).or(() -> byWeight(line, number, unit));
    }

    /** {@code 1 tbsp of the butter}, of 80 g. */
    private Optional<BigDecimal> byWeight(String line, BigDecimal number, String unit) {
        Weigher weigher = new Weigher(Measures.METRIC);
        Optional<BigDecimal> whole = Optional.ofNullable(lows.get(line))
                .flatMap(amount -> Optional.ofNullable(items.get(line)).flatMap(item -> weigher.grams(item, amount)));
        Optional<BigDecimal> taken = UnitWords.first(unit)
                .filter(found -> found.word().measured())
                .flatMap(found -> Optional.ofNullable(items.get(line))
                        .flatMap(item -> weigher.grams(
                                item,
                                Amount.of(
                                        number.multiply(found.word().factor()),
                                        found.word().unit()))));
        return whole.filter(grams -> grams.signum() > 0)
                .flatMap(grams -> taken.filter(part -> part.signum() > 0 && part.compareTo(grams) < 0)
                        .map(part -> Decimals.ratio(part, grams)));
    }

    private Optional<BigDecimal> inSameUnit(String line, BigDecimal number, String unit) {
        return Optional.ofNullable(lows.get(line))
                .filter(amount ->
                        amount.unit().word().equals(unit) && amount.low().compareTo(number) > 0)
                .filter(amount -> number.signum() > 0)
                .map(amount -> Decimals.ratio(number, amount.low()).min(BigDecimal.ONE));
    }

    /** All of these lines that nothing has been taken of. */
    List<Use> rest(Set<String> own) {
        List<Use> uses = new ArrayList<>();
        own.stream()
                .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                .forEach(line -> take(line, BigDecimal.ONE, uses));
        return uses;
    }

    private void take(String line, BigDecimal share, List<Use> uses) {
        if (uses.stream().noneMatch(use -> use.ingredient().equals(line))) {
            uses.add(new Use(line, share));
            left.merge(line, share, BigDecimal::subtract);
        }
    }
}
