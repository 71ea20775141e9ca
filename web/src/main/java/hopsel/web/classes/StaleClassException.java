package hopsel.web.classes;

/** Somebody else changed the class since it was looked at. */
public final class StaleClassException extends Exception {

    private static final long serialVersionUID = 1L;

    public StaleClassException(long id, int version) {
        super("Class %d is no longer at version %d.".formatted(id, version));
    }
}
