package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.CrossContact;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.planned.Parcels;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Costing;
import hopsel.web.device.PrinterStore;
import hopsel.web.frame.LabelSheet;
import hopsel.web.frame.OwnAddress;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.MadeStore;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;
import hopsel.web.provision.ShelfStore;
import hopsel.web.tick.TickStore;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.List;

/** The packing bench: kinds of kit, what goes down the row in which order, how far it has come, labels and lists. */
@Controller
class PackingController {

    private static final int MOST_PEOPLE = 20;

    private final OwnAddress address;
    private final ClassPages pages;
    private final PlanDesk plans;
    private final GuestStore guests;
    private final TickStore ticks;
    private final PackingDesk desk;
    private final KitLabels labels;
    private final MadeStore made;
    private final PrinterStore printer;
    private final ShelfStore shelf;
    private final ParticularsStore particulars;
    private final Catalogue builtIn;

    PackingController(
            OwnAddress address,
            ClassPages pages,
            PlanDesk plans,
            GuestStore guests,
            TickStore ticks,
            PackingDesk desk,
            KitLabels labels,
            MadeStore made,
            PrinterStore printer,
            ShelfStore shelf,
            ParticularsStore particulars,
            Catalogue builtIn) {
        this.address = address;
        this.pages = pages;
        this.plans = plans;
        this.guests = guests;
        this.ticks = ticks;
        this.desk = desk;
        this.labels = labels;
        this.made = made;
        this.printer = printer;
        this.shelf = shelf;
        this.particulars = particulars;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/packing")
    String packing(
            @PathVariable("id") long id,
            @RequestParam(value = "people", defaultValue = "1") int people,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "packing");
        PackingRun run = desk.run(id, planned);
        Packing packing = desk.packing(planned);
        model.addAttribute("packing", packing);
        model.addAttribute("catalogue", packing.catalogue());
        List<PackingDesk.Way> ways = desk.ways(planned);
        model.addAttribute("ways", ways);
        model.addAttribute("best", ways.get(ways.size() - 1).packing());
        model.addAttribute(
                "drawings",
                packing.kinds().stream()
                        .map(kind -> BagDrawing.of(kind, packing.catalogue()))
                        .toList());
        model.addAttribute("run", run);
        model.addAttribute("packers", desk.packers(id));
        planned.cooking()
                .provision()
                .posting()
                .ifPresent(posting -> model.addAttribute(
                        "parcels", Parcels.of(planned.cooking(), posting, packing, particulars.of(id))));
        model.addAttribute("people", Math.max(1, Math.min(MOST_PEOPLE, people)));
        model.addAttribute("ticks", ticks.now(id, "packing"));
        model.addAttribute(
                "contacts",
                CrossContact.of(planned.cooking(), planned.plan(), planned.catalogue())
                        .contacts());
        model.addAttribute("stale", made.stale(id, MadeStore.Printed.LABEL, () -> KitLabels.content(planned)));
        model.addAttribute("sheets", LabelSheet.Size.values());
        Catalogue prices = shelf.priced(builtIn);
        Costing costing = Costing.of(
                planned.cooking(),
                prices,
                planned.batches(),
                planned.demand(),
                planned.kits(),
                planned.bought(prices),
                planned.sold());
        model.addAttribute("costing", costing);
        shelf.fee(id).ifPresent(fee -> model.addAttribute("fee", fee));
        return "kit/packing";
    }

    @GetMapping("/classes/{id}/packing/labels.pdf")
    ResponseEntity<byte[]> labels(
            @PathVariable("id") long id,
            @RequestParam("which") KitLabels.Which which,
            @RequestParam(value = "size", defaultValue = "A4_21") LabelSheet.Size size,
            @RequestParam(value = "skip", defaultValue = "0") int skip,
            @RequestParam(value = "numbers", defaultValue = "false") boolean numbers,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "printed labels");
        String base = address.of("");
        byte[] pdf = labels.sheets(
                id,
                planned,
                labels.labels(planned, desk.packing(planned), desk.run(id, planned), which),
                size,
                skip,
                !numbers,
                base);
        labels.printed(id, planned, MadeStore.Printed.LABEL, who.getName());
        return pdf("kit-labels-%d.pdf".formatted(id), pdf);
    }

    @GetMapping("/classes/{id}/packing/lists.pdf")
    ResponseEntity<byte[]> lists(@PathVariable("id") long id, Principal who, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "printed packing lists");
        labels.printed(id, planned, MadeStore.Printed.LIST, who.getName());
        return pdf(
                "packing-lists-%d.pdf".formatted(id),
                labels.lists(id, planned, desk.packing(planned), desk.run(id, planned)));
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] content) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .contentType(MediaType.APPLICATION_PDF)
                .body(content);
    }

    /** Sends labels to the label printer, as a job. */
    @PostMapping("/classes/{id}/packing/print")
    String print(
            @PathVariable("id") long id,
            @RequestParam("which") KitLabels.Which which,
            Principal who,
            Model model,
            RedirectAttributes next) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        int count = labels.labels(planned, desk.packing(planned), desk.run(id, planned), which)
                .size();
        if (count > 0) {
            printer.send(id, which.name(), count, who.getName());
            labels.printed(id, planned, MadeStore.Printed.LABEL, who.getName());
        }
        next.addFlashAttribute("toldLines", List.of("%d labels sent to the printer.".formatted(count)));
        return "redirect:/printer";
    }
}
