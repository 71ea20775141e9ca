package hopsel.core.mise;

import hopsel.core.recipe.PrepWords;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * Everything of one item with one cut, so that it is washed and cut once.
 *
 * @param item id
 * @param prep the cut; empty: as it is
 * @param grams edible, exact, of all parts
 * @param parts where it goes, by step, then copy
 */
public record PrepTask(String item, Optional<String> prep, BigDecimal grams, List<Part> parts) {

    /** Keeps its own copy. */
    public PrepTask {
        parts = List.copyOf(parts);
    }

    /** What is done to it, without an amount that the writer gave for other servings. */
    public Optional<String> cut() {
        return prep.flatMap(PrepWords::unmeasured);
    }

    /**
     * Where some of it goes.
     *
     * @param making the step and copy
     * @param grams edible, exact
     */
    public record Part(Batches.Making making, BigDecimal grams) {}
}
