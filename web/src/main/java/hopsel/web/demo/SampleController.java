package hopsel.web.demo;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import java.util.List;

/** Sample classes, for whoever wants to look first; and away with them. */
@Controller
class SampleController {

    private final Samples samples;

    SampleController(Samples samples) {
        this.samples = samples;
    }

    @PostMapping("/samples")
    String add() {
        return "redirect:/classes/%d/plan".formatted(samples.add());
    }

    @PostMapping("/samples/remove")
    String remove(RedirectAttributes next) {
        next.addFlashAttribute("toldLines", List.of("Samples deleted: %d.".formatted(samples.remove())));
        return "redirect:/classes";
    }
}
