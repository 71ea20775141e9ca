package hopsel.core.classes;

import hopsel.core.diet.Attendee;
import hopsel.core.diet.Substitution;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Weigher;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;
import hopsel.core.provision.Provision;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;

/**
 * A class: dishes, a slot, a kitchen, people, attendees. Immutable.
 *
 * <p>One that came through {@link ClassReview} without a finding can be planned, weighed and packed without
 * further checks.
 *
 * @param title         as announced
 * @param style         demo, hands-on, stream or recording
 * @param startsAt      when it goes on air, on the wall clock of {@code zone}
 * @param zone          where it is held
 * @param airMinutes    length of the slot, above 0
 * @param prepWindows   when people are in the kitchen before
 * @param people        at least one host
 * @param resources     the kitchen
 * @param measures      cups and spoons
 * @param items         ingredients the class brings itself
 * @param dishes        what is cooked
 * @param substitutions in the order of preference
 * @param attendees     who takes part
 * @param provision     how much is made
 * @param shared        components that are made once for two dishes
 * @param room          stations, counter and tools, as far as they are known
 */
public record CookingClass(String title, Style style, LocalDateTime startsAt, ZoneId zone, Minutes airMinutes,
                           List<PrepWindow> prepWindows, List<Person> people, List<Resource> resources,
                           Measures measures, List<Item> items, List<Dish> dishes, List<Substitution> substitutions,
                           List<Attendee> attendees, Provision provision, List<Shared> shared, Room room) {

    /** Keeps its own copies. */
    public CookingClass {
        prepWindows = List.copyOf(prepWindows);
        people = List.copyOf(people);
        resources = List.copyOf(resources);
        items = List.copyOf(items);
        dishes = List.copyOf(dishes);
        substitutions = List.copyOf(substitutions);
        attendees = List.copyOf(attendees);
        shared = List.copyOf(shared);
    }

    /** A class in a room of which nothing is known. */
    public CookingClass(String title, Style style, LocalDateTime startsAt, ZoneId zone, Minutes airMinutes, List<PrepWindow> prepWindows,
                        List<Person> people, List<Resource> resources, Measures measures, List<Item> items, List<Dish> dishes,
                        List<Substitution> substitutions, List<Attendee> attendees, Provision provision, List<Shared> shared) {
        this(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, shared, Room.UNKNOWN);
    }

    /** The same class with other attendees. */
    public CookingClass attendedBy(List<Attendee> others) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, others, provision, shared, room);
    }

    /** The same class, held in another style. */
    public CookingClass held(Style other) {
        return new CookingClass(title, other, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class in a room of which this is known. */
    public CookingClass in(Room other) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, shared, other);
    }

    /** A step as it is done on air: where attendees cook along, at their pace and in rounds through what the room has. */
    public Step onAir(Step step) {
        return StationRounds.atStations(step, learners(), resources);
    }

    /** How attendees cook along in this style. */
    public Learners learners() {
        return !style.cookAlong() ? Learners.NONE : style == Style.STREAM ? room.learners().eachAtHome() : room.learners();
    }

    /** The same class with other dishes. */
    public CookingClass with(List<Dish> others) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, others, substitutions, attendees, provision, shared, room);
    }

    /** The same class at another time. */
    public CookingClass starting(LocalDateTime at) {
        return new CookingClass(title, style, at, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class with other items of its own. */
    public CookingClass bringing(List<Item> others) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, others, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class with other people. */
    public CookingClass withPeople(List<Person> others) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, others, resources, measures, items, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class in another kitchen, or in the same at other hours. */
    public CookingClass withKitchen(List<PrepWindow> windows, List<Resource> places) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, windows, people, places, measures, items, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class in a slot of another length. */
    public CookingClass lasting(Minutes air) {
        return new CookingClass(title, style, startsAt, zone, air, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, shared, room);
    }

    /** The same class with other dishes and what they bring; nothing is made once for two of them. */
    public CookingClass cooking(List<Dish> others, List<Item> brought, List<Substitution> instead) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, brought, others, instead, attendees, provision, List.of(), room);
    }

    /** The same class with other components made once. */
    public CookingClass withShared(List<Shared> others) {
        return new CookingClass(title, style, startsAt, zone, airMinutes, prepWindows, people, resources, measures, items, dishes, substitutions, attendees, provision, others, room);
    }

    /** The step that is done where this one is asked for: itself, or that of the component it is made with. */
    public StepRef made(StepRef ref) {
        for (Shared pair : shared) {
            if (pair.also().dish().equals(ref.dish())) {
                int place = place(pair.also(), ref.step());
                if (place >= 0) {
                    return new StepRef(pair.made().dish(), component(pair.made()).steps().get(place).id());
                }
            }
        }
        return ref;
    }

    /** The steps that are done with this one. */
    public List<StepRef> alsoFor(StepRef ref) {
        return shared.stream().filter(pair -> pair.made().dish().equals(ref.dish()) && place(pair.made(), ref.step()) >= 0)
                .map(pair -> new StepRef(pair.also().dish(), component(pair.also()).steps().get(place(pair.made(), ref.step())).id())).toList();
    }

    private int place(ComponentRef ref, String step) {
        return component(ref).steps().stream().map(Step::id).toList().indexOf(step);
    }

    private Component component(ComponentRef ref) {
        return dish(ref.dish()).components().stream().filter(own -> own.id().equals(ref.component())).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no component [%s].".formatted(ref)));
    }

    /** The class's own items over the built-in ones. */
    public Catalogue catalogue(Catalogue builtIn) {
        return builtIn.with(items);
    }

    /** Turns amounts into grams with the class's cups and spoons. */
    public Weigher weigher() {
        return new Weigher(measures);
    }

    /** The moment of going on air. */
    public ZonedDateTime onAir() {
        return startsAt.atZone(zone);
    }

    /** The clock at a moment of the plan. */
    public ZonedDateTime clock(int seconds) {
        return onAir().plusSeconds(seconds);
    }

    /**
     * The dish of that id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Dish dish(String id) {
        return dishes.stream().filter(dish -> dish.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no dish [%s].".formatted(id)));
    }

    /**
     * The step of that name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Step step(StepRef ref) {
        return dish(ref.dish()).steps().filter(step -> step.id().equals(ref.step())).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no step [%s].".formatted(ref)));
    }
}
