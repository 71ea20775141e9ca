package hopsel.web.tick;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.FreshClass;
import hopsel.web.TestContext;
import hopsel.web.classes.ClassStore;

import org.junit.jupiter.api.Test;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import java.util.stream.IntStream;

/** Ticks in the real database. */
class TickStoreTest {

    private final TickStore ticks = TestContext.bean(TickStore.class);
    private final long id =
            TestContext.bean(ClassStore.class).add(FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon")));

    private static String press() {
        return UUID.randomUUID().toString();
    }

    @Test
    void theSamePressThatArrivesTwiceCountsOnce() {
        String first = press();
        ticks.press(id, "countdown", "trays", true, "pia", first);
        ticks.press(id, "countdown", "trays", false, "maren", press());
        ticks.press(id, "countdown", "trays", true, "pia", first);
        assertThat(ticks.now(id, "countdown").get("trays")).satisfies(tick -> {
            assertThat(tick.done())
                    .as("the late copy of an old press changes nothing")
                    .isFalse();
            assertThat(tick.who()).isEqualTo("maren");
        });
        assertThat(ticks.now(id, "shopping")).as("another list").isEmpty();
    }

    @Test
    void twentyPressesAtOnceAreAllKept() {
        IntStream.range(0, 20).parallel().forEach(i -> ticks.press(id, "prep", "item-" + i, true, "pia", press()));
        assertThat(ticks.now(id, "prep")).hasSize(20).allSatisfy((key, tick) -> assertThat(tick.done())
                .isTrue());
    }

    @Test
    void keysThatDifferOnlyInCaseOrASpaceAreTwo() {
        ticks.press(id, "bowls", "Rice", true, "pia", press());
        ticks.press(id, "bowls", "rice", false, "pia", press());
        ticks.press(id, "bowls", "rice ", true, "pia", press());
        assertThat(ticks.now(id, "bowls").get("Rice").done()).isTrue();
        assertThat(ticks.now(id, "bowls").get("rice").done()).isFalse();
    }
}
