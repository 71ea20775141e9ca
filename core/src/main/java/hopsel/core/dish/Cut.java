package hopsel.core.dish;

/** How something is cut or cleaned. Kitchen practice of a trained cook at an unhurried pace. */
public enum Cut {
    FINE(50, true),
    SHREDDED(70, true),
    DICED(90, true),
    PEELED(110, false),
    SLICED(130, true),
    PICKED(20, true),
    JUICED(90, false),
    RINSED(400, false),
    GROUND(60, false);

    private final int gramsPerMinute;
    private final boolean loose;

    Cut(int gramsPerMinute, boolean loose) {
        this.gramsPerMinute = gramsPerMinute;
        this.loose = loose;
    }

    /** Grams that one person gets through in a minute. */
    public int gramsPerMinute() {
        return gramsPerMinute;
    }

    /** Whether the pieces lie loosely in a bowl. */
    public boolean isLoose() {
        return loose;
    }
}
