package hopsel.web.log;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.log.Learned;
import hopsel.core.log.Observation;
import hopsel.core.planned.PlannedClass;
import hopsel.web.air.Experience;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What an evening teaches, as it stands on the log and on the page on which a class is closed. */
@Component
class EveningLessons {

    private final Experience experience;

    EveningLessons(Experience experience) {
        this.experience = experience;
    }

    /** A step with what all logs say of it, for whoever does it in this class. */
    public record Taught(StepRef step, String title, int planned, Learned learned) {

        /** Whether the plan has other minutes. */
        public boolean isNews() {
            return learned.likely() != planned;
        }
    }

    /** By dish and step, over every class that was on air. */
    List<Taught> taught(PlannedClass planned) {
        CookingClass cooking = planned.cooking();
        List<Taught> all = new ArrayList<>();
        cooking.dishes().forEach(dish -> {
            Map<String, List<Observation>> seen = experience.ofDish(dish);
            dish.steps().filter(step -> seen.containsKey(step.id())).forEach(step -> {
                StepRef ref = new StepRef(dish.id(), step.id());
                all.add(new Taught(
                        ref,
                        step.title(),
                        step.minutes().likely().seconds(),
                        Learned.of(planned, ref, Known.in(seen, step.id()))));
            });
        });
        return all;
    }

    /** Minutes, tastes and troubles of an evening, for a page. */
    void fill(long id, PlannedClass planned, Model model) {
        experience.evening(id).ifPresent(evening -> {
            List<Taught> taught = taught(planned);
            model.addAttribute("logged", evening.planned().cooking());
            model.addAttribute("taught", taught);
            model.addAttribute("news", taught.stream().filter(Taught::isNews).count());
            model.addAttribute("tasted", evening.log().tastes());
            model.addAttribute(
                    "wrong",
                    evening.log().wrong().stream()
                            .map(wrong -> experience.sentence(evening, wrong))
                            .toList());
        });
    }
}
