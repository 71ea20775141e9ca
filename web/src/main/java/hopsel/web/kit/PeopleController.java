package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.diet.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Decimals;
import hopsel.formats.table.Table;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
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

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The attendees of a class: entered row by row, or pasted from a sheet. */
@Controller
class PeopleController {

    private final ClassPages pages;
    private final ClassStore store;
    private final ClassChanges changes;
    private final Catalogue builtIn;

    PeopleController(ClassPages pages, ClassStore store, ClassChanges changes, Catalogue builtIn) {
        this.pages = pages;
        this.store = store;
        this.changes = changes;
        this.builtIn = builtIn;
    }

    @GetMapping("/classes/{id}/people")
    String people(@PathVariable("id") long id, Model model) {
        pages.open(id, Station.KITS, model);
        model.addAttribute("words", AttendeeForm.words());
        return "kit/people";
    }

    @PostMapping("/classes/{id}/people")
    ModelAndView keep(@PathVariable("id") long id, @RequestParam("version") int version, @RequestParam Map<String, String> fields, Principal who, Model model) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        AttendeeForm form = new AttendeeForm(stored.cooking(), stored.cooking().catalogue(builtIn));
        try {
            return kept(id, version, stored, form.rows(new Entered(fields)), who);
        } catch (BadEntryException e) {
            return refused(id, List.of("%s %s".formatted(e.field().replaceAll("-\\d+$", ""), e.getMessage())), fields, model);
        } catch (StaleClassException e) {
            return refused(id, List.of("Somebody else changed this class just now. What you typed is still here: look it over, and keep it again."), fields, model);
        }
    }

    /** Rows from a sheet are added; if one is not understood, none is. */
    @PostMapping("/classes/{id}/people/table")
    ModelAndView table(@PathVariable("id") long id, @RequestParam("version") int version, @RequestParam("table") String table, Principal who, Model model) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        AttendeeForm form = new AttendeeForm(stored.cooking(), stored.cooking().catalogue(builtIn));
        List<String> wrong = new ArrayList<>();
        List<Attendee> all = new ArrayList<>(stored.cooking().attendees());
        try {
            List<Map<String, String>> rows = Table.read(table);
            for (int i = 0; i < rows.size(); i++) {
                try {
                    form.row(new Entered(rows.get(i)), "", all).ifPresent(all::add);
                } catch (BadEntryException e) {
                    wrong.add("Row %d: %s %s".formatted(i + 2, e.field(), e.getMessage()));
                }
            }
            if (wrong.isEmpty()) {
                return kept(id, version, stored, all, who);
            }
        } catch (IOException e) {
            wrong.add("This is no table with a first line of names. Write: name, servings, avoids, gets, zone.");
        } catch (StaleClassException e) {
            wrong.add("Somebody else changed this class just now. Take it over again.");
        }
        return refused(id, wrong, Map.of("table", table), model);
    }

    private ModelAndView kept(long id, int version, StoredClass stored, List<Attendee> attendees, Principal who) throws StaleClassException {
        CookingClass wanted = stored.cooking().attendedBy(attendees);
        if (!wanted.equals(stored.cooking())) {
            changes.change(id, version, wanted, stored.wishes(), who.getName(), "attendees");
        }
        return new ModelAndView("redirect:/classes/%d/people".formatted(id));
    }

    private ModelAndView refused(long id, List<String> wrong, Map<String, String> typed, Model model) {
        people(id, model);
        model.addAttribute("wrong", wrong);
        model.addAttribute("typed", typed);
        return new ModelAndView("kit/people", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @GetMapping("/classes/{id}/people.csv")
    ResponseEntity<byte[]> csv(@PathVariable("id") long id) {
        CookingClass cooking = store.find(id).orElseThrow(NotFoundException::new).cooking();
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("name", "servings", "avoids", "gets", "zone"));
        cooking.attendees().forEach(attendee -> rows.add(List.of(attendee.name(), Decimals.plain(attendee.servings()).toPlainString(), String.join(", ", attendee.avoids()), attendee.gets().word(),
                attendee.zone().map(Object::toString).orElse(""))));
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("people-%d.csv".formatted(id)).build().toString()).header(HttpHeaders.CACHE_CONTROL, "no-store")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8)).body(Table.write(rows).getBytes(StandardCharsets.UTF_8));
    }
}
