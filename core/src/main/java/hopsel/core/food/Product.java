package hopsel.core.food;

import hopsel.core.item.Item;
import hopsel.core.item.Practice;
import hopsel.core.item.Trait;
import hopsel.core.item.Weigher;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What a step makes.
 *
 * @param step id of the step
 * @param parts what it is made of; what was poured off is in it no more, and is named for the record
 * @param conditions what it is like
 */
public record Product(String step, List<Part> parts, Set<Condition> conditions) {

    private static final BigDecimal WET_PARTS = BigDecimal.valueOf(5);

    /** Keeps its own copies. */
    public Product {
        parts = List.copyOf(parts);
        conditions = Set.copyOf(conditions);
    }

    /** What is in it. */
    public List<Part> inIt() {
        return parts.stream().filter(part -> !part.away()).toList();
    }

    /** Whether anything in it is like that. */
    public boolean some(Predicate<Part> test) {
        return inIt().stream().anyMatch(test);
    }

    /** Whether anything in it is and does this. */
    public boolean has(Trait trait) {
        return some(part -> part.item().has(trait));
    }

    /** Whether it is like that. */
    public boolean is(Condition condition) {
        return conditions.contains(condition);
    }

    /** Its conditions in the order of their names. */
    public List<Condition> conditionList() {
        return conditions.isEmpty() ? List.of() : List.copyOf(EnumSet.copyOf(conditions));
    }

    /** Whether it is liquid enough to press against a lid: a fifth of its weight runs, fat aside, or nobody knows. */
    public boolean runs() {
        Weigher any = new Weigher(Measures.METRIC);
        List<Part> wet = inIt().stream()
                .filter(part -> part.item().has(Trait.LIQUID) && !part.item().has(Trait.FAT))
                .toList();
        BigDecimal all = weight(inIt(), any);
        return !wet.isEmpty()
                && (wet.stream().anyMatch(part -> grams(part, any).isEmpty())
                        || weight(wet, any).multiply(WET_PARTS).compareTo(all) >= 0);
    }

    private BigDecimal weight(List<Part> some, Weigher weigher) {
        return some.stream().flatMap(part -> grams(part, weigher).stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /**
     * What it weighs in grams, with the water that dry things drank and that was poured off; steam is not reckoned.
     * Empty where something in it has no weight or is to taste; salt and pepper do not count.
     */
    public Optional<BigDecimal> grams(Weigher weigher) {
        BigDecimal sum = BigDecimal.ZERO;
        for (Part part : inIt()) {
            Optional<BigDecimal> grams = grams(part, weigher);
            if (grams.isEmpty() && !part.item().has(Trait.SEASONING)) {
                return Optional.empty();
            }
            sum = sum.add(grams.orElse(BigDecimal.ZERO));
        }
        return sum.signum() == 0 ? Optional.empty() : Optional.of(sum);
    }

    /** What one part of it weighs in grams, with what it drank; empty where it has no weight or is to taste. */
    public Optional<BigDecimal> grams(Part part, Weigher weigher) {
        return written(part, weigher).map(grams -> grams.multiply(swollen(part, grams, weigher)));
    }

    private static Optional<BigDecimal> written(Part part, Weigher weigher) {
        return part.line()
                .amount()
                .flatMap(amount -> weigher.grams(part.item(), amount))
                .map(grams -> grams.multiply(part.share()));
    }

    /**
     * What it fills in millilitres; where nobody knows how dense something is, a gram fills one. Empty where something
     * in it has no weight.
     */
    public Optional<BigDecimal> millilitres(Weigher weigher) {
        if (grams(weigher).isEmpty()) {
            return Optional.empty();
        }
        return inIt().stream()
                .flatMap(part -> grams(part, weigher)
                        .map(grams ->
                                Decimals.ratio(grams, part.item().gramsPerMl().orElse(BigDecimal.ONE)))
                        .stream())
                .reduce(BigDecimal::add);
    }

    /** Dry pulses and grains take up water; where that stands on the list and stays in, it is counted there. */
    private BigDecimal swollen(Part part, BigDecimal dry, Weigher weigher) {
        if (!part.item().has(Trait.DRY) || drinks(weigher).compareTo(dry) >= 0) {
            return BigDecimal.ONE;
        }
        Practice practice = part.item().practice();
        Optional<BigDecimal> factor =
                part.boiled() > 0 ? practice.cooked() : practice.soaked().filter(any -> part.soaked());
        return factor.orElse(BigDecimal.ONE);
    }

    /** Grams of all that runs in it, fat aside. */
    private BigDecimal drinks(Weigher weigher) {
        return inIt().stream()
                .filter(part -> part.item().has(Trait.TAP)
                        || part.item().has(Trait.LIQUID) && !part.item().has(Trait.FAT))
                .flatMap(part -> written(part, weigher).stream())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Whether there is more to it than salt, oil and water. */
    boolean isFood() {
        return some(part -> !part.item().has(Trait.LASTING));
    }

    /** The items in it, each once. */
    public List<Item> items() {
        return inIt().stream().map(Part::item).distinct().toList();
    }
}
