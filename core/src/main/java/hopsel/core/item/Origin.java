package hopsel.core.item;

/** Where an ingredient comes from, as far as that is known. */
public enum Origin {
    PLANT("plant"),
    /** Some makers' are vegan and some are not. */
    CHECK_LABEL("check-label"),
    ANIMAL("animal");

    private final String word;

    Origin(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
