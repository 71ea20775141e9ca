package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.dish.Use;

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
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Finds which ingredient lines go in at a step, from the words of the step.
 *
 * <p>A line is used where it is named first. "Half the oil" takes a half, and "the remaining oil" what is left; any
 * other second mention speaks of what is in the pan already.
 */
final class Mentions {

    private static final BigDecimal HALF = new BigDecimal("0.5");
    private static final Pattern EVERYTHING = Pattern.compile(
            "\\b(?:all (?:of )?the|all|everything|the remaining|remaining|rest of the|other) (?:(?:\\w+ "
                    + "){0,2}ingredients|together)|\\bcombine everything|\\b\\w+ ingredients\\b|everything "
                    + "(?:else )?(?:in|into|to|together|but|for)\\b|mix everything|blend everything",
            Pattern.CASE_INSENSITIVE);

    private final Map<String, List<String>> words = new LinkedHashMap<>();
    /** What else the things of a list are called: black salt is kala namak. */
    private final Map<String, List<List<String>>> others = new HashMap<>();
    /** What components are called: "the paste" is what was made, not the tamarind paste in a jar. */
    private final Set<String> products = new HashSet<>();

    private final List<String> toTaste = new ArrayList<>();
    private final Map<String, Integer> heads = new HashMap<>();
    private final Map<String, BigDecimal> left = new HashMap<>();

    void product(String title) {
        ItemFinder.words(title).stream().reduce((a, b) -> b).ifPresent(products::add);
    }

    void know(ReadRecipe.Line line) {
        List<String> name = ItemFinder.words(line.read().name());
        if (!name.isEmpty()) {
            words.put(line.id(), name);
            others.put(
                    line.id(),
                    line.read().item().stream()
                            .flatMap(item ->
                                    Stream.concat(Stream.of(item.shortName()), item.practice().names().stream()))
                            .map(ItemFinder::words)
                            .filter(other -> other.size() > 1 && !other.equals(name))
                            .toList());
            heads.merge(name.get(name.size() - 1), 1, Integer::sum);
            left.put(line.id(), BigDecimal.ONE);
            if (line.read().amount().isEmpty()
                    && name.stream().anyMatch(word -> word.equals("salt") || word.equals("pepper"))) {
                toTaste.add(line.id());
            }
        }
    }

    /** What goes in; {@code own} are the lines of the step's component, for "all the ingredients". */
    List<Use> in(String text, Set<String> own) {
        List<String> said = ItemFinder.words(text);
        List<Use> uses = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        words.keySet().stream()
                .sorted(Comparator.<String, Boolean>comparing(line -> !own.contains(line))
                        .thenComparing(line -> -Known.in(words, line).size()))
                .forEach(line -> place(line, said, taken, own).ifPresent(at -> use(line, said, at, uses)));
        if (text.matches("(?is).*\\bseason\\b.*")) {
            toTaste.stream()
                    .filter(line -> Known.in(left, line).signum() > 0)
                    .forEach(line -> take(line, BigDecimal.ONE, uses));
        }
        if (EVERYTHING.matcher(text).find()) {
            own.stream()
                    .filter(line -> left.getOrDefault(line, BigDecimal.ZERO).compareTo(BigDecimal.ONE) == 0)
                    .forEach(line -> take(line, BigDecimal.ONE, uses));
        }
        return uses;
    }

    /** Where the line is named: by its whole name, or by its last or first word if no other line has it. */
    private Optional<Integer> place(String line, List<String> said, Set<Integer> taken, Set<String> own) {
        List<String> name = Known.in(words, line);
        String head = name.get(name.size() - 1);
        boolean alone = !products.contains(head)
                && (Known.in(heads, head) == 1
                        || own.contains(line)
                                && own.stream()
                                                .filter(words::containsKey)
                                                .map(other -> Known.in(words, other))
                                                .filter(other -> other.get(other.size() - 1)
                                                        .equals(head))
                                                .count()
                                        == 1);
        for (int i = 0; i < said.size(); i++) {
            boolean whole = i + name.size() <= said.size()
                    && said.subList(i, i + name.size()).equals(name);
            boolean byHead = isHead(said.get(i), head)
                    && (alone || name.size() > 1 && i > 0 && said.get(i - 1).equals(name.get(name.size() - 2)));
            boolean byFirst = name.size() > 1
                    && said.get(i).equals(name.get(0))
                    && name.get(0).length() > 3
                    && unique(name.get(0));
            boolean list = i + 1 < said.size() && said.get(i + 1).equals("ingredient");
            if ((whole || byHead || byFirst) && !list && !taken.contains(i)) {
                for (int j = i; j < (whole ? i + name.size() : i + 1); j++) {
                    taken.add(j);
                }
                return Optional.of(i);
            }
        }
        return byOtherName(line, said, taken);
    }

    private Optional<Integer> byOtherName(String line, List<String> said, Set<Integer> taken) {
        for (List<String> name : Known.in(others, line)) {
            int at = Collections.indexOfSubList(said, name);
            if (at >= 0 && !taken.contains(at)) {
                for (int i = at; i < at + name.size(); i++) {
                    taken.add(i);
                }
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    /** Sweetcorn is called corn, too. */
    private static boolean isHead(String said, String head) {
        return said.equals(head) || said.length() > 3 && head.endsWith(said);
    }

    private static final Set<String> WEAK = Set.of(
            "fresh", "large", "small", "medium", "plain", "dried", "ground", "raw", "whole", "firm", "extra", "white",
            "black", "green", "brown", "warm", "cold", "boiling", "baby", "fine", "light", "dark", "ripe", "hot",
            "sweet", "vegan", "plant");

    private boolean unique(String word) {
        return !WEAK.contains(word)
                && words.values().stream()
                                .filter(name -> name.stream().anyMatch(other -> other.contains(word)))
                                .count()
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
