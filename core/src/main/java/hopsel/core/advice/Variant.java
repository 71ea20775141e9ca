package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.Slug;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** A class with one thing changed, for asking what would be if. */
final class Variant {

    private static final String QUESTIONS = "questions";

    private Variant() {}

    static CookingClass step(CookingClass cooking, StepRef ref, UnaryOperator<Step> change) {
        return cooking.with(cooking.dishes().stream()
                .map(dish -> dish.id().equals(ref.dish())
                        ? eachStep(dish, step -> step.id().equals(ref.step()) ? change.apply(step) : step)
                        : dish)
                .toList());
    }

    private static Dish eachStep(Dish dish, UnaryOperator<Step> change) {
        return dish.eachComponent(component -> component.eachStep(change));
    }

    /** What a plan does not show stays off camera, so that time won is not spent on showing more. */
    static CookingClass frozen(CookingClass cooking, Plan plan) {
        CookingClass frozen = cooking;
        for (StepRef ref : plan.notShown()) {
            frozen = step(frozen, ref, step -> step.shown(Show.NEVER));
        }
        return frozen;
    }

    /** Without a component; what waited for it waits for what came before it. */
    static CookingClass without(CookingClass cooking, String dishId, Component gone) {
        List<String> steps = gone.steps().stream().map(Step::id).toList();
        Dish dish = cooking.dish(dishId);
        Dish less = dish.withComponents(dish.components().stream()
                .filter(component -> component != gone)
                .toList());
        Dish closed = eachStep(
                less,
                step -> step.withAfter(step.after().stream()
                        .flatMap(after -> around(after, steps, gone))
                        .distinct()
                        .toList()));
        return cooking.with(cooking.dishes().stream()
                        .map(other -> other == dish ? closed : other)
                        .toList())
                .withShared(cooking.shared().stream()
                        .filter(shared -> !shared.made().dish().equals(dishId)
                                && !shared.also().dish().equals(dishId))
                        .toList());
    }

    private static Stream<After> around(After after, List<String> gone, Component component) {
        if (!gone.contains(after.step())) {
            return Stream.of(after);
        }
        Step step = component.steps().get(gone.indexOf(after.step()));
        return step.after().stream().flatMap(before -> around(After.of(before.step()), gone, component));
    }

    static CookingClass person(CookingClass cooking, Role role) {
        List<Person> people = new ArrayList<>(cooking.people());
        String id = Slug.free(
                "one-more", taken -> people.stream().anyMatch(own -> own.id().equals(taken)));
        people.add(new Person(id, "One more", role));
        return cooking.withKitchen(cooking.kitchen().withPeople(people));
    }

    /** With one more of a place. */
    static CookingClass place(CookingClass cooking, Resource more) {
        List<Resource> resources = new ArrayList<>(cooking.resources());
        resources.add(new Resource(
                freePlace("one-more-" + more.id(), resources),
                more.kind(),
                more.units(),
                more.rinse(),
                more.heatPerMinute(),
                more.coolPerMinute(),
                Optional.empty()));
        return cooking.withKitchen(cooking.kitchen().withResources(resources));
    }

    private static String freePlace(String id, List<Resource> resources) {
        return Slug.free(
                id, taken -> resources.stream().anyMatch(own -> own.id().equals(taken)));
    }

    /** With a place of a kind that the kitchen lacks, as large as a step needs it. */
    static CookingClass bring(CookingClass cooking, Need need) {
        List<Resource> resources = new ArrayList<>(cooking.resources());
        resources.add(new Resource(
                freePlace("brought-" + need.kind(), resources),
                need.kind(),
                need.units(),
                Minutes.ZERO,
                Resource.USUAL_HEAT,
                Resource.USUAL_COOL,
                Optional.empty()));
        return cooking.withKitchen(cooking.kitchen().withResources(resources));
    }

    /** With so many minutes more to speak, from a minute of the class on. */
    static CookingClass talk(CookingClass cooking, long minutes, long from) {
        List<TalkPiece> talk = new ArrayList<>(cooking.tempo().talk());
        talk.removeIf(piece -> piece.id().equals(QUESTIONS));
        talk.add(new TalkPiece(
                QUESTIONS,
                Minutes.of(minutes),
                TalkPiece.Moment.BETWEEN,
                Optional.of(Minutes.of(from)),
                Optional.empty(),
                Optional.of("Questions")));
        return cooking.withTempo(cooking.tempo().withTalk(talk));
    }

    static CookingClass longer(CookingClass cooking, long minutes) {
        return cooking.lasting(Minutes.of(cooking.airMinutes().value().add(BigDecimal.valueOf(minutes))));
    }

    static CookingClass window(CookingClass cooking, long fromMinutes, long toMinutes) {
        List<PrepWindow> windows = new ArrayList<>(cooking.prepWindows());
        windows.add(new PrepWindow(Minutes.of(fromMinutes), Minutes.of(toMinutes)));
        return cooking.withKitchen(cooking.kitchen().withPrepWindows(windows));
    }
}
