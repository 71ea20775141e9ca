package hopsel.core.classes;

import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Avoided;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Finds everything in a class that does not hang together: ids used twice or pointing nowhere, circles of waiting,
 * shares over 1, amounts that cannot be weighed.
 *
 * <p>What a single figure may be is settled before, where it is read. A class that no kitchen or day can hold is not a
 * fault; the plan says {@code impossible}.
 */
public final class ClassReview {

    private final CookingClass cooking;
    private final Catalogue catalogue;
    private final List<Finding> findings = new ArrayList<>();

    private ClassReview(CookingClass cooking, Catalogue builtIn) {
        this.cooking = cooking;
        this.catalogue = cooking.catalogue(builtIn);
    }

    /**
     * Reviews a class.
     *
     * @param builtIn items that every class may use
     * @return all findings, in the order of the class file; empty: it may be used
     */
    public static List<Finding> of(CookingClass cooking, Catalogue builtIn) {
        ClassReview review = new ClassReview(cooking, builtIn);
        review.people();
        review.unique("kitchen/resources", cooking.resources(), Resource::id);
        review.unique("items", cooking.items(), Item::id);
        review.dishes();
        review.substitutions();
        review.attendees();
        review.pantry();
        if (review.findings.isEmpty()) {
            review.shared();
        }
        return List.copyOf(review.findings);
    }

    private void people() {
        unique("people", cooking.people(), Person::id);
        if (cooking.people().stream().noneMatch(person -> person.role() == Role.HOST)) {
            add(Place.ROOT.at("people"), "The class has no host.", "Give one person the role host.");
        }
    }

    private void dishes() {
        unique("dishes", cooking.dishes(), Dish::id);
        for (int i = 0; i < cooking.dishes().size(); i++) {
            Place place = Place.ROOT.at("dishes").at(i);
            findings.addAll(new DishReview(cooking.dishes().get(i), place, catalogue, cooking.weigher()).findings());
        }
    }

    private void substitutions() {
        for (int i = 0; i < cooking.substitutions().size(); i++) {
            Substitution substitution = cooking.substitutions().get(i);
            Place place = Place.ROOT.at("substitutions").at(i);
            item(place.at("for"), substitution.replaced());
            item(place.at("use"), substitution.use());
        }
    }

    private void attendees() {
        unique("attendees", cooking.attendees(), Attendee::id);
        for (int i = 0; i < cooking.attendees().size(); i++) {
            avoids(
                    Place.ROOT.at("attendees").at(i).at("avoids"),
                    cooking.attendees().get(i).avoids());
            avoids(
                    Place.ROOT.at("attendees").at(i).at("rather"),
                    cooking.attendees().get(i).rather());
        }
    }

    private void avoids(Place place, List<String> words) {
        for (int j = 0; j < words.size(); j++) {
            if (!Avoided.isKnown(words.get(j), catalogue)) {
                add(
                        place.at(j),
                        "[%s] is no allergen, item or house rule.".formatted(words.get(j)),
                        "Write one of the fourteen allergens, the id of an item, or a house rule: oil, "
                                + "added-salt, alcohol, raw-sprouts.");
            }
        }
    }

    private void pantry() {
        for (int i = 0; i < cooking.provision().pantry().size(); i++) {
            item(
                    Place.ROOT.at("provision").at("pantry").at(i).at("item"),
                    cooking.provision().pantry().get(i).item());
        }
    }

    private void shared() {
        for (int i = 0; i < cooking.shared().size(); i++) {
            Shared pair = cooking.shared().get(i);
            Place place = Place.ROOT.at("shared").at(i);
            Optional<Component> made = component(pair.made());
            Optional<Component> also = component(pair.also());
            if (made.isEmpty() || also.isEmpty()) {
                add(
                        place.at(made.isEmpty() ? "made" : "for"),
                        "There is no component [%s].".formatted(made.isEmpty() ? pair.made() : pair.also()),
                        "Write it dish/component, or make it in each dish by itself.");
            } else if (pair.made().dish().equals(pair.also().dish()) || !Shared.alike(made.get(), also.get())) {
                add(
                        place,
                        "[%s] and [%s] are not the same steps.".formatted(pair.made(), pair.also()),
                        "Make them alike, or make each by itself.");
            } else if (!Shared.byItself(made.get()) || !Shared.byItself(also.get())) {
                add(
                        place,
                        "[%s] waits for steps of its own dish.".formatted(pair.made()),
                        "Only what stands by itself can be made once for two dishes.");
            } else if (cooking.shared().stream()
                    .anyMatch(other -> other != pair
                            && (other.also().equals(pair.also()) || other.also().equals(pair.made())))) {
                add(
                        place,
                        "[%s] is made with more than one other.".formatted(pair.also()),
                        "Name the one it is made with.");
            }
        }
    }

    private Optional<Component> component(ComponentRef ref) {
        return cooking.dishes().stream()
                .filter(dish -> dish.id().equals(ref.dish()))
                .flatMap(dish -> dish.components().stream())
                .filter(component -> component.id().equals(ref.component()))
                .findFirst();
    }

    private void item(Place place, String id) {
        if (catalogue.find(id).isEmpty()) {
            add(place, "There is no item [%s].".formatted(id), "Add it under items, or mend the id.");
        }
    }

    private <T> void unique(String list, List<T> entries, Function<T, String> id) {
        Place place = Place.ROOT;
        for (String member : list.split("/")) {
            place = place.at(member);
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < entries.size(); i++) {
            String own = id.apply(entries.get(i));
            if (!seen.add(own)) {
                add(place.at(i).at("id"), "The id [%s] is used twice.".formatted(own), "Give each its own.");
            }
        }
    }

    private void add(Place place, String message, String remedy) {
        findings.add(new Finding(place.pointer(), message, remedy));
    }
}
