package hopsel.core.plan;

import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;
import hopsel.core.measure.Decimals;

import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Objects;

/**
 * Something that can be held: a person, a resource of the kitchen, or quiet.
 *
 * @param person null for a resource
 * @param resource null for a person
 */
record Machine(@Nullable Person person, @Nullable Resource resource, int capacity, int rinse) {

    /** The two activities may share the machine. */
    static final int NO_GAP = -1;

    private static final BigDecimal SIXTY = BigDecimal.valueOf(60);

    static Machine of(Person person) {
        return new Machine(person, null, 1, 0);
    }

    static Machine of(Resource resource) {
        return new Machine(null, resource, resource.units(), resource.rinse().seconds());
    }

    /** What talk holds whole, and whatever is loud a unit of. */
    static Machine quiet(int capacity) {
        return new Machine(null, null, capacity, 0);
    }

    /** What is held, where it is no person. */
    Resource place() {
        return Objects.requireNonNull(resource, "a person has no temperature");
    }

    /** The id in the class file; empty for what stands in none. */
    String id() {
        if (person != null) {
            return person.id();
        }
        return resource == null ? "" : resource.id();
    }

    /** Seconds from the end of a use at one heat to the start of a use at another; {@link #NO_GAP} if they meet. */
    int heatGap(@Nullable Heat first, @Nullable Heat then) {
        if (first == null || then == null || first.meets(then)) {
            return NO_GAP;
        }
        boolean upwards = then.from().compareTo(first.to()) > 0;
        BigDecimal distance =
                upwards ? then.from().subtract(first.to()) : first.from().subtract(then.to());
        BigDecimal rate = upwards ? place().heatPerMinute() : place().coolPerMinute();
        return Decimals.ratio(distance.multiply(SIXTY), rate)
                .setScale(9, RoundingMode.HALF_UP)
                .setScale(0, RoundingMode.CEILING)
                .intValue();
    }
}
