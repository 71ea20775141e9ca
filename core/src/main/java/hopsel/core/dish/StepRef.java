package hopsel.core.dish;

/**
 * A step named from outside its dish, written {@code dish/step}.
 *
 * @param dish id of the dish
 * @param step id of the step in it
 */
public record StepRef(String dish, String step) implements Comparable<StepRef> {

    @Override
    public int compareTo(StepRef other) {
        return toString().compareTo(other.toString());
    }

    /** Reads {@code dish/step}; the ids themselves hold no stroke. */
    public static StepRef parse(String text) {
        int stroke = text.indexOf('/');
        if (stroke < 1 || stroke == text.length() - 1) {
            throw new IllegalArgumentException("A step is written dish/step, not [%s].".formatted(text));
        }
        return new StepRef(text.substring(0, stroke), text.substring(stroke + 1));
    }

    @Override
    public String toString() {
        return dish + "/" + step;
    }
}
