package hopsel.core.film;

/** How much of something is seen. */
public enum Extent {
    /** All of it. */
    WHOLE,
    /** The first few of many, or the beginning of what goes on like that. */
    PART,
    /** How it begins, a cut, and how it has become. */
    ENDS,
    /** How it has become. */
    RESULT,
    /** Somebody speaks to the camera. */
    TALK
}
