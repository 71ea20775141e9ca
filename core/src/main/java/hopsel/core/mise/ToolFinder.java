package hopsel.core.mise;

import hopsel.core.dish.Step;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.kitchen.Tool;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The tools and vessels that a step is done with: as they were named, or else as its words say. */
public final class ToolFinder {

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
                    "slice|chop|dice|cut|mince|shred|halve|quarter|trim|core|julienne|cube|strips?",
                    "knife",
                    "chopping board"),
            rule("peel", "peeler"),
            rule("grate|zest", "grater"),
            rule("whisk|beat", "whisk"),
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

    private ToolFinder() {}

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
            found.add(Tool.parse(named.group()).times(1));
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

    private record Rule(Pattern verbs, List<String> tools) {}
}
