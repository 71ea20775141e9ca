package hopsel.web.guest;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.guest.SignupStore.Signup;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the host says about signing up: places, closing time, the link, who waits, and rules of the house's own. */
@Controller
class SignupController {

    private static final int MOST_PLACES = 300;

    private final SignupStore signups;
    private final HouseRules rules;
    private final ClassStore classes;
    private final Catalogue builtIn;

    SignupController(SignupStore signups, HouseRules rules, ClassStore classes, Catalogue builtIn) {
        this.signups = signups;
        this.rules = rules;
        this.classes = classes;
        this.builtIn = builtIn;
    }

    private static String back(long id) {
        return "redirect:/classes/%d/people#signup".formatted(id);
    }

    @PostMapping("/classes/{id}/people/signup")
    String keep(@PathVariable("id") long id, @RequestParam Map<String, String> fields, RedirectAttributes next) {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        Entered in = new Entered(fields);
        try {
            signups.keep(
                    id,
                    new Signup(
                            signups.of(id).open(),
                            in.whole("places", 1, MOST_PLACES),
                            closes(in, cooking),
                            in.text("joining")
                                    .filter(text -> text.length() <= 2000)
                                    .orElse("")));
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
            next.addFlashAttribute("typedSignup", fields);
            return back(id);
        }
        if (in.isChecked("link")) {
            next.addFlashAttribute("signupLink", "/join/" + signups.link(id));
        } else if (in.isChecked("withdraw")) {
            signups.withdraw(id);
        }
        return back(id);
    }

    private static Optional<Instant> closes(Entered in, CookingClass cooking) throws BadEntryException {
        Optional<String> text = in.text("closes");
        try {
            return text.map(
                    when -> LocalDateTime.parse(when).atZone(cooking.zone()).toInstant());
        } catch (DateTimeParseException e) {
            throw new BadEntryException(
                    "closes",
                    "is “%s”, which isn't a date and time. Write it like 2027-02-12T18:00.".formatted(text.orElse("")));
        }
    }

    @PostMapping("/classes/{id}/people/waiting")
    String takeIn(@PathVariable("id") long id, @RequestParam("attendee") String attendee) {
        signups.takeIn(id, attendee);
        return back(id);
    }

    /** A rule of the house's own; without words it is forgotten. */
    @PostMapping("/classes/{id}/people/rules")
    String rule(@PathVariable("id") long id, @RequestParam Map<String, String> fields, RedirectAttributes next) {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        Entered in = new Entered(fields);
        try {
            String name = in.must("name");
            if (name.length() > 100 || name.contains(",")) {
                throw new BadEntryException("name", "has a comma or is longer than 100 characters. Shorten it.");
            }
            rules.keep(name, new AttendeeForm(cooking, cooking.catalogue(builtIn), Map.of()).ruleWords(in, "words"));
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
            next.addFlashAttribute("typedRule", fields);
        }
        return "redirect:/classes/%d/people#rules".formatted(id);
    }
}
