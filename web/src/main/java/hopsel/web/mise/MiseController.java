package hopsel.web.mise;

import hopsel.core.mise.Holding;
import hopsel.core.mise.Label;
import hopsel.core.planned.PlannedClass;
import hopsel.core.planned.Prepared;
import hopsel.web.frame.Figures;
import hopsel.web.frame.LabelSheet;
import hopsel.web.frame.OwnAddress;
import hopsel.web.frame.Print;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;
import hopsel.web.tick.TickStore;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What stands ready when the class goes on air, and the work before. */
@Controller
class MiseController {

    private final OwnAddress address;
    private final ClassPages pages;
    private final Preparations preparations;
    private final TickStore ticks;
    private final CountdownCalendar calendar;
    private final Print print;
    private final Figures figures;

    MiseController(
            OwnAddress address,
            ClassPages pages,
            Preparations preparations,
            TickStore ticks,
            CountdownCalendar calendar,
            Print print,
            Figures figures) {
        this.address = address;
        this.pages = pages;
        this.preparations = preparations;
        this.ticks = ticks;
        this.calendar = calendar;
        this.print = print;
        this.figures = figures;
    }

    private Optional<Prepared> open(long id, String part, Model model) {
        PlannedClass planned = pages.open(id, Station.MISE, model);
        model.addAttribute("part", part);
        Optional<Prepared> prepared =
                planned.plan().possible() ? Optional.of(preparations.of(id, planned)) : Optional.empty();
        prepared.ifPresent(all -> model.addAttribute("prepared", all));
        return prepared;
    }

    @GetMapping("/classes/{id}/mise")
    String trays(@PathVariable("id") long id, Model model) {
        open(id, "trays", model);
        return "mise/mise";
    }

    @GetMapping("/classes/{id}/mise/counter")
    String counter(@PathVariable("id") long id, Model model) {
        open(id, "counter", model)
                .ifPresent(prepared -> model.addAttribute("drawing", CounterDrawing.of(prepared.counter())));
        model.addAttribute("ticks", ticks.now(id, "bowls"));
        return "mise/counter";
    }

    @GetMapping("/classes/{id}/mise/tools")
    String tools(@PathVariable("id") long id, Model model) {
        open(id, "tools", model);
        return "mise/tools";
    }

    @GetMapping("/classes/{id}/mise/prep")
    String prep(@PathVariable("id") long id, Model model) {
        open(id, "prep", model);
        model.addAttribute("ticks", ticks.now(id, "prep"));
        return "mise/prep";
    }

    @GetMapping("/classes/{id}/mise/countdown")
    String countdown(@PathVariable("id") long id, Model model) {
        open(id, "countdown", model);
        model.addAttribute("ticks", ticks.now(id, Preparations.COUNTDOWN));
        return "mise/countdown";
    }

    @GetMapping("/classes/{id}/countdown.ics")
    ResponseEntity<byte[]> calendar(@PathVariable("id") long id, Model model) {
        String file = open(id, "countdown", model)
                .map(prepared -> calendar.write(id, pages.cooking(id), prepared))
                .orElseGet(() -> calendar.empty(pages.cooking(id)));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("countdown-%d.ics".formatted(id))
                                .build()
                                .toString())
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(file.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/classes/{id}/mise/holding")
    String holding(@PathVariable("id") long id, Model model) {
        open(id, "holding", model);
        model.addAttribute("limits", new int[] {Holding.USE_OR_CHILL, Holding.DISCARD});
        return "mise/holding";
    }

    @GetMapping("/classes/{id}/mise/labels")
    String labels(@PathVariable("id") long id, Model model) {
        open(id, "labels", model);
        model.addAttribute("sheets", LabelSheet.Size.values());
        return "mise/labels";
    }

    @GetMapping("/classes/{id}/labels.pdf")
    ResponseEntity<byte[]> labels(
            @PathVariable("id") long id,
            @RequestParam(value = "size", defaultValue = "A4_24") LabelSheet.Size size,
            @RequestParam(value = "skip", defaultValue = "0") int skip,
            Model model) {
        String runSheet = address.of("/classes/%d/plan".formatted(id));
        List<Label> all = open(id, "labels", model).map(Prepared::labels).orElse(List.of());
        var sheets = LabelSheet.place(
                all,
                label -> "%s#step:%s"
                        .formatted(
                                runSheet,
                                label.steps().isEmpty() ? "" : label.steps().get(0)),
                size,
                skip);
        byte[] pdf = print.pdf(
                "mise/labels-pdf",
                Map.of("cooking", pages.cooking(id), "sheets", sheets, "size", size, "figures", figures));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("labels-%d.pdf".formatted(id))
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_PDF)
                .body(pdf);
    }
}
