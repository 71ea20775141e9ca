package hopsel.core.kit;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Technique;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Avoided;
import hopsel.core.item.Catalogue;
import hopsel.core.kitchen.PlaceKind;
import hopsel.core.kitchen.PlaceKind.Does;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Tool;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.Said;
import hopsel.core.recipe.TechniqueReader;
import hopsel.core.recipe.ToolReader;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Where something that a guest avoids gets onto what is made for them: an appliance, a tool, a board or hot oil that
 * was used for the one and then for the other.
 *
 * @param contacts in the order of the plan
 */
public record CrossContact(List<Contact> contacts) {

    /** Tools that hold what touched them; bowls and pots are washed and changed anyway. */
    private static final Set<String> HOLDS = Set.of(
            "knife",
            "chopping board",
            "rolling pin",
            "grater",
            "sieve",
            "colander",
            "mortar",
            "wok",
            "frying pan",
            "tongs",
            "spatula",
            "baking tray");

    /** What is shared. */
    public enum Shared {
        APPLIANCE,
        OIL,
        TOOL
    }

    /**
     * A contact.
     *
     * @param shared what kind of thing
     * @param places their names, such as blender, or knife and chopping board
     * @param avoided what somebody avoids: words of allergens, or ids of items
     * @param with step that brings it
     * @param then step of a dish without it that uses the same afterwards
     * @param at when that begins, seconds relative to going on air
     */
    public record Contact(
            Shared shared, List<String> places, List<String> avoided, StepRef with, StepRef then, int at) {}

    /** Keeps its own copy. */
    public CrossContact {
        contacts = List.copyOf(contacts);
    }

    /**
     * The contacts of a plan, each place and word once: the first time it happens; those of the same two steps
     * together.
     */
    public static CrossContact of(CookingClass cooking, Plan plan, Catalogue catalogue) {
        Set<String> words = cooking.attendees().stream()
                .map(Attendee::avoids)
                .flatMap(List::stream)
                .collect(Collectors.toCollection(TreeSet::new));
        Map<String, Contact> first = new LinkedHashMap<>();
        for (String word : words) {
            Set<StepRef> carrying = carrying(cooking, catalogue, word);
            Set<String> dishes = carrying.stream().map(StepRef::dish).collect(Collectors.toSet());
            places(cooking, plan).forEach((place, uses) -> {
                Activity with = null;
                for (Activity use : uses) {
                    if (carrying.contains(use.step())) {
                        with = use;
                    } else if (with != null && !dishes.contains(use.step().dish())) {
                        first.putIfAbsent(
                                place + " " + word,
                                new Contact(
                                        place.shared,
                                        List.of(place.name),
                                        List.of(word),
                                        with.step(),
                                        use.step(),
                                        use.start()));
                        with = null;
                    }
                }
            });
        }
        Map<String, Contact> together = new LinkedHashMap<>();
        first.values()
                .forEach(contact -> together.merge(
                        "%s %s %s %d".formatted(contact.shared, contact.with, contact.then, contact.at),
                        contact,
                        CrossContact::both));
        return new CrossContact(together.values().stream()
                .sorted(Comparator.comparingInt(Contact::at))
                .toList());
    }

    private static Contact both(Contact one, Contact two) {
        return new Contact(
                one.shared, union(one.places, two.places), union(one.avoided, two.avoided), one.with, one.then, one.at);
    }

    private static List<String> union(List<String> one, List<String> two) {
        return Stream.concat(one.stream(), two.stream()).distinct().sorted().toList();
    }

    private record Place(Shared shared, String name, String id) {}

    /** Everything that is touched, with the activities that use it in their order. */
    private static Map<Place, List<Activity>> places(CookingClass cooking, Plan plan) {
        Map<Place, List<Activity>> places =
                new TreeMap<>(Comparator.comparing(Place::shared).thenComparing(Place::id));
        // One blender stands in for another when hands are full: what one of them held counts for all.
        String mixers = plan.activities().stream()
                .flatMap(activity -> mixers(cooking, activity))
                .distinct()
                .sorted()
                .collect(Collectors.joining(" / "));
        for (Activity activity : plan.activities().stream()
                .sorted(Comparator.comparingInt(Activity::start))
                .toList()) {
            Step step = cooking.step(activity.step());
            if (mixers(cooking, activity).findAny().isPresent()) {
                add(places, new Place(Shared.APPLIANCE, mixers, "mixers"), activity);
            }
            appliances(cooking, activity)
                    .filter(resource -> PlaceKind.does(resource.kind(), Does.TOUCHES))
                    .forEach(resource -> add(
                            places,
                            new Place(
                                    PlaceKind.does(resource.kind(), Does.OIL) ? Shared.OIL : Shared.APPLIANCE,
                                    name(resource),
                                    resource.id()),
                            activity));
            ToolReader.of(step).stream()
                    .map(tool -> tool.name())
                    .filter(HOLDS::contains)
                    .distinct()
                    .forEach(name -> add(places, new Place(Shared.TOOL, name, name), activity));
            if (Said.DEEP_FRYING.in(step)) {
                add(places, new Place(Shared.OIL, "oil", "oil"), activity);
            }
        }
        return places;
    }

    private static Stream<Resource> appliances(CookingClass cooking, Activity activity) {
        return cooking.resources().stream().filter(resource -> activity.placements().stream()
                .anyMatch(placement -> placement.resource().equals(resource.id())));
    }

    /**
     * What an activity whirls things about in, by the place it has; where it has none, by the tool that its words name;
     * where they name none, and something is blended, it is blended in something.
     */
    private static Stream<String> mixers(CookingClass cooking, Activity activity) {
        List<String> placed = appliances(cooking, activity)
                .filter(resource -> PlaceKind.does(resource.kind(), Does.MIXES))
                .map(CrossContact::name)
                .toList();
        if (!placed.isEmpty()) {
            return placed.stream();
        }
        Step step = cooking.step(activity.step());
        List<String> named = ToolReader.of(step).stream()
                .map(Tool::name)
                .filter(name -> PlaceKind.does(name, Does.MIXES))
                .toList();
        boolean blended = named.isEmpty() && TechniqueReader.of(step).contains(Technique.BLEND);
        return blended ? Stream.of(PlaceKind.BLENDER.word()) : named.stream();
    }

    private static String name(Resource resource) {
        return resource.name().orElseGet(() -> resource.kind().replace('-', ' '));
    }

    private static void add(Map<Place, List<Activity>> places, Place place, Activity activity) {
        List<Activity> uses = places.computeIfAbsent(place, any -> new ArrayList<>());
        if (!uses.contains(activity)) {
            uses.add(activity);
        }
    }

    /** Steps that something goes into, and all that come after them. */
    private static Set<StepRef> carrying(CookingClass cooking, Catalogue catalogue, String word) {
        Set<StepRef> carrying = new HashSet<>();
        for (Dish dish : cooking.dishes()) {
            List<Step> open = new ArrayList<>(dish.steps()
                    .filter(step -> step.uses().stream()
                            .anyMatch(use -> Avoided.meets(
                                    catalogue.get(dish.line(use.ingredient()).item()), word)))
                    .toList());
            while (!open.isEmpty()) {
                Step step = open.remove(open.size() - 1);
                if (carrying.add(new StepRef(dish.id(), step.id()))) {
                    dish.steps()
                            .filter(next -> next.after().stream()
                                    .anyMatch(after -> after.step().equals(step.id())))
                            .forEach(open::add);
                }
            }
        }
        return carrying;
    }
}
