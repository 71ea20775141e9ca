package hopsel.web.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.plan.Wishes;
import hopsel.web.TestContext;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;
import hopsel.web.classes.StoredClass;

import org.junit.jupiter.api.Test;
import org.springframework.dao.DuplicateKeyException;

/** What one press does in two places is done in both or in neither, and whoever pressed is told which. */
class AllOrNothingTest {

    private final AllOrNothing all = TestContext.bean(AllOrNothing.class);
    private final ClassStore store = TestContext.bean(ClassStore.class);
    private final ClassChanges changes = TestContext.bean(ClassChanges.class);

    private long copy() {
        return store.add(store.find(3).orElseThrow().cooking());
    }

    private void rename(long id, int version, String title) throws StaleClassException {
        StoredClass stored = store.find(id).orElseThrow();
        changes.change(id, version, stored.cooking().withTitle(title), Wishes.NONE, "host", "renamed");
    }

    @Test
    void aRefusalOfTheSecondThingTakesTheFirstBack() throws StaleClassException {
        long one = copy();
        long two = copy();
        String before = store.find(one).orElseThrow().cooking().title();
        assertThatThrownBy(() -> all.of(() -> {
                    rename(one, 1, "Other");
                    rename(two, 7, "Other");
                }))
                .isInstanceOf(StaleClassException.class);
        assertThat(store.find(one).orElseThrow().cooking().title()).isEqualTo(before);
        all.of(() -> {
            rename(one, 1, "Other");
            rename(two, 1, "Another");
        });
        assertThat(store.find(one).orElseThrow().cooking().title()).isEqualTo("Other");
        assertThat(store.find(two).orElseThrow().cooking().title()).isEqualTo("Another");
    }

    @Test
    void aFaultTakesEverythingBack() {
        long one = copy();
        assertThatThrownBy(() -> all.of(() -> {
                    rename(one, 1, "Other");
                    throw new DuplicateKeyException("somebody was quicker");
                }))
                .isInstanceOf(DuplicateKeyException.class);
        assertThat(store.version(one)).contains(1);
    }
}
