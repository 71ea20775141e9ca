package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A component that is made once for two dishes: a sauce, a pot of rice. Its steps are done with the first, in a larger
 * quantity; each dish keeps its own amounts.
 *
 * @param made the component whose steps are done
 * @param also the same component in another dish, which waits for those
 */
@Copyable
public record Shared(ComponentRef made, ComponentRef also) implements SharedBuilder.With {

    /** Whether two components are one recipe: the same steps, as long, of the same kind, in the same places. */
    public static boolean alike(Component one, Component two) {
        return !one.steps().isEmpty()
                && one.steps().size() == two.steps().size()
                && IntStream.range(0, one.steps().size())
                        .allMatch(i -> alike(one.steps().get(i), two.steps().get(i)));
    }

    private static boolean alike(Step one, Step two) {
        return one.minutes().equals(two.minutes())
                && one.work() == two.work()
                && one.show() == two.show()
                && one.needs().equals(two.needs())
                && one.swap().equals(two.swap())
                && one.title().equals(two.title());
    }

    /** Whether a component waits for nothing outside itself. */
    public static boolean byItself(Component component) {
        List<String> own = component.steps().stream().map(Step::id).toList();
        return component.steps().stream()
                .flatMap(step -> step.after().stream())
                .allMatch(after -> own.contains(after.step()));
    }

    /** The component of that title in another dish of a class that could be made once for both. */
    public static Optional<Shared> find(CookingClass cooking, Dish dish, Component component) {
        for (Dish other : cooking.dishes()) {
            for (Component own : other.components()) {
                if (!other.id().equals(dish.id())
                        && own.title().equals(component.title())
                        && alike(own, component)
                        && byItself(own)
                        && byItself(component)) {
                    ComponentRef ref = new ComponentRef(other.id(), own.id());
                    ComponentRef made = cooking.shared().stream()
                            .filter(shared -> shared.also.equals(ref))
                            .map(Shared::made)
                            .findFirst()
                            .orElse(ref);
                    return made.dish().equals(dish.id())
                            ? Optional.empty()
                            : Optional.of(new Shared(made, new ComponentRef(dish.id(), component.id())));
                }
            }
        }
        return Optional.empty();
    }
}
