package hopsel.core.bench;

import hopsel.core.food.FoodFlow;
import hopsel.core.item.Catalogue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Looks over a dish as a good colleague would, and objects, each time with what would mend it.
 *
 * <p>What belongs to the gate has to be settled before the dish is used; the host may let it pass with a reason.
 */
public final class Colleague {

    private Colleague() {}

    /** Everything there is to say, the most harmful first. */
    public static List<Objection> objections(Draft sheet, Catalogue builtIn) {
        FoodFlow flow = FoodFlow.of(sheet.dish(), sheet.catalogue(builtIn));
        return Stream.of(
                        new DishFindings(sheet, builtIn, flow),
                        new LineFindings(sheet, builtIn, flow),
                        new StepFindings(sheet, builtIn, flow),
                        new FoodFindings(sheet, builtIn, flow))
                .flatMap(part -> part.found().stream())
                .sorted(Comparator.comparing(Objection::rule))
                .toList();
    }

    /** Reasons to let something pass that nobody typed. */
    private static final String AS_IT_IS = "as it is";
    /** Answers may raise other questions; this many rounds are more than any dish had. */
    private static final int MOST = 300;

    /**
     * A dish with the likely answers given.
     *
     * @param sheet the dish afterwards
     * @param given what was answered, in the order in which it was asked
     */
    public record Answered(Draft sheet, List<String> given) {}

    /** Every likely answer taken, each as if it had been touched. */
    public static Answered likely(Draft sheet, Catalogue builtIn) {
        Draft now = sheet;
        List<String> given = new ArrayList<>();
        Set<String> tried = new HashSet<>();
        for (int i = 0; i < MOST; i++) {
            Draft asked = now;
            Optional<Objection> next = objections(asked, builtIn).stream()
                    .filter(one -> isOpen(one, asked) && isLikely(one) && tried.add(one.key()))
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            Objection.Remedy remedy = next.get().remedy().orElseThrow();
            try {
                now = remedy.fix().apply(now);
                given.add(next.get().message() + " → " + remedy.label());
            } catch (RefusedEditException e) {
                // What cannot be done so is asked again by itself.
                continue;
            }
        }
        return new Answered(now, given);
    }

    /** Whether an objection has an answer that most cooks would give. */
    public static boolean isLikely(Objection objection) {
        return objection.rule().isLikely() && objection.remedy().isPresent();
    }

    private static boolean isOpen(Objection objection, Draft sheet) {
        return !sheet.notes().passed().containsKey(objection.key());
    }

    /** All that is only advice let pass, as it is. */
    public static Draft accepted(Draft sheet, Catalogue builtIn) {
        Draft now = sheet;
        for (Objection objection : objections(sheet, builtIn)) {
            if (!objection.rule().isGate() && isOpen(objection, now)) {
                now = now.with(now.notes().passing(objection.key(), Optional.of(AS_IT_IS)));
            }
        }
        return now;
    }

    /** What has to be settled, and neither is nor was let pass. */
    public static List<Objection> gate(Draft sheet, Catalogue builtIn) {
        return objections(sheet, builtIn).stream()
                .filter(objection -> objection.rule().isGate())
                .filter(objection -> !sheet.notes().passed().containsKey(objection.key()))
                .toList();
    }
}
