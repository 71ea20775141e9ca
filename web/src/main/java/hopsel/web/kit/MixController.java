package hopsel.web.kit;

import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.kit.Mix;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Refusal;
import hopsel.core.kit.PackingRun.Use;
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

import java.math.BigDecimal;
import java.security.Principal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Where a mix for several kits is made, before they get their shares of it. */
@Controller
class MixController {

    private static final String PAGE = "/classes/{id}/packing/station/{station}/mix";

    private final ClassPages pages;
    private final PlanDesk plans;
    private final GuestStore guests;
    private final PackingDesk desk;
    private final PackingWords words;

    MixController(ClassPages pages, PlanDesk plans, GuestStore guests, PackingDesk desk, PackingWords words) {
        this.pages = pages;
        this.plans = plans;
        this.guests = guests;
        this.desk = desk;
        this.words = words;
    }

    @GetMapping(PAGE)
    String mix(
            @PathVariable("id") long id,
            @PathVariable("station") String station,
            @RequestParam(value = "mix", defaultValue = "") String chosen,
            Principal who,
            Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "packing");
        PackingRun run = desk.run(id, planned);
        Packing packing = desk.packing(planned);
        Optional<Mix> mix =
                packing.mixing().find(chosen).or(() -> run.toMix().stream().findFirst());
        Set<String> carried = mix.map(own -> run.carriedOver(station, own)).orElse(Set.of());
        model.addAttribute("desk", station);
        model.addAttribute("packing", packing);
        model.addAttribute("catalogue", packing.catalogue());
        model.addAttribute("run", run);
        model.addAttribute("carried", List.copyOf(carried));
        model.addAttribute("unread", unread(id, packing, mix));
        model.addAttribute("packs", packs(run));
        model.addAttribute("client", UUID.randomUUID().toString());
        mix.ifPresent(own -> model.addAttribute("mix", own));
        return "kit/mix";
    }

    /** Items whose label somebody has to read first. */
    private List<String> unread(long id, Packing packing, Optional<Mix> mix) {
        Set<String> read = desk.labelsRead(id);
        List<Mix.Part> parts = mix.map(Mix::parts).orElse(List.of());
        return parts.stream()
                .map(Mix.Part::item)
                .filter(item ->
                        !read.contains(item) && packing.catalogue().get(item).origin() == Origin.CHECK_LABEL)
                .toList();
    }

    /** The pack that each item was last taken from. */
    private static Map<String, Lot> packs(PackingRun run) {
        Map<String, Lot> packs = new HashMap<>();
        run.uses().forEach((Use use) -> packs.put(use.item(), use.lot()));
        return packs;
    }

    @PostMapping(PAGE)
    String make(
            @PathVariable("id") long id,
            @PathVariable("station") String station,
            @RequestParam("mix") String chosen,
            @RequestParam Map<String, String> fields,
            Principal who,
            RedirectAttributes next) {
        PlannedClass planned =
                plans.find(id).orElseThrow(NotFoundException::new).whole();
        Packing packing = desk.packing(planned);
        Mix mix = packing.mixing().find(chosen).orElseThrow(NotFoundException::new);
        Entered in = new Entered(fields);
        try {
            String client = in.text("client")
                    .filter(text -> text.length() <= 60)
                    .orElseGet(() -> UUID.randomUUID().toString());
            List<Taken> taken = taken(mix, packing, in);
            for (int i = 0; i < taken.size(); i++) {
                if (fields.containsKey("label-" + i)) {
                    ReadLabel read =
                            new ReadLabel(taken.get(i).item(), taken.get(i).lot(), station);
                    desk.happened(id, planned, read, who.getName(), client + "-" + i);
                }
            }
            Optional<Refusal> refusal =
                    desk.happened(id, planned, new MakeMix(mix.id(), taken, station), who.getName(), client);
            if (refusal.isEmpty()) {
                next.addFlashAttribute("told", "mix.made");
                return "redirect:" + page(id, station, "");
            }
            next.addFlashAttribute("warnedLines", List.of(words.refusal(refusal.get(), packing.catalogue())));
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
        }
        next.addFlashAttribute("typed", fields);
        return "redirect:" + page(id, station, mix.id());
    }

    private static List<Taken> taken(Mix mix, Packing packing, Entered in) throws BadEntryException {
        List<Taken> taken = new ArrayList<>();
        for (int i = 0; i < mix.parts().size(); i++) {
            Item item = packing.catalogue().get(mix.parts().get(i).item());
            try {
                BigDecimal grams = in.number("grams-" + i).orElse(BigDecimal.ZERO);
                taken.add(new Taken(item.id(), grams, StationPress.lot(in, "lot-" + i, "use-by-" + i)));
            } catch (BadEntryException e) {
                throw new BadEntryException(item.name(), e.getMessage());
            }
        }
        return taken;
    }

    static String page(long id, String station, String mix) {
        return UriComponentsBuilder.fromPath(PAGE)
                .queryParam("mix", "{mix}")
                .buildAndExpand(id, station, mix)
                .encode()
                .toUriString();
    }
}
