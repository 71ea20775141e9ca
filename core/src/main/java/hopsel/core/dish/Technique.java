package hopsel.core.dish;

/** What is done to food at a step: stored with it, read off its words once, and changed by whoever knows better. */
public enum Technique {
    PREHEAT("preheat"),
    SOAK("soak"),
    THAW("thaw"),
    PRESS("press"),
    MARINATE("marinate"),
    INFUSE("infuse"),
    GEL("gel"),
    CUT("cut"),
    GRATE("grate"),
    SWEAT("sweat"),
    FRY("fry"),
    TOAST("toast"),
    DEGLAZE("deglaze"),
    BOIL("boil"),
    SIMMER("simmer"),
    BLANCH("blanch"),
    STEAM("steam"),
    PRESSURE_COOK("pressure-cook"),
    BAKE("bake"),
    GRILL("grill"),
    REHEAT("reheat"),
    MELT("melt"),
    CRISP("crisp"),
    DRAIN("drain"),
    BLEND("blend"),
    GRIND("grind"),
    MASH("mash"),
    MIX("mix"),
    WHISK("whisk"),
    KNEAD("knead"),
    ROLL("roll"),
    SHAPE("shape"),
    FILL("fill"),
    PROOF("proof"),
    REST("rest"),
    COOL("cool"),
    CHILL("chill"),
    FREEZE("freeze"),
    SET("set"),
    DRESS("dress"),
    GLAZE("glaze"),
    ASSEMBLE("assemble"),
    SERVE("serve");

    private final String word;

    Technique(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }

    /** Whether food gets hot by it. */
    public boolean heats() {
        return switch (this) {
            case SWEAT, FRY, TOAST, DEGLAZE, BOIL, SIMMER, BLANCH, STEAM, PRESSURE_COOK, BAKE, GRILL, REHEAT -> true;
            default -> false;
        };
    }

    /** Whether its minutes are the least it wants: it is taken out when the plan says so, and never sooner. */
    public boolean isAtLeast() {
        return switch (this) {
            case SOAK, PRESS, MARINATE, INFUSE, GEL, CHILL, FREEZE, SET -> true;
            default -> false;
        };
    }

    /** Whether it softens starch and pulses through, so that they have to be cooled quickly. */
    public boolean cooksThrough() {
        return switch (this) {
            case BOIL, SIMMER, STEAM, PRESSURE_COOK, BAKE -> true;
            default -> false;
        };
    }
}
