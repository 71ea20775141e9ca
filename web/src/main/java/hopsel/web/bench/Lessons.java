package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Edits;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.log.AirLog.Tasted;
import hopsel.core.log.Learned;
import hopsel.core.log.Observation;
import hopsel.web.air.Experience;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What classes that were on air teach about dishes on the bench; a dish is told by its recipe. */
@Component
public class Lessons implements ActionSet {

    private final Experience experience;
    private final BenchStore store;

    Lessons(Experience experience, BenchStore store) {
        this.experience = experience;
        this.store = store;
    }

    /**
     * What all logs say of a step, and of each cook in each kitchen.
     *
     * @param all of everybody
     * @param each by cook; nobody's hands, or one cook in one kitchen alone, is left out
     */
    public record Lesson(Learned all, Map<String, Learned> each) {}

    @Override
    public Map<String, BenchAction> actions() {
        return Map.of("learned", this::take);
    }

    /** Of the steps of a dish that were on air, by their ids. */
    Map<String, Lesson> of(Draft sheet) {
        Map<String, Lesson> lessons = new LinkedHashMap<>();
        experience.ofDish(sheet.dish()).forEach((id, seen) -> sheet.step(id)
                .ifPresent(step -> lessons.put(id, lesson(step, seen))));
        return lessons;
    }

    private static Lesson lesson(Step step, List<Observation> seen) {
        int recipe = step.minutes().likely().seconds();
        Map<String, Learned> each = new LinkedHashMap<>();
        seen.stream()
                .filter(one -> !one.cook().isEmpty())
                .forEach(
                        one -> each.computeIfAbsent(one.cook(), cook -> Learned.of(recipe, seen, cook, one.kitchen())));
        return new Lesson(
                Learned.from(recipe, seen.stream().map(Observation::seconds).toList()),
                each.size() > 1 ? each : Map.of());
    }

    /** What went wrong with a dish, and what was noted. */
    List<String> wrong(Draft sheet) {
        return experience.lastTime(sheet.dish());
    }

    private Change take(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        String id = in.must("step");
        Lesson lesson = Optional.ofNullable(of(sheet).get(id))
                .orElseThrow(() -> new RefusedEditException(
                        "No class with that step has been held yet. Here is the dish as it is now."));
        return Change.done(
                Edits.retime(sheet, id, lesson.all.minutes()),
                "“%s” takes %s min, from the log"
                        .formatted(
                                sheet.step(id).map(Step::title).orElse(id),
                                lesson.all.minutes().likely()));
    }

    /** Puts what an amount came to into the recipe of the dish that it was a line of; says how many there were. */
    public int taste(Dish of, Tasted tasted, String who) {
        int taken = 0;
        for (StoredDish dish : store.all()) {
            if (dish.sheet().dish().isSameRecipe(of)
                    && dish.sheet().line(tasted.line()).isPresent()) {
                try {
                    store.save(
                            dish.id(),
                            dish.version(),
                            dish.sheet().with(tasted.in(dish.sheet().dish())),
                            who,
                            "an amount found by taste in class");
                    taken++;
                } catch (StaleDishException e) {
                    // Somebody is at work on it: their change stands, and this one can be taken again.
                    continue;
                }
            }
        }
        return taken;
    }
}
