package hopsel.core.recipe;

import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Use;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A recipe as it was read: a proposal for the bench.
 *
 * @param title what it is called
 * @param servings what the amounts are for; empty: not said
 * @param pieces how many pieces it makes; empty: not said
 * @param headline the time it promises; empty: none
 * @param parts components with lines and steps, in the order of the text
 * @param unread passages that were not understood
 * @param told of those, the ones that name nothing to eat but what is on the list: nobody has to be asked about them
 */
public record ReadRecipe(
        String title,
        Optional<BigDecimal> servings,
        Optional<BigDecimal> pieces,
        Optional<StepMinutes> headline,
        List<Part> parts,
        List<String> unread,
        Set<String> told) {

    /** Keeps its own copies. */
    public ReadRecipe {
        parts = List.copyOf(parts);
        unread = List.copyOf(unread);
        told = Set.copyOf(told);
    }

    /**
     * A component.
     *
     * @param title its heading, or the recipe's title
     * @param lines what goes in
     * @param steps what is done
     */
    public record Part(String title, List<Line> lines, List<StepInPart> steps) {}

    /**
     * A line with the id it goes by.
     *
     * @param id unique in the recipe
     * @param read as read
     */
    public record Line(String id, ReadLine read) {}

    /**
     * A step with what it uses and waits for.
     *
     * @param id unique in the recipe
     * @param read as read
     * @param uses lines, with shares
     * @param after ids of steps
     * @param say what was said to the audience meanwhile
     */
    public record StepInPart(String id, ReadStep read, List<Use> uses, List<String> after, Optional<String> say) {}
}
