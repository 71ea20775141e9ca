package hopsel.core.item;

/** Where an ingredient is kept before the class. */
public enum Storage {
    AMBIENT("ambient"),
    CHILLED("chilled"),
    FROZEN("frozen");

    private final String word;

    Storage(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
