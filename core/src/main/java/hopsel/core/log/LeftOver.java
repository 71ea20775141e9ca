package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.handout.HostWords.DishWords;
import hopsel.core.planned.PlannedClass;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.Pantry.Turnover;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is left of a dish when a class is over.
 *
 * @param dish id
 * @param portions servings, above 0
 * @param went where it went
 * @param useBy until when it is good; empty: nobody said
 */
public record LeftOver(String dish, BigDecimal portions, Went went, Optional<LocalDate> useBy) {

    /**
     * Days that left-overs are kept of which nobody said how long they keep: the shortest limit there is, that of
     * cooked rice.
     */
    private static final int UNSAID = 1;

    /** Where left-overs go. */
    public enum Went {
        SHELF,
        GIVEN,
        THROWN
    }

    /** Edible grams that went in, which is what is known of what is left. */
    public BigDecimal grams(PlannedClass planned) {
        return planned.cooking().dishes().stream()
                .filter(own -> own.id().equals(dish))
                .map(own -> serving(planned, own).multiply(portions))
                .findFirst()
                .orElse(BigDecimal.ZERO);
    }

    private static BigDecimal serving(PlannedClass planned, Dish dish) {
        return dish.lines()
                .map(line -> planned.batches().grams(dish, line, BigDecimal.ONE))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What is kept comes onto the shelf under the name of its dish; the rest does not. */
    public Optional<Movement> movement(PlannedClass planned) {
        CookingClass cooking = planned.cooking();
        return went != Went.SHELF
                ? Optional.empty()
                : cooking.dishes().stream()
                        .filter(own -> own.id().equals(dish))
                        .findFirst()
                        .map(own -> new Movement(
                                Turnover.LEFT_OVER,
                                own.title(),
                                "cooked " + cooking.startsAt().toLocalDate(),
                                grams(planned),
                                useBy,
                                true));
    }

    /**
     * What a closing does to the shelf after another: by how much more or less is kept of each dish than was written
     * down before.
     *
     * @param before left-overs of the closing before; empty: it is the first
     */
    public static List<Movement> corrected(List<LeftOver> before, List<LeftOver> after, PlannedClass planned) {
        Map<String, Movement> moved = new LinkedHashMap<>();
        after.forEach(own -> own.movement(planned).ifPresent(line -> moved.put(line.item(), line)));
        for (LeftOver own : before) {
            own.movement(planned)
                    .map(LeftOver::takenBack)
                    .ifPresent(line -> moved.merge(line.item(), line, LeftOver::together));
        }
        return moved.values().stream()
                .filter(line -> before.isEmpty() || line.grams().signum() != 0)
                .toList();
    }

    private static Movement takenBack(Movement line) {
        return new Movement(line.kind(), line.item(), line.batch(), line.grams().negate(), line.useBy(), line.opened());
    }

    /** The date is that of the later closing. */
    private static Movement together(Movement later, Movement earlier) {
        return new Movement(
                later.kind(),
                later.item(),
                later.batch(),
                later.grams().add(earlier.grams()),
                later.useBy(),
                later.opened());
    }

    /**
     * The last day on which a dish is good that was cooked in a class; the day after it where nobody said how long it
     * keeps.
     */
    public static LocalDate goodUntil(CookingClass cooking, DishWords words) {
        return cooking.startsAt().toLocalDate().plusDays(words.fridge().orElse(UNSAID));
    }
}
