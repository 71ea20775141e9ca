package hopsel.core.bench;

import java.util.Objects;

/** Something that cannot be done to a dish, told in the cook's words with what to do instead. */
public final class RefusedEditException extends Exception {

    private static final long serialVersionUID = 1L;

    /** With what cannot be done, why, and what to do instead. */
    public RefusedEditException(String message) {
        super(message);
    }

    /** Every one of them says something. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
