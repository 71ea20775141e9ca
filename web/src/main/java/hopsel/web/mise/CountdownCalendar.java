package hopsel.web.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.mise.Countdown;
import hopsel.core.planned.Prepared;
import hopsel.formats.calendar.CalendarFile;
import hopsel.formats.calendar.CalendarFile.Entry;

import org.springframework.stereotype.Component;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** The countdown as a calendar; the class itself is in it, too. */
@Component
class CountdownCalendar {

    private static final Duration MOMENT = Duration.ofMinutes(5);
    private static final Duration WARNING = Duration.ofMinutes(10);
    /** What takes a trip or an order is announced the evening before. */
    private static final Duration LONG_WARNING = Duration.ofHours(12);

    private static final int DAY = 24 * 3600;

    private final CountdownWords words;
    private final Clock clock;

    CountdownCalendar(CountdownWords words, Clock clock) {
        this.words = words;
        this.clock = clock;
    }

    String write(long id, CookingClass cooking, Prepared prepared) {
        List<Entry> entries = new ArrayList<>();
        for (Countdown.Task task : prepared.countdown()) {
            entries.add(new Entry(
                    uid(id, task.key()),
                    cooking.clock(task.moment()),
                    MOMENT,
                    words.what(task),
                    words.why(cooking, task),
                    task.moment() < -DAY ? LONG_WARNING : WARNING));
        }
        entries.add(onAir(id, cooking));
        return CalendarFile.write(cooking.zone(), entries, clock.instant());
    }

    /** Of a class without a plan: when it is. */
    String empty(CookingClass cooking) {
        return CalendarFile.write(cooking.zone(), List.of(onAir(0, cooking)), clock.instant());
    }

    private static Entry onAir(long id, CookingClass cooking) {
        return new Entry(
                uid(id, "on-air"),
                cooking.onAir(),
                Duration.ofSeconds(Math.max(60, cooking.airMinutes().seconds())),
                cooking.title(),
                "",
                WARNING);
    }

    /** The same for the same thing whenever it is written, so that a calendar brought in again moves what has moved. */
    private static String uid(long id, String key) {
        return UUID.nameUUIDFromBytes("%d %s".formatted(id, key).getBytes(StandardCharsets.UTF_8)) + "@hopsel";
    }
}
