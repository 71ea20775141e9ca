package hopsel.core.item;

import java.util.Arrays;
import java.util.Optional;

/** The fourteen allergens of Regulation (EU) No 1169/2011, annex II; the nine of United States law are among them. */
public enum Allergen {
    GLUTEN("gluten"),
    CRUSTACEANS("crustaceans"),
    EGG("egg"),
    FISH("fish"),
    PEANUT("peanut"),
    SOY("soy"),
    MILK("milk"),
    TREE_NUT("tree-nut"),
    CELERY("celery"),
    MUSTARD("mustard"),
    SESAME("sesame"),
    SULPHITE("sulphite"),
    LUPIN("lupin"),
    MOLLUSC("mollusc");

    private final String word;

    Allergen(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** The allergen of that word, if there is one. */
    public static Optional<Allergen> of(String word) {
        return Arrays.stream(values())
                .filter(allergen -> allergen.word.equals(word))
                .findFirst();
    }
}
