package hopsel.core.plan;

/** Whether a class can be held in its slot. */
public enum Verdict {
    FITS("fits"), OVERRUNS("overruns"), IMPOSSIBLE("impossible");

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    /** The word in plan files. */
    public String word() {
        return word;
    }
}
