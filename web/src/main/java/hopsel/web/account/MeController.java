package hopsel.web.account;

import hopsel.web.frame.AllOrNothing;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;
import hopsel.web.frame.LabelSheet;
import hopsel.web.frame.NotFoundException;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.security.Principal;
import java.util.Map;
import java.util.OptionalLong;

/** What somebody says of themselves: name, password, second factor. */
@Controller
class MeController {

    private static final String PAGE = "redirect:/me";
    private static final int LONGEST = 200;

    private final Staff staff;
    private final AccountMapper mapper;
    private final SecondFactor factor;
    private final AllOrNothing all;

    MeController(Staff staff, AccountMapper mapper, SecondFactor factor, AllOrNothing all) {
        this.all = all;
        this.staff = staff;
        this.mapper = mapper;
        this.factor = factor;
    }

    private Account account(Principal who) {
        return staff.find(who.getName()).orElseThrow(NotFoundException::new);
    }

    @GetMapping("/me")
    String me(Principal who, Model model) {
        Account me = account(who);
        model.addAttribute("me", me);
        if (me.totpPending() != null) {
            model.addAttribute(
                    "code",
                    LabelSheet.code(factor.address(me.login(), me.totpPending()))
                            .split("\\|", -1));
        }
        return "account/me";
    }

    private ModelAndView refused(Principal who, Model model, BadEntryException e) {
        me(who, model);
        model.addAttribute("wrongField", e.field());
        model.addAttribute("wrong", e.getMessage());
        return new ModelAndView("account/me", model.asMap(), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @PostMapping("/me/name")
    ModelAndView name(@RequestParam Map<String, String> fields, Principal who, Model model, RedirectAttributes next) {
        try {
            String name = new Entered(fields).must("name", LONGEST);
            staff.name(who.getName(), name);
            next.addFlashAttribute("told", "frame.saved");
            return new ModelAndView(PAGE);
        } catch (BadEntryException e) {
            return refused(who, model, e);
        }
    }

    /** Another password; every other session ends. */
    @PostMapping("/me/password")
    ModelAndView password(
            @RequestParam Map<String, String> fields,
            Principal who,
            HttpServletRequest request,
            Model model,
            RedirectAttributes next) {
        try {
            if (!staff.isPassword(account(who), fields.getOrDefault("old", ""))) {
                throw new BadEntryException("old", "is not your password now. Type it once more.");
            }
            String wanted = Passwords.read(fields);
            all.of(() -> {
                staff.password(who.getName(), wanted);
                staff.signOutEverywhere(who.getName());
            });
            request.getSession().invalidate();
            return new ModelAndView("redirect:/sign-in?changed");
        } catch (BadEntryException e) {
            return refused(who, model, e);
        }
    }

    @PostMapping("/me/sign-out-everywhere")
    String signOutEverywhere(Principal who, HttpServletRequest request) {
        staff.signOutEverywhere(who.getName());
        request.getSession().invalidate();
        return "redirect:/sign-in?out";
    }

    /** A key is made, and counts once a code of it was typed. */
    @PostMapping("/me/code")
    String code(Principal who) {
        mapper.pending(who.getName(), factor.key());
        return PAGE;
    }

    @PostMapping("/me/code/confirm")
    ModelAndView confirm(
            @RequestParam(value = "code", defaultValue = "") String code,
            Principal who,
            Model model,
            RedirectAttributes next) {
        Account me = account(who);
        OptionalLong step = me.totpPending() == null ? OptionalLong.empty() : factor.step(me.totpPending(), code);
        if (step.isEmpty()) {
            return refused(
                    who,
                    model,
                    new BadEntryException("code", "is not right. Type the six digits that the app shows now."));
        }
        mapper.factor(me.login(), me.totpPending(), step.getAsLong());
        next.addFlashAttribute("told", "me.code.on");
        return new ModelAndView(PAGE);
    }

    @PostMapping("/me/code/off")
    ModelAndView off(
            @RequestParam(value = "old", defaultValue = "") String password,
            Principal who,
            Model model,
            RedirectAttributes next) {
        if (!staff.isPassword(account(who), password)) {
            return refused(who, model, new BadEntryException("off", "is not your password. Type it once more."));
        }
        staff.withoutFactor(who.getName());
        next.addFlashAttribute("told", "me.code.off");
        return new ModelAndView(PAGE);
    }
}
