package hopsel.core.bench;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.classes.Shared;
import hopsel.core.dish.Dish;
import hopsel.core.food.Staging;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.item.Substitution;
import hopsel.core.recipe.Slug;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Puts a dish from the bench into a class, with the ingredients and the substitutions it brings. */
public final class Placing {

    private Placing() {}

    /**
     * The class with the dish in it, in the cups and spoons of the class. A dish that is in the class already is
     * replaced by what it has become.
     *
     * @param house the catalogue with the house's own items, which come along
     * @param builtIn items that every class may use
     */
    public static CookingClass into(CookingClass cooking, Draft own, Catalogue house, Catalogue builtIn) {
        Draft sheet = fitted(own, cooking, house);
        List<Dish> dishes = new ArrayList<>(cooking.dishes());
        Optional<String> there = dishes.stream()
                .filter(dish -> isOneOf(dish, sheet.dish()))
                .map(Dish::id)
                .findFirst();
        String id = there.orElseGet(() -> Slug.free(sheet.dish().id(), taken -> dishes.stream()
                .anyMatch(dish -> dish.id().equals(taken))));
        Dish dish = sheet.dish().withId(id);
        if (there.isPresent()) {
            dishes.replaceAll(other -> other.id().equals(id) ? dish : other);
        } else {
            dishes.add(dish);
        }
        List<Item> items = new ArrayList<>(cooking.items());
        brought(sheet, house, builtIn).stream()
                .filter(item -> items.stream().noneMatch(other -> other.id().equals(item.id())))
                .forEach(items::add);
        CookingClass placed = cooking.cooking(dishes, items, substitutions(cooking, dish, builtIn))
                .withShared(cooking.shared().stream()
                        .filter(shared -> !shared.made().dish().equals(id)
                                && !shared.also().dish().equals(id))
                        .toList());
        return placed.withShared(Stream.concat(placed.shared().stream(), shared(placed, dish, sheet))
                .toList());
    }

    /** The dish of a draft as it stands in a class. */
    static Dish dish(Draft own, CookingClass cooking, Catalogue house) {
        return fitted(own, cooking, house).dish();
    }

    /**
     * In the cups and spoons of the class; where it is planned by the first edition of the rules, without what only the
     * second knows of: it is lifted when its host asks for it, not by a dish.
     */
    private static Draft fitted(Draft own, CookingClass cooking, Catalogue house) {
        Draft sheet = inOwnWords(own.in(cooking.measures()), house);
        boolean second =
                Edition.of(cooking) == Edition.SECOND || cooking.dishes().isEmpty();
        return second ? sheet : sheet.eachStep(Staging::plain);
    }

    /** Whether a dish of a class is this recipe; one of which nobody knows the recipe is told by id and title. */
    private static boolean isOneOf(Dish dish, Dish recipe) {
        boolean told = dish.recipe().isPresent() && recipe.recipe().isPresent();
        return told
                ? dish.isSameRecipe(recipe)
                : dish.id().equals(recipe.id()) && dish.title().equals(recipe.title());
    }

    /**
     * What was guessed comes along as an ingredient that goes by the recipe's own words, so that every page says those.
     */
    private static Draft inOwnWords(Draft sheet, Catalogue house) {
        Catalogue known = sheet.catalogue(house);
        List<Item> items = new ArrayList<>(sheet.items());
        Dish dish = sheet.dish().eachLine(line -> line.said()
                .map(words -> {
                    String id =
                            Slug.free(Slug.of(words), taken -> known.find(taken).isPresent());
                    items.add(known.get(line.item()).guessedAs(words, id));
                    return line.of(id, line.amount(), line.prep());
                })
                .orElse(line));
        return sheet.with(dish).withItems(items);
    }

    /** The ingredients of a dish that are not the built-in ones. */
    public static List<Item> brought(Draft own, Catalogue house, Catalogue builtIn) {
        Draft sheet = inOwnWords(own, house);
        Catalogue known = sheet.catalogue(house);
        return sheet.dish()
                .lines()
                .map(line -> known.get(line.item()))
                .distinct()
                .filter(item -> !builtIn.find(item.id()).equals(Optional.of(item)))
                .toList();
    }

    /** What was taken from another recipe, and is in the class already just so, is made once. */
    private static Stream<Shared> shared(CookingClass placed, Dish dish, Draft sheet) {
        return dish.components().stream()
                .filter(component -> component.base().isPresent())
                .flatMap(component -> Shared.find(placed, dish, component).stream());
    }

    /**
     * What stands in for somebody's sake comes along, so that each attendee's allergies can be met; what is only liked
     * does not.
     */
    private static List<Substitution> substitutions(CookingClass cooking, Dish dish, Catalogue builtIn) {
        List<Substitution> all = new ArrayList<>(cooking.substitutions());
        Stream<KnownSubstitution> offered = dish.lines()
                .flatMap(line -> KnownSubstitution.of(line.item()).stream())
                .filter(known -> known.why() != KnownSubstitution.Why.LIKE
                        && builtIn.find(known.use()).isPresent());
        offered.map(known -> new Substitution(
                        known.replaced(),
                        known.use(),
                        known.ratio(),
                        Optional.of(known.role().name().toLowerCase(Locale.ROOT).replace('_', ' ')),
                        Optional.empty(),
                        Optional.of(known.effect())))
                .filter(known -> all.stream()
                        .noneMatch(other -> other.replaced().equals(known.replaced())
                                && other.use().equals(known.use())))
                .distinct()
                .forEach(all::add);
        return all;
    }
}
