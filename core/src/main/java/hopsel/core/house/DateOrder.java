package hopsel.core.house;

/** How a house writes a day. */
public enum DateOrder {
    /** 12 March 2027. */
    DAY_FIRST,
    /** March 12, 2027. */
    MONTH_FIRST,
    /** 2027-03-12. */
    YEAR_FIRST
}
