package hopsel.core.plan;

/** Whether a class can be held in its slot. */
public enum Verdict {
    FITS("fits"),
    OVERRUNS("overruns"),
    /** No order keeps the rules; that is proven. */
    IMPOSSIBLE("impossible"),
    /**
     * None was found with the effort allowed, and there may be one. Plan files, which have no word for it, say
     * impossible.
     */
    NOT_FOUND("impossible");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    /** The word in plan files. */
    public String word() {
        return word;
    }
}
