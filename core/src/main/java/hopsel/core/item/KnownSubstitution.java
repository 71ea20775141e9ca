package hopsel.core.item;

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

    private static final List<KnownSubstitution> ALL = List.of(
            of(
                    "egg",
                    "flax-ground",
                    "0.12",
                    Role.BINDER,
                    "Firm and slightly nutty; stir 1 part with 3 of water and wait 10 minutes.",
                    "1",
                    "meringue, custard",
                    Why.ANIMAL),
            of(
                    "butter",
                    "plant-block",
                    "1",
                    Role.FAT,
                    "The same, a little softer when warm.",
                    "1",
                    "browned butter",
                    Why.ANIMAL),
            of("cows-milk", "soy-drink", "1", Role.CREAMY_BODY, "The same body.", "1", "", Why.ANIMAL),
            of("dairy-cream", "soy-cream", "1", Role.CREAMY_BODY, "Does not whip.", "1", "whipping", Why.ANIMAL),
            of("dairy-cheese", "vegan-cheese", "1", Role.UMAMI, "Melts later, browns less.", "1.1", "", Why.ANIMAL),
            of("honey", "agave", "0.9", Role.SWEETNESS, "Thinner and sweeter.", "1", "", Why.ANIMAL),
            of(
                    "fish-sauce",
                    "soy-sauce",
                    "1",
                    Role.UMAMI,
                    "Less sharp; a strip of seaweed brings the sea back.",
                    "1",
                    "",
                    Why.ANIMAL),
            of(
                    "gelatine",
                    "agar",
                    "0.25",
                    Role.THICKENER,
                    "Sets firmer and without a wobble; has to boil for 2 minutes.",
                    "1",
                    "mousse that must stay soft",
                    Why.ANIMAL),
            of(
                    "cornflour",
                    "arrowroot",
                    "1",
                    Role.THICKENER,
                    "Clearer, less stable to long heat.",
                    "1",
                    "long simmering",
                    Why.LIKE),
            of("arrowroot", "cornflour", "1", Role.THICKENER, "Cloudier, holds longer.", "1", "", Why.LIKE),
            of(
                    "cornflour",
                    "potato-starch",
                    "0.8",
                    Role.THICKENER,
                    "Glossier.",
                    "1",
                    "boiling after it has thickened",
                    Why.LIKE),
            of(
                    "plain-flour",
                    "gluten-free-flour",
                    "1",
                    Role.BODY,
                    "Shorter crumb; let it rest 10 minutes.",
                    "1",
                    "kneaded yeast dough",
                    Why.GLUTEN),
            of(
                    "strong-flour",
                    "gluten-free-flour",
                    "1",
                    Role.BODY,
                    "Needs 1 % of psyllium; does not stretch.",
                    "1",
                    "thin stretched dough",
                    Why.GLUTEN),
            of("soy-sauce", "tamari", "1", Role.UMAMI, "A little fuller.", "1", "", Why.GLUTEN),
            of("couscous", "quinoa", "1", Role.BODY, "Has to be simmered for 15 minutes.", "3", "", Why.GLUTEN),
            of("bulgur", "quinoa", "1", Role.BODY, "Lighter.", "1", "", Why.GLUTEN),
            of("breadcrumbs", "polenta", "0.8", Role.CRUNCH, "Harder crunch.", "1", "", Why.GLUTEN),
            of("panko", "desiccated-coconut", "1", Role.CRUNCH, "Sweet and browns sooner.", "0.8", "", Why.GLUTEN),
            of(
                    "wheat-tortilla",
                    "corn-tortilla",
                    "1",
                    Role.BODY,
                    "Smaller; warm it or it breaks.",
                    "1",
                    "",
                    Why.GLUTEN),
            of("short-pasta", "buckwheat", "0.8", Role.BODY, "Another dish, but a good one.", "1.5", "", Why.GLUTEN),
            of("rolled-oats", "quinoa", "1", Role.BINDER, "Cook it first.", "1", "", Why.GLUTEN),
            of(
                    "cashews",
                    "sunflower-seeds",
                    "1",
                    Role.CREAMY_BODY,
                    "A little earthier; soak 30 minutes longer.",
                    "1",
                    "",
                    Why.NUTS),
            of(
                    "ground-almonds",
                    "sunflower-seeds",
                    "1",
                    Role.BODY,
                    "Grind it fine; turns greenish with bicarbonate.",
                    "1",
                    "with bicarbonate",
                    Why.NUTS),
            of("almonds", "pumpkin-seeds", "1", Role.CRUNCH, "Greener taste.", "0.7", "", Why.NUTS),
            of("walnuts", "sunflower-seeds", "1", Role.CRUNCH, "Milder.", "1", "", Why.NUTS),
            of("hazelnuts", "pumpkin-seeds", "1", Role.CRUNCH, "Greener taste.", "1", "", Why.NUTS),
            of("pecans", "pumpkin-seeds", "1", Role.CRUNCH, "Less sweet.", "1", "", Why.NUTS),
            of("pistachios", "pumpkin-seeds", "1", Role.COLOUR, "As green, less sweet.", "1", "", Why.NUTS),
            of(
                    "peanut-butter",
                    "sunflower-butter",
                    "1",
                    Role.CREAMY_BODY,
                    "Darker, a toasted edge.",
                    "1",
                    "",
                    Why.NUTS),
            of("peanuts", "pumpkin-seeds", "1", Role.CRUNCH, "Greener taste.", "1", "", Why.NUTS),
            of("almond-drink", "oat-drink", "1", Role.CREAMY_BODY, "Sweeter.", "1", "", Why.NUTS),
            of("almond-extract", "vanilla", "1", Role.UMAMI, "Rounder.", "1", "", Why.NUTS),
            of("almond-butter", "sunflower-butter", "1", Role.CREAMY_BODY, "Darker.", "1", "", Why.NUTS),
            of("firm-tofu", "chickpeas-can", "1", Role.BODY, "Softer; nothing to press.", "0.8", "", Why.SOY),
            of("soy-drink", "oat-drink", "1", Role.CREAMY_BODY, "Sweeter, curdles less.", "1", "", Why.SOY),
            of("soy-yogurt", "coconut-yogurt", "1", Role.CREAMY_BODY, "Richer, less sharp.", "1", "", Why.SOY),
            of("tamari", "coconut-aminos", "1.2", Role.UMAMI, "Sweeter and less salty.", "1", "", Why.SOY),
            of(
                    "lemon",
                    "cider-vinegar",
                    "0.5",
                    Role.ACID,
                    "Sharper; no scent of citrus.",
                    "1",
                    "raw dressings with fruit",
                    Why.LIKE),
            of("rice-vinegar", "cider-vinegar", "0.9", Role.ACID, "A little sharper.", "1", "", Why.LIKE),
            of(
                    "cider-vinegar",
                    "rice-vinegar",
                    "1.2",
                    Role.ACID,
                    "Milder. Lemon would be too sharp here.",
                    "1",
                    "",
                    Why.LIKE),
            of("lime", "lemon", "1", Role.ACID, "Less perfumed.", "1", "", Why.LIKE),
            of(
                    "red-lentils",
                    "brown-lentils",
                    "1",
                    Role.BODY,
                    "Keeps its shape, does not melt.",
                    "2",
                    "smooth soups",
                    Why.LIKE),
            of("maple-syrup", "agave", "0.9", Role.SWEETNESS, "No taste of its own.", "1", "", Why.LIKE),
            of("palm-sugar", "brown-sugar", "0.9", Role.SWEETNESS, "Less smoky.", "1", "", Why.LIKE),
            of("miso", "red-miso", "0.7", Role.UMAMI, "Saltier and darker.", "1", "pale sauces", Why.LIKE),
            of("turmeric", "turmeric-root", "4", Role.COLOUR, "Fresher; stains as much.", "1", "", Why.LIKE),
            of(
                    "coconut-milk",
                    "soy-cream",
                    "1",
                    Role.CREAMY_BODY,
                    "No coconut taste; boil it gently.",
                    "1",
                    "curries that need its fat",
                    Why.LIKE));

    private static KnownSubstitution of(
            String replaced, String use, String ratio, Role role, String effect, String time, String notFor, Why why) {
        return new KnownSubstitution(
                replaced, use, new BigDecimal(ratio), role, effect, new BigDecimal(time), notFor, why);
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
