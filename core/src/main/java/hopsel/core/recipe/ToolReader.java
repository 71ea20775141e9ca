package hopsel.core.recipe;

import hopsel.core.dish.Step;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.kitchen.Tool;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads tools and vessels: as a cook writes them on a list, and those that the words of a step speak of. */
public final class ToolReader {

    private static final String SIZE =
            "(?:(?:small|medium|large|big|wide|deep|shallow|heavy|\\d+(?:[.,]\\d+)?[\\s-]*(?:cm|l|litre|inch)) +)?";
    /** Tools that texts name. The longer name comes first, so that a saucepan is no pan. */
    private static final Pattern NAMED = Pattern.compile(
            "\\b(" + SIZE
                    + "(?:frying pan|saucepan|baking tray|baking sheet|baking dish|roasting tin|loaf tin|tart "
                    + "tin|cake tin|tart ring|wok|pot|pan|griddle|"
                    + "mixing "
                    + "bowl|bowl|jug|jar|moulds?|glasses|ramekins?|colander|sieve|strainer|grater|"
                    + "microplane|peeler|rolling pin|whisk|spatula|slotted spoon|wooden "
                    + "spoon|ladle|tongs|"
                    + "potato masher|masher|potato ricer|mortar|pestle|mandoline|kitchen "
                    + "scissors|scissors|thermometer|brush|muslin|tea towel|clean cloth|hand "
                    + "blender|scales|ring cutter|cutter|"
                    + "platter|plates?|bowls))s?\\b",
            Pattern.CASE_INSENSITIVE);

    private static final List<Rule> RULES = List.of(
            rule(
                    "slice|chop|dice|cut|mince|shred|halve|quarter|trim|core|julienne|(?<!(?:stock|ice|sugar|"
                            + "bouillon) )cube|strips?",
                    "knife",
                    "chopping board"),
            rule("peel", "peeler"),
            rule("grate|zest", "grater"),
            rule("whisk|beat|whip", "whisk"),
            rule("drain|rinse", "colander"),
            rule("strain|sift|sieve", "sieve"),
            rule("roll (?:it |the \\w+ |them )?out|roll and|roll it|roll each|roll thin", "rolling pin"),
            rule("mash", "potato masher"),
            rule("ladle", "ladle"),
            rule("brush", "brush"),
            rule("fry|sear|brown|sweat|toast|bloom|sauté", "frying pan"),
            rule("boil|simmer|blanch|poach", "pot"),
            rule("bake|roast", "baking tray", "oven glove"),
            rule("grind|pound", "mortar"),
            rule("spread|smooth (?:it|them|the \\w+|over)", "spatula"),
            rule("skim|lift (?:them |it )?out", "slotted spoon"),
            rule("turn (?:them|it|each)|flip", "tongs"),
            rule("knead|mix|stir|fold|toss|combine|rub", "mixing bowl"),
            rule("serve|plate up|plate it|arrange on", "plate"));
    private static final Set<String> COOKED_IN = Set.of(
            "frying pan", "pot", "saucepan", "pan", "wok", "baking tray", "baking sheet", "baking dish", "griddle");

    private static final Pattern COUNT =
            Pattern.compile("^(\\d{1,3})\\s*(?:×|x)?\\s+(?!(?:cm|mm|ml|cl|l|litre|liter|inch|in)\\b)");
    private static final Pattern FIGURE =
            Pattern.compile("\\(?\\b(\\d+(?:[.,]\\d+)?)[\\s-]*(cm|mm|ml|cl|litres?|liters?|l|inch(?:es)?)\\b\\)?");
    private static final Pattern WORD = Pattern.compile("\\b(small|medium|large|big|wide|deep|shallow)\\b");
    private static final Map<String, String> SAME = Map.of("big", "large");
    private static final Set<String> NEVER_PLURAL =
            Set.of("tongs", "scissors", "scales", "press", "glass", "blender glass", "paper towels");

    private ToolReader() {}

    private static Rule rule(String verbs, String... tools) {
        return new Rule(
                Pattern.compile("\\b(?:" + verbs + ")(?:s|es|ing)?\\b", Pattern.CASE_INSENSITIVE), List.of(tools));
    }

    /** Each tool once; what is a place of the kitchen, such as a blender, is no tool here. */
    public static List<Tool> of(Step step) {
        if (!step.tools().isEmpty()) {
            return step.tools();
        }
        Set<Tool> found = new LinkedHashSet<>();
        String words = (step.title() + ". " + step.instruction()).toLowerCase(Locale.ROOT);
        Matcher named = NAMED.matcher(words);
        while (named.find()) {
            found.add(parse(named.group()).times(1));
        }
        boolean machine = step.needs().stream().anyMatch(need -> need.does(Does.MIXES));
        found.removeIf(tool -> machine && tool.name().matches("jar|jug|bowl"));
        boolean vessel = found.stream().anyMatch(tool -> COOKED_IN.contains(tool.name()));
        for (Rule rule : RULES) {
            if (rule.verbs.matcher(words).find()) {
                rule.tools.stream()
                        .filter(tool -> !(vessel && COOKED_IN.contains(tool))
                                && !(machine && tool.matches("mortar|whisk|mixing bowl|potato masher")))
                        .filter(tool -> found.stream()
                                .noneMatch(other -> other.name().equals(tool)
                                        || tool.endsWith(" " + other.name())
                                        || other.name().endsWith(" " + tool)))
                        .forEach(tool -> found.add(new Tool(1, Optional.empty(), tool)));
            }
        }
        return new ArrayList<>(found);
    }

    /**
     * Reads a tool as a cook writes it.
     *
     * @throws IllegalArgumentException where no name is left
     */
    public static Tool parse(String text) {
        String rest =
                text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").replaceFirst("^(?:an?|the|one) ", "");
        int count = 1;
        Matcher number = COUNT.matcher(rest);
        if (number.find()) {
            count = Math.max(1, Integer.parseInt(number.group(1)));
            rest = rest.substring(number.end());
        }
        Optional<String> size = Optional.empty();
        Matcher figure = FIGURE.matcher(rest);
        if (figure.find()) {
            size = Optional.of(figure.group(1).replace(',', '.') + " " + unit(figure.group(2)));
            rest = rest.substring(0, figure.start()) + rest.substring(figure.end());
        }
        Matcher word = WORD.matcher(rest);
        if (word.find()) {
            if (size.isEmpty()) {
                size = Optional.of(SAME.getOrDefault(word.group(1), word.group(1)));
            }
            rest = rest.substring(0, word.start()) + rest.substring(word.end());
        }
        String name =
                singular(rest.replaceAll("[(),;]", " ").replaceAll("\\s+", " ").strip());
        if (name.isEmpty()) {
            throw new IllegalArgumentException("“%s” names no tool.".formatted(text.strip()));
        }
        return new Tool(count, size, name);
    }

    private static String unit(String unit) {
        if (unit.startsWith("l")) {
            return "l";
        }
        if (unit.startsWith("inch")) {
            return "inch";
        }
        return unit;
    }

    private static String singular(String name) {
        if (NEVER_PLURAL.contains(name) || name.endsWith("ss")) {
            return name;
        }
        if (name.endsWith("shes") || name.endsWith("ches") || name.endsWith("sses") || name.endsWith("xes")) {
            return name.substring(0, name.length() - 2);
        }
        if (name.endsWith("knives")) {
            return name.substring(0, name.length() - 3) + "fe";
        }
        return name.endsWith("s") ? name.substring(0, name.length() - 1) : name;
    }

    private record Rule(Pattern verbs, List<String> tools) {}
}
