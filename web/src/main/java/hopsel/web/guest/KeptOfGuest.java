package hopsel.web.guest;

import tools.jackson.databind.JsonNode;

/** A place that keeps something of a guest which hangs on no row of theirs. */
public interface KeptOfGuest {

    /** Under which what was taken out is laid by; lasting. */
    String place();

    /**
     * Takes out all that is kept of a guest, in the transaction that is under way.
     *
     * @return what puts it back
     */
    JsonNode take(long id, String attendee);

    /** Puts back what was taken out; what has gone since stays gone. */
    void putBack(long id, String attendee, JsonNode taken);
}
