package hopsel.core.kitchen;

/** What a person does in the class. */
public enum Role {
    HOST("host"),
    ASSISTANT("assistant");

    private final String word;

    Role(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
