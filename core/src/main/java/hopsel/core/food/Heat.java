package hopsel.core.food;

import hopsel.core.dish.Step;
import hopsel.core.kitchen.PlaceKind.Does;

import java.math.BigDecimal;

/** What a step does to the temperature of food: the one place where that is decided. */
public final class Heat {

    /** °C from which food counts as hot; below it germs grow. */
    public static final BigDecimal HOT = BigDecimal.valueOf(60);

    private Heat() {}

    /**
     * Whether food gets hot through: it stands where it is heated, unless the step asks for less than 60 °C there, as a
     * dough does that rises in the oven. Techniques do not count: they are read off words, and beans are not cooked by
     * a text that speaks of cooking them.
     */
    public static boolean heats(Step step) {
        boolean asked = step.needs().stream()
                .flatMap(need -> need.celsius().stream())
                .anyMatch(celsius -> celsius.compareTo(HOT) >= 0);
        boolean placed = step.needs().stream()
                .anyMatch(need -> need.does(Does.HEATS)
                        && need.celsius()
                                .filter(celsius -> celsius.compareTo(HOT) < 0)
                                .isEmpty());
        return asked || placed;
    }

    /** Whether food comes to 5 °C or is kept there. */
    public static boolean cools(Step step) {
        return step.needs().stream().anyMatch(need -> need.does(Does.COOLS));
    }

    /** Whether food is frozen. */
    public static boolean freezes(Step step) {
        return step.needs().stream().anyMatch(need -> need.does(Does.FREEZES));
    }
}
