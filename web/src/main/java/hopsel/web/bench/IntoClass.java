package hopsel.web.bench;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.Draft;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Placing;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.item.Catalogue;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;

import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;

/** Puts a dish from the bench into a class, once it has passed the gate, with the ingredients it brings. */
@Component
public class IntoClass {

    private final ClassStore classes;
    private final ClassChanges changes;
    private final HouseCatalogue house;
    private final Catalogue builtIn;

    IntoClass(ClassStore classes, ClassChanges changes, HouseCatalogue house, Catalogue builtIn) {
        this.classes = classes;
        this.changes = changes;
        this.house = house;
        this.builtIn = builtIn;
    }

    /** Puts a dish in, or says why not. */
    public Outcome put(Draft sheet, long classId, String who) {
        List<Objection> gate = Colleague.gate(sheet, house.now());
        if (!gate.isEmpty()) {
            List<String> lines = new ArrayList<>(
                    List.of("The ready check still asks. Settle these, or let them pass with a reason:"));
            gate.forEach(objection -> lines.add(objection.message()));
            return new Outcome(false, lines);
        }
        return carryOver(sheet, classId, who);
    }

    /** Puts in a dish that has been in a class already, and so passed the gate. */
    public Outcome carryOver(Draft sheet, long classId, String who) {
        StoredClass stored = classes.find(classId).orElseThrow(NotFoundException::new);
        CookingClass next = Placing.into(stored.cooking(), sheet, house.now(), builtIn);
        List<Finding> findings = ClassReview.of(next, builtIn);
        if (!findings.isEmpty()) {
            return new Outcome(false, findings.stream().map(Finding::text).toList());
        }
        try {
            changes.change(
                    classId,
                    stored.version(),
                    next,
                    stored.wishes(),
                    who,
                    "“%s” put in".formatted(sheet.dish().title()));
            return new Outcome(
                    true, List.of("“%s” is in the class.".formatted(sheet.dish().title())));
        } catch (StaleClassException e) {
            return new Outcome(false, List.of("Somebody else changed that class just now. Do it again."));
        }
    }

    /**
     * What came of it.
     *
     * @param done whether the dish is in the class
     * @param lines what to tell
     */
    public record Outcome(boolean done, List<String> lines) {}
}
