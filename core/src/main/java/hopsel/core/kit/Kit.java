package hopsel.core.kit;

import hopsel.core.diet.Attendee;
import hopsel.core.measure.Working;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What an attendee is handed.
 *
 * @param attendee    who
 * @param lines       what is in it, dish by dish in the order of the recipe
 * @param cannotServe lines that cannot be made safe for them
 */
public record Kit(Attendee attendee, List<Line> lines, List<Refusal> cannotServe) {

    /** The order in which kits are packed: those who avoid most first, while surfaces and tools are clean. */
    public static final Comparator<Kit> PACKING_ORDER = Comparator.comparingInt(kit -> -kit.attendee.avoids().size());

    /** Keeps its own copies. */
    public Kit {
        lines = List.copyOf(lines);
        cannotServe = List.copyOf(cannotServe);
    }

    /**
     * A weighed portion.
     *
     * @param dish      id of the dish
     * @param line      id of the line in it
     * @param item      id of what is packed
     * @param grams     edible, exact; the upper end of a range
     * @param certain   grams that certainly go in; empty: there is only one amount
     * @param insteadOf id of what it stands in for; empty: as written
     * @param working   how the grams come about
     * @param counted   whether the recipe counts it by the piece
     */
    public record Line(String dish, String line, String item, BigDecimal grams, Optional<BigDecimal> certain, Optional<String> insteadOf, Working working, boolean counted) {
    }

    /**
     * A line that cannot be served.
     *
     * @param dish   id of the dish
     * @param line   id of the line in it
     * @param item   id of what is in it
     * @param avoids what the attendee avoids in it
     */
    public record Refusal(String dish, String line, String item, List<String> avoids) {
    }
}
