package hopsel.core.bench;

import java.util.Locale;
import java.util.Optional;

/**
 * Something a good colleague would say about a dish.
 *
 * @param rule which rule found it
 * @param place id of the step, the line or the component; {@link Notes#DISH}: the dish
 * @param message what is the matter, in the cook's words
 * @param remedy what would mend it; empty: only the cook can know
 */
public record Objection(Rule rule, String place, String message, Optional<Remedy> remedy) {

    /** By which it is let pass, or mended. */
    public String key() {
        return rule.name().toLowerCase(Locale.ROOT) + ":" + place;
    }

    /** What can be objected to. Those of the gate have to be settled before the dish is used. */
    public enum Rule {
        UNREAD(true),
        GUESSED_ITEM(true),
        AMOUNT_MISSING(true),
        UNWEIGHABLE(true),
        UNKNOWN_ITEM(true),
        TEMPERATURE_MISSING(true),
        TIME_GUESSED(true),
        YIELD_MISSING(true),
        CUE_MISSING(true),
        LINE_UNUSED(true),
        NOT_ON_LIST(true),
        LOOSE_END(true),
        SHARES_OPEN(true),
        NO_STEPS(true),
        MADE_NOWHERE(true),
        NOT_PLANT(true),
        DRY_BEANS(true),
        RAW_PULSE(true),
        RAW_FLOUR(true),
        RAW_MUSHROOM(false),
        ORDER(false),
        OVERFLOW(false),
        BY_EYE(false),
        SAME_TWICE(false),
        APPLIANCE_UNNAMED(false),
        TOO_HOT(false),
        HOT_BLENDER(false),
        PAPER(false),
        CHECK_LABEL(false),
        HEADLINE(false),
        COUNTS(false),
        FIRST_LOOK(false),
        PRESSURE(false),
        WIDTHS(false),
        KEEPS(false);

        private final boolean gate;

        Rule(boolean gate) {
            this.gate = gate;
        }

        /** Whether it has to be settled, or let pass with a reason. */
        public boolean isGate() {
            return gate;
        }
    }

    /**
     * One tap that mends it.
     *
     * @param label what it does
     * @param fix does it
     */
    public record Remedy(String label, Fix fix) {}

    /** An edit that is ready to be done. */
    @FunctionalInterface
    public interface Fix {
        Draft apply(Draft sheet) throws RefusedEditException;
    }
}
