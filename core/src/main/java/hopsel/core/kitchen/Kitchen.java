package hopsel.core.kitchen;

import hopsel.core.Copyable;

import java.util.List;

/**
 * Who works in a class, when before it they are in the kitchen, and what is there.
 *
 * @param prepWindows when people are in the kitchen before
 * @param people at least one host
 * @param resources ovens, hobs, appliances, fridges
 * @param room stations, counter and tools, as far as they are known
 */
@Copyable
public record Kitchen(List<PrepWindow> prepWindows, List<Person> people, List<Resource> resources, Room room)
        implements KitchenBuilder.With {

    /** Keeps its own copies. */
    public Kitchen {
        prepWindows = List.copyOf(prepWindows);
        people = List.copyOf(people);
        resources = List.copyOf(resources);
    }
}
