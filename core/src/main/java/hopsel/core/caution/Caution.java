package hopsel.core.caution;

/** Cautions of home and small-venue cooking; the words for them are the page's. Local food rules come first. */
public enum Caution {
    ALLERGENS,
    CHECK_LABEL,
    COOLING,
    REHEATING,
    DRY_BEANS,
    RAW_FLOUR,
    MUSHROOMS,
    SPROUTS,
    GARLIC_IN_OIL,
    KEEP_CHILLED,
    HOT_BLENDER,
    PRESSURE,
    HOT_OIL,
    PARCHMENT,
    KNIVES,
    STEAM,
    ALCOHOL,
    HOT_CENTRES
}
