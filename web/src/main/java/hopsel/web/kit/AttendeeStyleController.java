package hopsel.web.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.web.classes.AttendeeStyles;
import hopsel.web.frame.NotFoundException;
import hopsel.web.plan.PlanDesk;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.util.List;
import java.util.Map;

/** How an attendee cooks, chosen on their kit or their handout; both follow it, and so does the shopping. */
@Controller
class AttendeeStyleController {

    private final PlanDesk desk;
    private final AttendeeStyles styles;

    AttendeeStyleController(PlanDesk desk, AttendeeStyles styles) {
        this.desk = desk;
        this.styles = styles;
    }

    @PostMapping("/classes/{id}/attendees/{number}/style")
    String keep(
            @PathVariable("id") long id, @PathVariable("number") int number, @RequestParam Map<String, String> chosen) {
        CookingClass cooking =
                desk.peek(id).orElseThrow(NotFoundException::new).stored().cooking();
        List<Attendee> attendees = cooking.attendees();
        if (number < 1 || number > attendees.size()) {
            throw new NotFoundException();
        }
        styles.keep(id, attendees.get(number - 1).id(), chosen);
        return "handout".equals(chosen.get("back"))
                ? "redirect:/classes/%d/handouts/%d".formatted(id, number)
                : "redirect:" + KitsController.page(id, cooking, number);
    }
}
