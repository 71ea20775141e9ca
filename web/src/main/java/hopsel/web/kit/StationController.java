package hopsel.web.kit;

import hopsel.core.guest.Attendee;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.Kit;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.StationTurn;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** A weighing station: one portion after the other, kit by kit or item by item down the row. */
@Controller
class StationController {

    /** A kit has fewer portions; nobody looks further. */
    private static final int MOST_AHEAD = 200;

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
            @RequestParam(value = "ahead", defaultValue = "0") int ahead,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "packing");
        List<String> ids =
                planned.cooking().attendees().stream().map(Attendee::id).toList();
        String chosen = number >= 1 && number <= ids.size() ? ids.get(number - 1) : "";
        StationTurn turn = desk.turn(id, planned, station, chosen, item, Math.max(0, Math.min(ahead, MOST_AHEAD)));
        PackingRun run = turn.run();
        model.addAttribute("desk", station);
        model.addAttribute("packing", turn.packing());
        model.addAttribute("catalogue", turn.packing().catalogue());
        model.addAttribute("run", run);
        model.addAttribute("labelsRead", desk.labelsRead(id));
        model.addAttribute("item", item);
        model.addAttribute("left", turn.left());
        model.addAttribute(
                "number", turn.kit().map(kit -> ids.indexOf(id(kit)) + 1).orElse(0));
        model.addAttribute(
                "following",
                turn.following().map(kit -> ids.indexOf(id(kit)) + 1).orElse(0));
        model.addAttribute("client", UUID.randomUUID().toString());
        turn.kit().ifPresent(now -> {
            model.addAttribute("kit", now);
            model.addAttribute("carried", run.carriedOver(station, id(now)));
            model.addAttribute("missing", turn.missing(now));
            model.addAttribute("wrong", run.wrong(id(now)));
            turn.portion().ifPresent(portion -> {
                model.addAttribute("portion", portion);
                turn.lot(portion).ifPresent(lot -> model.addAttribute("lot", lot));
            });
        });
        return "kit/station";
    }

    private static String id(Kit kit) {
        return kit.attendee().id();
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
                next.addFlashAttribute(
                        "warnedLines",
                        List.of(words.refusal(no, desk.packing(planned).catalogue())));
                next.addFlashAttribute("typed", fields);
                next.addFlashAttribute("refused", true);
            });
            if (kind == StationPress.READ_LABEL || kind == StationPress.CLEAN) {
                // The portion is still to come: what was typed of its pack stays, its weight is read anew.
                Map<String, String> kept = new HashMap<>(fields);
                kept.remove("grams");
                next.addFlashAttribute("typed", kept);
            }
            Optional<String> mix = in.text("mix");
            if (mix.isPresent()) {
                return "redirect:" + MixController.page(id, station, mix.get());
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
