package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.house.House;
import hopsel.core.house.Venue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.house.HouseStore;
import hopsel.web.house.VenueStore;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Begins a class: in a kitchen that was planned for before, or in a usual one where the browser is. */
@Component
public class NewClass {

    /** Where nobody says where they are. */
    private static final ZoneId SOMEWHERE = ZoneId.of("Europe/Lisbon");
    /** Kitchens that are offered. */
    private static final int MOST = 8;

    private final ClassStore store;
    private final IntoClass intoClass;
    private final HouseStore houses;
    private final VenueStore venues;
    private final Clock clock;

    NewClass(ClassStore store, IntoClass intoClass, HouseStore houses, VenueStore venues, Clock clock) {
        this.houses = houses;
        this.venues = venues;
        this.store = store;
        this.intoClass = intoClass;
        this.clock = clock;
    }

    /** A class whose kitchen can be taken again. */
    public record Known(long id, String title) {}

    /**
     * Every kitchen that was planned for, by the last class that was held in it; the last first.
     *
     * @param classes all that can be read, in any order
     */
    public List<Known> kitchens(List<StoredClass> classes) {
        List<StoredClass> kept = new ArrayList<>();
        classes.stream()
                .sorted(Comparator.comparingLong(StoredClass::id).reversed())
                .filter(stored -> kept.size() < MOST
                        && kept.stream().noneMatch(other -> sameKitchen(other.cooking(), stored.cooking())))
                .forEach(kept::add);
        return kept.stream()
                .map(stored -> new Known(stored.id(), stored.cooking().title()))
                .toList();
    }

    private Optional<Long> last() {
        return store.entries().stream()
                .map(ClassStore.Entry::id)
                .sorted(Comparator.reverseOrder())
                .filter(id -> store.readable(id).isPresent())
                .findFirst();
    }

    private static boolean sameKitchen(CookingClass one, CookingClass other) {
        return one.resources().equals(other.resources()) && one.people().equals(other.people());
    }

    /**
     * A new class.
     *
     * @param like the class whose kitchen it is in; empty: a usual one
     * @param zone where the browser is; what is none is not taken
     * @throws NotFoundException where there is no such class
     */
    public long begin(Optional<Long> like, String zone) {
        return store.add(blank(like, zone));
    }

    /**
     * A new class in a kitchen of the house.
     *
     * @throws NotFoundException where there is no such kitchen
     */
    @Transactional
    public long beginAt(long venue) {
        Venue kept = venues.find(venue).orElseThrow(NotFoundException::new).venue();
        Optional<Long> before = venues.classes(venue).stream().reduce((one, two) -> two);
        long id = store.add(kept.held(blank(
                before.filter(last -> store.readable(last).isPresent()),
                kept.zone().getId())));
        venues.assign(id, venue);
        return id;
    }

    private CookingClass blank(Optional<Long> like, String zone) {
        Optional<CookingClass> before = like.map(
                id -> store.readable(id).orElseThrow(NotFoundException::new).cooking());
        House house = houses.now();
        ZoneId place = before.map(CookingClass::zone).or(house::zone).orElseGet(() -> zone(zone));
        LocalDate today = LocalDate.ofInstant(clock.instant(), place);
        return before.map(known -> FreshClass.like(known, today))
                .orElseGet(() -> FreshClass.on(today, place, house.measures()));
    }

    private static ZoneId zone(String said) {
        try {
            return ZoneId.of(said);
        } catch (DateTimeException e) {
            return SOMEWHERE;
        }
    }

    /** A class of one dish, in a kitchen that has what the dish needs; or why there is none. */
    IntoClass.Outcome of(Draft sheet, String zone, String who) {
        IntoClass.Outcome may = intoClass.may(sheet);
        if (!may.done()) {
            return may;
        }
        CookingClass equipped = FreshClass.equippedFor(blank(last(), zone), sheet.dish())
                .withTitle(sheet.dish().title());
        long id = store.add(equipped);
        IntoClass.Outcome outcome = intoClass.put(sheet, id, who);
        if (!outcome.done()) {
            forget(id);
        }
        return outcome;
    }

    /** Nobody asked for a class with nothing in it. */
    private void forget(long id) {
        try {
            store.remove(id, store.version(id).orElseThrow());
        } catch (StaleClassException e) {
            throw new IllegalStateException("Class %d was changed before anybody saw it.".formatted(id), e);
        }
    }
}
