package hopsel.web.post;

import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.util.List;
import java.util.Map;

/** The mail box: what was sent to whom, what came back, and how it is made to misbehave. */
@Controller
class PostController {

    private static final int LONGEST_DELAY = 10_000;

    private final PostOffice post;

    PostController(PostOffice post) {
        this.post = post;
    }

    @GetMapping("/post")
    String box(Model model) {
        model.addAttribute("letters", post.letters());
        model.addAttribute("rule", post.rule());
        model.addAttribute("real", post.isReal());
        return "post/box";
    }

    @PostMapping("/post")
    String behave(@RequestParam Map<String, String> fields, RedirectAttributes next) {
        Entered in = new Entered(fields);
        try {
            post.rule(
                    in.text("bounce").filter(text -> text.length() <= 200).orElse(""),
                    in.whole("delay", 0, LONGEST_DELAY).orElse(0));
        } catch (BadEntryException e) {
            next.addFlashAttribute("warnedLines", List.of("%s %s".formatted(e.field(), e.getMessage())));
        }
        return "redirect:/post";
    }
}
