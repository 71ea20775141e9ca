package hopsel.core.item;

/**
 * What an ingredient is and does, as a cook knows it: stored with the item, never read off its name. Kitchen practice,
 * not measured; every item of the catalogue was read with its traits once.
 */
public enum Trait {
    /** Pours dry: shares a bowl with its like, and leaves board and scale clean. */
    DRY("dry"),
    /** Runs. */
    LIQUID("liquid"),
    /** Sticks to spoon and bag; goes into a jar. */
    PASTE("paste"),
    /** A leaf or a bunch of them. */
    LEAF("leaf"),
    /** A piece, a block, or something cut from one. */
    WHOLE("whole"),
    /** Turns brown once it is cut. */
    BROWNS("browns"),
    /** Colours board and hands. */
    STAINS("stains"),
    /** What comes after it tastes of it. */
    SMELLS("smells"),
    /** Raw garlic and onion: gets harsher while it waits, and what waits beside it takes it on. */
    PUNGENT("pungent"),
    /** Earth on it, or juice that soils the board. */
    SOILS("soils"),
    /** Wilts once it is washed and cut. */
    WILTS("wilts"),
    /** Dried spices and herbs, which spoil no sooner for having been warmed. */
    SPICE("spice"),
    /** Keeps in the cupboard, warmed or not: sugar, salt, oil, vinegar, spirits. */
    LASTING("lasting"),
    /** Rice, whose spores survive the pot: cooled quickly and eaten within a day. */
    RICE("rice"),
    /** Grains, pulses, pasta and roots that have to be cooled quickly once they are cooked. */
    STARCHY("starchy"),
    /** Beans, peas and lentils. */
    PULSE("pulse"),
    /** Dried beans, which are soaked and boiled hard before anything else. */
    DRY_BEAN("dry-bean"),
    /** Raw flour, which is not tasted. */
    FLOUR("flour"),
    /** Mushrooms, which are cooked. */
    MUSHROOM("mushroom"),
    /** Herbs and chillies that oil is flavoured with. */
    HERB("herb"),
    /** Garlic, which never stands in oil at room temperature. */
    GARLIC("garlic"),
    /** Good with its skin on; nobody eats that of an onion. */
    SKIN_EDIBLE("skin-edible"),
    /** Hard to cut: squash, roots with a thick skin. */
    HARD("hard"),
    /** Tomatoes, peppers, aubergines, potatoes, chillies and what is made of them. */
    NIGHTSHADE("nightshade"),
    /** Lemons, limes, oranges and their juice. */
    CITRUS("citrus"),
    /** Sold cooked. */
    COOKED("cooked"),
    /** Sold dried; to be soaked, cooked or ground. */
    DRIED("dried"),
    /** Sold in a can or a jar, drained. */
    CANNED("canned"),
    /** Stays at 5 °C or under: curds, cut leaves, cooked pulses, creams. */
    KEEP_COLD("keep-cold"),
    /** Made with salt, whatever else it is. */
    SALTED("salted"),
    /** Pasta, noodles and dumplings of dough, which stick together once they are drained. */
    PASTA("pasta"),
    /** Comes out of the tap. */
    TAP("tap"),
    /** Salt and pepper, which everybody puts in to taste. */
    SEASONING("seasoning"),
    /** So strong, or lifting so much, that twice the dish does not want twice of it: chilli, clove, baking powder. */
    STRONG("strong"),
    /** Runs when it is warm and is firm again when it is not: cheese. */
    MELTS("melts"),
    /** One of it for each piece that is made: wrappers, buns. */
    WRAP("wrap"),
    /** Thickens by standing in something wet. */
    GELS("gels"),
    /** Role: holds together what would fall apart. */
    BINDER("binder"),
    /** Role: what browns in, and carries flavour. */
    FAT("fat"),
    /** Role: sharpens. */
    ACID("acid"),
    /** Role: makes what runs thick. */
    THICKENER("thickener"),
    /** Role: savour. */
    UMAMI("umami"),
    /** Role: sweetens. */
    SWEET("sweet"),
    /** Role: something to bite on. */
    CRUNCH("crunch"),
    /** Role: body without dairy. */
    CREAMY("creamy");

    private final String word;

    Trait(String word) {
        this.word = word;
    }

    /** The word in class files. */
    public String word() {
        return word;
    }
}
