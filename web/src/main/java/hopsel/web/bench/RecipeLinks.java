package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.Notes;
import hopsel.core.bench.RecipeCheck;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.RecipeState;
import hopsel.core.item.Catalogue;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.util.List;
import java.util.Optional;

/** How dishes of classes and the recipes on the bench stand to each other; templates call it {@code @recipes}. */
@Component("recipes")
public class RecipeLinks {

    private final BenchStore bench;
    private final ClassStore classes;
    private final ClassChanges changes;
    private final HouseCatalogue house;
    private final Catalogue builtIn;

    RecipeLinks(BenchStore bench, ClassStore classes, ClassChanges changes, HouseCatalogue house, Catalogue builtIn) {
        this.bench = bench;
        this.classes = classes;
        this.changes = changes;
        this.house = house;
        this.builtIn = builtIn;
    }

    /**
     * A dish of a class beside its recipe.
     *
     * @param recipe the recipe on the bench
     * @param check what is different
     */
    public record Link(StoredDish recipe, RecipeCheck check) {}

    /** A dish of a class beside its recipe; empty: the recipe is not on the bench. */
    public Optional<Link> of(CookingClass cooking, Dish dish) {
        return dish.recipe().flatMap(recipe -> bench.ofRecipe(recipe.id()).map(stored -> {
            Optional<Draft> taken =
                    recipe.state() == stored.revision() ? Optional.of(stored.sheet()) : bench.inState(recipe);
            return new Link(stored, RecipeCheck.of(cooking, dish, taken, stored.sheet(), house.now()));
        }));
    }

    /** Puts a dish of a class onto the bench as a recipe, which the class has in that state from then on. */
    @Transactional(rollbackFor = StaleClassException.class)
    public long onto(StoredClass stored, Dish dish, String who) throws StaleClassException {
        CookingClass cooking = stored.cooking();
        Draft draft = new Draft(dish, cooking.items(), cooking.measures(), Notes.NONE);
        long id = bench.add(draft, who, "taken from " + cooking.title());
        RecipeState kept = bench.find(id).orElseThrow().sheet().dish().recipe().orElseThrow();
        changes.change(
                stored.id(),
                stored.version(),
                RecipeCheck.asOf(cooking, dish, kept),
                stored.wishes(),
                who,
                "“%s” kept as a recipe".formatted(dish.title()));
        return id;
    }

    /** A class that a recipe went into, and how it stands there. */
    public record Taken(long classId, String title, String dish, RecipeCheck check) {}

    /** The classes that a recipe went into. */
    public List<Taken> classesOf(StoredDish recipe) {
        return classes.entries().stream()
                .flatMap(entry -> classes.readable(entry.id()).stream())
                .flatMap(stored -> stored.cooking().dishes().stream()
                        .filter(dish -> dish.isSameRecipe(recipe.sheet().dish()))
                        .flatMap(dish -> of(stored.cooking(), dish).stream()
                                .map(link ->
                                        new Taken(stored.id(), stored.cooking().title(), dish.id(), link.check))))
                .toList();
    }

    /** Takes the recipe as it is now into the class. */
    @Transactional(rollbackFor = StaleClassException.class)
    public void intoClass(StoredClass stored, int version, Dish dish, Link link, String who)
            throws StaleClassException {
        CookingClass next = RecipeCheck.intoClass(stored.cooking(), dish, link.recipe.sheet(), house.now(), builtIn);
        changes.change(
                stored.id(), version, next, stored.wishes(), who, "“%s” as the recipe is now".formatted(dish.title()));
    }

    /** Takes the dish as it stands in the class into the recipe; the class has that state of it from then on. */
    @Transactional(rollbackFor = {StaleClassException.class, StaleDishException.class})
    public void intoRecipe(StoredClass stored, int version, Dish dish, Link link, String who)
            throws StaleClassException, StaleDishException {
        StoredDish recipe = link.recipe;
        Draft next = RecipeCheck.intoRecipe(stored.cooking(), dish, recipe.sheet(), house.now());
        bench.save(
                recipe.id(),
                recipe.version(),
                next,
                who,
                "as in the class “%s”".formatted(stored.cooking().title()));
        RecipeState now =
                bench.find(recipe.id()).orElseThrow().sheet().dish().recipe().orElseThrow();
        changes.change(
                stored.id(),
                version,
                RecipeCheck.asOf(stored.cooking(), dish, now),
                stored.wishes(),
                who,
                "“%s” taken into its recipe".formatted(dish.title()));
    }
}
