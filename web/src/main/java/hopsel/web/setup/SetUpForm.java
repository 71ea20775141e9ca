package hopsel.web.setup;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Resize;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Menu;
import hopsel.core.classes.Provision;
import hopsel.core.classes.Shared;
import hopsel.core.classes.Slot;
import hopsel.core.classes.Style;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.Slug;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What was typed on the set-up page, as a class. Rows are numbered; an empty row is none. */
final class SetUpForm {

    private static final int MOST_ROWS = 60;
    private static final int EARLIEST = 2000;
    private static final int LATEST = 2999;
    private static final long DAYS_BEFORE = 364;
    private static final BigDecimal MOST_SERVINGS = BigDecimal.valueOf(10_000);
    private static final BigDecimal MOST_SHARE = BigDecimal.valueOf(2);
    private static final BigDecimal MOST_SPARE = BigDecimal.valueOf(1000);
    private static final BigDecimal LEAST_SERVINGS = new BigDecimal("0.01");

    private final CookingClass before;
    private final Entered entered;
    private final String dropped;

    SetUpForm(CookingClass before, Entered entered) {
        this.before = before;
        this.entered = entered;
        this.dropped = entered.fields().getOrDefault("drop", "");
    }

    CookingClass cooking() throws BadEntryException {
        LocalDateTime startsAt = moment("starts-at")
                .orElseThrow(() -> new BadEntryException("starts-at", "is empty. Give a day and a time."));
        ZoneId zone = zone();
        if (startsAt.getYear() < EARLIEST || startsAt.getYear() > LATEST) {
            throw new BadEntryException(
                    "starts-at",
                    "is in the year %d. Give a year from %d to %d.".formatted(startsAt.getYear(), EARLIEST, LATEST));
        }
        if (zone.getRules().getValidOffsets(startsAt).isEmpty()) {
            throw new BadEntryException(
                    "starts-at",
                    "is %s, an hour that clocks in %s skip that night. Choose another time."
                            .formatted(startsAt.toString().replace('T', ' '), zone));
        }
        Minutes air = entered.minutes("air")
                .filter(minutes -> minutes.value().signum() > 0)
                .orElseThrow(
                        () -> new BadEntryException("air", "is empty or zero. Say how many minutes the class lasts."));
        return new CookingClass(
                entered.must("title"),
                entered.choice("style", Style.values(), Style::word),
                new Slot(startsAt, zone, air),
                new Kitchen(windows(startsAt, zone), people(), places(), room()),
                new Menu(
                        entered.choice("measures", Measures.values(), Measures::word),
                        before.items(),
                        dishes(),
                        before.substitutions(),
                        shared()),
                before.attendees(),
                provision(),
                new TempoForm(before.tempo(), entered).tempo());
    }

    private Room room() throws BadEntryException {
        Optional<BigDecimal> pace = entered.number("pace");
        if (pace.isPresent()
                && (pace.get().compareTo(BigDecimal.ONE) < 0
                        || pace.get().compareTo(BigDecimal.valueOf(Learners.SLOWEST)) > 0)) {
            throw new BadEntryException(
                    "pace",
                    "is %s. Attendees take 1 to %d times as long as the host; 1.5 is usual for beginners."
                            .formatted(pace.get().toPlainString(), Learners.SLOWEST));
        }
        List<String> own = Arrays.stream(entered.text("own").orElse("").split("[,;]"))
                .map(SetUpForm::kind)
                .filter(kind -> !kind.isEmpty())
                .distinct()
                .toList();
        Optional<Integer> length = entered.whole("counter-length", CounterTop.LEAST, CounterTop.MOST);
        Optional<Integer> depth = entered.whole("counter-depth", CounterTop.LEAST, CounterTop.MOST);
        if (length.isPresent() != depth.isPresent()) {
            throw new BadEntryException(
                    length.isPresent() ? "counter-depth" : "counter-length",
                    "is empty. Give the length and the depth of the bench, in cm, or neither.");
        }
        List<String> cameras = Arrays.stream(entered.text("cameras").orElse("").split("[,;]"))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        return new Room(
                new Learners(
                        entered.whole("stations", 1, Learners.MOST_STATIONS).orElse(1),
                        pace.orElse(BigDecimal.ONE),
                        own),
                length.map(cm -> new CounterTop(cm, depth.orElseThrow())),
                entered.tools("tools"),
                cameras);
    }

    private static String kind(String text) {
        return text.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}0-9]+", "-");
    }

    private Optional<LocalDateTime> moment(String field) throws BadEntryException {
        Optional<String> text = entered.text(field);
        try {
            return text.map(LocalDateTime::parse);
        } catch (DateTimeException e) {
            throw new BadEntryException(
                    field,
                    "is “%s”, which isn't a date and time. Write it like 2027-02-13T18:30.".formatted(text.orElse("")));
        }
    }

    private ZoneId zone() throws BadEntryException {
        String zone = entered.must("zone");
        if (!ZoneId.getAvailableZoneIds().contains(zone)) {
            throw new BadEntryException(
                    "zone", "is “%s”, which isn't a time zone we know. Write it like Europe/Lisbon.".formatted(zone));
        }
        return ZoneId.of(zone);
    }

    private List<PrepWindow> windows(LocalDateTime startsAt, ZoneId zone) throws BadEntryException {
        List<PrepWindow> windows = new ArrayList<>();
        for (int i = 0; i < MOST_ROWS; i++) {
            Optional<LocalDateTime> from = moment("window-from-" + i);
            Optional<LocalDateTime> to = moment("window-to-" + i);
            if (dropped.equals("window-" + i) || (from.isEmpty() && to.isEmpty())) {
                continue;
            }
            Optional<PrepWindow> along = moved(i, from, to, startsAt, zone);
            if (along.isPresent()) {
                windows.add(along.get());
                continue;
            }
            if (from.isEmpty() || to.isEmpty() || !from.get().isBefore(to.get())) {
                throw new BadEntryException("window-to-" + i, "has to be after its beginning. Give both.");
            }
            if (to.get().isAfter(startsAt)) {
                throw new BadEntryException(
                        "window-to-" + i, "is after the class begins. It has to be before; move it.");
            }
            if (from.get().isBefore(startsAt.minusDays(DAYS_BEFORE))) {
                throw new BadEntryException(
                        "window-from-" + i,
                        "is more than %d days before the class. Look at the year.".formatted(DAYS_BEFORE));
            }
            windows.add(new PrepWindow(relative(from.get(), startsAt, zone), relative(to.get(), startsAt, zone)));
        }
        return windows;
    }

    /**
     * A window that nobody touched while the class was moved to another time moves along: people come as long before it
     * as they did.
     */
    private Optional<PrepWindow> moved(
            int i, Optional<LocalDateTime> from, Optional<LocalDateTime> to, LocalDateTime startsAt, ZoneId zone) {
        boolean same = startsAt.equals(before.startsAt()) && zone.equals(before.zone());
        if (same || i >= before.prepWindows().size() || from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        PrepWindow own = before.prepWindows().get(i);
        boolean untouched = from.get().equals(before.clock(own.from().seconds()).toLocalDateTime())
                && to.get().equals(before.clock(own.to().seconds()).toLocalDateTime());
        return untouched ? Optional.of(own) : Optional.empty();
    }

    private static Minutes relative(LocalDateTime moment, LocalDateTime startsAt, ZoneId zone) {
        return Minutes.of(
                Duration.between(startsAt.atZone(zone), moment.atZone(zone)).toMinutes());
    }

    private List<Person> people() throws BadEntryException {
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < MOST_ROWS; i++) {
            Optional<String> name = entered.text("person-name-" + i);
            if (name.isPresent() && !dropped.equals("person-" + i)) {
                String id = entered.text("person-id-" + i)
                        .orElseGet(() -> Slug.free(name.get(), taken -> people.stream()
                                .anyMatch(own -> own.id().equals(taken))));
                people.add(new Person(id, name.get(), entered.choice("person-role-" + i, Role.values(), Role::word)));
            }
        }
        return people;
    }

    private List<Resource> places() throws BadEntryException {
        List<Resource> places = new ArrayList<>();
        for (int i = 0; i < MOST_ROWS; i++) {
            Optional<String> text = entered.text("place-kind-" + i);
            if (text.isEmpty() || dropped.equals("place-" + i)) {
                continue;
            }
            String kind = kind(text.get());
            Optional<Resource> old = entered.text("place-id-" + i).flatMap(id -> before.resources().stream()
                    .filter(own -> own.id().equals(id))
                    .findFirst());
            String id =
                    old.filter(own -> own.kind().equals(kind)).map(Resource::id).orElseGet(() -> freeId(kind, places));
            BigDecimal units = entered.positive("place-units-" + i).orElse(BigDecimal.ONE);
            if (units.stripTrailingZeros().scale() > 0 || units.compareTo(BigDecimal.valueOf(100)) > 0) {
                throw new BadEntryException(
                        "place-units-" + i,
                        "is %s. Count shelves or rings: a whole number up to 100.".formatted(units.toPlainString()));
            }
            places.add(new Resource(
                    id,
                    kind,
                    units.intValue(),
                    entered.minutes("place-rinse-" + i).orElse(Minutes.ZERO),
                    old.map(Resource::heatPerMinute).orElse(Resource.USUAL_HEAT),
                    old.map(Resource::coolPerMinute).orElse(Resource.USUAL_COOL),
                    entered.text("place-name-" + i)));
        }
        return places;
    }

    /** The first number of its kind that no place has, here or before: the second oven is oven-2. */
    private String freeId(String kind, List<Resource> places) {
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> kind + "-" + number)
                .filter(id -> Stream.concat(places.stream(), before.resources().stream())
                        .noneMatch(own -> own.id().equals(id)))
                .findFirst()
                .orElseThrow();
    }

    private List<Dish> dishes() throws BadEntryException {
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < before.dishes().size(); i++) {
            Dish dish = before.dishes().get(i);
            if (!dropped.equals("dish-" + dish.id())) {
                BigDecimal servings = servings("servings-" + i).orElse(dish.servings());
                dishes.add(
                        servings.compareTo(dish.servings()) == 0
                                ? dish
                                : Resize.byServings(
                                                new Draft(dish, before.items(), before.measures(), Notes.NONE),
                                                servings)
                                        .sheet()
                                        .dish());
            }
        }
        String up = entered.fields().getOrDefault("up", "");
        for (int i = 1; i < dishes.size(); i++) {
            if (dishes.get(i).id().equals(up)) {
                Collections.swap(dishes, i - 1, i);
                break;
            }
        }
        return dishes;
    }

    private Provision provision() throws BadEntryException {
        Provision old = before.provision();
        return new Provision(
                servings("demo-servings").orElse(old.demoServings()),
                notNegative("tasting", MOST_SERVINGS).orElse(old.tastingPortions()),
                notNegative("tasting-share", MOST_SHARE).orElse(old.tastingShare()),
                notNegative("spare", MOST_SPARE).orElse(old.sparePercent()),
                old.pantry(),
                old.mixed(),
                old.asSoldPercent(),
                old.posting());
    }

    private Optional<BigDecimal> notNegative(String field, BigDecimal most) throws BadEntryException {
        Optional<BigDecimal> number = entered.number(field);
        if (number.isPresent() && (number.get().signum() < 0 || number.get().compareTo(most) > 0)) {
            throw new BadEntryException(
                    field,
                    "is %s. Give a number from 0 to %s.".formatted(number.get().toPlainString(), most.toPlainString()));
        }
        return number;
    }

    private Optional<BigDecimal> servings(String field) throws BadEntryException {
        Optional<BigDecimal> number = entered.positive(field);
        if (number.isPresent()
                && (number.get().compareTo(LEAST_SERVINGS) < 0 || number.get().compareTo(MOST_SERVINGS) > 0)) {
            throw new BadEntryException(
                    field,
                    "is %s. Give a number from %s to %s."
                            .formatted(number.get().toPlainString(), LEAST_SERVINGS, MOST_SERVINGS));
        }
        return number;
    }

    /** Components that could be made once are ticked or not; a tick for what no longer matches is dropped. */
    private List<Shared> shared() throws BadEntryException {
        List<Shared> kept = new ArrayList<>();
        CookingClass next = before.with(dishes()).withShared(List.of());
        for (Dish dish : next.dishes()) {
            for (Component component : dish.components()) {
                if (entered.isChecked("shared-" + dish.id() + "/" + component.id())) {
                    Shared.find(next.withShared(kept), dish, component).ifPresent(kept::add);
                }
            }
        }
        return kept;
    }

    /** The words of a role, for the template. */
    static List<String> roles() {
        return Arrays.stream(Role.values()).map(Role::word).toList();
    }
}
