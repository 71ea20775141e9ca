package hopsel.core.recipe;

import hopsel.core.item.Item;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Tells whether a line names more than one food: "olive oil, salt and tahini", "cashews blended with 200 ml water".
 * Such a line is no ingredient of its own; whoever takes the first food for the whole loses the others, with what is in
 * them.
 *
 * <p>One food by two names ("half and half", "skin and seeds", "peeled and diced") is one; so is what it lies in ("in
 * brine"), and water of which no amount is said.
 */
final class SeveralFoods {

    private static final Pattern JOINT = Pattern.compile(
            "\\s*[,;+&]\\s*|\\s+(?:(?:mixed|blended|whisked|stirred|combined|tossed|blitzed|ground|soaked|topped|"
                    + "cooked|simmered|dissolved|marinated|coated|whizzed|beaten|mashed|"
                    + "slaked|loosened|thinned|diluted|let down|made up|bloomed|hydrated|rubbed|shaken)"
                    + "(?: together| up| well)?\\s+)?(?:and|plus|with|into|over|in)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LEAD = Pattern.compile(
            "^(?:(?:and|plus|with|an?|the|some|extra|more|a (?:little|bit|few|pinch|splash|handful)(?: "
                    + "of)?|each|both)\\s+)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern JOIN_WORDS =
            Pattern.compile("^(?:(?:and|plus|with|the|some|both)\\s+)+", Pattern.CASE_INSENSITIVE);
    private static final Pattern TAIL = Pattern.compile(
            "\\s+(?:to taste|as needed|for .*|to (?:serve|garnish|finish)|each|combined|together|separately)$",
            Pattern.CASE_INSENSITIVE);
    /** What a food lies in, in its tin or jar. */
    private static final Set<String> LIES_IN =
            Set.of("oil", "olive oil", "sunflower oil", "brine", "water", "syrup", "juice", "salt", "vinegar");

    private static final Set<String> WATER = Set.of("water", "ice");

    private final ItemFinder finder;

    SeveralFoods(ItemFinder finder) {
        this.finder = finder;
    }

    /**
     * The foods of a line, as they are written; empty where there are fewer than two.
     *
     * @param rest the line without its first amount
     */
    List<String> in(String rest) {
        if (finder.exactly(ItemFinder.words(rest)).isPresent() || isOneAndCut(rest)) {
            return List.of();
        }
        List<String> parts = new ArrayList<>();
        Set<String> items = new LinkedHashSet<>();
        String front = "";
        for (String part : JOINT.split(rest)) {
            String said = part.strip();
            boolean food = food(part, rest).filter(item -> items.add(item.id())).isPresent();
            if (food || isMeasured(said)) {
                parts.add((front + said).strip());
                front = "";
            } else if (parts.isEmpty()) {
                front += said + " ";
            } else if (!said.isEmpty()) {
                parts.add(parts.remove(parts.size() - 1) + ", " + said);
            }
        }
        return items.size() > 1 ? parts : List.of();
    }

    /** {@code chipotle in adobo, minced}: one food by its whole name, and behind the comma nothing to eat. */
    private boolean isOneAndCut(String rest) {
        String[] said = rest.split(",", 2);
        return said.length == 2
                && finder.exactly(ItemFinder.words(said[0])).isPresent()
                && JOINT.splitAsStream(said[1])
                        .noneMatch(part -> food(part, rest).isPresent() || isMeasured(part.strip()));
    }

    /** Something that nobody knows, but of which so much is wanted. */
    private static boolean isMeasured(String part) {
        return Numbers.read(LEAD.matcher(part).replaceFirst(""))
                .flatMap(number -> UnitWords.first(number.rest()))
                .filter(found -> found.word().measured() && !found.rest().isBlank())
                .isPresent();
    }

    /** A food of a line without "and", "with" and the like in front of it. */
    static String withoutLead(String part) {
        return JOIN_WORDS.matcher(part.strip()).replaceFirst("");
    }

    private Optional<Item> food(String part, String rest) {
        String plain = LineTidy.tidy(TAIL.matcher(LEAD.matcher(part.strip()).replaceFirst(""))
                .replaceFirst("")
                .strip());
        Optional<Numbers.Reading> number = Numbers.read(plain);
        String name = number.map(amount -> UnitWords.first(amount.rest())
                        .map(UnitWords.Found::rest)
                        .orElse(amount.rest()))
                .orElse(plain)
                .replaceFirst("(?i)^\\s*of\\s+", "")
                .strip();
        boolean liesIn = LIES_IN.contains(name.toLowerCase(Locale.ROOT))
                && rest.toLowerCase(Locale.ROOT).contains(" in " + part.strip().toLowerCase(Locale.ROOT));
        return liesIn && number.isEmpty()
                ? Optional.empty()
                : finder.match(name)
                        .filter(ItemFinder.Match::exact)
                        .map(ItemFinder.Match::item)
                        .filter(item -> number.isPresent() || !WATER.contains(item.id()));
    }
}
