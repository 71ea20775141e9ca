package hopsel.core.kitchen;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The kinds of place and machine that a step can need, with what each of them does: one table, asked by the plan, the
 * cautions, cross-contact, tools and keeping. A kind that is not here is asked only for what a step says of it, such as
 * its temperature.
 */
public enum PlaceKind {
    OVEN("oven", EnumSet.of(Does.HEATS, Does.STEAMS, Does.MAY_LACK), "convection-oven", "combi-oven"),
    BURNER(
            "burner",
            EnumSet.of(Does.HEATS, Does.RING),
            "hob",
            "ring",
            "stove",
            "hotplate",
            "cooktop",
            "induction",
            "induction-hob"),
    GRIDDLE("griddle", EnumSet.of(Does.HEATS, Does.RING, Does.TOUCHES, Does.MAY_LACK), "plancha", "flat-top", "tawa"),
    GRILL("grill", EnumSet.of(Does.HEATS, Does.TOUCHES, Does.MAY_LACK), "broiler", "salamander", "barbecue"),
    STEAMER("steamer", EnumSet.of(Does.HEATS, Does.STEAMS, Does.TOUCHES, Does.MAY_LACK), "bamboo-steamer"),
    PRESSURE_COOKER(
            "pressure-cooker",
            EnumSet.of(Does.HEATS, Does.SEALS, Does.PRESSES, Does.MAY_LACK),
            "multicooker",
            "multi-cooker",
            "autoclave"),
    SLOW_COOKER("slow-cooker", EnumSet.of(Does.HEATS, Does.MAY_LACK)),
    RICE_COOKER("rice-cooker", EnumSet.of(Does.HEATS, Does.MAY_LACK)),
    FRYER("fryer", EnumSet.of(Does.HEATS, Does.TOUCHES, Does.OIL, Does.MAY_LACK), "deep-fryer", "deep-fat-fryer"),
    AIR_FRYER("air-fryer", EnumSet.of(Does.HEATS, Does.TOUCHES, Does.MAY_LACK)),
    MICROWAVE("microwave", EnumSet.of(Does.HEATS, Does.MAY_LACK), "microwave-oven"),
    TOASTER("toaster", EnumSet.of(Does.HEATS, Does.TOUCHES), "sandwich-press", "waffle-iron"),
    BLENDER(
            "blender",
            EnumSet.of(Does.MIXES, Does.SEALS, Does.LOUD, Does.MAY_LACK),
            "jug-blender",
            "high-speed-blender",
            "blender-glass",
            "blender-jar",
            "blitzer",
            "smoothie-maker"),
    IMMERSION_BLENDER(
            "immersion-blender", EnumSet.of(Does.MIXES, Does.LOUD, Does.MAY_LACK), "hand-blender", "stick-blender"),
    FOOD_PROCESSOR(
            "food-processor", EnumSet.of(Does.MIXES, Does.SEALS, Does.LOUD, Does.MAY_LACK), "processor", "chopper"),
    STAND_MIXER(
            "stand-mixer", EnumSet.of(Does.MIXES, Does.LOUD, Does.MAY_LACK), "mixer", "hand-mixer", "electric-mixer"),
    SPICE_GRINDER(
            "spice-grinder",
            EnumSet.of(Does.MIXES, Does.SEALS, Does.LOUD, Does.MAY_LACK),
            "grinder",
            "coffee-grinder",
            "mill",
            "wet-grinder"),
    JUICER("juicer", EnumSet.of(Does.MIXES, Does.LOUD, Does.MAY_LACK)),
    ICE_CREAM_MAKER("ice-cream-maker", EnumSet.of(Does.MIXES, Does.COOLS, Does.MAY_LACK)),
    FRIDGE("fridge", EnumSet.of(Does.COOLS), "refrigerator", "cold-room"),
    FREEZER("freezer", EnumSet.of(Does.COOLS, Does.FREEZES)),
    COOL_BOX("cool-box", EnumSet.of(Does.COOLS), "cooler", "ice-box"),
    BLAST_CHILLER("blast-chiller", EnumSet.of(Does.COOLS)),
    PASTA_MACHINE("pasta-machine", EnumSet.of(Does.TOUCHES), "pasta-roller"),
    SCALE("scale", EnumSet.of(Does.TOUCHES), "scales");

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
        /** A home may lack it; a ring and a fridge it has. */
        MAY_LACK
    }

    private final String word;
    private final Set<Does> does;
    private final List<String> others;

    PlaceKind(String word, Set<Does> does, String... others) {
        this.word = word;
        this.does = does;
        this.others = List.of(others);
    }

    /** The word in class files. */
    public String word() {
        return word;
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
