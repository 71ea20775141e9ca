package hopsel.core.item;

/** What a house rule speaks of, beside allergens. Sprouts are meant raw: cooked ones are no matter. */
public enum HouseRule {
    OIL("oil"),
    ADDED_SALT("added-salt"),
    ALCOHOL("alcohol"),
    RAW_SPROUTS("raw-sprouts");

    private final String word;

    HouseRule(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
