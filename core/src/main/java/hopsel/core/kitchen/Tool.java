package hopsel.core.kitchen;

import java.util.Optional;

/**
 * A tool or a vessel, and how many: "3 large bowls", "frying pan 26 cm", "whisk".
 *
 * @param count at least 1
 * @param size a word (small, medium, large) or a figure with its unit; empty where none was said
 * @param name in the singular, lower case
 */
public record Tool(int count, Optional<String> size, String name) {

    /** Checks the figures. */
    public Tool {
        if (count < 1) {
            throw new IllegalArgumentException("The count [%d] of %s must be at least 1.".formatted(count, name));
        }
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
