package hopsel.core.classes;

/**
 * A place in a class, written as a JSON pointer (RFC 6901).
 *
 * @param pointer empty for the whole, else {@code /member/0/…}
 */
public record Place(String pointer) {

    /** The whole class. */
    public static final Place ROOT = new Place("");

    /** A member of this place. */
    public Place at(String member) {
        return new Place(pointer + "/" + member.replace("~", "~0").replace("/", "~1"));
    }

    /** An entry of this list, counted from 0. */
    public Place at(int index) {
        return new Place(pointer + "/" + index);
    }

    @Override
    public String toString() {
        return pointer;
    }
}
