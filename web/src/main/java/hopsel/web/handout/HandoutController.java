package hopsel.web.handout;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.film.Film;
import hopsel.core.guest.Attendee;
import hopsel.core.handout.Statements;
import hopsel.core.planned.PlannedClass;
import hopsel.formats.captions.WebVtt;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.MadeStore;
import hopsel.web.handout.EditionStore.Matters;
import hopsel.web.handout.HandoutDesk.Written;
import hopsel.web.handout.HandoutPdf.Paper;
import hopsel.web.plan.ClassPages;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Handouts as the draft has them, numbered like the attendees of the class: no name and no allergy gets into an
 * address.
 */
@Controller
class HandoutController {

    private final ClassPages pages;
    private final EditionStore editions;
    private final HandoutDesk desk;
    private final HandoutPdf pdf;
    private final HandoutZip zip;
    private final MadeStore made;

    HandoutController(
            ClassPages pages, EditionStore editions, HandoutDesk desk, HandoutPdf pdf, HandoutZip zip, MadeStore made) {
        this.pages = pages;
        this.editions = editions;
        this.desk = desk;
        this.pdf = pdf;
        this.zip = zip;
        this.made = made;
    }

    @GetMapping("/classes/{id}/handouts")
    String list(@PathVariable("id") long id, Model model) {
        CookingClass cooking = pages.open(id, Station.HANDOUTS, model).cooking();
        Matters draft = editions.draft(id);
        model.addAttribute("stale", made.stale(id, MadeStore.Printed.HANDOUT, () -> desk.current(draft)));
        model.addAttribute("editions", editions.editions(id));
        model.addAttribute("sent", editions.sent(id));
        model.addAttribute("unmarked", Statements.unmarked(cooking, draft.words()));
        editions.released(id).ifPresent(edition -> model.addAttribute("released", edition));
        editions.open(id).ifPresent(edition -> model.addAttribute("open", edition));
        return "handout/list";
    }

    @GetMapping("/classes/{id}/handouts/{number:\\d+}")
    String handout(@PathVariable("id") long id, @PathVariable("number") int number, Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        Written written = desk.draft(id, attendee(planned.cooking(), number));
        fill(model, written);
        Map<String, String> pictures = new HashMap<>();
        written.handout().dishes().forEach(dish -> dish.words()
                .picture()
                .ifPresent(picture -> pictures.put(dish.id(), "/classes/%d/pictures/%d".formatted(id, picture))));
        model.addAttribute("pictures", pictures);
        model.addAttribute("number", number);
        model.addAttribute("matters", Matter.values());
        model.addAttribute(
                "schools",
                written.matters()
                        .styles()
                        .getOrDefault(written.handout().attendee().id(), Map.of()));
        return "handout/handout";
    }

    /** What a page with a handout on it shows. */
    static void fill(Model model, Written written) {
        model.addAttribute("handout", written.handout());
        model.addAttribute("words", written.matters().words());
        model.addAttribute("changes", written.changes());
        model.addAttribute("catalogue", written.catalogue());
    }

    @GetMapping("/classes/{id}/handouts/{number:\\d+}/pdf")
    ResponseEntity<byte[]> print(
            @PathVariable("id") long id,
            @PathVariable("number") int number,
            @RequestParam(value = "paper", defaultValue = "A4") Paper paper,
            Principal who) {
        Matters draft = editions.draft(id);
        Written written = desk.write(draft, attendee(draft.cooking(), number));
        made.made(id, written.handout().attendee().id(), MadeStore.Printed.HANDOUT, written.handout(), who.getName());
        return HandoutDesk.file(
                "handout-%d-%d.pdf".formatted(id, number),
                MediaType.APPLICATION_PDF,
                pdf.render(id, written, paper, false, Optional.empty()));
    }

    /** A handout in an open format. */
    @GetMapping("/classes/{id}/handouts/{number:\\d+}/{format:md|txt|jsonld}")
    ResponseEntity<byte[]> open(
            @PathVariable("id") long id, @PathVariable("number") int number, @PathVariable("format") String format) {
        Matters draft = editions.draft(id);
        return desk.open(desk.write(draft, attendee(draft.cooking(), number)), format);
    }

    /** The booklet of the class: contents with page numbers, and every dish as everybody cooks it. */
    @GetMapping("/classes/{id}/handouts/booklet.pdf")
    ResponseEntity<byte[]> booklet(
            @PathVariable("id") long id, @RequestParam(value = "paper", defaultValue = "A5") Paper paper) {
        return HandoutDesk.file("booklet-%d.pdf".formatted(id), MediaType.APPLICATION_PDF, bookletOf(id, paper));
    }

    private byte[] bookletOf(long id, Paper paper) {
        Matters draft = editions.draft(id);
        return pdf.render(id, desk.write(draft, HandoutDesk.anybody(draft.cooking())), paper, true, Optional.empty());
    }

    /** The page on which each dish of the booklet begins, for calling out. */
    @GetMapping("/classes/{id}/handouts/booklet")
    String pagesOf(
            @PathVariable("id") long id, @RequestParam(value = "paper", defaultValue = "A5") Paper paper, Model model) {
        model.addAttribute("numbers", HandoutPdf.pages(bookletOf(id, paper)));
        return "handout/pages";
    }

    /** Every handout of the draft, and the booklet. */
    @GetMapping("/classes/{id}/handouts/all.zip")
    void all(
            @PathVariable("id") long id,
            @RequestParam(value = "paper", defaultValue = "A4") Paper paper,
            HttpServletResponse response)
            throws IOException {
        Matters draft = editions.draft(id);
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("handouts-%d.zip".formatted(id))
                        .build()
                        .toString());
        zip.write(id, draft, paper, response.getOutputStream());
    }

    /** Chapters and amounts for a recording, by the plan. */
    @GetMapping("/classes/{id}/handouts/{what:chapters|amounts}.vtt")
    ResponseEntity<byte[]> captions(@PathVariable("id") long id, @PathVariable("what") String what, Model model) {
        PlannedClass planned = pages.open(id, Station.HANDOUTS, model);
        List<WebVtt.Shown> shown =
                model.getAttribute("film") instanceof Film film ? WebVtt.filmed(film) : WebVtt.planned(planned.plan());
        String text = what.equals("chapters")
                ? WebVtt.chapters(planned.cooking(), shown)
                : WebVtt.amounts(planned.cooking(), planned.catalogue(), shown);
        return HandoutDesk.file(
                what + "-%d.vtt".formatted(id),
                new MediaType("text", "vtt", StandardCharsets.UTF_8),
                text.getBytes(StandardCharsets.UTF_8));
    }

    private static Attendee attendee(CookingClass cooking, int number) {
        List<Attendee> attendees = cooking.attendees();
        if (number < 1
                || number > attendees.size()
                || !attendees.get(number - 1).gets().handout()) {
            throw new NotFoundException();
        }
        return attendees.get(number - 1);
    }
}
