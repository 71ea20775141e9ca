package hopsel.core.kitchen;

import hopsel.core.FactTable;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The kinds of place and machine that a step can need, with what each of them does: one table, asked by the plan, the
 * cautions, cross-contact, tools and keeping. A kind that is not here is asked only for what a step says of it, such as
 * its temperature.
 */
public enum PlaceKind {
    OVEN,
    BURNER,
    GRIDDLE,
    GRILL,
    STEAMER,
    PRESSURE_COOKER,
    SLOW_COOKER,
    RICE_COOKER,
    FRYER,
    AIR_FRYER,
    MICROWAVE,
    TOASTER,
    BLENDER,
    IMMERSION_BLENDER,
    FOOD_PROCESSOR,
    STAND_MIXER,
    SPICE_GRINDER,
    JUICER,
    ICE_CREAM_MAKER,
    FRIDGE,
    FREEZER,
    COOL_BOX,
    BLAST_CHILLER,
    PASTA_MACHINE,
    SCALE;

    /** What a place does to food, or to the room. */
    public enum Does {
        /** Food gets hot through in it. */
        HEATS,
        /** A ring: a pan stands on it. */
        RING,
        /** It is 5 °C or colder. */
        COOLS,
        /** It is far below 0 °C. */
        FREEZES,
        /** It whirls food about: what was in it is in the next thing it makes, unless it is cleaned. */
        MIXES,
        /** Closed while it runs, so that heat in it presses against the lid. */
        SEALS,
        /** It builds up pressure. */
        PRESSES,
        /** Steam meets whoever opens it. */
        STEAMS,
        /** Nobody can be heard over it. */
        LOUD,
        /** Food lies where other food lay before. */
        TOUCHES,
        /** Food swims in oil that is used again. */
        OIL,
        /** It warms for hours, and nothing in it comes to a hard boil. */
        GENTLE,
        /** A home may lack it; a ring and a fridge it has. */
        MAY_LACK
    }

    /** The table, which has to be there before the first kind is. */
    private static final class Table {

        private static final int CELLS = 7;
        private static final Map<String, List<String>> ROWS =
                FactTable.rows(PlaceKind.class, "places.txt", CELLS).stream()
                        .collect(Collectors.toMap(cells -> cells.get(0), cells -> cells));
    }

    private static final int DOES = 1;
    private static final int OTHERS = 2;
    private static final int TONGUES = 3;

    private final String word;
    private final Set<Does> does;
    private final List<String> others;
    private final List<String> tongues;

    PlaceKind() {
        this.word = name().toLowerCase(Locale.ROOT).replace('_', '-');
        List<String> cells = Objects.requireNonNull(Table.ROWS.get(word), word);
        this.does = FactTable.words(Does.class, cells.get(DOES));
        this.others = FactTable.list(cells.get(OTHERS));
        this.tongues = cells.subList(TONGUES, cells.size());
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** What it is called in German, French, Spanish and Italian, the usual word of each first. */
    public List<String> tongues() {
        return tongues;
    }

    /** What else it is called, in the form of class files. */
    public List<String> others() {
        return others;
    }

    /** Whether it does this. */
    public boolean does(Does what) {
        return does.contains(what);
    }

    /** The kind that goes by a name, whatever a kitchen puts in front of it: gas burner, big stand mixer. */
    public static Optional<PlaceKind> of(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replace(' ', '-');
        return Arrays.stream(values())
                .filter(kind -> kind.isCalled(plain))
                .findFirst()
                .or(() -> plain.contains("-") ? of(plain.substring(plain.indexOf('-') + 1)) : Optional.empty());
    }

    private boolean isCalled(String plain) {
        return word.equals(plain) || others.contains(plain);
    }

    /** Whether the kind of that name does this; false where nobody knows the kind. */
    public static boolean does(String name, Does what) {
        return of(name).filter(kind -> kind.does(what)).isPresent();
    }
}
