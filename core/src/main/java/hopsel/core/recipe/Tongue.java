package hopsel.core.recipe;

import hopsel.core.FactTable;
import hopsel.core.kitchen.PlaceKind;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A language that recipes are written in. It is read by an English gloss, word for word: what the facts are taken from;
 * what is shown are the recipe's own words.
 */
enum Tongue {
    GERMAN(1, "und", "mit", "der", "die", "das", "den", "für", "zutaten", "minuten", "lassen", "geben", "zubereitung"),
    FRENCH(2, "et", "les", "des", "avec", "dans", "une", "pour", "ingrédients", "préparation", "faites", "puis", "sel"),
    SPANISH(
            3,
            "y",
            "con",
            "los",
            "las",
            "una",
            "para",
            "ingredientes",
            "minutos",
            "añadir",
            "preparación",
            "hasta",
            "sal"),
    ITALIAN(
            4,
            "e",
            "con",
            "il",
            "gli",
            "per",
            "ingredienti",
            "minuti",
            "aggiungere",
            "preparazione",
            "fino",
            "sale",
            "di");

    /** {@code 40 bis 45}, {@code 8 à 10}: a range in every tongue. */
    private static final Pattern TO = Pattern.compile(
            "(\\d(?: ?(?:min(?:uten|utes?|utos?|uti|\\.)?|h|heures?|stunden?|horas?|or[ae]))?) (?:bis|à|"
                    + "a)(?: zu)? (?=\\d)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FOR_SO_LONG =
            Pattern.compile("\\bserves (?=\\D|\\d+(?: ?(?:-|to) ?\\d+)? (?:minutes|hours|min\\b|h\\b))");

    private static final Set<String> ENGLISH =
            Set.of("and", "the", "with", "until", "of", "for", "add", "minutes", "ingredients", "method", "into", "in");
    private static final int LEAST = 3;
    private static final int TONGUES = 4;
    /** Letters of a word that tells a language. */
    private static final int TELLING = 5;

    private static final int SPANISH_COLUMN = 3;
    private static final int ITALIAN_COLUMN = 4;

    private final int column;
    private final Set<String> common;
    private final Map<String, String> words = new HashMap<>();
    private final Pattern any;
    /** Words of the kitchen that are no English ones. */
    private final Set<String> own = new HashSet<>();

    Tongue(int column, String... common) {
        this.column = column;
        this.common = Set.of(common);
        for (List<String> cells : FactTable.rows(Tongue.class, "tongues.txt", TONGUES + 1)) {
            learn(cells.get(0), cells.get(column));
        }
        for (PlaceKind kind : PlaceKind.values()) {
            learn(kind.word().replace('-', ' '), kind.tongues().get(column - 1));
        }
        Set<String> english = FactTable.rows(Tongue.class, "tongues.txt", TONGUES + 1).stream()
                .flatMap(
                        cells -> Stream.of(cells.get(0).toLowerCase(Locale.ROOT).split(" ")))
                .collect(Collectors.toSet());
        words.keySet().stream()
                .filter(word -> word.length() >= TELLING && word.chars().allMatch(Character::isLetter))
                .filter(word -> !english.contains(word))
                .forEach(own::add);
        this.any = Pattern.compile(
                "(?<!\\p{L})(?:" + Alternatives.byFirstLetter(words.keySet()) + ")(?:(?<=')|(?!\\p{L}))",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    private void learn(String english, String own) {
        FactTable.list(own).forEach(form -> {
            String word = form.toLowerCase(Locale.ROOT);
            words.putIfAbsent(word, english);
            withPronoun(word).forEach(joined -> words.putIfAbsent(joined, english));
        });
    }

    /** {@code rellenarlas}, {@code saltarle}: what it is done to hangs on the verb. */
    private Stream<String> withPronoun(String word) {
        if (word.matches("\\p{L}{2,}[aei]r") && column == SPANISH_COLUMN) {
            return Stream.of("lo", "la", "los", "las").map(it -> word + it);
        }
        if (word.matches("\\p{L}{2,}[aei]re") && column == ITALIAN_COLUMN) {
            return Stream.of("lo", "la", "li", "le").map(it -> word.substring(0, word.length() - 1) + it);
        }
        if (word.matches("\\p{L}{2,}[aei]te") && column == ITALIAN_COLUMN) {
            return Stream.of("lo", "la", "li", "le").map(it -> word + it);
        }
        return Stream.empty();
    }

    /** The language of a text; empty: English, or nobody can tell. */
    static Optional<Tongue> of(String text) {
        List<String> said = Arrays.asList(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        long english = said.stream().filter(ENGLISH::contains).count();
        return Arrays.stream(values())
                .filter(tongue -> tongue.count(said) >= LEAST && tongue.count(said) > english)
                .max(Comparator.comparingLong(tongue -> tongue.count(said)));
    }

    private long count(List<String> said) {
        return said.stream()
                .filter(word -> common.contains(word) || own.contains(word))
                .count();
    }

    /** What stands behind "until" in a text of this language. */
    Optional<String> until(String text) {
        String forms = words.entrySet().stream()
                .filter(word -> word.getValue().equals("until"))
                .map(Map.Entry::getKey)
                .sorted(Comparator.comparingInt(word -> -word.length()))
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        Matcher matcher = Pattern.compile("(?i)(?<!\\p{L})(?:" + forms + ")\\s+(?!\\d|zu\\b)([^.;,]{3,80})")
                .matcher(text);
        return matcher.find() ? Optional.of(matcher.group(1).strip()) : Optional.empty();
    }

    /** The text with every word that is known in English. */
    String gloss(String text) {
        Matcher matcher = any.matcher(TO.matcher(Numbers.plain(text)).replaceAll("$1 to "));
        StringBuilder out = new StringBuilder();
        while (matcher.find()) {
            String english = words.getOrDefault(matcher.group().toLowerCase(Locale.ROOT), matcher.group());
            boolean elided = matcher.group().endsWith("'");
            matcher.appendReplacement(out, Matcher.quoteReplacement(english + (elided ? " " : "")));
        }
        // "Para", "pour", "per" and "für" are said of guests and of minutes.
        return FOR_SO_LONG.matcher(matcher.appendTail(out)).replaceAll("for ");
    }
}
