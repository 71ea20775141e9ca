package hopsel.core.solve;

/** A decision or its opposite, as one number: twice the decision's number, and one more for "not". */
public final class Literal {

    /** What is always true. */
    public static final int TRUE = 0;
    /** What is never true. */
    public static final int FALSE = 1;

    private Literal() {}

    static int of(int decision) {
        return decision << 1;
    }

    static int decision(int literal) {
        return literal >> 1;
    }

    /** The opposite. */
    public static int not(int literal) {
        return literal ^ 1;
    }
}
