package hopsel.core.house;

/** How a house reads the clock. */
public enum Hours {
    /** 18:30. */
    TWENTY_FOUR,
    /** 6:30 pm. */
    TWELVE
}
