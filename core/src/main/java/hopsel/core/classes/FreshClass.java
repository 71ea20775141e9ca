package hopsel.core.classes;

import hopsel.core.dish.Dish;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a class begins with: an evening hour in an ordinary kitchen, with two hours before it; everything is there to be
 * changed.
 */
public final class FreshClass {

    /** What somebody tastes, as a share of a serving. Kitchen practice. */
    private static final BigDecimal A_TASTE = new BigDecimal("0.25");
    /** By how many percent packs as they are sold may make kits dearer. Kitchen practice. */
    public static final BigDecimal DEARER = BigDecimal.valueOf(5);

    private static final String NEW = "New class";
    /** Minutes in which a jar or a bowl is rinsed. */
    private static final long RINSE = 3;

    private static final LocalTime EVENING = LocalTime.of(18, 30);

    private FreshClass() {}

    /** The next Saturday evening after a day, by metric cups. */
    public static CookingClass on(LocalDate today, ZoneId zone) {
        return on(today, zone, Measures.METRIC);
    }

    /** The next Saturday evening after a day. */
    public static CookingClass on(LocalDate today, ZoneId zone, Measures measures) {
        LocalDateTime saturday =
                today.with(TemporalAdjusters.next(DayOfWeek.SATURDAY)).atTime(EVENING);
        Kitchen kitchen = new Kitchen(
                List.of(new PrepWindow(Minutes.of(-130), Minutes.of(-10))),
                List.of(new Person("host", "Host", Role.HOST)),
                List.of(
                        place(PlaceKind.OVEN.word(), 2, 0),
                        place(PlaceKind.BURNER.word(), 4, 0),
                        place(PlaceKind.BLENDER.word(), 1, RINSE),
                        place(PlaceKind.FRIDGE.word(), 6, 0)),
                Room.UNKNOWN);
        Menu menu = new Menu(measures, List.of(), List.of(), List.of(), List.of());
        Provision provision = new Provision(
                BigDecimal.valueOf(4),
                BigDecimal.ZERO,
                A_TASTE,
                BigDecimal.ZERO,
                List.of(),
                true,
                Optional.of(DEARER),
                Optional.empty());
        return new CookingClass(
                NEW,
                Style.DEMO,
                new Slot(saturday, zone, Minutes.of(60)),
                kitchen,
                menu,
                List.of(),
                provision,
                UsualTempo.of(Style.DEMO));
    }

    /**
     * Like a class before it: the same kitchen, people, hour, length and cups, on the next day of the same name;
     * nothing of its menu and nobody of its guests. It is planned by the second edition of the rules, like every new
     * one.
     */
    public static CookingClass like(CookingClass before, LocalDate today) {
        LocalDateTime start = before.startsAt();
        Provision provision = before.provision();
        return new CookingClass(
                NEW,
                before.style(),
                new Slot(
                        today.with(TemporalAdjusters.next(start.getDayOfWeek())).atTime(start.toLocalTime()),
                        before.zone(),
                        before.airMinutes()),
                new Kitchen(before.prepWindows(), before.people(), before.resources(), before.room()),
                new Menu(before.measures(), List.of(), List.of(), List.of(), List.of()),
                List.of(),
                new Provision(
                        provision.demoServings(),
                        provision.tastingPortions(),
                        provision.tastingShare(),
                        provision.sparePercent(),
                        List.of(),
                        provision.mixed(),
                        provision.asSoldPercent(),
                        provision.posting()),
                Edition.of(before) == Edition.SECOND ? before.tempo() : UsualTempo.of(before.style()));
    }

    /** The class with what a dish needs and its kitchen does not have: one of each, to be changed or crossed out. */
    public static CookingClass equippedFor(CookingClass cooking, Dish dish) {
        List<Resource> places = new ArrayList<>(cooking.resources());
        dish.steps()
                .flatMap(step -> step.needs().stream())
                .filter(need -> places.stream().noneMatch(place -> place.kind().equals(need.kind())))
                .forEach(need -> places.add(place(need.kind(), need.units(), need.does(Does.MIXES) ? RINSE : 0)));
        return cooking.withKitchen(new Kitchen(cooking.prepWindows(), cooking.people(), places, cooking.room()));
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
