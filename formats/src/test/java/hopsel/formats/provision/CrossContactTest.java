package hopsel.formats.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Use;
import hopsel.core.dish.Work;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.kit.CrossContact;
import hopsel.core.kit.CrossContact.Contact;
import hopsel.core.kit.CrossContact.Shared;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Amount;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Unit;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Copy;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.Verdict;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.BuiltInCatalogue;
import hopsel.formats.contract.Samples;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What a guest avoids, on what is made for them. */
class CrossContactTest {

    private static final Catalogue BUILT_IN = BuiltInCatalogue.load();

    private static Dish dish(String id, String item, String text, String... needs) {
        IngredientLine line = IngredientLine.of(
                item, item, Optional.of(new Amount(BigDecimal.TEN, BigDecimal.TEN, Unit.G, Optional.empty())));
        Step step = Step.of("do", "Work on " + item, StepMinutes.of(Minutes.of(5)), Work.HANDS)
                .withText(Optional.of(text))
                .withShow(Show.MUST)
                .withNeeds(List.of(needs).stream()
                        .map(kind -> new Need(kind, 1, Optional.empty(), BigDecimal.ZERO))
                        .toList())
                .withUses(List.of(new Use(item, BigDecimal.ONE)));
        return new Dish(id, id, BigDecimal.ONE, List.of(new Component("all", "All", List.of(line), List.of(step))));
    }

    private static Resource place(String id, String kind) {
        return new Resource(id, kind, 1, Minutes.ZERO, BigDecimal.TEN, BigDecimal.TEN, Optional.empty());
    }

    /** The contacts of two dishes; the one that comes first in the plan is known by its start. */
    private static List<Contact> contacts(List<Dish> dishes, String avoids) throws Exception {
        CookingClass any = Samples.cooking("lists-sample-00");
        Attendee guest =
                new Attendee("ana", "Ana", List.of(avoids), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH);
        CookingClass cooking = any.withKitchen(any.kitchen()
                        .withPrepWindows(List.of())
                        .withPeople(List.of(new Person("host", "Host", Role.HOST)))
                        .withResources(List.of(
                                place("mixer", "blender"),
                                place("stick", "stick-blender"),
                                place("big", "food-processor"),
                                place("stand", "stand-mixer"),
                                place("fry", "fryer"),
                                place("toast", "toaster"),
                                new Resource(
                                        "hob",
                                        "burner",
                                        4,
                                        Minutes.ZERO,
                                        BigDecimal.TEN,
                                        BigDecimal.TEN,
                                        Optional.empty()))))
                .withMenu(any.menu()
                        .withItems(List.of())
                        .withDishes(dishes)
                        .withSubstitutions(List.of())
                        .withShared(List.of()))
                .withAttendees(List.of(guest));
        Plan plan = Planner.answer(cooking, Wishes.NONE).plan();
        List<String> order = plan.activities().stream()
                .sorted(Comparator.comparingInt(Activity::start))
                .map(activity -> activity.step().dish())
                .toList();
        List<Contact> found = CrossContact.of(cooking, plan, BUILT_IN).contacts();
        assertThat(found).as("nothing comes before what is first: %s", order).allSatisfy(contact -> assertThat(
                        order.indexOf(contact.with().dish()))
                .isLessThan(order.indexOf(contact.then().dish())));
        return found;
    }

    @Test
    void theSharedBlenderIsNamedOnceWhicheverOfTheTwoComesFirst() throws Exception {
        List<Contact> one = contacts(
                List.of(
                        dish("a-sauce", "cashews", "Blend it.", "blender"),
                        dish("b-soup", "red-onion", "Blend it.", "blender")),
                "tree-nut");
        List<Contact> two = contacts(
                List.of(
                        dish("a-soup", "red-onion", "Blend it.", "blender"),
                        dish("b-sauce", "cashews", "Blend it.", "blender")),
                "tree-nut");
        assertThat(one.size() + two.size()).as("only where the nuts come first").isEqualTo(1);
        assertThat(one.isEmpty() ? two : one).singleElement().satisfies(contact -> {
            assertThat(contact.shared()).isEqualTo(Shared.APPLIANCE);
            assertThat(contact.places()).containsExactly("blender");
            assertThat(contact.avoided()).containsExactly("tree-nut");
        });
    }

    /** What was in one of them is in the next, whichever is at hand. */
    @ParameterizedTest
    @CsvSource({
        "blender, stick-blender",
        "food-processor, blender",
        "stick-blender, food-processor",
        "stand-mixer, blender",
        "stand-mixer, stand-mixer"
    })
    void kindsOfMixerAreOneFamily(String first, String second) throws Exception {
        List<Contact> one = contacts(
                List.of(dish("a-sauce", "cashews", "Work it.", first), dish("b-soup", "red-onion", "Work it.", second)),
                "tree-nut");
        List<Contact> two = contacts(
                List.of(dish("a-soup", "red-onion", "Work it.", first), dish("b-sauce", "cashews", "Work it.", second)),
                "tree-nut");
        assertThat(one.isEmpty() ? two : one).singleElement().satisfies(contact -> assertThat(contact.shared())
                .isEqualTo(Shared.APPLIANCE));
    }

    @Test
    void boardAndKnifeOfTheSameTwoStepsAreOneMatterAndWhatNobodyAvoidsIsNone() throws Exception {
        List<Dish> dishes =
                List.of(dish("a-salad", "celery", "Chop it finely."), dish("b-slaw", "carrot", "Slice it."));
        List<Contact> one = contacts(dishes, "celery");
        List<Contact> two = contacts(
                List.of(dish("a-slaw", "carrot", "Slice it."), dish("b-salad", "celery", "Chop it finely.")), "celery");
        assertThat(one.isEmpty() ? two : one).singleElement().satisfies(contact -> assertThat(contact.places())
                .containsExactly("chopping board", "knife"));
        assertThat(contacts(dishes, "peanut")).isEmpty();
    }

    @Test
    void hotOilIsSaidApartForWashingDoesNotHelp() throws Exception {
        List<Contact> one = contacts(
                List.of(
                        dish("a-fritters", "plain-flour", "Deep-fry in hot oil.", "burner"),
                        dish("b-chips", "potato", "Deep-fry in hot oil.", "burner")),
                "gluten");
        List<Contact> two = contacts(
                List.of(
                        dish("a-chips", "potato", "Deep-fry in hot oil.", "burner"),
                        dish("b-fritters", "plain-flour", "Deep-fry in hot oil.", "burner")),
                "gluten");
        assertThat(one.isEmpty() ? two : one)
                .anySatisfy(contact -> assertThat(contact.shared()).isEqualTo(Shared.OIL));
    }

    @ParameterizedTest
    @CsvSource({"fryer, OIL", "toaster, APPLIANCE"})
    void whatFoodLiesInAfterOtherFoodIsShared(String kind, Shared shared) throws Exception {
        List<Contact> one = contacts(
                List.of(
                        dish("a-fritters", "plain-flour", "Crisp it.", kind),
                        dish("b-chips", "potato", "Crisp it.", kind)),
                "gluten");
        List<Contact> two = contacts(
                List.of(
                        dish("a-chips", "potato", "Crisp it.", kind),
                        dish("b-fritters", "plain-flour", "Crisp it.", kind)),
                "gluten");
        assertThat(one.isEmpty() ? two : one).anySatisfy(contact -> {
            assertThat(contact.shared()).isEqualTo(shared);
            assertThat(contact.places()).containsExactly(kind);
        });
    }

    /** Nothing of the nuts went into the step that was blended, though another step of the dish has them. */
    @Test
    void aBlenderThatOnlyTheWordsNameIsSharedFromWhereTheNutsAre() throws Exception {
        Dish nuts = dish("a-sauce", "cashews", "Blend it in the blender.");
        Dish herbs = nuts.withComponents(List.of(nuts.components()
                .get(0)
                .withSteps(List.of(
                        Step.of("pick", "Pick the herbs", StepMinutes.of(Minutes.of(5)), Work.HANDS),
                        Step.of("whirl", "Whirl the herbs", StepMinutes.of(Minutes.of(5)), Work.HANDS)
                                .withText(Optional.of("Blend them in the blender."))
                                .withAfter(List.of(After.of("pick"))),
                        nuts.components().get(0).steps().get(0).withText(Optional.of("Scatter it over."))))));
        Dish soup = dish("b-soup", "red-onion", "Blend it in the blender.");
        assertThat(inThisOrder(
                        List.of(nuts, soup),
                        "tree-nut",
                        List.of(new StepRef("a-sauce", "do"), new StepRef("b-soup", "do"))))
                .filteredOn(contact -> contact.shared() == Shared.APPLIANCE)
                .singleElement()
                .satisfies(contact -> assertThat(contact.places()).containsExactly("blender"));
        assertThat(inThisOrder(
                        List.of(
                                dish("a-sauce", "cashews", "Blend it with a hand blender."),
                                dish("b-soup", "red-onion", "Blend it with a hand blender.")),
                        "tree-nut",
                        List.of(new StepRef("a-sauce", "do"), new StepRef("b-soup", "do"))))
                .filteredOn(contact -> contact.shared() == Shared.APPLIANCE)
                .singleElement()
                .satisfies(contact -> assertThat(contact.places()).containsExactly("hand blender"));
        assertThat(inThisOrder(
                        List.of(herbs, soup),
                        "tree-nut",
                        List.of(
                                new StepRef("a-sauce", "pick"),
                                new StepRef("a-sauce", "whirl"),
                                new StepRef("a-sauce", "do"),
                                new StepRef("b-soup", "do"))))
                .filteredOn(contact -> contact.shared() == Shared.APPLIANCE)
                .isEmpty();
    }

    /** Where the flour went in first, and the dough of it into the oil much later. */
    @Test
    void whatWentInEarlierIsInTheDishFromThenOn() throws Exception {
        Dish batter = dish("a-fritters", "plain-flour", "Stir it into a batter.");
        Dish fritters = batter.withComponents(List.of(batter.components()
                .get(0)
                .withSteps(List.of(
                        batter.components().get(0).steps().get(0),
                        Step.of("rest", "Rest", StepMinutes.of(Minutes.of(5)), Work.HANDS)
                                .withAfter(List.of(After.of("do"))),
                        Step.of("fry", "Fry", StepMinutes.of(Minutes.of(5)), Work.HANDS)
                                .withShow(Show.MUST)
                                .withText(Optional.of("Deep-fry in hot oil."))
                                .withAfter(List.of(After.of("rest")))))));
        Dish chips = dish("b-chips", "potato", "Deep-fry in hot oil.");
        List<StepRef> order = List.of(
                new StepRef("a-fritters", "do"),
                new StepRef("a-fritters", "rest"),
                new StepRef("a-fritters", "fry"),
                new StepRef("b-chips", "do"));
        List<Contact> contacts = inThisOrder(List.of(fritters, chips), "gluten", order);
        assertThat(contacts).extracting(Contact::shared).containsExactly(Shared.OIL, Shared.TOOL);
        assertThat(contacts).extracting(Contact::with).containsOnly(order.get(2));
        List<StepRef> chipsFirst = List.of(order.get(3), order.get(0), order.get(1), order.get(2));
        assertThat(inThisOrder(List.of(fritters, chips), "gluten", chipsFirst)).isEmpty();
    }

    /** Two pots on one hob share heat and no food. */
    @Test
    void aHobIsNoPlaceThatFoodTouches() throws Exception {
        for (List<Dish> dishes : List.of(
                List.of(
                        dish("a-sauce", "cashews", "Simmer it.", "burner"),
                        dish("b-soup", "red-onion", "Simmer it.", "burner")),
                List.of(
                        dish("a-soup", "red-onion", "Simmer it.", "burner"),
                        dish("b-sauce", "cashews", "Simmer it.", "burner")))) {
            assertThat(contacts(dishes, "tree-nut")).isEmpty();
        }
    }

    /** A pan and a bowl of its own carry nothing from one dish into the next, nor does a spoon that is named. */
    @ParameterizedTest
    @CsvSource({
        "Toss it in a bowl., ''",
        "Stir it with a spoon., ''",
        "Toss it in the wok., wok",
        "Turn it with the tongs., tongs"
    })
    void onlyWhatFoodIsWorkedOnIsShared(String text, String tool) throws Exception {
        List<Contact> contacts = inThisOrder(
                List.of(dish("a-sauce", "cashews", text), dish("b-soup", "red-onion", text)),
                "tree-nut",
                List.of(new StepRef("a-sauce", "do"), new StepRef("b-soup", "do")));
        assertThat(contacts.stream().flatMap(contact -> contact.places().stream()))
                .isEqualTo(tool.isEmpty() ? List.of() : List.of(tool));
    }

    private static List<Contact> inThisOrder(List<Dish> dishes, String avoids, List<StepRef> order) throws Exception {
        CookingClass any = Samples.cooking("lists-sample-00");
        CookingClass cooking = any.withMenu(any.menu()
                        .withItems(List.of())
                        .withDishes(dishes)
                        .withSubstitutions(List.of())
                        .withShared(List.of()))
                .withAttendees(List.of(new Attendee(
                        "ana", "Ana", List.of(avoids), BigDecimal.ONE, Optional.empty(), Attendee.Gets.BOTH)));
        List<Activity> activities = IntStream.range(0, order.size())
                .mapToObj(at -> new Activity(
                        order.get(at), Copy.MAIN, true, at * 300, at * 300 + 300, Optional.empty(), List.of()))
                .toList();
        Plan plan = new Plan(Verdict.FITS, 3600, 0, List.of(), List.of(), activities, List.of());
        return CrossContact.of(cooking, plan, BUILT_IN).contacts();
    }
}
