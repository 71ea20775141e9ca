package hopsel.core.item;

import hopsel.core.FactTable;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What can stand in for what, as cooks do it; kitchen practice.
 *
 * @param replaced id of an item
 * @param use id of what stands in
 * @param ratio grams of it for each gram
 * @param role what it does in the dish
 * @param effect what it changes in taste and texture
 * @param time what it changes in time, as a factor of the minutes of the step it goes in at; 1: nothing
 * @param notFor where not to use it
 * @param why for whose sake
 */
public record KnownSubstitution(
        String replaced,
        String use,
        BigDecimal ratio,
        Role role,
        String effect,
        BigDecimal time,
        String notFor,
        Why why) {

    /** What an ingredient is there for. */
    public enum Role {
        BINDER,
        THICKENER,
        FAT,
        ACID,
        CREAMY_BODY,
        UMAMI,
        SWEETNESS,
        CRUNCH,
        COLOUR,
        BODY
    }

    /** For whose sake it is done. */
    public enum Why {
        ANIMAL,
        GLUTEN,
        NUTS,
        SOY,
        LIKE
    }

    private static final List<KnownSubstitution> ALL =
            FactTable.rows(KnownSubstitution.class, "stand-ins.txt", 8).stream()
                    .map(KnownSubstitution::of)
                    .toList();

    private static KnownSubstitution of(List<String> cells) {
        return new KnownSubstitution(
                cells.get(0),
                cells.get(1),
                new BigDecimal(cells.get(2)),
                FactTable.word(Role.class, cells.get(3)),
                cells.get(7),
                new BigDecimal(cells.get(5)),
                cells.get(6),
                FactTable.word(Why.class, cells.get(4)));
    }

    /** All of them. */
    public static List<KnownSubstitution> all() {
        return ALL;
    }

    /** What can stand in for an item, best first. */
    public static List<KnownSubstitution> of(String item) {
        return ALL.stream().filter(known -> known.replaced.equals(item)).toList();
    }

    /** The first that helps for one of these reasons. */
    public static Optional<KnownSubstitution> firstFor(String item, Why... reasons) {
        return of(item).stream()
                .filter(known -> Arrays.asList(reasons).contains(known.why))
                .findFirst();
    }
}
