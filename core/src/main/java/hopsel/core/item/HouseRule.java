package hopsel.core.item;

/** What a house rule speaks of, beside allergens. */
public enum HouseRule {
    OIL("oil"), ADDED_SALT("added-salt");

    private final String word;

    HouseRule(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
