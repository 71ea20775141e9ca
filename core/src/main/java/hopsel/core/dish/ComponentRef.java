package hopsel.core.dish;

/**
 * A component of a class by name.
 *
 * @param dish id of the dish
 * @param component id in the dish
 */
public record ComponentRef(String dish, String component) {

    /**
     * Reads {@code dish/component}.
     *
     * @throws IllegalArgumentException where it is not written so
     */
    public static ComponentRef parse(String text) {
        StepRef parts = StepRef.parse(text);
        return new ComponentRef(parts.dish(), parts.step());
    }

    @Override
    public String toString() {
        return dish + "/" + component;
    }
}
