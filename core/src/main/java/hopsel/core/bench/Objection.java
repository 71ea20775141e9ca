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

    /**
     * What can be objected to, the most harmful first. Those of the gate have to be settled before the dish is used:
     * what is in it, what would make somebody ill, how much of it, and what nobody would cook by.
     */
    public enum Rule {
        UNREAD(true, false),
        GUESSED_ITEM(true, false),
        UNKNOWN_ITEM(true, false),
        NOT_ON_LIST(true, true),
        NOT_PLANT(true, false),
        DRY_BEANS(true, false),
        RAW_PULSE(true, false),
        RAW_FLOUR(true, false),
        AMOUNT_MISSING(true, true),
        UNWEIGHABLE(true, false),
        NO_STEPS(true, true),
        LOOSE_END(true, true),
        LINE_UNUSED(true, true),
        FOR_SOME(false, true),
        TEMPERATURE_MISSING(false, true),
        MADE_NOWHERE(false, false),
        RAW_GRAIN(false, true),
        ORDER(false, false),
        OVERFLOW(false, false),
        HOT_BLENDER(false, true),
        RAW_MUSHROOM(false, false),
        TOO_HOT(false, false),
        PAPER(false, true),
        PRESSURE(false, true),
        SHARES_OPEN(false, true),
        TIME_GUESSED(false, true),
        YIELD_MISSING(false, true),
        APPLIANCE_UNNAMED(false, true),
        SAME_TWICE(false, false),
        CHECK_LABEL(false, false),
        HEADLINE(false, false),
        COUNTS(false, false),
        WIDTHS(false, false),
        KEEPS(false, true),
        FIRST_LOOK(false, true),
        CUE_MISSING(false, true),
        BY_EYE(false, true);

        private final boolean gate;
        private final boolean likely;

        Rule(boolean gate, boolean likely) {
            this.gate = gate;
            this.likely = likely;
        }

        /** Whether the remedy is what most cooks would say, so that all such may be taken at once. */
        public boolean isLikely() {
            return likely;
        }

        /** Whether its remedy says which food a line is. */
        public boolean isAboutFood() {
            return this == GUESSED_ITEM || this == UNKNOWN_ITEM || this == NOT_PLANT;
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
