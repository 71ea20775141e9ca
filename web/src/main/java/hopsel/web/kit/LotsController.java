package hopsel.web.kit;

import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.PackingRun.Use;
import hopsel.core.planned.PlannedClass;
import hopsel.core.planned.Recall;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.GuestStore;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.math.BigDecimal;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** For a recall: which kits, and whose, got some of a pack. */
@Controller
class LotsController {

    private final PackingStore store;
    private final PackingDesk packing;
    private final PlanDesk desk;
    private final GuestStore guests;
    private final HandoutReaders readers;
    private final Catalogue builtIn;

    LotsController(
            PackingStore store,
            PackingDesk packing,
            PlanDesk desk,
            GuestStore guests,
            HandoutReaders readers,
            Catalogue builtIn) {
        this.readers = readers;
        this.store = store;
        this.packing = packing;
        this.desk = desk;
        this.guests = guests;
        this.builtIn = builtIn;
    }

    /** What went into the kits of a class; a name is missing where the person was erased. */
    public record Traced(long id, String title, String kit, Optional<String> name, BigDecimal grams) {}

    /**
     * What else of a class may have some of it.
     *
     * @param readers names of those who have a handout of it
     */
    public record Elsewhere(long id, String title, Recall recall, List<String> readers) {}

    @GetMapping("/lots")
    String lots(
            @RequestParam(value = "item", required = false) String item,
            @RequestParam(value = "lot", required = false) String lot,
            Principal who,
            Model model) {
        model.addAttribute("lots", store.lots());
        model.addAttribute("catalogue", builtIn);
        if (item != null && lot != null) {
            model.addAttribute("item", item);
            model.addAttribute("lot", lot);
            model.addAttribute("traced", traced(item, lot, who));
            model.addAttribute(
                    "elsewhere",
                    store.classesOf(item, lot).stream()
                            .map(id -> elsewhere(id, item))
                            .toList());
        }
        return "kit/lots";
    }

    /** Nobody notes which pack the host cooks from: all that was made with it may be of this one. */
    private Elsewhere elsewhere(long id, String item) {
        PlannedClass planned = desk.find(id).orElseThrow(NotFoundException::new).whole();
        List<String> names = planned.cooking().attendees().stream()
                .filter(own -> readers.hasOne(id, own.id()))
                .map(Attendee::name)
                .toList();
        return new Elsewhere(id, planned.cooking().title(), Recall.of(planned, item), names);
    }

    private List<Traced> traced(String item, String lot, Principal who) {
        List<Traced> all = new ArrayList<>();
        for (long id : store.classesOf(item, lot)) {
            guests.look(id, who.getName(), "traced a pack");
            PlannedClass planned =
                    desk.find(id).orElseThrow(NotFoundException::new).whole();
            var run = packing.run(id, planned);
            for (Use use : run.uses()) {
                if (use.item().equals(item) && use.lot().name().equals(lot)) {
                    use.kits()
                            .forEach(kit -> all.add(new Traced(
                                    id,
                                    planned.cooking().title(),
                                    kit,
                                    planned.cooking().attendees().stream()
                                            .filter(own -> own.id().equals(kit))
                                            .map(Attendee::name)
                                            .findFirst(),
                                    run.grams(kit, item, lot))));
                }
            }
        }
        return all;
    }
}
