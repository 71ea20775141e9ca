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
        Outcome may = may(sheet);
        return may.done() ? carryOver(sheet, classId, who) : may;
    }

    /** Whether the ready check has nothing more to ask of a dish; if it has, what. */
    Outcome may(Draft sheet) {
        List<Objection> gate = Colleague.gate(sheet, house.now());
        List<String> lines = new ArrayList<>();
        if (!gate.isEmpty()) {
            lines.add("The ready check still asks. Settle these, or ignore them with a reason:");
            gate.forEach(objection -> lines.add(objection.message()));
        }
        return new Outcome(gate.isEmpty(), 0, lines);
    }

    /** Puts in a dish that has been in a class already, and so passed the gate. */
    public Outcome carryOver(Draft sheet, long classId, String who) {
        StoredClass stored = classes.find(classId).orElseThrow(NotFoundException::new);
        CookingClass next = Placing.into(stored.cooking(), sheet, house.now(), builtIn);
        List<Finding> findings = ClassReview.of(next, builtIn);
        if (!findings.isEmpty()) {
            return new Outcome(
                    false, classId, findings.stream().map(Finding::text).toList());
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
                    true,
                    classId,
                    List.of("“%s” is in the class.".formatted(sheet.dish().title())));
        } catch (StaleClassException e) {
            return new Outcome(false, classId, List.of("Somebody else just changed that class. Do it again."));
        }
    }

    /**
     * What came of it.
     *
     * @param done whether the dish is in the class
     * @param classId the class; 0: none was asked for
     * @param lines what to tell
     */
    public record Outcome(boolean done, long classId, List<String> lines) {}
}
