package hopsel.web.kit;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.kit.Kit;
import hopsel.core.kit.PackingRun;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.Guests;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.plan.ClassPages;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.List;

/** The kits of a class. */
@Controller
class KitsController {

    private final ClassPages pages;
    private final GuestStore guests;
    /** Kits that one page shows with all that is in them. */
    private static final int MOST_WHOLE = 12;

    private final AttendeeStyles styles;
    private final ParticularsStore particulars;
    private final PackingDesk packing;
    private final Guests roster;

    KitsController(
            ClassPages pages,
            GuestStore guests,
            AttendeeStyles styles,
            ParticularsStore particulars,
            PackingDesk packing,
            Guests roster) {
        this.roster = roster;
        this.pages = pages;
        this.guests = guests;
        this.styles = styles;
        this.particulars = particulars;
        this.packing = packing;
    }

    /** All kits, or the one of a guest by their number in the class, from 1. */
    @GetMapping({"/classes/{id}/kits", "/classes/{id}/kits/{number}"})
    String kits(
            @PathVariable("id") long id,
            @PathVariable(value = "number", required = false) @Nullable Integer number,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "kits");
        model.addAttribute("styles", styles.of(id));
        model.addAttribute("matters", Matter.values());
        model.addAttribute("known", particulars.of(id));
        PackingRun run = packing.run(id, planned);
        model.addAttribute("run", run);
        model.addAttribute("doubts", packing.packing(planned).doubts());
        model.addAttribute("labelsRead", packing.labelsRead(id));
        List<Kit> kits = planned.kits().stream()
                .filter(kit -> number == null || planned.cooking().attendees().indexOf(kit.attendee()) + 1 == number)
                .sorted(Kit.PACKING_ORDER)
                .toList();
        if (number != null && kits.isEmpty()) {
            throw new NotFoundException();
        }
        model.addAttribute("kits", kits);
        model.addAttribute("whole", kits.size() <= MOST_WHOLE);
        return "kit/kits";
    }

    /** Leaves an ingredient out of a dish for one guest, or puts it back; {@code what} is dish/item. */
    @PostMapping("/classes/{id}/kits/without")
    String without(
            @PathVariable("id") long id,
            @RequestParam("attendee") String attendee,
            @RequestParam("what") String what,
            @RequestParam("out") String out,
            RedirectAttributes next) {
        boolean leave = out.equals("yes");
        boolean known = pages.cooking(id).dishes().stream()
                .anyMatch(dish -> dish.lines().anyMatch(line -> what.equals(dish.id() + "/" + line.item())));
        if (leave && !known) {
            throw new NotFoundException();
        }
        roster.leaveOut(id, attendee, what, leave);
        next.addFlashAttribute("told", leave ? "kits.left-out-done" : "kits.put-back-done");
        CookingClass cooking = pages.cooking(id);
        int number = cooking.attendees().stream().map(Attendee::id).toList().indexOf(attendee) + 1;
        return "redirect:" + page(id, cooking, number);
    }

    /** Gives a guest a variant of a dish, or what suits them. */
    @PostMapping("/classes/{id}/kits/variant")
    String variant(
            @PathVariable("id") long id,
            @RequestParam("attendee") String attendee,
            @RequestParam("dish") String dish,
            @RequestParam("variant") String variant,
            RedirectAttributes next) {
        boolean known = pages.cooking(id).dishes().stream()
                .filter(own -> own.id().equals(dish))
                .flatMap(own -> own.variants().stream())
                .anyMatch(own -> variant.isEmpty() || own.id().equals(variant));
        if (!known) {
            throw new NotFoundException();
        }
        roster.give(id, attendee, dish, variant);
        next.addFlashAttribute("told", "kits.variant-done");
        CookingClass cooking = pages.cooking(id);
        int number = cooking.attendees().stream().map(Attendee::id).toList().indexOf(attendee) + 1;
        return "redirect:" + page(id, cooking, number);
    }

    /** Where the kit of a guest is shown: among the others, or by itself where there are many. */
    static String page(long id, CookingClass cooking, int number) {
        return cooking.attendees().size() <= MOST_WHOLE
                ? "/classes/%d/kits#kit%d".formatted(id, number)
                : "/classes/%d/kits/%d".formatted(id, number);
    }
}
