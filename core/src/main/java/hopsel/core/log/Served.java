package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.kit.Kit;
import hopsel.core.planned.PlannedClass;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Who was served what: ids of dishes by the id of the attendee. */
public final class Served {

    private Served() {}

    /** Dishes in which something cannot be made safe for an attendee. */
    public static Map<String, Set<String>> refused(PlannedClass planned) {
        Map<String, Set<String>> refused = new LinkedHashMap<>();
        for (Kit kit : planned.kits()) {
            kit.refusals()
                    .forEach(refusal -> refused.computeIfAbsent(kit.attendee().id(), any -> new HashSet<>())
                            .add(refusal.dish()));
        }
        return refused;
    }

    /** Everybody was served everything but what they cannot have, until somebody says otherwise. */
    public static Map<String, Set<String>> expected(PlannedClass planned) {
        Map<String, Set<String>> refused = refused(planned);
        Map<String, Set<String>> served = new LinkedHashMap<>();
        for (Attendee attendee : planned.cooking().attendees()) {
            Set<String> dishes = dishes(planned.cooking());
            dishes.removeAll(refused.getOrDefault(attendee.id(), Set.of()));
            served.put(attendee.id(), dishes);
        }
        return served;
    }

    /** What somebody said, as far as there is such a guest and such a dish; whoever is not named was served nothing. */
    public static Map<String, Set<String>> said(CookingClass cooking, Map<String, ? extends Collection<String>> said) {
        Map<String, Set<String>> served = new LinkedHashMap<>();
        for (Attendee attendee : cooking.attendees()) {
            Set<String> dishes = dishes(cooking);
            Collection<String> theirs = said.get(attendee.id());
            dishes.retainAll(theirs == null ? List.of() : theirs);
            served.put(attendee.id(), dishes);
        }
        return served;
    }

    private static Set<String> dishes(CookingClass cooking) {
        Set<String> all = new HashSet<>();
        cooking.dishes().stream().map(Dish::id).forEach(all::add);
        return all;
    }
}
