package hopsel.web.kit;

import hopsel.core.item.Catalogue;
import hopsel.core.kit.Packing;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.tick.TickStore;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import java.security.Principal;

/** The packing bench: kinds of kit, and what goes down the row in which order. */
@Controller
class PackingController {

    private static final int MOST_PEOPLE = 20;

    private final ClassPages pages;
    private final GuestStore guests;
    private final TickStore ticks;
    private final Catalogue builtIn;

    PackingController(ClassPages pages, GuestStore guests, TickStore ticks, Catalogue builtIn) {
        this.pages = pages;
        this.guests = guests;
        this.ticks = ticks;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/packing")
    String packing(@PathVariable("id") long id, @RequestParam(value = "people", defaultValue = "1") int people, Principal who, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "packing");
        model.addAttribute("packing", Packing.of(planned.cooking(), builtIn, planned.kits(), planned.shopping()));
        model.addAttribute("people", Math.max(1, Math.min(MOST_PEOPLE, people)));
        model.addAttribute("ticks", ticks.now(id, "packing"));
        return "kit/packing";
    }
}
