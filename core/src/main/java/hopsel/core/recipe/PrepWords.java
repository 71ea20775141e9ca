package hopsel.core.recipe;

import hopsel.core.Known;
import hopsel.core.dish.Technique;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads what stands behind an ingredient: "to taste", "steamed", "for dusting". */
public final class PrepWords {

    private static final Pattern TO_TASTE = Pattern.compile(
            "to taste|as per (?:your )?taste|as needed|splash|drizzle|squeeze|handful|a few|a little",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_LATER = Pattern.compile(
            "to serve|for serving|garnish|to finish|for frying|greas|dust|brush", Pattern.CASE_INSENSITIVE);
    private static final Pattern TEMPERED =
            Pattern.compile("\\b(?:luke)?warm|\\bhot\\b|boil|tepid|\\biced?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_THE_TIN =
            Pattern.compile("\\b(?:greas|brush|tin|tray|pan)", Pattern.CASE_INSENSITIVE);
    private static final Pattern TO_DEEP_FRY = Pattern.compile("\\bdeep[- ]?fr(?:y|ied)", Pattern.CASE_INSENSITIVE);
    /** {@code for 2 cups cooked}. */
    private static final Pattern MEASURED_FOR = Pattern.compile("^for (?=.* cooked$)| cooked$");

    /** {@code in slices, 1 cm}: how large it is cut, and not how much of it. */
    private static final Set<String> LENGTHS = Set.of("cm", "inch");

    private static final Map<String, Technique> DONE = new LinkedHashMap<>();
    private static final Pattern DONE_BEFORE;
    /** Verbs that are not the participle without its ending. */
    private static final Map<Technique, String> VERBS = Map.of(
            Technique.BAKE, "Roast",
            Technique.MARINATE, "Marinate",
            Technique.SWEAT, "Caramelise");

    static {
        DONE.put("steamed", Technique.STEAM);
        DONE.put("boiled", Technique.BOIL);
        DONE.put("roasted", Technique.BAKE);
        DONE.put("baked", Technique.BAKE);
        DONE.put("toasted", Technique.TOAST);
        DONE.put("soaked", Technique.SOAK);
        DONE.put("pressed", Technique.PRESS);
        DONE.put("mashed", Technique.MASH);
        DONE.put("thawed", Technique.THAW);
        DONE.put("cooked", Technique.BOIL);
        DONE.put("marinated", Technique.MARINATE);
        DONE.put("caramelised", Technique.SWEAT);
        DONE.put("caramelized", Technique.SWEAT);
        DONE_BEFORE = Pattern.compile("\\b(" + String.join("|", DONE.keySet()) + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    private PrepWords() {}

    /** Whether something swims in it while it fries. */
    public static boolean isToDeepFry(String words) {
        return TO_DEEP_FRY.matcher(words).find();
    }

    /** What is done to it, without the amount that the writer gave for their own number of servings. */
    public static Optional<String> unmeasured(String prep) {
        String rest = Arrays.stream(prep.split(",\\s*"))
                .filter(part -> !isAmount(part))
                .collect(Collectors.joining(", "));
        return Optional.of(rest).filter(words -> !words.isBlank());
    }

    private static boolean isAmount(String part) {
        String plain = Numbers.plain(part);
        String bare = MEASURED_FOR.matcher(plain).replaceAll("").strip();
        return Numbers.read(bare)
                .map(number -> number.rest().strip())
                .filter(rest -> rest.isEmpty()
                        || UnitWords.first(rest)
                                .filter(found -> found.rest().isBlank())
                                .filter(found -> found.word()
                                        .size()
                                        .filter(LENGTHS::contains)
                                        .isEmpty())
                                .isPresent())
                .isPresent();
    }

    /** Whether a line is found by taste, or is measured by eye. */
    public static boolean isToTaste(Optional<String> prep) {
        return prep.filter(words -> TO_TASTE.matcher(words).find()).isPresent();
    }

    /** Whether a line without an amount is complete: to taste, for the plate, for the pan. */
    public static boolean needsNoAmount(Optional<String> prep) {
        return isToTaste(prep)
                || prep.filter(words -> FOR_LATER.matcher(words).find()).isPresent();
    }

    /** Whether it is wanted warm, hot or iced, and is so only for minutes. */
    public static boolean isTempered(Optional<String> prep) {
        return prep.filter(words -> TEMPERED.matcher(words).find()).isPresent();
    }

    /** Whether it only greases something. */
    public static boolean isForTheTin(Optional<String> prep) {
        return prep.filter(words -> FOR_THE_TIN.matcher(words).find()).isPresent();
    }

    /** The same without "peeled". */
    public static String unpeeled(String prep) {
        return prep.replaceAll("(?i)\\bpeeled(?: and|,)?\\s*", "").strip();
    }

    /** The same without some words, and without the commas that were around them. */
    public static String without(String prep, String words) {
        return prep.replace(words, "").replaceAll("^[, ]+|[, ]+$", "");
    }

    /**
     * Something that was done to an ingredient before it is put on the list.
     *
     * @param word as it was said, such as "steamed"
     * @param technique what it is
     */
    public record Done(String word, Technique technique) {

        /** What one does, such as "Bake". */
        public String verb() {
            return VERBS.getOrDefault(technique, capital(stem()));
        }

        private static String capital(String text) {
            return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
        }

        /** The word without its ending, to build another word from. */
        public String stem() {
            return word.toLowerCase(Locale.ROOT).replaceAll("(?:ed|d)$", "");
        }
    }

    /** What was done to it before, if anything was said. */
    public static Optional<Done> doneBefore(String words) {
        Matcher matcher = DONE_BEFORE.matcher(words);
        return matcher.find()
                ? Optional.of(new Done(
                        matcher.group(1), Known.in(DONE, matcher.group(1).toLowerCase(Locale.ROOT))))
                : Optional.empty();
    }
}
