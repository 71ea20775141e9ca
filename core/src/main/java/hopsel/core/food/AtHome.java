package hopsel.core.food;

import hopsel.core.item.Trait;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * How a dish is usually kept and warmed again, by the state in which it is eaten: kitchen practice within the limits of
 * food safety. A proposal to the host; nothing of it is printed until the host has said it.
 */
public enum AtHome {
    /** Eaten from the freezer. */
    FROZEN(
            food -> food.is(Condition.FROZEN),
            0,
            8,
            "Not warmed: take it out of the freezer ten minutes before serving"),
    /** Set or chilled, eaten cold. */
    COLD(food -> food.is(Condition.COLD) || food.is(Condition.SET), 2, -1, "Not warmed: eat it cold"),
    /** Rice keeps for a day. */
    RICE(
            food -> food.has(Trait.RICE) && food.some(Part::heated),
            1,
            -1,
            "Once, to 75 °C in the middle, with a splash of water"),
    DRESSED(food -> food.is(Condition.DRESSED), 0, 0, "Not warmed: dress it just before eating"),
    CRISP(food -> food.is(Condition.CRISP), 1, -1, "Once, in a hot oven or a dry pan, to 75 °C in the middle"),
    /** Cooked, and left to cool before it is served; a soup that cools a while before the blender is warmed again. */
    COOLED(
            food -> food.is(Condition.COOLED) && (!food.runs() || food.has(Trait.SWEET) || food.is(Condition.BAKED)),
            2,
            -1,
            "Not warmed: eat it cold"),
    BAKED(food -> food.is(Condition.BAKED), 2, 8, "Once, in the oven at 180 °C, to 75 °C in the middle"),
    /** Baked in its sauce. */
    OVEN_DISH(
            food -> food.is(Condition.FROM_THE_OVEN),
            3,
            -1,
            "Once, covered, in the oven at 180 °C, to 75 °C in the middle"),
    SOUP(food -> food.runs() && food.some(Part::heated), 3, 8, "Once, in a pot, stirring, to 75 °C in the middle"),
    COOKED(food -> food.some(Part::heated), 3, -1, "Once, to 75 °C in the middle"),
    RAW(food -> true, 1, -1, "Not warmed");

    private final Predicate<Product> food;
    private final int fridge;
    private final int freezer;
    private final String reheat;

    AtHome(Predicate<Product> food, int fridge, int freezer, String reheat) {
        this.food = food;
        this.fridge = fridge;
        this.freezer = freezer;
        this.reheat = reheat;
    }

    /** What is usual for what a dish serves: its most delicate part speaks; empty where it serves nothing. */
    public static Optional<AtHome> of(FoodFlow flow) {
        List<Product> served = flow.served();
        return Arrays.stream(values())
                .filter(row -> served.stream().anyMatch(row.food))
                .findFirst();
    }

    /** Days at or under 5 °C; 0: eaten at once. */
    public int fridge() {
        return fridge;
    }

    /** Weeks frozen, 0: not to be frozen; empty: the table does not say. */
    public Optional<Integer> freezer() {
        return freezer < 0 ? Optional.empty() : Optional.of(freezer);
    }

    /** How it is warmed again. */
    public String reheat() {
        return reheat;
    }
}
