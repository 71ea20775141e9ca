package hopsel.core.provision;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Provision;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.kit.AsSold;
import hopsel.core.measure.Decimals;
import hopsel.core.shop.PackCount;
import hopsel.core.shop.Purchase;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * One shopping list for several classes: their demands are added up before packs are chosen, so that half a pack of one
 * serves the other.
 *
 * @param lines by item
 * @param total cost of all packs
 */
public record WeekList(List<Line> lines, BigDecimal total) {

    /**
     * An item.
     *
     * @param item id
     * @param parts what each class needs of it, as bought, in the order of the classes
     * @param pantry of that the shelf gives
     * @param purchase what is bought
     */
    public record Line(String item, List<Part> parts, BigDecimal pantry, Purchase purchase) {

        /** Keeps its own copy. */
        public Line {
            parts = List.copyOf(parts);
        }
    }

    /** What goes off the shelf in the end, as bought, by item: what it gives, and what is bought and needed. */
    public Map<String, BigDecimal> used() {
        Map<String, BigDecimal> used = new TreeMap<>();
        lines.forEach(line -> used.put(line.item, line.pantry.add(line.purchase.neededGrams())));
        return used;
    }

    /**
     * What one class needs of an item.
     *
     * @param title of the class
     * @param edible grams with the spare share
     * @param bought the same as bought
     * @param own grams that the class says it has
     * @param handed packs that go into kits as they are sold; empty: none does
     * @param covers grams of what is needed that these packs stand for
     */
    public record Part(
            String title,
            BigDecimal edible,
            BigDecimal bought,
            BigDecimal own,
            Optional<PackCount> handed,
            BigDecimal covers) {

        /** What has to come from the shelf or be bought beside those packs. */
        BigDecimal rest() {
            return bought.subtract(covers).subtract(own).max(BigDecimal.ZERO);
        }
    }

    /**
     * What a class asks for.
     *
     * @param cooking the class
     * @param demand of it
     * @param sold what goes into its kits as it is sold
     */
    public record Wanted(CookingClass cooking, Demand demand, AsSold sold) {}

    /** Keeps its own copy. */
    public WeekList {
        lines = List.copyOf(lines);
    }

    /**
     * The list for some classes; the shelf gives what will still be good on the day of the first.
     *
     * @param prices the catalogue with the packs and prices of the house's shops
     */
    public static WeekList of(List<Wanted> classes, Catalogue prices, Pantry pantry) {
        Map<String, List<Part>> parts = new TreeMap<>();
        Map<String, Item> items = new TreeMap<>();
        for (Wanted wanted : classes) {
            Catalogue catalogue = wanted.cooking.catalogue(prices);
            for (String id : wanted.demand.items()) {
                Item item = catalogue.get(id);
                items.putIfAbsent(id, item);
                BigDecimal own = wanted.cooking.provision().pantry().stream()
                        .filter(stock -> stock.item().equals(id))
                        .map(Provision.Stock::grams)
                        .reduce(BigDecimal.ZERO, BigDecimal::add);
                BigDecimal edible = wanted.demand.grams(id);
                parts.computeIfAbsent(id, any -> new ArrayList<>())
                        .add(new Part(
                                wanted.cooking.title(),
                                edible,
                                Decimals.ratio(edible, item.edibleShare()),
                                own,
                                wanted.sold.of(id).map(choice -> choice.handed(item)),
                                wanted.sold.of(id).map(AsSold.Choice::covers).orElse(BigDecimal.ZERO)));
            }
        }
        LocalDate first = classes.stream()
                .map(wanted -> wanted.cooking.startsAt().toLocalDate())
                .min(Comparator.naturalOrder())
                .orElse(LocalDate.MIN);
        List<Line> lines = parts.entrySet().stream()
                .map(entry ->
                        line(Known.in(items, entry.getKey()), entry.getValue(), pantry.goodOn(entry.getKey(), first)))
                .toList();
        return new WeekList(
                lines, lines.stream().map(line -> line.purchase.cost()).reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    private static Line line(Item item, List<Part> parts, BigDecimal shelf) {
        BigDecimal wanted = parts.stream().map(Part::rest).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal edible = parts.stream().map(Part::edible).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal given = shelf.min(wanted);
        Purchase purchase = Shopping.purchase(item, edible, wanted.subtract(given));
        for (Part part : parts) {
            purchase = part.handed.map(purchase::and).orElse(purchase);
        }
        return new Line(item.id(), parts, given, purchase);
    }
}
