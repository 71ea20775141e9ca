package hopsel.core.solve;

/** How a search ended. */
public enum Answer {
    /** A way was found; it can be read off the solver until the next search. */
    FOUND,
    /** It is proven that there is none. */
    NONE,
    /** The effort ran out. */
    UNKNOWN
}
