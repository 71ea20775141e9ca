package hopsel.core.classes;

import hopsel.core.Copyable;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Substitution;
import hopsel.core.item.Weigher;
import hopsel.core.kitchen.Kitchen;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Room;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Minutes;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.Stream;

/**
 * A class: a slot, a kitchen with its people, a menu, attendees. Immutable.
 *
 * <p>One that came through {@link ClassReview} without a finding can be planned, weighed and packed without further
 * checks.
 *
 * @param title as announced
 * @param style demo, hands-on, stream or recording
 * @param slot when it is held
 * @param kitchen who and what is there
 * @param menu what is cooked
 * @param attendees who takes part
 * @param provision how much is made
 * @param tempo what its plan is asked for
 */
@Copyable
public record CookingClass(
        String title,
        Style style,
        Slot slot,
        Kitchen kitchen,
        Menu menu,
        List<Attendee> attendees,
        Provision provision,
        Tempo tempo)
        implements CookingClassBuilder.With {

    /** Keeps its own copy; what only the second edition of the rules knows of makes it a class of that edition. */
    public CookingClass {
        attendees = List.copyOf(attendees);
        tempo = Edition.asked(tempo, menu.dishes()) ? tempo.withEdition(Edition.SECOND) : tempo;
    }

    /** When it goes on air, on the wall clock of {@link #zone}. */
    public LocalDateTime startsAt() {
        return slot.startsAt();
    }

    /** Where it is held. */
    public ZoneId zone() {
        return slot.zone();
    }

    /** Length of the slot, above 0. */
    public Minutes airMinutes() {
        return slot.airMinutes();
    }

    /** When people are in the kitchen before. */
    public List<PrepWindow> prepWindows() {
        return kitchen.prepWindows();
    }

    /** At least one host. */
    public List<Person> people() {
        return kitchen.people();
    }

    /** Ovens, hobs, appliances, fridges. */
    public List<Resource> resources() {
        return kitchen.resources();
    }

    /** Stations, counter and tools, as far as they are known. */
    public Room room() {
        return kitchen.room();
    }

    /** Cups and spoons. */
    public Measures measures() {
        return menu.measures();
    }

    /** Ingredients the class brings itself. */
    public List<Item> items() {
        return menu.items();
    }

    /** What is cooked. */
    public List<Dish> dishes() {
        return menu.dishes();
    }

    /** In the order of preference. */
    public List<Substitution> substitutions() {
        return menu.substitutions();
    }

    /** Components that are made once for two dishes. */
    public List<Shared> shared() {
        return menu.shared();
    }

    /** The same class at another time. */
    public CookingClass starting(LocalDateTime at) {
        return withSlot(slot.withStartsAt(at));
    }

    /** The same class in a slot of another length. */
    public CookingClass lasting(Minutes air) {
        return withSlot(slot.withAirMinutes(air));
    }

    /** The same class in a room of which this is known. */
    public CookingClass in(Room other) {
        return withKitchen(kitchen.withRoom(other));
    }

    /** The same class with other dishes. */
    public CookingClass with(List<Dish> others) {
        return withMenu(menu.withDishes(others));
    }

    /** The same class with one dish in the place of that of its id. */
    public CookingClass with(Dish changed) {
        return with(dishes().stream()
                .map(dish -> dish.id().equals(changed.id()) ? changed : dish)
                .toList());
    }

    /** The same class with other items of its own. */
    public CookingClass bringing(List<Item> others) {
        return withMenu(menu.withItems(others));
    }

    /** The same class with other components made once. */
    public CookingClass withShared(List<Shared> others) {
        return withMenu(menu.withShared(others));
    }

    /** The same class with other dishes and what they bring; nothing is made once for two of them. */
    public CookingClass cooking(List<Dish> others, List<Item> brought, List<Substitution> instead) {
        return withMenu(new Menu(measures(), brought, others, instead, List.of()));
    }

    /**
     * A step as it is done on air: where attendees cook along, at their pace and in rounds through what the room has.
     */
    public Step onAir(Step step) {
        return StationRounds.atStations(step, learners(), resources());
    }

    /** How attendees cook along in this style. */
    public Learners learners() {
        Learners own = room().learners();
        if (!style.cookAlong()) {
            return Learners.NONE;
        }
        return style == Style.STREAM ? own.eachAtHome() : own;
    }

    /** The step that is done where this one is asked for: itself, or that of the component it is made with. */
    public StepRef made(StepRef ref) {
        for (Shared pair : shared()) {
            if (pair.also().dish().equals(ref.dish())) {
                int place = place(pair.also(), ref.step());
                if (place >= 0) {
                    return new StepRef(
                            pair.made().dish(),
                            component(pair.made()).steps().get(place).id());
                }
            }
        }
        return ref;
    }

    /** The steps that are done with this one. */
    public List<StepRef> alsoFor(StepRef ref) {
        return shared().stream()
                .filter(pair -> pair.made().dish().equals(ref.dish()) && place(pair.made(), ref.step()) >= 0)
                .map(pair -> new StepRef(
                        pair.also().dish(),
                        component(pair.also())
                                .steps()
                                .get(place(pair.made(), ref.step()))
                                .id()))
                .toList();
    }

    private int place(ComponentRef ref, String step) {
        return component(ref).steps().stream().map(Step::id).toList().indexOf(step);
    }

    private Component component(ComponentRef ref) {
        return dish(ref.dish()).components().stream()
                .filter(own -> own.id().equals(ref.component()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no component [%s].".formatted(ref)));
    }

    /** The class's own items over the built-in ones. */
    public Catalogue catalogue(Catalogue builtIn) {
        return builtIn.with(items());
    }

    /** Turns amounts into grams with the class's cups and spoons. */
    public Weigher weigher() {
        return new Weigher(measures());
    }

    /** The moment of going on air. */
    public ZonedDateTime onAir() {
        return slot.onAir();
    }

    /** The clock at a moment of the plan. */
    public ZonedDateTime clock(int seconds) {
        return onAir().plusSeconds(seconds);
    }

    /** What people call a place of the kitchen; its id where the kitchen has none of that id. */
    public String place(String id) {
        return resources().stream()
                .filter(own -> own.id().equals(id))
                .map(Resource::called)
                .findFirst()
                .orElse(id);
    }

    /**
     * The dish of that id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Dish dish(String id) {
        if (id.equals(TalkDish.ID)) {
            return TalkDish.of(tempo);
        }
        return dishes().stream()
                .filter(dish -> dish.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no dish [%s].".formatted(id)));
    }

    /**
     * The step of that name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public Step step(StepRef ref) {
        return dish(ref.dish())
                .steps()
                .filter(step -> step.id().equals(ref.step()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no step [%s].".formatted(ref)));
    }

    /** Its dishes, and what its hosts say as one more: all that anybody does on air is a step of one of them. */
    public Stream<Dish> dishesAndTalk() {
        return Stream.concat(dishes().stream(), Stream.of(TalkDish.of(tempo)));
    }
}
