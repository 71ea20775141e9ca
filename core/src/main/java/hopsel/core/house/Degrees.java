package hopsel.core.house;

/** How a house tells how hot something is. */
public enum Degrees {
    CELSIUS,
    FAHRENHEIT,
    BOTH
}
