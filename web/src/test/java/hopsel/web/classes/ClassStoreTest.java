package hopsel.web.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Shared;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.RecipeState;
import hopsel.core.dish.StepRef;
import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.plan.Wishes;
import hopsel.formats.classfile.ClassFile;
import hopsel.web.TestContext;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.ClassPathResource;

import java.util.List;
import java.util.Optional;

/** Classes in the real database. */
class ClassStoreTest {

    private final ClassStore store = TestContext.bean(ClassStore.class);
    private final Catalogue catalogue = TestContext.bean(Catalogue.class);

    @ParameterizedTest
    @ValueSource(strings = {"1-harbour-supper", "2-laksa-evening", "3-sago-recording", "4-flatbread-stream"})
    void whatIsStoredIsFoundAsTheSameAndNeverSilentlyOverwritten(String name) throws Exception {
        byte[] file = new ClassPathResource("hopsel/demo/" + name + ".json").getContentAsByteArray();
        CookingClass cooking = ClassFile.read(file, catalogue);
        long id = store.add(cooking);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(cooking);

        store.replace(id, 1, cooking);
        assertThat(store.version(id)).contains(2);
        assertThatThrownBy(() -> store.replace(id, 1, cooking)).isInstanceOf(StaleClassException.class);
        assertThatThrownBy(() -> store.remove(id, 1)).isInstanceOf(StaleClassException.class);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(cooking);
        store.remove(id, 2);
        assertThat(store.find(id)).isEmpty();
    }

    /** Whoever has a link has it to their own page, whatever a file calls somebody else. */
    @Test
    void aFileGivesNobodysIdToSomebodyElseAndTakesNoAllergyAway() throws Exception {
        CookingClass cooking = ClassFile.read(
                new ClassPathResource("hopsel/demo/2-laksa-evening.json").getContentAsByteArray(), catalogue);
        long id = store.add(cooking);
        Attendee first = cooking.attendees().get(0);
        Attendee second = cooking.attendees().get(1);
        Attendee stranger =
                new Attendee(first.id(), "Orla Vint", List.of(), first.servings(), first.zone(), first.gets());
        Attendee same =
                new Attendee(second.id(), second.name(), List.of(), second.servings(), second.zone(), second.gets());
        TestContext.bean(Guests.class).join(id, List.of(stranger, same));
        List<Attendee> now = store.find(id).orElseThrow().cooking().attendees();
        assertThat(now).hasSize(cooking.attendees().size() + 1).contains(first, second);
        assertThat(now)
                .filteredOn(guest -> guest.name().equals("Orla Vint"))
                .extracting(Attendee::id)
                .doesNotContain(first.id());
        store.remove(id, store.version(id).orElseThrow());
    }

    @Test
    void whatWasDoneToAClassIsTakenBackAndDoneAgainWithItsWishes() throws Exception {
        ClassChanges changes = TestContext.bean(ClassChanges.class);
        CookingClass cooking = ClassFile.read(
                new ClassPathResource("hopsel/demo/2-laksa-evening.json").getContentAsByteArray(), catalogue);
        Dish twice = cooking.dishes().get(0);
        Component pot =
                twice.components().stream().filter(Shared::byItself).findFirst().orElseThrow();
        CookingClass both = cooking.with(List.of(
                twice,
                new Dish("again", "Again", twice.servings(), twice.components())
                        .withRecipe(Optional.of(new RecipeState("again", 0)))));
        CookingClass shared = both.withShared(
                List.of(new Shared(new ComponentRef(twice.id(), pot.id()), new ComponentRef("again", pot.id()))));
        Wishes wishes = Wishes.NONE
                .pin(new StepRef(twice.id(), pot.steps().get(0).id()), Optional.of(-600))
                .showing(new StepRef("again", "x"), true);
        long id = store.add(cooking);
        changes.change(id, 1, shared, wishes, "host", "a second dish");
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(shared);
        assertThat(store.find(id).orElseThrow().wishes().pins()).hasSize(1);
        assertThat(store.find(id).orElseThrow().wishes().shown())
                .as("a wish for a step that is gone")
                .isEmpty();
        changes.undo(id, 2);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(cooking);
        assertThat(store.find(id).orElseThrow().wishes()).isEqualTo(Wishes.NONE);
        assertThat(changes.steps(id)).isEqualTo(new ClassChanges.Steps(Optional.empty(), Optional.of("a second dish")));
        changes.redo(id, 3);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(shared);
        assertThatThrownBy(() -> changes.undo(id, 3)).isInstanceOf(StaleClassException.class);
        store.remove(id, 4);
    }
}
