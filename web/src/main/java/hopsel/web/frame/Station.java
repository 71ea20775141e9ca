package hopsel.web.frame;

import java.util.Locale;

/** The pages of a class, in the order of work. */
public enum Station {
    DISHES(""),
    SET_UP("/set-up"),
    PLAN("/plan"),
    REHEARSAL("/rehearsal"),
    MISE("/mise"),
    SHOPPING("/shopping"),
    KITS("/kits"),
    HANDOUTS("/handouts"),
    AIR("/air");

    private final String path;

    Station(String path) {
        this.path = path;
    }

    /** Where the page is, below the class. */
    public String path() {
        return path;
    }

    /** The name of its texts. */
    public String key() {
        return "station." + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
