package hopsel.core.kit;

import hopsel.core.dish.Source;
import hopsel.core.guest.Attendee;
import hopsel.core.measure.Working;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What an attendee is handed.
 *
 * @param attendee who
 * @param lines what is in it, dish by dish in the order of the recipe
 * @param cannotServe lines of the kit that cannot be made safe for them
 * @param beside what they have at home or the host gives, as it is for them; it is checked like what is in the kit
 */
public record Kit(Attendee attendee, List<Line> lines, List<Refusal> cannotServe, List<Beside> beside) {

    /** The order in which kits are packed: those who avoid most first, while surfaces and tools are clean. */
    public static final Comparator<Kit> PACKING_ORDER = Comparator.comparingInt(
            kit -> -kit.attendee.avoids().size() - kit.attendee.ownWords().size());

    /** Keeps its own copies. */
    public Kit {
        lines = List.copyOf(lines);
        cannotServe = List.copyOf(cannotServe);
        beside = List.copyOf(beside);
    }

    /** Whether anything in a dish cannot be made safe for them, wherever it comes from. */
    public boolean refuses() {
        return !cannotServe.isEmpty()
                || beside.stream().anyMatch(own -> !own.refused().isEmpty());
    }

    /** Everything that cannot be made safe for them, wherever it comes from. */
    public List<Refusal> refusals() {
        return Stream.concat(
                        cannotServe.stream(),
                        beside.stream()
                                .filter(own -> !own.refused().isEmpty())
                                .map(own -> new Refusal(own.dish(), own.line(), own.item(), own.refused())))
                .toList();
    }

    /**
     * Something that is not in the kit and goes into a dish.
     *
     * @param dish id of the dish
     * @param line id of the line in it
     * @param item id of what goes in
     * @param from where it comes from: home or host
     * @param insteadOf id of what it stands in for; empty: as written
     * @param refused what they avoid in it, where nothing stands in; empty list: they may have it
     */
    public record Beside(
            String dish, String line, String item, Source from, Optional<String> insteadOf, List<String> refused) {

        /** Keeps its own copy. */
        public Beside {
            refused = List.copyOf(refused);
        }
    }

    /**
     * A weighed portion.
     *
     * @param dish id of the dish
     * @param line id of the line in it
     * @param item id of what is packed
     * @param grams edible, exact; the upper end of a range
     * @param certain grams that certainly go in; empty: there is only one amount
     * @param insteadOf id of what it stands in for; empty: as written
     * @param working how the grams come about
     * @param counted whether the recipe counts it by the piece
     * @param byTaste what tells when it is enough; empty: all of it goes in
     */
    public record Line(
            String dish,
            String line,
            String item,
            BigDecimal grams,
            Optional<BigDecimal> certain,
            Optional<String> insteadOf,
            Working working,
            boolean counted,
            Optional<String> byTaste) {}

    /**
     * A line that cannot be served.
     *
     * @param dish id of the dish
     * @param line id of the line in it
     * @param item id of what is in it
     * @param avoids what the attendee avoids in it
     */
    public record Refusal(String dish, String line, String item, List<String> avoids) {}
}
