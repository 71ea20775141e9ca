package hopsel.core.kit;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What can happen at a weighing station; each kind says what it is about in members of its own. A new kind is a record
 * here, a line where it is read and written, and what follows from it in {@link PackingRun}.
 */
public sealed interface AtStation {

    /** The station at which it happens. */
    String station();

    /** Of these, each is about the kit of one attendee. */
    sealed interface OfKit extends AtStation {

        /** Id of the attendee. */
        String kit();
    }

    /** Somebody takes a kit in hand, and the other stations leave it alone. */
    @Copyable
    record Claim(String kit, String station) implements OfKit {}

    /** They put it down again. */
    @Copyable
    record Release(String kit, String station) implements OfKit {}

    /**
     * A portion is weighed into a kit.
     *
     * @param grams as bought
     * @param lot the pack it was taken from
     */
    @Copyable
    record Weigh(String kit, Portion.Key portion, BigDecimal grams, Lot lot, String station) implements OfKit {}

    /** A portion is taken out of a kit again. */
    @Copyable
    record TakeOut(String kit, Portion.Key portion, String station) implements OfKit {}

    /** A kit is closed. */
    @Copyable
    record Close(String kit, String station) implements OfKit {}

    /** A closed kit is opened again. */
    @Copyable
    record Reopen(String kit, String station) implements OfKit {}

    /** Surfaces, scoop and scale are washed. */
    @Copyable
    record Clean(String station) implements AtStation {}

    /** Somebody reads the label of a pack. */
    @Copyable
    record ReadLabel(String item, Lot lot, String station) implements AtStation {}

    /**
     * A mix is made, of which kits get their share; a second one of the same name is another batch.
     *
     * @param mix id of the {@link Mix}
     * @param taken what went into it
     */
    @Copyable
    record MakeMix(String mix, List<Taken> taken, String station) implements AtStation {

        /** Keeps its own copy. */
        public MakeMix {
            taken = List.copyOf(taken);
        }
    }

    /**
     * Something that was weighed into a mix.
     *
     * @param item id
     * @param grams as bought
     * @param lot the pack it was taken from
     */
    @Copyable
    record Taken(String item, BigDecimal grams, Lot lot) {}

    /**
     * The pack that something was taken from.
     *
     * @param name lot number or what else tells it apart
     * @param useBy date on it; empty: none
     */
    @Copyable
    record Lot(String name, Optional<LocalDate> useBy) {}
}
