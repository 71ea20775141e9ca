package hopsel.core.air;

import static hopsel.core.plan.SmallClass.hands;
import static hopsel.core.plan.SmallClass.watch;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.device.Oven;
import hopsel.core.device.Probe;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.plan.Planner;
import hopsel.core.plan.SmallClass;

import org.junit.jupiter.api.Test;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Simulated ovens, as the events of a class left them. */
class OvensTest {

    private static final Instant AIR = Instant.parse("2027-02-13T18:30:00Z");
    private static final CookingClass COOKING = SmallClass.of(60)
            .open(-60, 0)
            .place("oven", 1, 0)
            .part("a", hands("mix", 10), watch("bake", 20).after("mix").oven(180, 10))
            .build();
    private static final Plan PLAN = Planner.plan(COOKING);

    private final List<AirEvent> events = new ArrayList<>();

    private AirEvent press(int second, String kind, String step, int figure, String text) {
        String key = PLAN.activities().stream()
                .filter(activity ->
                        activity.step().step().equals(step) && activity.copy().isMain())
                .findFirst()
                .map(AirState::key)
                .orElse("");
        AirEvent event =
                new AirEvent(events.size() + 1, AIR.plusSeconds(second), EarlierEvent.of(kind, key, figure, text));
        events.add(event);
        return event;
    }

    private AirState at(int second) {
        return RunningOrder.of(COOKING, PLAN).at(events, AIR.plusSeconds(second));
    }

    private double celsius(int second) {
        return Ovens.of(at(second)).get("oven-1").celsius(second);
    }

    @Test
    void nothingIsSimulatedUntilSomebodySetsItAndEveryDoorCostsHeat() {
        press(0, "ON_AIR", "", 0, "");
        assertThat(Ovens.of(at(60))).isEmpty();
        press(0, "OVEN", "", 180, "oven-1");
        assertThat(celsius(1200)).isBetween(178.0, 181.0);
        press(1200, "START", "bake", 0, "");
        assertThat(celsius(1212)).as("something went in").isLessThan(170);
        assertThat(celsius(1500)).isBetween(178.0, 181.0);
        AirEvent looked = press(1500, "LOOKED", "bake", 0, "");
        double afterALook = celsius(1508);
        assertThat(afterALook).isBetween(celsius(1212), 178.0);
        press(1510, "UNDO", "", 0, String.valueOf(looked.number()));
        assertThat(celsius(1512)).as("nobody looked after all").isBetween(178.0, 181.0);
    }

    @Test
    void aProbeTellsThatASlowOvenIsBehind() {
        press(0, "ON_AIR", "", 0, "");
        press(-1800, "OVEN", "", 180, "oven-1");
        press(0, "START", "bake", 0, "");
        Probe quick =
                Ovens.probe(Ovens.of(at(900)), at(900).running().get(0), 1200).orElseThrow();
        events.set(1, new AirEvent(2, AIR, EarlierEvent.of("OVEN", "", 180, "oven-1" + " slow")));
        Oven slow = Ovens.of(at(900)).get("oven-1");
        assertThat(slow.slow()).isTrue();
        Probe behind =
                Ovens.probe(Ovens.of(at(900)), at(900).running().get(0), 1200).orElseThrow();
        assertThat(behind.reads(900)).isLessThan(quick.reads(900) - 5);
        assertThat(behind.doneAt(9000)).isGreaterThan(quick.doneAt(9000) + 180);
    }

    @Test
    void whatGoesIntoAColdOvenIsDueLater() {
        press(0, "ON_AIR", "", 0, "");
        press(0, "START", "bake", 0, "");
        int hot = due();
        press(0, "OVEN", "", 180, "oven-1");
        int cold = due();
        assertThat(cold - hot).as("it heats up with the food in it").isBetween(120, 20 * 60);
        Activity bake = at(60).running().get(0).activity();
        assertThat(Ovens.ifCold(COOKING, bake, bake.duration()))
                .as("as much as the host is offered who finds it cold")
                .isBetween(cold - hot - 90, cold - hot + 90);
        events.set(2, new AirEvent(3, AIR.minusSeconds(1800), EarlierEvent.of("OVEN", "", 180, "oven-1")));
        assertThat(due() - hot).as("it has long been hot").isBetween(0, 60);
    }

    private int due() {
        AirState state = at(60);
        return state.due(state.running().get(0));
    }
}
