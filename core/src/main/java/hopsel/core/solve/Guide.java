package hopsel.core.solve;

/** Who knows what a way has to decide. */
public interface Guide {

    /** Nothing is left to decide. */
    int DONE = -1;

    /**
     * The literal to try next, which is still open, or {@link #DONE}. New rules may be told to the solver before
     * answering.
     */
    int next();
}
