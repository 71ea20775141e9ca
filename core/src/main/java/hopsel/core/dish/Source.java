package hopsel.core.dish;

/** Where an attendee's ingredient comes from. */
public enum Source {
    /** Goes into the kit. */
    KIT("kit"),
    /** The attendee has it: salt, water, oil. */
    HOME("home"),
    /** Only the host uses it. */
    HOST("host");

    private final String word;

    Source(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
