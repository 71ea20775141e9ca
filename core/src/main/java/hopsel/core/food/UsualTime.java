package hopsel.core.food;

import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.measure.Minutes;
import hopsel.core.recipe.TechniqueReader;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * How long a technique usually takes with what it is done to: at least, likely, at most, in minutes. Kitchen practice,
 * a table to be argued with; where it has no row, nobody is told a time. The first row that fits speaks.
 */
public enum UsualTime {
    SOAK_BEANS(Technique.SOAK, food(Trait.DRY_BEAN), 480, 600, 1440),
    SOAK_PULSES(Technique.SOAK, food(Trait.PULSE), 60, 120, 480),
    SOAK_NOODLES(Technique.SOAK, food(Trait.PASTA), 15, 25, 40),
    SOAK_MUSHROOMS(Technique.SOAK, food(Trait.MUSHROOM), 20, 30, 60),
    SOAK_NUTS(Technique.SOAK, food(Trait.CRUNCH), 120, 240, 480),
    SOAK_RICE(Technique.SOAK, food(Trait.RICE), 20, 30, 60),
    PRESS_CURD(Technique.PRESS, food(Trait.KEEP_COLD), 15, 20, 40),
    MARINATE(Technique.MARINATE, any(), 20, 30, 120),
    GEL(Technique.GEL, food(Trait.GELS), 5, 10, 15),
    INFUSE(Technique.INFUSE, any(), 10, 15, 30),
    BLANCH(Technique.BLANCH, any(), 1, 2, 3),
    PRESSURE_BEANS(Technique.PRESSURE_COOK, food(Trait.DRY_BEAN), 25, 35, 45),
    PRESSURE_PULSES(Technique.PRESSURE_COOK, food(Trait.PULSE), 6, 10, 15),
    BOIL_PASTA(Technique.BOIL, food(Trait.PASTA), 8, 10, 12),
    BOIL_RICE(Technique.BOIL, food(Trait.RICE), 12, 15, 20),
    BOIL_BEANS(Technique.BOIL, food(Trait.DRY_BEAN), 45, 60, 90),
    BOIL_LENTILS(Technique.BOIL, food(Trait.PULSE), 15, 25, 35),
    BOIL_GRAINS(Technique.BOIL, UsualTime::dryGrain, 10, 15, 25),
    BOIL_ROOTS(Technique.BOIL, part -> part.has(Trait.STARCHY) && part.has(Trait.WHOLE), 12, 18, 25),
    SIMMER_BEANS(Technique.SIMMER, food(Trait.DRY_BEAN), 45, 60, 90),
    SIMMER_LENTILS(Technique.SIMMER, food(Trait.PULSE), 15, 25, 35),
    SIMMER_RICE(Technique.SIMMER, food(Trait.RICE), 12, 15, 20),
    SIMMER_GRAINS(Technique.SIMMER, UsualTime::dryGrain, 10, 15, 25),
    SIMMER_SAUCE(Technique.SIMMER, Product::runs, 10, 15, 25),
    STEAM(Technique.STEAM, food(Trait.WHOLE), 8, 10, 15),
    SWEAT(Technique.SWEAT, food(Trait.PUNGENT), 6, 8, 12),
    TOAST_SPICES(Technique.TOAST, food(Trait.SPICE), 1, 2, 3),
    TOAST_NUTS(Technique.TOAST, food(Trait.CRUNCH), 4, 6, 8),
    DEGLAZE(Technique.DEGLAZE, any(), 1, 1, 2),
    BAKE_DOUGH(Technique.BAKE, product -> product.has(Trait.FLOUR), 20, 30, 45),
    BAKE_ROOTS(Technique.BAKE, food(Trait.HARD), 30, 40, 55),
    BAKE_VEGETABLES(Technique.BAKE, food(Trait.WHOLE), 20, 30, 40),
    GRILL(Technique.GRILL, any(), 4, 6, 10),
    KNEAD(Technique.KNEAD, food(Trait.FLOUR), 6, 8, 12),
    PROOF(Technique.PROOF, any(), 45, 60, 90),
    FREEZE(Technique.FREEZE, any(), 120, 240, 480),
    SET(Technique.SET, any(), 30, 60, 120),
    CHILL_DOUGH(Technique.CHILL, food(Trait.FLOUR), 20, 30, 60),
    CHILL(Technique.CHILL, any(), 30, 60, 120),
    REST_DOUGH(Technique.REST, food(Trait.FLOUR), 10, 20, 30),
    COOL(Technique.COOL, any(), 10, 20, 30),
    BLEND(Technique.BLEND, any(), 1, 2, 4),
    DRAIN(Technique.DRAIN, any(), 1, 1, 2);

    private final Technique technique;
    private final Predicate<Product> food;
    private final StepMinutes minutes;

    UsualTime(Technique technique, Predicate<Product> food, int low, int likely, int high) {
        this.technique = technique;
        this.food = food;
        this.minutes = new StepMinutes(Minutes.of(low), Minutes.of(likely), Minutes.of(high));
    }

    private static Predicate<Product> food(Trait trait) {
        return product -> product.has(trait);
    }

    private static boolean dryGrain(Product product) {
        return product.some(part -> isDryGrain(part.item()));
    }

    /** Rice, grains and pasta as they are sold dry; pulses aside. */
    public static boolean isDryGrain(Item item) {
        return item.has(Trait.DRY) && item.has(Trait.DRIED) && item.has(Trait.STARCHY) && !item.has(Trait.PULSE);
    }

    /** How long something is boiled alone; empty where the table does not know. */
    public static Optional<StepMinutes> boiled(IngredientLine line, Item item) {
        Product alone =
                new Product(line.id(), List.of(Part.fresh(line, item, Use.all(line.id()), line.id())), Set.of());
        return Arrays.stream(values())
                .filter(row -> row.technique == Technique.BOIL && row.food.test(alone))
                .map(UsualTime::minutes)
                .findFirst();
    }

    private static Predicate<Product> any() {
        return product -> true;
    }

    /** What is done. */
    public Technique technique() {
        return technique;
    }

    /** How long. */
    public StepMinutes minutes() {
        return minutes;
    }

    /**
     * What the table says of a step; empty where it has no row, or the words speak of more than one thing that lasts.
     */
    public static Optional<UsualTime> of(Step step, FoodFlow flow) {
        Optional<Product> product = flow.product(step.id());
        Set<Technique> techniques = TechniqueReader.of(step);
        Product fresh = flow.fresh(step);
        return product.flatMap(made -> Arrays.stream(values())
                .filter(row -> techniques.contains(row.technique) && fits(row.technique, step))
                .filter(row -> row.food.test(isDoneToWhatGoesIn(row) && fresh.isFood() ? fresh : made))
                .findFirst());
    }

    /** Bread that is toasted after the spices is toasted like bread. */
    private static boolean isDoneToWhatGoesIn(UsualTime row) {
        return row.technique == Technique.TOAST
                || row.technique == Technique.SOAK
                || row.technique == Technique.PRESS
                || row.technique == Technique.KNEAD;
    }

    /** Words may name what is only beside the point; the place where it is done tells. */
    private static boolean fits(Technique technique, Step step) {
        boolean heats = Heat.heats(step);
        boolean oven = step.needs().stream().anyMatch(need -> need.is(PlaceKind.OVEN));
        boolean pressure = step.needs().stream().anyMatch(need -> need.does(Does.PRESSES));
        return switch (technique) {
            case PRESSURE_COOK -> pressure;
            case BAKE -> oven;
            case BOIL, SIMMER, STEAM, BLANCH, SWEAT, TOAST, DEGLAZE, GRILL -> heats && !oven && !pressure;
            case SOAK, PRESS, MARINATE, GEL, INFUSE, PROOF, FREEZE, SET, CHILL, REST, COOL -> step.work() == Work.REST;
            default -> !heats && step.work() != Work.REST;
        };
    }
}
