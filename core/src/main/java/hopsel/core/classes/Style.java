package hopsel.core.classes;

/** How the class is held. */
public enum Style {
    DEMO("demo"),
    HANDS_ON("hands-on"),
    STREAM("stream"),
    RECORDING("recording");

    private final String word;

    Style(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** Whether attendees cook while the host does. */
    public boolean cookAlong() {
        return this == HANDS_ON || this == STREAM;
    }
}
