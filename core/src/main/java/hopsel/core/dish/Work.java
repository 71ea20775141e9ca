package hopsel.core.dish;

/** Who is needed while a step runs. */
public enum Work {
    /** One person from start to end. */
    HANDS("hands"),
    /** Nobody, but a look now and then. */
    WATCH("watch"),
    /** Nobody. */
    REST("rest");

    private final String word;

    Work(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
