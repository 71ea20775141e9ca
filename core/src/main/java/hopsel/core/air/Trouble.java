package hopsel.core.air;

/** What goes wrong on air; logs gather it by this. */
public enum Trouble {
    BURNT,
    SPILT,
    STUCK,
    MACHINE,
    RAN_OUT,
    TEXTURE,
    OTHER
}
