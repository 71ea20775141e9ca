package hopsel.core.handout;

import hopsel.core.handout.HostWords.DishWords;

import java.util.Optional;

/**
 * How long a cooked dish keeps at home and how it is warmed again, as the host said it. What nobody said is not
 * printed: a figure that was read off the words of a recipe looks like the host's, and guests trust it.
 *
 * @param fridge days at or under 5 °C, 0: eat it at once; empty: nobody said
 * @param freezer weeks frozen, 0: not to be frozen; empty: nobody said
 * @param reheat how it is warmed again; empty: nobody said
 */
public record Keeping(Optional<Integer> fridge, Optional<Integer> freezer, Optional<String> reheat) {

    /** What the host said of a dish. */
    public static Keeping of(DishWords words) {
        return new Keeping(
                words.fridge(), words.freezer(), Optional.of(words.reheat()).filter(said -> !said.isBlank()));
    }
}
