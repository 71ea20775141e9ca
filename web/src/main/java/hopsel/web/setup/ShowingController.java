package hopsel.web.setup;

import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Finding;
import hopsel.core.classes.Tempo;
import hopsel.core.classes.UsualTempo;
import hopsel.core.food.WorthSeeing;
import hopsel.core.item.Catalogue;
import hopsel.core.planned.PlannedClass;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

import java.security.Principal;
import java.util.List;
import java.util.Map;

/** What of a class is shown, what is enough of it, and whose hands it wants; with proposals. */
@Controller
class ShowingController {

    private final ClassPages pages;
    private final ClassStore store;
    private final ClassChanges changes;
    private final Catalogue catalogue;

    ShowingController(ClassPages pages, ClassStore store, ClassChanges changes, Catalogue catalogue) {
        this.pages = pages;
        this.store = store;
        this.changes = changes;
        this.catalogue = catalogue;
    }

    @GetMapping("/classes/{id}/showing")
    String showing(@PathVariable("id") long id, Model model) {
        open(id, model);
        return "setup/showing";
    }

    private void open(long id, Model model) {
        PlannedClass planned = pages.open(id, Station.SET_UP, model);
        List<ShownDish> dishes = ShownDish.of(planned.cooking());
        model.addAttribute("dishes", dishes);
        model.addAttribute("proposals", ShownDish.proposals(dishes));
        model.addAttribute("second", Edition.of(planned.cooking()) == Edition.SECOND);
        model.addAttribute("worths", WorthSeeing.values());
        model.addAttribute("steps", changes.steps(id));
    }

    @PostMapping("/classes/{id}/showing")
    ModelAndView keep(
            @PathVariable("id") long id,
            @RequestParam("version") int version,
            @RequestParam Map<String, String> fields,
            Principal who,
            Model model) {
        StoredClass stored = store.find(id).orElseThrow(NotFoundException::new);
        try {
            CookingClass wanted = new ShowingForm(new Entered(fields)).of(stored.cooking());
            if ("lift".equals(fields.get("take"))) {
                wanted = lifted(wanted);
            }
            List<Finding> findings = ClassReview.of(wanted, catalogue);
            if (!findings.isEmpty()) {
                return refused(id, "", findings.get(0).text(), fields, model);
            }
            if (!wanted.equals(stored.cooking())) {
                changes.change(id, version, wanted, stored.wishes(), who.getName(), "what is shown");
            }
        } catch (BadEntryException e) {
            return refused(id, e.field(), e.getMessage(), fields, model);
        } catch (StaleClassException e) {
            return refused(
                    id,
                    "",
                    "Somebody else changed this class just now. Look at it as it is now, and do it again.",
                    Map.of(),
                    model);
        }
        return new ModelAndView("redirect:/classes/%d/showing".formatted(id));
    }

    /** By the second edition of the rules, as classes of its style are usually held; what was said already stays. */
    private static CookingClass lifted(CookingClass cooking) {
        boolean said =
                !cooking.tempo().equals(Tempo.USUAL.withEdition(cooking.tempo().edition()));
        return cooking.withTempo(said ? cooking.tempo().withEdition(Edition.SECOND) : UsualTempo.of(cooking.style()));
    }

    private ModelAndView refused(long id, String field, String message, Map<String, String> fields, Model model) {
        open(id, model);
        model.addAttribute("typed", fields.isEmpty() ? null : fields);
        model.addAttribute("wrongField", field.replaceAll("-\\d+$", ""));
        model.addAttribute("wrong", message);
        ModelAndView page = new ModelAndView("setup/showing", HttpStatus.UNPROCESSABLE_CONTENT);
        page.addAllObjects(model.asMap());
        return page;
    }
}
