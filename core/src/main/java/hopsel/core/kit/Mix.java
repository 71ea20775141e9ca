package hopsel.core.kit;

import hopsel.core.Known;
import hopsel.core.item.Allergen;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Origin;
import hopsel.core.item.Trait;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What goes into a dish at one moment, weighed once for several kits and shared out by weight.
 *
 * @param id of the bag, as if it were an item; unique in its class
 * @param dish id of the dish
 * @param step id of the step at which all of it goes in
 * @param blend what is mixed
 * @param stepTitle title of that step
 * @param parts what is in it
 * @param shares grams of each kit, exact, by the id of its attendee
 */
public record Mix(
        String id,
        String dish,
        String step,
        Blend blend,
        String stepTitle,
        List<Part> parts,
        Map<String, BigDecimal> shares) {

    /** What may stand in one bag or jar. */
    public enum Blend {
        SPICES("Spices"),
        FLOUR("Flour mix"),
        DRY("Dry mix"),
        POURED("Sauce mix");

        private final String word;

        Blend(String word) {
            this.word = word;
        }
    }

    /** Keeps its own copies. */
    public Mix {
        parts = List.copyOf(parts);
        shares = Map.copyOf(shares);
    }

    /**
     * Something in it.
     *
     * @param line id of the line in the dish
     * @param item id
     * @param exact grams for all kits, as bought
     * @param grams that are weighed, the next weight that a scale shows, for bags that are rounded up
     */
    public record Part(String line, String item, BigDecimal exact, BigDecimal grams) {}

    /** The bag by the moment at which it is opened. */
    public String name() {
        return "%s for “%s”".formatted(blend.word, stepTitle);
    }

    /** Grams of all of it, as it is weighed. */
    public BigDecimal grams() {
        return parts.stream().map(Part::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** What part of a share something is, above 0 and below 1. */
    public BigDecimal shareOf(Part part) {
        return Decimals.ratio(part.grams, grams());
    }

    /**
     * By how much a kit may have more or less of something than its recipe says because the mix was weighed on a scale:
     * whole percent, rounded up, 1 at least.
     */
    public int errorPercent(Part part) {
        BigDecimal all = parts.stream().map(Part::exact).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal asked = Decimals.ratio(part.exact, all);
        BigDecimal off = Decimals.ratio(shareOf(part).subtract(asked).abs(), asked);
        return Math.max(
                1, off.movePointRight(2).setScale(0, RoundingMode.CEILING).intValue());
    }

    /** It as an item: it contains what its parts contain; labels are read when it is mixed. */
    Item item(Catalogue catalogue) {
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        parts.forEach(part -> allergens.addAll(catalogue.get(part.item).allergens()));
        boolean plant = parts.stream().allMatch(part -> catalogue.get(part.item).origin() != Origin.ANIMAL);
        return Item.nameOnly(id, name()).with(item -> item.allergens(allergens)
                .origin(plant ? Origin.PLANT : Origin.ANIMAL)
                .gramsPerMl(Optional.of(density(catalogue)))
                .traits(Set.of(blend == Blend.POURED ? Trait.LIQUID : Trait.DRY)));
    }

    /**
     * What it weighs when its parts, all of known density, stand beside each other; nothing is known of how they
     * settle.
     */
    private BigDecimal density(Catalogue catalogue) {
        BigDecimal millilitres = BigDecimal.ZERO;
        BigDecimal exact = BigDecimal.ZERO;
        for (Part part : parts) {
            BigDecimal own = catalogue.get(part.item).gramsPerMl().orElseThrow();
            millilitres = millilitres.add(Decimals.ratio(part.exact, own));
            exact = exact.add(part.exact);
        }
        return Decimals.ratio(exact, millilitres);
    }

    /** Grams of a kit's share, exact. */
    BigDecimal share(String attendee) {
        return Known.in(shares, attendee);
    }
}
