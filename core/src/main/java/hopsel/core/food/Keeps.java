package hopsel.core.food;

import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.recipe.TechniqueReader;

import java.util.Arrays;
import java.util.Optional;

/**
 * How long what a step makes stays as good as it is, by its state: a table of kitchen practice, to be argued with. A
 * state that is not here keeps as long as food safety lets it.
 */
public enum Keeps {
    /** A deglazed pan can't wait. */
    DEGLAZED(0) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.does(Technique.DEGLAZE) && scene.goesOn();
        }
    },
    /** So does a hot pan in which something is half done. */
    IN_THE_PAN(0) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.frying() && scene.goesOn();
        }
    },
    /** Pasta and noodles stick together once they are drained. */
    DRAINED_PASTA(2) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.product.is(Condition.DRAINED) && scene.product.is(Condition.HOT) && scene.has(Trait.PASTA);
        }
    },
    /** Crisp things stay crisp for minutes. */
    CRISP(5) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.product.is(Condition.CRISP);
        }
    },
    /** Melted cheese is firm again when it is no longer hot. */
    MELTED(5) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.product.is(Condition.MELTED) && scene.does(Technique.MELT);
        }
    },
    /** Warmed through, it soon goes lukewarm. */
    WARMED(5) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.does(Technique.REHEAT) && scene.product.is(Condition.HOT);
        }
    },
    /** Dressed leaves wilt. */
    DRESSED(10) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.product.is(Condition.DRESSED);
        }
    },
    /** A batter loses its lift and thickens. */
    BATTER(30) {
        @Override
        boolean speaksOf(Scene scene) {
            return scene.product.is(Condition.BATTER);
        }
    };

    private final int minutes;

    Keeps(int minutes) {
        this.minutes = minutes;
    }

    /** Minutes; 0: it goes on at once. */
    public int minutes() {
        return minutes;
    }

    abstract boolean speaksOf(Scene scene);

    /** What the table says of what a step makes; empty where it has no row. */
    public static Optional<Keeps> of(Dish dish, Step step, FoodFlow flow) {
        return flow.product(step.id())
                .map(product -> new Scene(dish, step, product))
                .flatMap(scene -> Arrays.stream(values())
                        .filter(row -> row.speaksOf(scene))
                        .findFirst());
    }

    /** A step, and what comes out of it. */
    record Scene(Dish dish, Step step, Product product) {

        boolean does(Technique technique) {
            return TechniqueReader.of(step).contains(technique);
        }

        boolean has(Trait trait) {
            return product.has(trait);
        }

        /** In a pan on a ring, by hand. */
        boolean frying() {
            return onRing(step) && (does(Technique.FRY) || does(Technique.SWEAT) || does(Technique.TOAST));
        }

        /** Whether the next thing that happens to it happens in a pan, too, in the same part of the dish. */
        boolean goesOn() {
            return dish.home(step.id()).stream()
                    .flatMap(component -> component.steps().stream())
                    .filter(next ->
                            next.after().stream().anyMatch(after -> after.step().equals(step.id())))
                    .anyMatch(Scene::onRing);
        }

        private static boolean onRing(Step step) {
            return step.needs().stream().anyMatch(need -> need.does(Does.RING));
        }
    }
}
