package hopsel.web.office;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.formats.calendar.CalendarFile;
import hopsel.formats.calendar.CalendarFile.Entry;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.OwnAddress;
import hopsel.web.frame.Secret;
import hopsel.web.house.HouseStore;
import hopsel.web.house.VenueStore;

import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The classes of the house as a calendar that apps follow; nothing of guests is in it. */
@Controller
class CalendarController {

    private static final String PAGE = "redirect:/house";
    private static final Duration WARNING = Duration.ofHours(2);
    private static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarMapper mapper;
    private final ClassStore classes;
    private final HouseStore houses;
    private final VenueStore venues;
    private final OwnAddress address;
    private final Clock clock;

    CalendarController(
            CalendarMapper mapper,
            ClassStore classes,
            HouseStore houses,
            VenueStore venues,
            OwnAddress address,
            Clock clock) {
        this.mapper = mapper;
        this.classes = classes;
        this.houses = houses;
        this.venues = venues;
        this.address = address;
        this.clock = clock;
    }

    @PostMapping("/house/calendar")
    String make(Principal who, RedirectAttributes next) {
        String secret = Secret.fresh();
        mapper.add(Secret.digest(secret), LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC), who.getName());
        next.addFlashAttribute("calendar", address.of("/calendar/%s.ics".formatted(secret)));
        return PAGE;
    }

    @PostMapping("/house/calendar/end")
    String end(RedirectAttributes next) {
        mapper.removeAll();
        next.addFlashAttribute("told", "calendar.ended");
        return PAGE;
    }

    @GetMapping("/calendar/{secret}.ics")
    ResponseEntity<byte[]> follow(@PathVariable("secret") String secret) {
        if (mapper.known(Secret.digest(secret)) == 0) {
            throw new NotFoundException();
        }
        Map<Long, String> places = venues.all().stream()
                .collect(Collectors.toMap(
                        VenueStore.Stored::id, stored -> stored.venue().name()));
        List<Entry> entries = classes.entries().stream()
                .flatMap(entry -> classes.readable(entry.id()).stream())
                .map(stored -> entry(stored, venues.of(stored.id()).map(at -> places.getOrDefault(at.id(), ""))))
                .toList();
        ZoneId zone = houses.now().zone().orElse(ZoneOffset.UTC);
        return ResponseEntity.ok()
                .contentType(ICS)
                .cacheControl(CacheControl.noStore())
                .body(CalendarFile.write(zone, entries, clock.instant()).getBytes(StandardCharsets.UTF_8));
    }

    private static Entry entry(StoredClass stored, Optional<String> place) {
        CookingClass cooking = stored.cooking();
        String dishes = cooking.dishes().stream().map(Dish::title).collect(Collectors.joining(", "));
        return new Entry(
                "class-%d@hopsel".formatted(stored.id()),
                cooking.onAir(),
                Duration.ofSeconds(Math.max(60, cooking.airMinutes().seconds())),
                cooking.title(),
                place.map(name -> name + ": " + dishes).orElse(dishes),
                WARNING);
    }
}
