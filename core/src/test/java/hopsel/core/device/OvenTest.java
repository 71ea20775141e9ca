package hopsel.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hopsel.core.device.Oven.Change;

import org.junit.jupiter.api.Test;

import java.util.ArrayList;
import java.util.List;

/** A simulated oven and what bakes in it. */
class OvenTest {

    private static Oven oven(boolean slow, Change... changes) {
        return new Oven(12, 6, slow, List.of(changes));
    }

    @Test
    void itHeatsAtItsRateHoldsAndCoolsWhenItIsOff() {
        Oven oven = oven(false, Change.set(0, 200), Change.set(3600, 0));
        assertThat(oven.celsius(-60)).isEqualTo(Oven.ROOM);
        assertThat(oven.celsius(300)).isCloseTo(22 + 5 * 12, within(1.0));
        assertThat(oven.celsius(3000)).isCloseTo(200, within(1.0));
        assertThat(oven.celsius(3600 + 600)).isCloseTo(200 - 60, within(1.5));
        assertThat(oven.untilHot(0)).isBetween(840, 900);
        assertThat(oven(true, Change.set(0, 200)).untilHot(0)).isBetween(1680, 1800);
    }

    @Test
    void anOpenDoorTakesHeatThatHasToComeBack() {
        List<Change> opened = new ArrayList<>(List.of(Change.set(0, 200), Change.door(1800, 15)));
        Oven oven = new Oven(12, 6, false, opened);
        assertThat(oven.celsius(1800)).isCloseTo(200, within(1.0));
        assertThat(oven.celsius(1816)).isBetween(160.0, 185.0);
        assertThat(oven.untilHot(1816)).isPositive();
        assertThat(oven.celsius(1816 + 300)).isCloseTo(200, within(1.0));
    }

    @Test
    void whatBakesIsDoneInTimeOnlyInAnOvenThatIsHot() {
        Oven hot = oven(false, Change.set(-3600, 200));
        int done = new Probe(hot, 0, 1200, 200).doneAt(9000);
        assertThat(done).isCloseTo(1200, within(20));
        assertThat(new Probe(hot, 0, 1200, 200).reads(1200)).isBetween(90, 96);
        Oven cold = oven(false, Change.set(0, 200));
        assertThat(new Probe(cold, 0, 1200, 200).doneAt(9000)).isGreaterThan(done + 240);
        List<Change> peeked = new ArrayList<>(List.of(Change.set(-3600, 200)));
        for (int i = 1; i < 8; i++) {
            peeked.add(Change.door(i * 120, 10));
        }
        assertThat(new Probe(new Oven(12, 6, false, peeked), 0, 1200, 200).doneAt(9000))
                .as("who looks every two minutes bakes longer")
                .isGreaterThan(done + 30);
    }
}
