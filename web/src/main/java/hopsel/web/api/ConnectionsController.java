package hopsel.web.api;

import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.OwnAddress;
import hopsel.web.frame.Secret;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;

/** Tokens for what a house connects: made, shown once, taken away. */
@Controller
class ConnectionsController {

    private static final String PAGE = "redirect:/house/connections";
    private static final int LONGEST = 200;

    private final ApiTokenMapper tokens;
    private final OwnAddress address;
    private final Clock clock;

    ConnectionsController(ApiTokenMapper tokens, OwnAddress address, Clock clock) {
        this.tokens = tokens;
        this.address = address;
        this.clock = clock;
    }

    @GetMapping("/house/connections")
    String connections(Model model) {
        model.addAttribute("tokens", tokens.all());
        model.addAttribute("api", address.of("/api/1/classes"));
        return "office/connections";
    }

    @PostMapping("/house/connections")
    String make(@RequestParam Map<String, String> fields, Principal who, RedirectAttributes next) {
        try {
            String name = new Entered(fields).must("name", LONGEST);
            String secret = Secret.fresh();
            tokens.add(
                    Secret.digest(secret),
                    name,
                    LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC),
                    who.getName());
            next.addFlashAttribute("token", secret);
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("The %s %s".formatted(e.field(), e.getMessage())));
        }
        return PAGE;
    }

    @PostMapping("/house/connections/{id}/remove")
    String remove(@PathVariable("id") long id, RedirectAttributes next) {
        tokens.remove(id);
        next.addFlashAttribute("told", "connections.removed");
        return PAGE;
    }
}
