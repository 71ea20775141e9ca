package hopsel.web.air;

import hopsel.core.air.AirState;
import hopsel.core.air.Practice;
import hopsel.core.air.Practice.Incident;
import hopsel.core.classes.CookingClass;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.ClassPages;
import hopsel.web.frame.Figures;
import hopsel.web.frame.Remembered;
import hopsel.web.frame.Station;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A class run against a simulated kitchen: what happened, minute by minute, and what the desk's advice would have gained. */
@Controller
class PracticeController {

    private static final int WIDTH = 960;
    private static final int HEIGHT = 220;

    private final ClassPages pages;
    private final Figures figures;
    /** The last evening of each class; it takes a while. */
    private final Remembered<Practice> evenings = new Remembered<>();
    private final Remembered<Practice> advisedEvenings = new Remembered<>();
    private final MessageSource messages;

    PracticeController(ClassPages pages, Figures figures, MessageSource messages) {
        this.pages = pages;
        this.figures = figures;
        this.messages = messages;
    }

    @GetMapping("/classes/{id}/air/practice")
    String practice(@PathVariable("id") long id, @RequestParam(value = "seed", defaultValue = "1") long seed, Model model) {
        PlannedClass planned = pages.open(id, Station.AIR, model);
        if (planned.plan().possible() && !planned.plan().activities().isEmpty()) {
            Practice alone = evenings.of(id, planned, seed, () -> Practice.of(planned.cooking(), planned.plan(), seed, false));
            Practice advised = advisedEvenings.of(id, planned, seed, () -> Practice.of(planned.cooking(), planned.plan(), seed, true));
            int most = Math.max(planned.cooking().airMinutes().seconds(), Math.max(alone.ends().stream().mapToInt(end -> end).max().orElse(0), planned.plan().airEnd())) + 60;
            int least = Math.min(planned.plan().airEnd(), planned.cooking().airMinutes().seconds()) - 300;
            int minutes = Math.max(alone.ends().size(), advised.ends().size());
            model.addAttribute("alone", alone);
            model.addAttribute("advised", advised);
            model.addAttribute("aloneLine", line(alone, minutes, least, most));
            model.addAttribute("advisedLine", line(advised, minutes, least, most));
            model.addAttribute("slotAt", at(planned.cooking().airMinutes().seconds(), least, most));
            model.addAttribute("happened", alone.happened().stream().map(this::said).toList());
            model.addAttribute("taken", advised.taken().stream().map(remedy -> said(planned.cooking(), planned, remedy)).toList());
        }
        model.addAttribute("seed", seed);
        return "air/practice";
    }

    private static double at(int end, int least, int most) {
        return HEIGHT - (end - least) / (double) (most - least) * HEIGHT;
    }

    /** When it would end, minute by minute, as the points of a line. */
    private static String line(Practice practice, int minutes, int least, int most) {
        List<String> points = new ArrayList<>();
        for (int i = 0; i < practice.ends().size(); i++) {
            points.add(String.format(Locale.ROOT, "%.1f,%.1f", i * WIDTH / (double) Math.max(1, minutes - 1), Math.max(0, Math.min(HEIGHT, at(practice.ends().get(i), least, most)))));
        }
        return String.join(" ", points);
    }

    private String said(Incident incident) {
        return messages.getMessage("practice." + incident.kind(), new Object[]{figures.time((incident.at() + 59) / 60 * 60), figures.time((incident.seconds() + 59) / 60 * 60)}, Locale.ENGLISH);
    }

    private String said(CookingClass cooking, PlannedClass planned, AirState.Remedy remedy) {
        String title = planned.plan().activities().stream().filter(activity -> AirState.key(activity).equals(remedy.key())).findFirst().map(activity -> cooking.step(activity.step()).title()).orElse("");
        return messages.getMessage("air.help." + remedy.kind(), new Object[]{title}, Locale.ENGLISH) + " " + messages.getMessage("air.gain", new Object[]{figures.time(remedy.gain())}, Locale.ENGLISH);
    }
}
