package hopsel.web.provision;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.diet.StandIn;
import hopsel.core.item.Catalogue;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Costing;
import hopsel.core.provision.WeekList;
import hopsel.core.shop.Purchase;
import hopsel.formats.json.Json;
import hopsel.formats.listsfile.ListsFile;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;
import hopsel.web.plan.PlanDesk;
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
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The shopping list of a class: by shop and aisle, what it costs, what is left, what stands in. */
@Controller
class ShoppingController {

    private final ClassPages pages;
    private final ShoppingDesk desk;
    private final ShelfStore store;
    private final TickStore ticks;
    private final BoughtAmounts bought;
    private final PlanDesk plans;
    private final ClassChanges changes;
    private final Catalogue builtIn;

    ShoppingController(
            ClassPages pages,
            ShoppingDesk desk,
            ShelfStore store,
            TickStore ticks,
            BoughtAmounts bought,
            PlanDesk plans,
            ClassChanges changes,
            Catalogue builtIn) {
        this.pages = pages;
        this.desk = desk;
        this.store = store;
        this.ticks = ticks;
        this.bought = bought;
        this.plans = plans;
        this.changes = changes;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/shopping")
    String shopping(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.SHOPPING, model);
        WeekList list = desk.list(List.of(planned));
        List<Purchase> purchases =
                list.lines().stream().map(WeekList.Line::purchase).toList();
        Costing costing = Costing.of(
                planned.cooking(),
                desk.prices(),
                planned.batches(),
                planned.demand(),
                planned.kits(),
                purchases,
                planned.sold());
        model.addAttribute("list", list);
        model.addAttribute("view", desk.view(list, List.of(planned)));
        model.addAttribute("costing", costing);
        model.addAttribute("uses", desk.uses(id, purchases));
        model.addAttribute("shelf", store.shelf());
        model.addAttribute(
                "seen", store.prices().stream().collect(Collectors.groupingBy(ShelfMapper.PriceRow::itemId)));
        model.addAttribute("money", store.money(id));
        model.addAttribute("links", store.liveLinks(id));
        model.addAttribute("ticks", ticks.now(id, "shopping"));
        model.addAttribute("standIns", standIns(planned));
        model.addAttribute("more", bought.more(id));
        Optional.ofNullable(store.money(id).fee())
                .ifPresent(fee -> model.addAttribute(
                        "margin",
                        costing.margin(fee, planned.cooking().attendees().size())));
        return "provision/shopping";
    }

    /** What could stand in for each item that is needed; items without any are left out. */
    private Map<String, List<StandIn.Choice>> standIns(PlannedClass planned) {
        Map<String, List<StandIn.Choice>> choices = new LinkedHashMap<>();
        for (String item : planned.demand().items()) {
            List<StandIn.Choice> found = StandIn.choices(planned.cooking(), builtIn, item);
            if (!found.isEmpty()) {
                choices.put(item, found);
            }
        }
        return choices;
    }

    /** Puts something else in the place of an item in the whole class; whom it does not suit is said. */
    @PostMapping("/classes/{id}/stand-in")
    String standIn(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam("item") String item,
            @RequestParam("use") String use,
            RedirectAttributes next,
            Principal who) {
        PlanDesk.Planned found = plans.find(id).orElseThrow(NotFoundException::new);
        PlannedClass planned = found.whole();
        StandIn.Choice choice = StandIn.choices(planned.cooking(), builtIn, item).stream()
                .filter(own -> own.use().equals(use))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        StoredClass stored = found.stored();
        // What is planned of a film is the day on which it is shot; what is stored is the film.
        CookingClass wanted = StandIn.apply(stored.cooking(), builtIn, item, use, choice.ratio());
        try {
            if (ClassReview.of(wanted, builtIn).isEmpty()) {
                String what = "%s in place of %s"
                        .formatted(
                                planned.catalogue().get(use).name(),
                                planned.catalogue().get(item).name());
                changes.change(id, version, wanted, stored.wishes(), who.getName(), what);
                List<String> refused = plans.find(id).orElseThrow(NotFoundException::new).whole().kits().stream()
                        .filter(kit -> kit.refuses())
                        .map(kit -> kit.attendee().name())
                        .toList();
                next.addFlashAttribute(
                        refused.isEmpty() ? "toldLines" : "warnedLines",
                        List.of(
                                what + ". Kits and handouts are updated; everybody's allergies were checked again.",
                                refused.isEmpty()
                                        ? "Nobody is left out."
                                        : "Cannot be served now: " + String.join(", ", refused)));
            }
        } catch (StaleClassException e) {
            next.addFlashAttribute("warned", "classes.stale");
        }
        return "redirect:/classes/%d/shopping".formatted(id);
    }

    @GetMapping("/classes/{id}/shopping.csv")
    ResponseEntity<byte[]> csv(@PathVariable("id") long id) {
        PlannedClass planned = desk.planned(id);
        WeekList list = desk.list(List.of(planned));
        String file = ShoppingTable.write(desk.view(list, List.of(planned)), desk.catalogue(List.of(planned)));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("shopping-%d.csv".formatted(id))
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(file.getBytes(StandardCharsets.UTF_8));
    }

    /** The lists of the contract, section 8. */
    @GetMapping(value = "/classes/{id}/lists.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    String lists(@PathVariable("id") long id) {
        return Json.indented(ListsFile.write(desk.planned(id)));
    }

    /** One list for several classes. */
    @GetMapping("/shopping")
    String week(@RequestParam(value = "class", defaultValue = "") List<Long> ids, Model model) {
        List<PlannedClass> classes =
                ids.stream().distinct().limit(20).map(desk::planned).toList();
        WeekList list = desk.list(classes);
        model.addAttribute(
                "entries", plans.ready().stream().map(PlanDesk.Planned::stored).toList());
        model.addAttribute("chosen", ids);
        model.addAttribute("list", list);
        model.addAttribute("view", desk.view(list, classes));
        model.addAttribute("catalogue", desk.catalogue(classes));
        return "provision/week";
    }
}
