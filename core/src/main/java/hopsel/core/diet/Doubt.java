package hopsel.core.diet;

/**
 * Why nothing is said of what a dish is made without.
 *
 * @param why the kind of doubt
 * @param words the ingredient or the passage that it is about, in the recipe's own words
 */
public record Doubt(Why why, String words) {

    /** The kinds of doubt. */
    public enum Why {
        /** An ingredient of which nothing is known but its name. */
        UNKNOWN,
        /** An ingredient that was taken for another by a guess that nobody has confirmed. */
        GUESSED,
        /** A passage of the recipe that nobody has placed. */
        UNREAD,
        /** An ingredient of which makers differ, and whose label nobody has read for this class. */
        LABEL,
        /** A word of an allergen in the recipe's text, which no ingredient on the list accounts for. */
        SPOKEN
    }
}
