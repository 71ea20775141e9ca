package hopsel.web.handout;

import hopsel.core.diet.Attendee;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.handout.Handout;
import hopsel.core.handout.HandoutWriter;
import hopsel.core.item.Catalogue;
import hopsel.core.planned.AttendeeClass;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.MadeStore;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.security.Principal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Handouts, numbered like the attendees of the class: no name and no allergy gets into an address. */
@Controller
class HandoutController {

    private final ClassPages pages;
    private final Catalogue builtIn;
    private final HandoutPdf pdf;
    private final AttendeeStyles styles;
    private final MadeStore made;

    HandoutController(ClassPages pages, Catalogue builtIn, HandoutPdf pdf, AttendeeStyles styles, MadeStore made) {
        this.pages = pages;
        this.builtIn = builtIn;
        this.pdf = pdf;
        this.styles = styles;
        this.made = made;
    }

    @GetMapping("/classes/{id}/handouts")
    String list(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        Map<String, Handout> now = new HashMap<>();
        planned.cooking().attendees().forEach(attendee -> now.put(attendee.id(), own(id, planned, attendee)));
        model.addAttribute("stale", made.stale(id, MadeStore.Kind.HANDOUT, now));
        return "handout/list";
    }

    @GetMapping("/classes/{id}/handouts/{number}")
    String handout(@PathVariable("id") long id, @PathVariable("number") int number, Model model) {
        write(id, number, model);
        model.addAttribute("number", number);
        return "handout/handout";
    }

    @GetMapping("/classes/{id}/handouts/{number}/pdf")
    ResponseEntity<byte[]> print(@PathVariable("id") long id, @PathVariable("number") int number, Principal who, Model model) {
        Handout handout = write(id, number, model);
        made.made(id, handout.attendee().id(), MadeStore.Kind.HANDOUT, handout, who.getName());
        String name = ContentDisposition.inline().filename("handout-%d-%d.pdf".formatted(id, number)).build().toString();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(pdf.render((CookingClass) model.getAttribute("cooking"), handout, (List<?>) model.getAttribute("changes")));
    }

    private Handout write(long id, int number, Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        Attendee attendee = attendee(planned, number);
        Map<Matter, String> schools = styles.of(id).getOrDefault(attendee.id(), Map.of());
        AttendeeClass own = AttendeeClass.of(planned, schools, builtIn);
        Handout handout = HandoutWriter.write(own.cooking(), builtIn, own.batches(), attendee);
        model.addAttribute("handout", handout);
        model.addAttribute("changes", own.changes());
        model.addAttribute("matters", Matter.values());
        model.addAttribute("schools", schools);
        return handout;
    }

    private Handout own(long id, PlannedClass planned, Attendee attendee) {
        AttendeeClass own = AttendeeClass.of(planned, styles.of(id).getOrDefault(attendee.id(), Map.of()), builtIn);
        return HandoutWriter.write(own.cooking(), builtIn, own.batches(), attendee);
    }

    private static Attendee attendee(PlannedClass planned, int number) {
        List<Attendee> attendees = planned.cooking().attendees();
        if (number < 1 || number > attendees.size() || !attendees.get(number - 1).gets().handout()) {
            throw new NotFoundException();
        }
        return attendees.get(number - 1);
    }
}
