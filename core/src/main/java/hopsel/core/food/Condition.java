package hopsel.core.food;

/** What food is like when it comes out of a step. */
public enum Condition {
    /** Above 60 °C. */
    HOT,
    /** At 5 °C or under. */
    COLD,
    FROZEN,
    /** Cooked, and left to cool: eaten so. */
    COOLED,
    CUT,
    BLENDED,
    /** Flour and something wet, kneaded or rolled. */
    DOUGH,
    /** Flour and something wet that pours. */
    BATTER,
    /** A dough or batter that heat has made firm. */
    BAKED,
    DRAINED,
    /** Firm because it stood. */
    SET,
    CRISP,
    /** Leaves with something wet and sharp on them. */
    DRESSED,
    MELTED,
    GLAZED,
    /** Cooked last in an oven. */
    FROM_THE_OVEN,
    /** In pieces after it was cooked or set. */
    SLICED
}
