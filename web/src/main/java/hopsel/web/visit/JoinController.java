package hopsel.web.visit;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Contact;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.HouseRule;
import hopsel.web.classes.ClassStore;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.Secret;
import hopsel.web.guest.AttendeeForm;
import hopsel.web.guest.AttendeeWords;
import hopsel.web.guest.HouseRules;
import hopsel.web.guest.SignupStore;
import hopsel.web.guest.SignupStore.FullException;
import hopsel.web.guest.SignupStore.Signup;
import hopsel.web.guest.SignupStore.Taken;
import hopsel.web.post.PostOffice;

import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.time.Clock;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Signing up for a class by its link, without an account. */
@Controller
class JoinController {

    private final SignupStore signups;
    private final ClassStore classes;
    private final HouseRules rules;
    private final AttendeeWords words;
    private final Catalogue builtIn;
    private final Clock clock;

    JoinController(
            SignupStore signups,
            ClassStore classes,
            HouseRules rules,
            AttendeeWords words,
            Catalogue builtIn,
            Clock clock) {
        this.signups = signups;
        this.classes = classes;
        this.rules = rules;
        this.words = words;
        this.builtIn = builtIn;
        this.clock = clock;
    }

    @GetMapping("/join/{token}")
    String form(@PathVariable("token") String token, HttpServletResponse response, Model model) {
        long id = opened(token, response);
        fill(id, token, model);
        return "guest/join";
    }

    private long opened(String token, HttpServletResponse response) {
        GuestController.keepPrivate(response);
        return signups.opened(token).orElseThrow(NotFoundException::new);
    }

    private CookingClass fill(long id, String token, Model model) {
        CookingClass cooking =
                classes.find(id).orElseThrow(NotFoundException::new).cooking();
        Signup signup = signups.of(id);
        model.addAttribute("token", token);
        model.addAttribute("cooking", cooking);
        model.addAttribute("catalogue", cooking.catalogue(builtIn));
        model.addAttribute("signup", signup);
        model.addAttribute("press", Secret.fresh());
        model.addAttribute("open", signup.takes(cooking, clock.instant()));
        signup.left(cooking).ifPresent(left -> model.addAttribute("left", left));
        choices(model, rules);
        model.addAttribute("suggested", words.suggestions(cooking.catalogue(builtIn)));
        return cooking;
    }

    /** What can be ticked as avoided. */
    static void choices(Model model, HouseRules rules) {
        model.addAttribute(
                "allergens",
                Arrays.stream(Allergen.values()).map(Allergen::word).toList());
        model.addAttribute(
                "houseRules",
                Arrays.stream(HouseRule.values()).map(HouseRule::word).toList());
        model.addAttribute("rules", rules.all().keySet());
    }

    @PostMapping("/join/{token}")
    String signUp(
            @PathVariable("token") String token,
            @RequestParam MultiValueMap<String, String> typed,
            HttpServletResponse response,
            Model model) {
        long id = opened(token, response);
        CookingClass cooking = fill(id, token, model);
        Entered in = new Entered(joined(typed));
        try {
            in.must("name");
            reached(in);
            if (!signups.of(id).takes(cooking, clock.instant())) {
                throw new BadEntryException("time", "is over: signing up has closed. Ask the host.");
            }
            agreed(in);
            AttendeeForm.Row row = new AttendeeForm(cooking, cooking.catalogue(builtIn), rules.all())
                    .row(in, "")
                    .orElseThrow(NotFoundException::new);
            Taken taken = signups.signUp(id, row.attendee(), row.known(), press(typed.getFirst("press")));
            model.addAttribute("taken", taken);
            return "guest/joined";
        } catch (FullException e) {
            return refused(
                    new BadEntryException("time", "is over: the class and its waiting list are full. Ask the host."),
                    typed,
                    response,
                    model);
        } catch (BadEntryException e) {
            return refused(e, typed, response, model);
        }
    }

    private static void reached(Entered in) throws BadEntryException {
        String mail = in.text("mail").orElse("");
        if (!mail.isEmpty() && !PostOffice.isAddress(mail)) {
            throw new BadEntryException("mail", "isn't a full address. Write it like ada@example.org.");
        }
        in.must("contact");
    }

    /** What somebody must not eat says something of their health: it is kept if they say so. */
    private static void agreed(Entered in) throws BadEntryException {
        boolean health = in.text("avoids")
                .filter(text -> text.chars().anyMatch(Character::isLetterOrDigit))
                .isPresent();
        if (health && !in.isChecked("consent")) {
            throw new BadEntryException("consent", "isn't ticked yet. Without it we can't keep what you cannot have.");
        }
    }

    /** The press as the form named it; a form without a name is pressed once. */
    private static String press(@Nullable String named) {
        return named != null && named.matches("[A-Za-z0-9_-]{16,64}") ? named : Secret.fresh();
    }

    private String refused(
            BadEntryException e, MultiValueMap<String, String> typed, HttpServletResponse response, Model model) {
        model.addAttribute("wrong", words.wrong(e));
        model.addAttribute("wrongField", e.field());
        model.addAttribute("typed", typed.toSingleValueMap());
        model.addAttribute("ticked", typed.getOrDefault("tick", List.of()));
        model.addAttribute("tickedRather", typed.getOrDefault("tick-rather", List.of()));
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return "guest/join";
    }

    /** What was ticked and what was written are one list. */
    static Map<String, String> joined(MultiValueMap<String, String> typed) {
        Map<String, String> fields = new HashMap<>(typed.toSingleValueMap());
        fields.put(
                "avoids",
                String.join(",", typed.getOrDefault("tick", List.of())) + "," + fields.getOrDefault("avoids", ""));
        fields.put(
                "rather",
                String.join(",", typed.getOrDefault("tick-rather", List.of())) + ","
                        + fields.getOrDefault("rather", ""));
        fields.put("gets", Attendee.Gets.BOTH.word());
        if (typed.containsKey("mail") || typed.containsKey("phone")) {
            fields.put("contact", Contact.of(fields.getOrDefault("mail", ""), fields.getOrDefault("phone", "")));
        }
        return fields;
    }
}
