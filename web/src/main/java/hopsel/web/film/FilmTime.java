package hopsel.web.film;

import org.springframework.stereotype.Component;

/** Moments of a film, as cutters write them. */
@Component("filmTime")
public class FilmTime {

    private static final int MINUTE = 60;
    private static final int HOUR = 60;

    /** Hours, minutes and seconds: 0:12:05. */
    static String of(int seconds) {
        int minutes = seconds / MINUTE;
        return "%d:%02d:%02d".formatted(minutes / HOUR, minutes % HOUR, seconds % MINUTE);
    }

    /** Minutes and seconds: 12:05. */
    public String clock(int seconds) {
        return "%d:%02d".formatted(seconds / MINUTE, seconds % MINUTE);
    }
}
