package hopsel.web.demo;

import hopsel.core.house.House;
import hopsel.core.house.Venue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.house.HouseStore;
import hopsel.web.house.VenueStore;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Optional;

/** The made-up house of the demo. */
@Component
@Order(3)
@ConditionalOnProperty("hopsel.demo")
class DemoHouse implements ApplicationRunner {

    private static final String ROOM = "Tern Quay, ground floor";

    private final HouseStore houses;
    private final VenueStore venues;
    private final ClassStore classes;

    DemoHouse(HouseStore houses, VenueStore venues, ClassStore classes) {
        this.houses = houses;
        this.venues = venues;
        this.classes = classes;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!houses.isKnown()) {
            houses.put(
                    House.UNKNOWN
                            .withName("Tern Quay Cookery Room")
                            .withAddress("Tern Quay 3, the blue door by the slipway")
                            .withCurrency(Optional.of(Currency.getInstance("EUR")))
                            .withFee(Optional.of(BigDecimal.valueOf(58)))
                            .withVat(Optional.of(BigDecimal.valueOf(23)))
                            .withZone(Optional.of(ZoneId.of("Europe/Lisbon"))),
                    "host");
            classes.entries().stream()
                    .findFirst()
                    .flatMap(first -> classes.readable(first.id()))
                    .ifPresent(this::keepKitchen);
        }
    }

    /** The kitchen of the first class is kept, and whatever is held in the same one is held there. */
    private void keepKitchen(StoredClass first) {
        Venue venue = Venue.of(first.cooking(), ROOM, "Tern Quay 3");
        long id = venues.add(venue, "host");
        classes.entries().stream()
                .flatMap(entry -> classes.readable(entry.id()).stream())
                .filter(one -> venue.isAsIn(one.cooking()))
                .forEach(one -> venues.assign(one.id(), id));
    }
}
