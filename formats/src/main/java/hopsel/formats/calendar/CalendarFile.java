package hopsel.formats.calendar;

import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;

/** Writes things to do, each with its moment and an alarm, as a calendar with its time zone in it. */
public final class CalendarFile {

    static {
        // Zones come with the library; nothing is fetched.
        System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
    }

    private CalendarFile() {}

    /**
     * Something to do.
     *
     * @param uid stays the same when the calendar is written again
     * @param start on the wall clock of the calendar's zone
     * @param length above 0
     * @param title short
     * @param text why; may be empty
     * @param warning how long before it the alarm goes off
     */
    public record Entry(
            String uid, ZonedDateTime start, Duration length, String title, String text, Duration warning) {}

    /**
     * The calendar.
     *
     * @param stamp when it is written
     */
    public static String write(ZoneId zone, List<Entry> entries, Instant stamp) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Hopsel//Countdown//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZoneRegistry registry = TimeZoneRegistryFactory.getInstance().createRegistry();
        TimeZone known = registry.getTimeZone(zone.getId());
        if (known != null) {
            calendar.add(known.getVTimeZone());
        }
        entries.forEach(entry -> calendar.add(event(entry, zone, stamp)));
        return calendar.toString();
    }

    private static VEvent event(Entry entry, ZoneId zone, Instant stamp) {
        VEvent event = new VEvent(entry.start.withZoneSameInstant(zone), entry.length, entry.title);
        event.replace(new DtStamp(stamp));
        event.add(new Uid(entry.uid));
        if (!entry.text.isEmpty()) {
            event.add(new Description(entry.text));
        }
        VAlarm alarm = new VAlarm(entry.warning.negated());
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(entry.title));
        event.add(alarm);
        return event;
    }
}
