package hopsel.web.kit;

import hopsel.core.guest.Attendee;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.Kit;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.PackingRun.Use;
import hopsel.core.kit.Portion;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.GuestStore;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponentsBuilder;

import java.security.Principal;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** A weighing station: one portion after the other, kit by kit or item by item down the row. */
@Controller
class StationController {

    private final ClassPages pages;
    private final PlanDesk plans;
    private final GuestStore guests;
    private final PackingDesk desk;
    private final PackingWords words;

    StationController(ClassPages pages, PlanDesk plans, GuestStore guests, PackingDesk desk, PackingWords words) {
        this.pages = pages;
        this.plans = plans;
        this.guests = guests;
        this.desk = desk;
        this.words = words;
    }

    @GetMapping("/classes/{id}/packing/station/{station}")
    String station(
            @PathVariable("id") long id,
            @PathVariable("station") String station,
            @RequestParam(value = "kit", defaultValue = "0") int number,
            @RequestParam(value = "item", defaultValue = "") String item,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "packing");
        PackingRun run = desk.run(id, planned);
        Packing packing = desk.packing(planned);
        model.addAttribute("desk", station);
        model.addAttribute("packing", packing);
        model.addAttribute("run", run);
        model.addAttribute("labelsRead", desk.labelsRead(id));
        model.addAttribute("item", item);
        model.addAttribute("client", UUID.randomUUID().toString());
        String kit = number >= 1 && number <= planned.cooking().attendees().size()
                ? planned.cooking().attendees().get(number - 1).id()
                : "";
        current(packing, run, station, kit, item).ifPresent(now -> {
            model.addAttribute("kit", now);
            model.addAttribute(
                    "carried", run.carriedOver(station, now.attendee().id()));
            model.addAttribute(
                    "missing", inOrder(packing, run.missing(now.attendee().id())));
            model.addAttribute("wrong", run.wrong(now.attendee().id()));
            next(packing, run, now, item).ifPresent(portion -> {
                model.addAttribute("portion", portion);
                lastLot(run, portion).ifPresent(lot -> model.addAttribute("lot", lot));
            });
        });
        return "kit/station";
    }

    /**
     * The kit that is packed here: the one that was chosen, or the one that is held here; down a row, the next that
     * lacks the item.
     */
    private static Optional<Kit> current(Packing packing, PackingRun run, String station, String chosen, String item) {
        List<Kit> kits = packing.kits();
        if (!item.isEmpty()) {
            return kits.stream()
                    .filter(kit -> !run.closed(kit.attendee().id())
                            && run.holder(kit.attendee().id())
                                    .filter(holder -> !holder.equals(station))
                                    .isEmpty()
                            && run.missing(kit.attendee().id()).stream()
                                    .anyMatch(portion -> portion.item().equals(item)))
                    .findFirst();
        }
        return kits.stream()
                .filter(kit -> kit.attendee().id().equals(chosen))
                .findFirst()
                .or(() -> kits.stream()
                        .filter(kit -> run.holder(kit.attendee().id()).equals(Optional.of(station)))
                        .findFirst());
    }

    private static Optional<Portion> next(Packing packing, PackingRun run, Kit kit, String item) {
        return inOrder(packing, run.missing(kit.attendee().id())).stream()
                .filter(portion -> item.isEmpty() || portion.item().equals(item))
                .findFirst();
    }

    /** As down the row: what has no allergens first. */
    private static List<Portion> inOrder(Packing packing, List<Portion> portions) {
        List<String> order = packing.rows().stream().map(Packing.Row::item).toList();
        return portions.stream()
                .sorted(Comparator.comparingInt(portion -> order.indexOf(portion.item())))
                .toList();
    }

    private static Optional<Lot> lastLot(PackingRun run, Portion portion) {
        return run.uses().stream()
                .filter(use -> use.item().equals(portion.item()))
                .map(Use::lot)
                .reduce((one, two) -> two);
    }

    @PostMapping("/classes/{id}/packing/station/{station}")
    String happened(
            @PathVariable("id") long id,
            @PathVariable("station") String station,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        PlannedClass planned =
                plans.find(id).orElseThrow(NotFoundException::new).whole();
        Entered in = new Entered(fields);
        UriComponentsBuilder back = UriComponentsBuilder.fromPath("/classes/{id}/packing/station/{station}");
        back.queryParam("item", "{item}").queryParam("kit", "{kit}");
        String kit = fields.getOrDefault("kit", "");
        // A number, as elsewhere: no name gets into an address.
        int number = planned.cooking().attendees().stream()
                        .map(Attendee::id)
                        .toList()
                        .indexOf(kit)
                + 1;
        try {
            StationPress kind = in.choice("kind", StationPress.values(), StationPress::name);
            AtStation event = kind.event(in, station);
            String client = in.text("client")
                    .filter(text -> text.length() <= 64)
                    .orElseGet(() -> UUID.randomUUID().toString());
            Optional<Refusal> refusal = desk.happened(id, planned, event, who.getName(), client);
            refusal.ifPresent(no -> {
                next.addFlashAttribute("warnedLines", List.of(words.refusal(no, planned.catalogue())));
                next.addFlashAttribute("typed", fields);
                next.addFlashAttribute("refused", true);
            });
            if (kind == StationPress.READ_LABEL || kind == StationPress.CLEAN) {
                // The portion is still to come: what was typed of its pack stays, its weight is read anew.
                Map<String, String> kept = new HashMap<>(fields);
                kept.remove("grams");
                next.addFlashAttribute("typed", kept);
            }
            boolean away = refusal.isEmpty() && (kind == StationPress.CLOSE || kind == StationPress.RELEASE);
            return "redirect:"
                    + back.buildAndExpand(id, station, fields.getOrDefault("item", ""), away ? 0 : number)
                            .encode()
                            .toUriString();
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
            next.addFlashAttribute("typed", fields);
            return "redirect:"
                    + back.buildAndExpand(id, station, fields.getOrDefault("item", ""), number)
                            .encode()
                            .toUriString();
        }
    }
}
