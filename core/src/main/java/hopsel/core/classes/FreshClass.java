package hopsel.core.classes;

import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;

/**
 * What a class begins with: an evening hour in an ordinary kitchen, with two hours before it; everything is there to be
 * changed.
 */
public final class FreshClass {

    private static final LocalTime EVENING = LocalTime.of(18, 30);

    private FreshClass() {}

    /** The next Saturday evening after a day. */
    public static CookingClass on(LocalDate today, ZoneId zone) {
        LocalDateTime saturday =
                today.with(TemporalAdjusters.next(DayOfWeek.SATURDAY)).atTime(EVENING);
        Kitchen kitchen = new Kitchen(
                List.of(new PrepWindow(Minutes.of(-130), Minutes.of(-10))),
                List.of(new Person("host", "Host", Role.HOST)),
                List.of(place("oven", 2, 0), place("burner", 4, 0), place("blender", 1, 3), place("fridge", 6, 0)),
                Room.UNKNOWN);
        Menu menu = new Menu(Measures.METRIC, List.of(), List.of(), List.of(), List.of());
        Provision provision =
                new Provision(BigDecimal.valueOf(4), BigDecimal.ZERO, BigDecimal.ONE, BigDecimal.ZERO, List.of());
        return new CookingClass(
                "New class",
                Style.DEMO,
                new Slot(saturday, zone, Minutes.of(60)),
                kitchen,
                menu,
                List.of(),
                provision,
                UsualTempo.of(Style.DEMO));
    }

    private static Resource place(String kind, int units, long rinse) {
        return new Resource(
                kind + "-1",
                kind,
                units,
                Minutes.of(rinse),
                Resource.USUAL_HEAT,
                Resource.USUAL_COOL,
                Optional.empty());
    }
}
