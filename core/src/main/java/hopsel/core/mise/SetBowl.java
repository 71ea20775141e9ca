package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Cut;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.recipe.CutReader;
import hopsel.core.recipe.PrepWords;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A bowl as it stands on the counter, with what goes in at one moment together.
 *
 * @param parts what is in it
 * @param upTo whether it is the uncertain rest of a range, which goes in only as far as it is needed
 * @param millilitres how much there is; the volume is guessed where {@code guessed} says so
 * @param guessed whether a density had to be guessed
 * @param size of the bowl
 * @param number how many such bowls, 1 but for very large amounts
 */
public record SetBowl(
        List<Part> parts, boolean upTo, BigDecimal millilitres, boolean guessed, BowlSize size, int number) {

    private static final MathContext DIGITS = MathContext.DECIMAL64;
    /**
     * Grams in a millilitre where nobody has measured: loosely cut vegetables, dry goods, liquids. Kitchen practice.
     */
    private static final BigDecimal CUT = new BigDecimal("0.5");

    private static final BigDecimal DRY = new BigDecimal("0.6");
    private static final BigDecimal LIQUID = BigDecimal.ONE;

    /** Keeps its own copy. */
    public SetBowl {
        parts = List.copyOf(parts);
    }

    /**
     * Something in a bowl.
     *
     * @param bowl of the tray, for item, cut and working
     * @param grams that are in this bowl
     * @param counted the same as a cook counts it, such as 3 garlic cloves, 1 can, 2 tbsp
     */
    public record Part(Tray.Bowl bowl, BigDecimal grams, Counted counted) {

        /** How it is cut; what the writer measured it by is said of another number of servings. */
        public Optional<String> cut() {
            return bowl.prep().flatMap(PrepWords::unmeasured);
        }
    }

    /**
     * The bowls of a tray: dry with dry, wet with wet, cut with cut; what brings other allergens, raw garlic and onion,
     * and what stains stand apart, and so does the part of a range that may not be needed.
     */
    public static List<SetBowl> of(Tray tray, CookingClass cooking, Catalogue catalogue) {
        List<List<Part>> certain = new ArrayList<>();
        List<List<Part>> rest = new ArrayList<>();
        for (Tray.Bowl bowl : tray.bowls()) {
            BigDecimal sure = bowl.certain().orElse(bowl.grams());
            if (sure.signum() > 0) {
                join(certain, part(bowl, sure, cooking, catalogue), catalogue);
            }
            if (bowl.grams().compareTo(sure) > 0) {
                rest.add(List.of(part(bowl, bowl.grams().subtract(sure), cooking, catalogue)));
            }
        }
        List<SetBowl> bowls = new ArrayList<>();
        certain.forEach(parts -> bowls.add(bowl(parts, false, catalogue)));
        rest.forEach(parts -> bowls.add(bowl(parts, true, catalogue)));
        return bowls;
    }

    private static void join(List<List<Part>> bowls, Part part, Catalogue catalogue) {
        for (List<Part> bowl : bowls) {
            if (bowl.stream()
                    .allMatch(other -> together(catalogue.get(other.bowl.item()), catalogue.get(part.bowl.item())))) {
                bowl.add(part);
                return;
            }
        }
        bowls.add(new ArrayList<>(List.of(part)));
    }

    private static boolean together(Item one, Item two) {
        if (one.id().equals(two.id())) {
            return true;
        }
        return one.allergens().equals(two.allergens())
                && one.has(Trait.DRY) == two.has(Trait.DRY)
                && one.isWet() == two.isWet()
                && !one.has(Trait.PUNGENT)
                && !two.has(Trait.PUNGENT)
                && one.has(Trait.STAINS) == two.has(Trait.STAINS);
    }

    private static Part part(Tray.Bowl bowl, BigDecimal grams, CookingClass cooking, Catalogue catalogue) {
        return new Part(bowl, grams, Counted.of(bowl, grams, catalogue.get(bowl.item()), cooking.weigher()));
    }

    private static SetBowl bowl(List<Part> parts, boolean upTo, Catalogue catalogue) {
        BigDecimal millilitres = BigDecimal.ZERO;
        boolean guessed = false;
        for (Part part : parts) {
            Item item = catalogue.get(part.bowl.item());
            boolean whole = !cut(part);
            guessed |= item.gramsPerMl().isEmpty();
            millilitres = millilitres.add(part.grams.divide(
                    item.gramsPerMl().filter(density -> whole || item.isWet()).orElse(density(item)), DIGITS));
        }
        BowlSize size = BowlSize.holding(millilitres);
        return new SetBowl(parts, upTo, millilitres, guessed, size, size.number(millilitres));
    }

    private static boolean cut(Part part) {
        return CutReader.of(part.bowl.prep()).filter(Cut::isLoose).isPresent();
    }

    private static BigDecimal density(Item item) {
        if (item.isWet()) {
            return LIQUID;
        }
        return item.has(Trait.DRY) ? DRY : CUT;
    }
}
