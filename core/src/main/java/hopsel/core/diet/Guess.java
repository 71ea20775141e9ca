package hopsel.core.diet;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;

import java.util.List;

/** What a recipe's words were taken for, once somebody who knows has looked. */
public final class Guess {

    private Guess() {}

    /**
     * The class with a guessed ingredient as what it was taken for.
     *
     * @param builtIn items that every class may use
     */
    public static CookingClass confirmed(CookingClass cooking, Item guessed, Catalogue builtIn) {
        String is = guessed.takenFor().orElse(guessed.id());
        if (cooking.catalogue(builtIn).find(is).isEmpty()) {
            // Only the guess came along: it is known from now on, under the recipe's own words.
            return cooking.bringing(cooking.items().stream()
                    .map(own -> own.id().equals(guessed.id()) ? own.confirmed() : own)
                    .toList());
        }
        List<Item> items = cooking.items().stream()
                .filter(own -> !own.id().equals(guessed.id()))
                .toList();
        return cooking.bringing(items)
                .with(cooking.dishes().stream()
                        .map(dish -> dish.eachComponent(component -> component.eachLine(line -> line.item()
                                        .equals(guessed.id())
                                ? line.of(is, line.amount(), line.prep()).confirmed()
                                : line)))
                        .toList());
    }
}
