package hopsel.web.account;

import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.NotFoundException;
import hopsel.web.frame.OwnAddress;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.List;
import java.util.Map;

/** People who work here, for hosts: invited by link, with a role each. */
@Controller
class StaffController {

    private static final String PAGE = "redirect:/house/staff";
    private static final int LONGEST = 200;

    private final Staff staff;
    private final OwnAddress address;

    StaffController(Staff staff, OwnAddress address) {
        this.staff = staff;
        this.address = address;
    }

    @GetMapping("/house/staff")
    String staff(Principal who, Model model) {
        model.addAttribute("staff", staff.all());
        model.addAttribute("links", staff.links());
        model.addAttribute("roles", StaffRole.values());
        model.addAttribute("me", who.getName());
        return "account/staff";
    }

    @PostMapping("/house/staff/invite")
    String invite(@RequestParam Map<String, String> fields, Principal who, RedirectAttributes next) {
        Entered in = new Entered(fields);
        try {
            String name = in.must("name", LONGEST);
            StaffRole role = in.choice("role", StaffRole.values(), StaffRole::name);
            show(staff.invite(name, role, who.getName()), name, next);
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("The %s %s".formatted(e.field(), e.getMessage())));
            next.addFlashAttribute("typed", fields);
        }
        return PAGE;
    }

    private void show(String secret, String name, RedirectAttributes next) {
        next.addFlashAttribute("link", address.of("/welcome/" + secret));
        next.addFlashAttribute("linkFor", name);
    }

    @PostMapping("/house/staff/withdraw")
    String withdraw(@RequestParam("digest") String digest, RedirectAttributes next) {
        staff.withdraw(digest);
        next.addFlashAttribute("toldLines", List.of("That link no longer works."));
        return PAGE;
    }

    @PostMapping("/house/staff/{login}/role")
    String role(
            @PathVariable("login") String login, @RequestParam Map<String, String> fields, RedirectAttributes next) {
        Account account = staff.find(login).orElseThrow(NotFoundException::new);
        try {
            StaffRole role = new Entered(fields).choice("role", StaffRole.values(), StaffRole::name);
            boolean active = fields.containsKey("active");
            if (staff.role(account.login(), role, active)) {
                String said = active
                        ? "Saved. %s has been signed out and signs in again with it."
                        : "%s can no longer sign in.";
                next.addFlashAttribute("toldLines", List.of(said.formatted(account.name())));
            } else {
                next.addFlashAttribute(
                        "warnedLines",
                        List.of("%s is the only host. Make somebody else a host first.".formatted(account.name())));
            }
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("The %s %s".formatted(e.field(), e.getMessage())));
        }
        return PAGE;
    }

    /** A link for a new password; the old one works until it is used. */
    @PostMapping("/house/staff/{login}/reset")
    String reset(@PathVariable("login") String login, Principal who, RedirectAttributes next) {
        Account account = staff.find(login).orElseThrow(NotFoundException::new);
        show(staff.reset(account, who.getName()), account.name(), next);
        return PAGE;
    }

    @PostMapping("/house/staff/{login}/sign-out")
    String signOut(@PathVariable("login") String login, RedirectAttributes next) {
        Account account = staff.find(login).orElseThrow(NotFoundException::new);
        staff.signOutEverywhere(account.login());
        next.addFlashAttribute("toldLines", List.of("%s is signed out everywhere.".formatted(account.name())));
        return PAGE;
    }

    @PostMapping("/house/staff/{login}/without-code")
    String withoutCode(@PathVariable("login") String login, RedirectAttributes next) {
        Account account = staff.find(login).orElseThrow(NotFoundException::new);
        staff.withoutFactor(account.login());
        next.addFlashAttribute(
                "toldLines", List.of("%s now signs in with the password alone.".formatted(account.name())));
        return PAGE;
    }
}
