package hopsel.core.item;

import hopsel.core.FactTable;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** The same food as it is sold in another state. */
public enum OtherState {
    /** Cooked, in a can or a jar. */
    CANNED,
    /** From the freezer. */
    FROZEN;

    /**
     * A row of the table.
     *
     * @param item id of the food as it grows, or dried
     * @param state that the other is sold in
     * @param other id of what is sold in that state
     * @param factor edible grams of the other for one of the first, above 0; empty: as much as it weighs cooked
     * @param prep what is done to the other before it is used; empty: nothing
     */
    public record Link(
            String item, OtherState state, String other, Optional<BigDecimal> factor, Optional<String> prep) {

        private static Link of(List<String> cells) {
            return new Link(
                    cells.get(0),
                    FactTable.word(OtherState.class, cells.get(1)),
                    cells.get(2),
                    said(cells.get(3)).map(BigDecimal::new),
                    said(cells.get(4)));
        }

        private static Optional<String> said(String cell) {
            return Optional.of(cell).filter(text -> !text.isEmpty());
        }

        /** Grams of the other for one of the first; empty where nobody knows how the first swells. */
        public Optional<BigDecimal> factor(Catalogue catalogue) {
            return factor.or(
                    () -> catalogue.find(item).flatMap(food -> food.practice().cooked()));
        }
    }

    private static final List<Link> LINKS = FactTable.rows(OtherState.class, "other-states.txt", 5).stream()
            .map(Link::of)
            .toList();

    /** Every row. */
    public static List<Link> all() {
        return LINKS;
    }

    /** What an item is when it is sold in this state; empty where no table speaks. */
    public Optional<Link> of(String item) {
        return links(link -> link.item.equals(item)).stream().findFirst();
    }

    /** What an item in this state was before it; empty where no table speaks, or where several foods end in it. */
    public Optional<Link> from(String item) {
        List<Link> before = links(link -> link.other.equals(item));
        return before.size() == 1 ? Optional.of(before.get(0)) : Optional.empty();
    }

    private List<Link> links(Predicate<Link> which) {
        return LINKS.stream()
                .filter(link -> link.state == this && which.test(link))
                .toList();
    }
}
