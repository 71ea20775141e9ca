package hopsel.core.plan;

/** Which part of a step that runs by itself takes somebody's hands. */
public enum HandsPart {
    START("start"),
    END("end"),
    SHOW("show");

    private final String word;

    HandsPart(String word) {
        this.word = word;
    }

    /** The word in plan files. */
    public String word() {
        return word;
    }
}
