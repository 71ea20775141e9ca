package hopsel.core.dish;

import hopsel.core.Copyable;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * A place or an appliance that a step holds from start to end.
 *
 * @param kind of resource
 * @param units shelves or rings, at least 1
 * @param celsius temperature asked for; empty: none is set
 * @param tolerance °C that it may be off, both ways, 0 or more
 */
@Copyable
public record Need(String kind, int units, Optional<BigDecimal> celsius, BigDecimal tolerance)
        implements NeedBuilder.With {

    /** Whether a place of that kind does this. */
    public boolean does(Does what) {
        return PlaceKind.does(kind, what);
    }

    /** A jar that is closed while it whirls: hot liquid in it blows off the lid. */
    public boolean isClosedJar() {
        return does(Does.MIXES) && does(Does.SEALS);
    }

    /** Whether it is of this kind, whatever the kitchen calls it. */
    public boolean is(PlaceKind other) {
        return PlaceKind.of(kind).filter(other::equals).isPresent();
    }
}
