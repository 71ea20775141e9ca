package hopsel.core.dish;

/** How something is cut or cleaned. Kitchen practice of a trained cook at an unhurried pace. */
public enum Cut {
    FINE(50, true, true),
    SHREDDED(70, true, true),
    DICED(90, true, true),
    PEELED(110, false, true),
    SLICED(130, true, true),
    PICKED(20, true, false),
    JUICED(90, false, true),
    RINSED(400, false, false),
    GROUND(60, false, false);

    private final int gramsPerMinute;
    private final boolean loose;
    private final boolean blade;

    Cut(int gramsPerMinute, boolean loose, boolean blade) {
        this.gramsPerMinute = gramsPerMinute;
        this.loose = loose;
        this.blade = blade;
    }

    /** Grams that one person gets through in a minute. */
    public int gramsPerMinute() {
        return gramsPerMinute;
    }

    /** Whether the pieces lie loosely in a bowl. */
    public boolean isLoose() {
        return loose;
    }

    /** Whether it takes a knife, a peeler or a grater. */
    public boolean takesBlade() {
        return blade;
    }
}
