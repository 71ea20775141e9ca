package hopsel.core.classes;

/**
 * Something wrong in a class, with its place and what to do about it.
 *
 * @param place JSON pointer (RFC 6901) into the class file, such as {@code /dishes/0/servings}
 * @param message what is wrong, with the value
 * @param remedy what to do
 */
public record Finding(String place, String message, String remedy) {

    /** Both sentences. */
    public String text() {
        return message + " " + remedy;
    }
}
