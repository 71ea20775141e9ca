package hopsel.core.mise;

import hopsel.core.FactTable;
import hopsel.core.mise.ToolCheck.What;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is known of a tool or a machine, whatever dish it is used for; kitchen practice.
 *
 * @param instead what will do if it is not there
 * @param tries what goes wrong with it, and is tried beforehand
 * @param elsewhere whether it stands on a ring, in the oven or under the knife while it is used, not in reach at the
 *     back
 */
record ToolFacts(Optional<String> instead, Set<What> tries, boolean elsewhere) {

    private static final ToolFacts NONE = new ToolFacts(Optional.empty(), Set.of(), false);

    private static final Map<String, ToolFacts> ALL = FactTable.rows(ToolFacts.class, "tools.txt", 4).stream()
            .collect(Collectors.toMap(cells -> cells.get(0), ToolFacts::read));

    private static ToolFacts read(List<String> cells) {
        return new ToolFacts(
                Optional.of(cells.get(1)).filter(instead -> !instead.isEmpty()),
                FactTable.words(What.class, cells.get(2)),
                !cells.get(3).isEmpty());
    }

    /** What is known of one; nothing where no table speaks. */
    static ToolFacts of(String name) {
        return ALL.getOrDefault(name, NONE);
    }
}
