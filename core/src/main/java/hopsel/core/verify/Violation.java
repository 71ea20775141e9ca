package hopsel.core.verify;

/**
 * A rule that a plan breaks.
 *
 * @param rule 1 to 15; 0 for the form of the plan and its totals
 * @param text what, with the values
 */
public record Violation(int rule, String text) {

    @Override
    public String toString() {
        return "rule %d: %s".formatted(rule, text);
    }
}
