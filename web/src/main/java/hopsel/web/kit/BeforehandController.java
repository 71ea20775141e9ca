package hopsel.web.kit;

import hopsel.core.advice.Beforehand;
import hopsel.core.classes.CookingClass;
import hopsel.core.guest.Attendee;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.Station;
import hopsel.web.plan.ClassPages;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What attendees do before they come, by the clock where they are. */
@Controller
class BeforehandController {

    private final ClassPages pages;

    BeforehandController(ClassPages pages) {
        this.pages = pages;
    }

    @GetMapping("/classes/{id}/before")
    String before(@PathVariable("id") long id, Model model) {
        PlannedClass planned = pages.open(id, Station.KITS, model);
        model.addAttribute("tasks", Beforehand.of(planned.cooking(), planned.plan()));
        model.addAttribute("zones", byZone(planned.cooking()));
        return "kit/before";
    }

    /** Attendees by where they are; who said nothing is where the class is, which comes first. */
    private static Map<ZoneId, List<Attendee>> byZone(CookingClass cooking) {
        Map<ZoneId, List<Attendee>> zones = new LinkedHashMap<>();
        zones.put(cooking.zone(), new ArrayList<>());
        cooking.attendees().forEach(attendee -> zones.computeIfAbsent(
                        attendee.zone().orElse(cooking.zone()), any -> new ArrayList<>())
                .add(attendee));
        return zones;
    }
}
