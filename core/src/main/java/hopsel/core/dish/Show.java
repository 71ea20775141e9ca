package hopsel.core.dish;

/** Whether a step is done before the audience. */
public enum Show {
    MUST("must"),
    MAY("may"),
    NEVER("never");

    private final String word;

    Show(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
