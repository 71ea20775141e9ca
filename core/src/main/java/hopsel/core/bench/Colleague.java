package hopsel.core.bench;

import hopsel.core.item.Catalogue;

import java.util.List;
import java.util.stream.Stream;

/**
 * Looks over a dish as a good colleague would, and objects, each time with what would mend it.
 *
 * <p>What belongs to the gate has to be settled before the dish is used; the host may let it pass with a reason.
 */
public final class Colleague {

    private Colleague() {}

    /** Everything there is to say, the gate first. */
    public static List<Objection> objections(Draft sheet, Catalogue builtIn) {
        return Stream.of(
                        new DishFindings(sheet, builtIn),
                        new LineFindings(sheet, builtIn),
                        new StepFindings(sheet, builtIn),
                        new FoodFindings(sheet, builtIn))
                .flatMap(part -> part.found().stream())
                .sorted((a, b) -> Boolean.compare(b.rule().isGate(), a.rule().isGate()))
                .toList();
    }

    /** What has to be settled, and neither is nor was let pass. */
    public static List<Objection> gate(Draft sheet, Catalogue builtIn) {
        return objections(sheet, builtIn).stream()
                .filter(objection -> objection.rule().isGate())
                .filter(objection -> !sheet.notes().passed().containsKey(objection.key()))
                .toList();
    }
}
