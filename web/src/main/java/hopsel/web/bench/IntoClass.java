package hopsel.web.bench;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Placing;
import hopsel.core.bench.Worksheet;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.item.Catalogue;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;

/** Puts a dish from the bench into a class, once it has passed the gate, with the ingredients it brings. */
@Component
class IntoClass {

    private final ClassStore classes;
    private final HouseCatalogue house;
    private final Catalogue builtIn;

    IntoClass(ClassStore classes, HouseCatalogue house, Catalogue builtIn) {
        this.classes = classes;
        this.house = house;
        this.builtIn = builtIn;
    }

    Outcome put(Worksheet sheet, long classId) {
        List<Objection> gate = Colleague.gate(sheet, house.now());
        if (!gate.isEmpty()) {
            List<String> lines = new ArrayList<>(List.of("The gate is not passed yet. Settle these, or let them pass with a reason:"));
            gate.forEach(objection -> lines.add(objection.message()));
            return new Outcome(false, lines);
        }
        StoredClass stored = classes.find(classId).orElseThrow(NotFoundException::new);
        CookingClass next = Placing.into(stored.cooking(), sheet, house.now(), builtIn);
        List<Finding> findings = ClassReview.of(next, builtIn);
        if (!findings.isEmpty()) {
            return new Outcome(false, findings.stream().map(Finding::text).toList());
        }
        try {
            classes.replace(classId, stored.version(), next);
            return new Outcome(true, List.of("“%s” is in the class.".formatted(sheet.dish().title())));
        } catch (StaleClassException e) {
            return new Outcome(false, List.of("Somebody else changed that class just now. Do it again."));
        }
    }

    /**
     * What came of it.
     *
     * @param done  whether the dish is in the class
     * @param lines what to tell
     */
    record Outcome(boolean done, List<String> lines) {
    }
}
