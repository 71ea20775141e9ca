package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;

import java.util.List;
import java.util.stream.Collectors;

/**
 * How long a step took once.
 *
 * @param step which
 * @param cook name of whoever did it; empty text: nobody's hands
 * @param kitchen where, told by its ovens, rings and appliances
 * @param seconds that it took
 */
public record Observation(StepRef step, String cook, String kitchen, int seconds) {

    /** Everything that a log teaches; what was swapped out or cut short teaches nothing. */
    public static List<Observation> of(CookingClass cooking, AirLog log) {
        return log.rows().stream()
                .filter(AirLog.Row::full)
                .map(row -> new Observation(
                        AirLog.step(row),
                        row.standing().person().map(id -> cook(cooking, id)).orElse(""),
                        kitchen(cooking),
                        row.lasted()))
                .toList();
    }

    /** The name of a person of a class. */
    static String cook(CookingClass cooking, String id) {
        return cooking.people().stream()
                .filter(person -> person.id().equals(id))
                .map(Person::name)
                .findFirst()
                .orElse(id);
    }

    /** What tells a kitchen from another: a class file has no name for it. */
    public static String kitchen(CookingClass cooking) {
        return cooking.resources().stream().map(Resource::id).sorted().collect(Collectors.joining(" "));
    }
}
