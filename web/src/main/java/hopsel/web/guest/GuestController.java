package hopsel.web.guest;

import hopsel.core.advice.Beforehand;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.dish.Source;
import hopsel.core.handout.HandoutWriter;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.Kit;
import hopsel.core.mise.ToolFinder;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.calendar.CalendarFile;
import hopsel.formats.calendar.CalendarFile.Entry;
import hopsel.web.frame.Figures;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.GuestStore.Guest;
import hopsel.web.handout.HandoutPdf;
import hopsel.web.plan.PlanDesk;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/** What one attendee needs to know, and nothing of anybody else. */
@Controller
class GuestController {

    private static final Duration WARNING = Duration.ofMinutes(15);

    private final GuestStore store;
    private final PlanDesk desk;
    private final HandoutPdf pdf;
    private final Figures figures;
    private final Catalogue builtIn;
    private final Clock clock;

    GuestController(GuestStore store, PlanDesk desk, HandoutPdf pdf, Figures figures, Catalogue builtIn, Clock clock) {
        this.store = store;
        this.desk = desk;
        this.pdf = pdf;
        this.figures = figures;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    /** A class as one attendee sees it. */
    private record Seen(PlannedClass planned, Attendee attendee) {

        ZoneId zone() {
            return attendee.zone().orElse(planned.cooking().zone());
        }

        boolean over(Clock clock) {
            return planned.cooking().clock(Math.max(planned.plan().airEnd(), planned.cooking().airMinutes().seconds())).toInstant().isBefore(clock.instant());
        }
    }

    private Seen open(String token, HttpServletResponse response) {
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Robots-Tag", "noindex");
        Guest guest = store.opened(token).orElseThrow(NotFoundException::new);
        PlannedClass planned = desk.find(guest.classId()).orElseThrow(NotFoundException::new).planned();
        return planned.cooking().attendees().stream().filter(attendee -> attendee.id().equals(guest.attendee())).findFirst().map(attendee -> new Seen(planned, attendee)).orElseThrow(NotFoundException::new);
    }

    @GetMapping("/guest/{token}")
    String page(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        Seen seen = open(token, response);
        CookingClass cooking = seen.planned.cooking();
        model.addAttribute("token", token);
        model.addAttribute("cooking", cooking);
        model.addAttribute("catalogue", seen.planned.catalogue());
        model.addAttribute("attendee", seen.attendee);
        model.addAttribute("zone", seen.zone());
        seen.planned.kits().stream().filter(kit -> kit.attendee().id().equals(seen.attendee.id())).findFirst().ifPresent(kit -> model.addAttribute("kit", kit));
        model.addAttribute("home", cooking.dishes().stream().flatMap(dish -> dish.lines()).filter(line -> line.from() == Source.HOME).map(line -> seen.planned.catalogue().get(line.item()).name()).distinct().toList());
        model.addAttribute("tasks", Beforehand.of(cooking, seen.planned.plan()));
        model.addAttribute("tools", !cooking.style().cookAlong() ? List.of() : seen.planned.plan().activities().stream().filter(activity -> activity.copy().isMain())
                .flatMap(activity -> ToolFinder.of(cooking.step(activity.step())).stream()).map(tool -> tool.kind()).distinct().sorted().toList());
        model.addAttribute("over", seen.over(clock));
        return "guest/guest";
    }

    @GetMapping("/guest/{token}/calendar.ics")
    ResponseEntity<byte[]> calendar(@PathVariable("token") String token, HttpServletResponse response) {
        Seen seen = open(token, response);
        CookingClass cooking = seen.planned.cooking();
        List<Entry> entries = new ArrayList<>();
        for (Beforehand.Task task : Beforehand.of(cooking, seen.planned.plan())) {
            String title = task.place().map(place -> "%s: %s °C".formatted(place, figures.number(task.celsius().orElseThrow()))).orElseGet(() -> cooking.step(task.step()).title());
            entries.add(new Entry("%s-%s-%s@hopsel".formatted(task.kind(), task.step().toString().replace('/', '-'), task.earlier()), cooking.clock(task.latest()), Duration.ofSeconds(Math.max(60, task.seconds())),
                    title, task.place().isPresent() ? "" : cooking.step(task.step()).instruction(), WARNING));
        }
        entries.add(new Entry("on-air@hopsel", cooking.onAir(), Duration.ofSeconds(cooking.airMinutes().seconds()), cooking.title(), "", WARNING));
        return ResponseEntity.ok().contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8)).body(CalendarFile.write(seen.zone(), entries, clock.instant()).getBytes(StandardCharsets.UTF_8));
    }

    /** The handout, once the class is over. */
    @GetMapping("/guest/{token}/handout.pdf")
    ResponseEntity<byte[]> handout(@PathVariable("token") String token, HttpServletResponse response) {
        Seen seen = open(token, response);
        if (!seen.over(clock) || !seen.attendee.gets().handout()) {
            throw new NotFoundException();
        }
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(pdf.render(seen.planned.cooking(), HandoutWriter.write(seen.planned.cooking(), builtIn, seen.planned.batches(), seen.attendee), List.of()));
    }
}
