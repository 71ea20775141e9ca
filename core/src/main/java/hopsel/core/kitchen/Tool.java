package hopsel.core.kitchen;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A tool or a vessel, and how many: "3 large bowls", "frying pan 26 cm", "whisk".
 *
 * @param count at least 1
 * @param size a word (small, medium, large) or a figure with its unit; empty where none was said
 * @param name in the singular, lower case
 */
public record Tool(int count, Optional<String> size, String name) {

    private static final Pattern COUNT =
            Pattern.compile("^(\\d{1,3})\\s*(?:×|x)?\\s+(?!(?:cm|mm|ml|cl|l|litre|liter|inch|in)\\b)");
    private static final Pattern FIGURE =
            Pattern.compile("\\(?\\b(\\d+(?:[.,]\\d+)?)[\\s-]*(cm|mm|ml|cl|litres?|liters?|l|inch(?:es)?)\\b\\)?");
    private static final Pattern WORD = Pattern.compile("\\b(small|medium|large|big|wide|deep|shallow)\\b");
    private static final Map<String, String> SAME = Map.of("big", "large");
    private static final Set<String> NEVER_PLURAL =
            Set.of("tongs", "scissors", "scales", "press", "glass", "blender glass", "paper towels");

    /** Checks the figures. */
    public Tool {
        if (count < 1) {
            throw new IllegalArgumentException("The count [%d] of %s must be at least 1.".formatted(count, name));
        }
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

    /** The same tool, so many of it. */
    public Tool times(int other) {
        return new Tool(other, size, name);
    }

    /** Size and name, without the count. */
    public String kind() {
        return size.map(own -> Character.isDigit(own.charAt(0)) ? "%s (%s)".formatted(name, own) : own + " " + name)
                .orElse(name);
    }

    /** As it is read again. */
    @Override
    public String toString() {
        return count == 1 ? kind() : count + " " + kind();
    }
}
