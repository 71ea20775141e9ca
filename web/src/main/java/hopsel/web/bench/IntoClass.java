package hopsel.web.bench;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.KnownSubstitution;
import hopsel.core.bench.Objection;
import hopsel.core.bench.Worksheet;
import hopsel.core.classes.ClassReview;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Finding;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.Dish;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.recipe.Slug;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;
import hopsel.web.frame.NotFoundException;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

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
        CookingClass next = with(stored.cooking(), sheet.in(stored.cooking().measures()));
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

    /** A dish that is in the class already is replaced by what it has become. */
    private CookingClass with(CookingClass cooking, Worksheet sheet) {
        List<Dish> dishes = new ArrayList<>(cooking.dishes());
        boolean there = dishes.stream().anyMatch(dish -> dish.id().equals(sheet.dish().id()) && dish.title().equals(sheet.dish().title()));
        String id = there ? sheet.dish().id() : Slug.free(sheet.dish().id(), taken -> dishes.stream().anyMatch(dish -> dish.id().equals(taken)));
        Dish dish = new Dish(id, sheet.dish().title(), sheet.dish().servings(), sheet.dish().components());
        if (there) {
            dishes.replaceAll(other -> other.id().equals(id) ? dish : other);
        } else {
            dishes.add(dish);
        }
        List<Item> items = new ArrayList<>(cooking.items());
        Catalogue known = sheet.catalogue(house.now());
        dish.lines().map(line -> known.get(line.item())).distinct()
                .filter(item -> !builtIn.find(item.id()).equals(Optional.of(item)) && items.stream().noneMatch(own -> own.id().equals(item.id())))
                .forEach(items::add);
        return new CookingClass(cooking.title(), cooking.style(), cooking.startsAt(), cooking.zone(), cooking.airMinutes(), cooking.prepWindows(), cooking.people(),
                cooking.resources(), cooking.measures(), items, dishes, substitutions(cooking, dish), cooking.attendees(), cooking.provision());
    }

    /** What stands in for what in the dish comes along, so that each attendee's own style and allergies can be met. */
    private List<Substitution> substitutions(CookingClass cooking, Dish dish) {
        List<Substitution> all = new ArrayList<>(cooking.substitutions());
        dish.lines().flatMap(line -> KnownSubstitution.of(line.item()).stream()).filter(known -> known.why() != KnownSubstitution.Why.LIKE && builtIn.find(known.use()).isPresent())
                .map(known -> new Substitution(known.replaced(), known.use(), known.ratio(), Optional.of(known.role().name().toLowerCase(Locale.ROOT).replace('_', ' ')), Optional.empty(), Optional.of(known.effect())))
                .filter(known -> all.stream().noneMatch(own -> own.replaced().equals(known.replaced()) && own.use().equals(known.use()))).distinct().forEach(all::add);
        return all;
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
