package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.measure.Unit;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words that recipes use for units, for packs and for kinds of piece. */
final class UnitWords {

    /** What things are sold in. */
    static final Set<String> CONTAINERS = Set.of(
            "can",
            "cans",
            "tin",
            "tins",
            "jar",
            "jars",
            "block",
            "blocks",
            "pack",
            "packs",
            "packet",
            "packets",
            "package",
            "packages",
            "bag",
            "bags",
            "punnet",
            "punnets",
            "sachet",
            "sachets",
            "pkg",
            "pkt",
            "pkts",
            "bar",
            "bars",
            "carton",
            "bottle");

    private static final Map<String, Word> WORDS = new LinkedHashMap<>();
    private static final Pattern FIRST;

    static {
        unit(Unit.KG, "kilograms", "kilogram", "kilos", "kilo", "kgs", "kg");
        unit(Unit.G, "grams", "gram", "grammes", "gms", "gm", "gr", "g");
        unit(Unit.FLOZ, "fluid ounces", "fluid ounce", "fl. oz", "fl oz", "floz");
        unit(Unit.OZ, "ounces", "ounce", "oz");
        unit(Unit.LB, "pounds", "pound", "lbs", "lb");
        unit(Unit.ML, "millilitres", "millilitre", "milliliters", "milliliter", "mls", "ml", "mils", "mil");
        unit(Unit.L, "litres", "litre", "liters", "liter", "l");
        unit(Unit.TBSP, "tablespoons", "tablespoonfuls", "tablespoon", "tbsps", "tbsp", "tbs", "tblsp", "tbls", "tb");
        unit(Unit.TSP, "teaspoons", "teaspoonfuls", "teaspoon", "tsps", "tsp");
        unit(Unit.CUP, "cups", "cup", "cupfuls", "c");
        unit(Unit.PINCH, "pinches", "pinch", "dashes", "dash");
        unit(Unit.CAN, "cans", "can", "tins", "tin");
        times(Unit.ML, "10", "dessertspoons", "dessertspoon", "dsp");
        times(Unit.ML, "10", "cl");
        times(Unit.ML, "100", "dl");
        times(Unit.CUP, "2", "pints", "pint", "pts", "pt");
        times(Unit.CUP, "4", "quarts", "quart", "qts", "qt");
        times(Unit.CUP, "16", "gallons", "gallon", "gal");
        times(Unit.PIECE, "12", "doz", "dozen");
        for (String kind : new String[] {
            "bunch", "handful", "sprig", "stalk", "stick", "rib", "slice", "head", "bulb", "leaf", "ear", "cob",
            "block", "pack", "packet", "package", "sachet", "jar", "bag", "punnet", "sheet", "cube", "knob", "thumb",
            "pod", "loaf", "bar", "square", "spear", "wrapper", "cluster", "inch", "cm"
        }) {
            piece(kind);
        }
        word("leaves", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("leaf")));
        word("loaves", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("loaf")));
        word("bunches", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("bunch")));
        word("inches", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("inch")));
        word("thumb-sized piece", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("thumb")));
        word("pkt", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("packet")));
        word("pkts", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("packet")));
        word("pkg", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of("package")));
        word("cloves", new Word(Unit.PIECE, BigDecimal.ONE, Optional.empty()));
        word("clv", new Word(Unit.PIECE, BigDecimal.ONE, Optional.empty()));
        word("clove", new Word(Unit.PIECE, BigDecimal.ONE, Optional.empty()));
        String all = String.join(
                "|",
                WORDS.keySet().stream()
                        .sorted((a, b) -> b.length() - a.length())
                        .map(Pattern::quote)
                        .toList());
        FIRST = Pattern.compile("^[\\s-]*(" + all + ")\\b\\.?(?:[\\s-]+pieces?(?=\\s))?", Pattern.CASE_INSENSITIVE);
    }

    private UnitWords() {}

    private static void unit(Unit unit, String... names) {
        times(unit, "1", names);
    }

    private static void times(Unit unit, String factor, String... names) {
        for (String name : names) {
            word(name, new Word(unit, new BigDecimal(factor), Optional.empty()));
        }
    }

    private static void piece(String kind) {
        word(kind, new Word(Unit.PIECE, BigDecimal.ONE, Optional.of(kind)));
        word(kind + "s", new Word(Unit.PIECE, BigDecimal.ONE, Optional.of(kind)));
    }

    private static void word(String name, Word word) {
        WORDS.put(name, word);
    }

    /**
     * The unit that the text starts with. {@code T} is a tablespoon and {@code t} a teaspoon, the only case that
     * matters.
     */
    static Optional<Found> first(String text) {
        Matcher spoon = Pattern.compile("^\\s*([Tt])\\b\\.?(?!')").matcher(text);
        if (spoon.find()) {
            Unit unit = spoon.group(1).equals("T") ? Unit.TBSP : Unit.TSP;
            return Optional.of(new Found(
                    new Word(unit, BigDecimal.ONE, Optional.empty()), spoon.group(1), text.substring(spoon.end())));
        }
        Matcher matcher = FIRST.matcher(text);
        if (!matcher.find()) {
            return Optional.empty();
        }
        String name = matcher.group(1).toLowerCase(Locale.ROOT);
        return Optional.of(new Found(Known.in(WORDS, name), name, text.substring(matcher.end())));
    }

    /**
     * What a word stands for.
     *
     * @param unit of the contract
     * @param factor such units in it
     * @param size kind of piece
     */
    record Word(Unit unit, BigDecimal factor, Optional<String> size) {

        /** Whether it says by itself what it weighs, or what it fills. */
        boolean measured() {
            return unit != Unit.PIECE && unit != Unit.CAN && unit != Unit.PINCH;
        }

        /** Whether it is the unit itself and not so many of it, nor a kind of piece. */
        boolean isUnitItself() {
            return unit != Unit.PIECE && factor.compareTo(BigDecimal.ONE) == 0;
        }
    }

    /**
     * A word found.
     *
     * @param word what it stands for
     * @param name as written
     * @param rest the text behind it
     */
    record Found(Word word, String name, String rest) {}
}
