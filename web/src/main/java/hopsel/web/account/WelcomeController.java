package hopsel.web.account;

import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Where an invitation leads: somebody chooses a login and a password, once. */
@Controller
class WelcomeController {

    private static final Pattern LOGIN = Pattern.compile("[\\p{L}\\p{N}._@-]{2,60}");

    private final Staff staff;

    WelcomeController(Staff staff) {
        this.staff = staff;
    }

    @GetMapping("/welcome/{secret}")
    ModelAndView welcome(@PathVariable("secret") String secret) {
        return page(secret, staff.link(secret), Map.of(), HttpStatus.OK);
    }

    private static ModelAndView page(
            String secret, Optional<StaffLink> link, Map<String, String> typed, HttpStatus status) {
        ModelAndView page = new ModelAndView("account/welcome", link.isPresent() ? status : HttpStatus.NOT_FOUND);
        link.ifPresent(own -> page.addObject("invited", own));
        page.addObject("typed", typed);
        page.addObject("secret", secret);
        return page;
    }

    @PostMapping("/welcome/{secret}")
    ModelAndView begin(
            @PathVariable("secret") String secret, @RequestParam Map<String, String> fields, RedirectAttributes next) {
        Optional<StaffLink> link = staff.link(secret);
        Entered in = new Entered(fields);
        try {
            boolean fresh = link.isPresent() && link.get().login() == null;
            String login = fresh ? login(in) : "";
            String name = fresh ? in.must("name") : "";
            String password = Passwords.read(fields);
            if (link.isEmpty() || !staff.use(secret, login, name, password)) {
                return page(secret, Optional.empty(), fields, HttpStatus.NOT_FOUND);
            }
            next.addFlashAttribute("told", "welcome.done");
            return new ModelAndView("redirect:/sign-in?welcome");
        } catch (BadEntryException e) {
            ModelAndView page = page(secret, link, fields, HttpStatus.UNPROCESSABLE_CONTENT);
            page.addObject("wrongField", e.field());
            page.addObject("wrong", e.getMessage());
            return page;
        }
    }

    private String login(Entered in) throws BadEntryException {
        String login = in.must("login");
        if (!LOGIN.matcher(login).matches()) {
            throw new BadEntryException(
                    "login", "has 2 to 60 letters, digits, points, dashes or @, and no spaces. Choose another.");
        }
        if (staff.find(login).isPresent()) {
            throw new BadEntryException("login", "is taken. Choose another.");
        }
        return login;
    }
}
