package hopsel.web.account;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The page on which people sign in. */
@Controller
class SignInController {

    @GetMapping("/sign-in")
    String signIn() {
        return "account/sign-in";
    }

    @GetMapping("/")
    String home() {
        return "redirect:/classes";
    }
}
