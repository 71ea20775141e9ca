package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.AtStation.OfKit;
import hopsel.core.measure.Decimals;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.eventfile.StationFile;
import hopsel.formats.json.Json;
import hopsel.formats.table.Table;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.guest.AttendeeForm;
import hopsel.web.guest.GuestFields;
import hopsel.web.guest.GuestNotices;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.ParticularsStore;
import hopsel.web.guest.Removal;
import hopsel.web.guest.SignupStore;
import hopsel.web.house.HouseStore;
import hopsel.web.plan.ClassPages;

import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** The attendees of a class: entered row by row, or pasted from a sheet. */
@Controller
class PeopleController {

    private final ClassPages pages;
    private final ClassStore store;
    private final PeopleChanges changes;
    private final GuestNotices notices;
    private final GuestStore guests;
    private final Removal removal;
    private final ParticularsStore particulars;
    private final SignupStore signups;
    private final HouseRules rules;
    private final AttendeeStyles styles;
    private final PackingStore packing;
    private final HouseStore house;
    private final Catalogue builtIn;

    PeopleController(
            ClassPages pages,
            ClassStore store,
            PeopleChanges changes,
            GuestNotices notices,
            GuestStore guests,
            Removal removal,
            ParticularsStore particulars,
            SignupStore signups,
            HouseRules rules,
            AttendeeStyles styles,
            PackingStore packing,
            HouseStore house,
            Catalogue builtIn) {
        this.pages = pages;
        this.store = store;
        this.changes = changes;
        this.notices = notices;
        this.guests = guests;
        this.removal = removal;
        this.particulars = particulars;
        this.signups = signups;
        this.rules = rules;
        this.styles = styles;
        this.packing = packing;
        this.house = house;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/people")
    String people(@PathVariable("id") long id, Principal who, Model model) {
        pages.open(id, Station.KITS, model);
        guests.look(id, who.getName(), "people");
        model.addAttribute("words", AttendeeForm.words());
        model.addAttribute("live", guests.live(id));
        Map<String, Particulars> known = particulars.of(id);
        CookingClass cooking = (CookingClass) Objects.requireNonNull(model.getAttribute("cooking"));
        Catalogue catalogue = cooking.catalogue(builtIn);
        model.addAttribute("known", known);
        model.addAttribute(
                "shown",
                cooking.attendees().stream()
                        .map(own ->
                                GuestFields.shown(own, known.getOrDefault(own.id(), Particulars.UNKNOWN), catalogue))
                        .toList());
        model.addAttribute(
                "cannot",
                cooking.attendees().stream()
                        .map(own -> GuestFields.cannot(own, catalogue))
                        .toList());
        model.addAttribute("rules", rules.all());
        model.addAttribute("signup", signups.of(id));
        model.addAttribute("waiting", signups.waiting(id));
        model.addAttribute("spices", Spice.values());
        model.addAttribute("deliveries", Delivery.values());
        model.addAttribute("removed", removal.removed(id));
        model.addAttribute("undoDays", house.now().undoDays());
        model.addAttribute("looks", guests.looks(id));
        return "kit/people";
    }

    private static Attendee numbered(StoredClass stored, int number) {
        List<Attendee> all = stored.cooking().attendees();
        if (number < 1 || number > all.size()) {
            throw new NotFoundException();
        }
        return all.get(number - 1);
    }

    /** A link to an attendee's own page, or the end of all of theirs. */
    @PostMapping("/classes/{id}/people/{number}/link")
    String link(
            @PathVariable("id") long id,
            @PathVariable("number") int number,
            @RequestParam(value = "withdraw", defaultValue = "false") boolean withdraw,
            RedirectAttributes next) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Attendee attendee = numbered(stored, number);
        if (withdraw) {
            guests.withdraw(id, attendee.id());
        } else {
            next.addFlashAttribute("link", "/guest/" + guests.link(id, stored.cooking(), attendee.id()));
            next.addFlashAttribute("linkFor", attendee.name());
        }
        return "redirect:/classes/%d/people".formatted(id);
    }

    /** Everything that is known of one person. */
    @GetMapping(value = "/classes/{id}/people/{number}/all.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> all(@PathVariable("id") long id, @PathVariable("number") int number, Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Attendee attendee = numbered(stored, number);
        guests.look(id, who.getName(), "downloaded what is known of one attendee");
        ObjectNode all = Json.object();
        all.set("attendee", ClassFile.attendee(attendee));
        Particulars known = particulars.of(id).getOrDefault(attendee.id(), Particulars.UNKNOWN);
        ObjectNode beside = all.putObject("particulars")
                .put("contact", known.contact())
                .put("spice", AttendeeForm.word(known.spice()))
                .put("delivery", AttendeeForm.word(known.delivery()))
                .put("remark", known.remark());
        known.equipment().forEach(beside.putArray("equipment")::add);
        ObjectNode style = all.putObject("style");
        styles.of(id)
                .getOrDefault(attendee.id(), Map.of())
                .forEach((matter, school) -> style.put(matter.word(), school));
        all.put("link", guests.live(id).contains(attendee.id()));
        ArrayNode packed = all.putArray("packed");
        packing.of(id).stream()
                .filter(entry ->
                        entry.event() instanceof OfKit ofKit && ofKit.kit().equals(attendee.id()))
                .forEach(entry -> packed.add(
                        StationFile.node(entry.event()).put("at", entry.at().toString())));
        return ResponseEntity.ok().header(HttpHeaders.CACHE_CONTROL, "no-store").body(Json.indented(all));
    }

    /** Takes one person out of the class, with everything that is known of them. */
    @PostMapping("/classes/{id}/people/{number}/erase")
    String remove(
            @PathVariable("id") long id,
            @PathVariable("number") int number,
            @RequestParam("attendee") String attendee,
            RedirectAttributes next,
            Principal who) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        Optional<Attendee> there = stored.cooking().attendees().stream()
                .filter(own -> own.id().equals(attendee))
                .findFirst();
        there.ifPresent(gone -> removal.remove(id, gone.id(), who.getName()));
        next.addFlashAttribute(
                "toldLines",
                List.of(there.map(gone ->
                                ("%s is removed, with everything known of them. What was printed or sent is out of "
                                                + "reach.")
                                        .formatted(gone.name()))
                        .orElse("They had been removed already.")));
        return "redirect:/classes/%d/people".formatted(id);
    }

    /** Puts somebody back who was removed, or ends that for good. */
    @PostMapping("/classes/{id}/people/removed")
    String removed(
            @PathVariable("id") long id,
            @RequestParam("removed") long removed,
            @RequestParam(value = "for-good", defaultValue = "false") boolean forGood,
            RedirectAttributes next,
            Principal who) {
        String told;
        if (forGood) {
            removal.eraseForGood(id, removed, who.getName());
            told = "Erased for good.";
        } else {
            told = removal.putBack(id, removed, who.getName())
                    .map(back -> "%s is back, with everything known of them.".formatted(back.name()))
                    .orElse("They are back already, or were erased for good.");
        }
        next.addFlashAttribute("toldLines", List.of(told));
        return "redirect:/classes/%d/people".formatted(id);
    }

    /** The host has seen what guests changed. */
    @PostMapping("/classes/{id}/people/seen")
    String seen(@PathVariable("id") long id, @RequestParam("last") long last, Principal who) {
        notices.seen(id, last, who.getName());
        return "redirect:/classes/%d/people".formatted(id);
    }

    @PostMapping("/classes/{id}/people")
    ModelAndView keep(
            @PathVariable("id") long id, @RequestParam Map<String, String> fields, Principal who, Model model) {
        try {
            changes.save(id, fields);
            return new ModelAndView("redirect:/classes/%d/people".formatted(id));
        } catch (BadEntryException e) {
            return refused(
                    id,
                    List.of("%s %s".formatted(e.field().replaceAll("-\\d+$", ""), e.getMessage())),
                    fields,
                    who,
                    model);
        }
    }

    /** Rows from a sheet are added; if one is not understood, none is. */
    @PostMapping("/classes/{id}/people/table")
    ModelAndView table(@PathVariable("id") long id, @RequestParam("table") String table, Principal who, Model model) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        AttendeeForm form = form(stored);
        List<String> wrong = new ArrayList<>();
        List<AttendeeForm.Row> added = new ArrayList<>();
        try {
            List<Map<String, String>> rows = Table.read(table);
            for (int i = 0; i < rows.size(); i++) {
                try {
                    form.row(new Entered(rows.get(i)), "").ifPresent(added::add);
                } catch (BadEntryException e) {
                    wrong.add("Row %d: %s %s".formatted(i + 2, e.field(), e.getMessage()));
                }
            }
        } catch (IOException e) {
            wrong.add("This table has no header row. The first line should be: name, servings, avoids, rather, "
                    + "gets, zone, "
                    + "contact, spice, delivery, equipment, remark.");
        }
        if (wrong.isEmpty()) {
            changes.add(id, added);
            return new ModelAndView("redirect:/classes/%d/people".formatted(id));
        }
        model.addAttribute("typedTable", table);
        return refused(id, wrong, null, who, model);
    }

    private AttendeeForm form(StoredClass stored) {
        return new AttendeeForm(stored.cooking(), stored.cooking().catalogue(builtIn), rules.all());
    }

    private ModelAndView refused(
            long id, List<String> wrong, @Nullable Map<String, String> typed, Principal who, Model model) {
        people(id, who, model);
        model.addAttribute("wrong", wrong);
        model.addAttribute("typed", typed);
        return new ModelAndView("kit/people", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @GetMapping("/classes/{id}/people.csv")
    ResponseEntity<byte[]> csv(@PathVariable("id") long id, Principal who) {
        guests.look(id, who.getName(), "downloaded the table");
        CookingClass cooking =
                store.find(id).orElseThrow(NotFoundException::new).cooking();
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "name",
                "servings",
                "avoids",
                "rather",
                "gets",
                "zone",
                "contact",
                "spice",
                "delivery",
                "equipment",
                "remark"));
        Map<String, Particulars> all = particulars.of(id);
        cooking.attendees().forEach(attendee -> {
            Particulars known = all.getOrDefault(attendee.id(), Particulars.UNKNOWN);
            rows.add(List.of(
                    attendee.name(),
                    Decimals.plain(attendee.servings()).toPlainString(),
                    GuestFields.cannot(attendee, cooking.catalogue(builtIn)),
                    String.join(", ", attendee.rather()),
                    attendee.gets().word(),
                    attendee.zone().map(Object::toString).orElse(""),
                    known.contact(),
                    AttendeeForm.word(known.spice()),
                    AttendeeForm.word(known.delivery()),
                    String.join(", ", known.equipment()),
                    known.remark()));
        });
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("people-%d.csv".formatted(id))
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(Table.write(rows).getBytes(StandardCharsets.UTF_8));
    }
}
