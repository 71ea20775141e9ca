package hopsel.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Vessel;
import hopsel.core.mise.Holding;

import org.junit.jupiter.api.Test;

import java.util.Arrays;
import java.util.stream.Stream;

/** The tables of kitchen practice and the limits of safety, as they were argued over: who changes one says so here. */
class TablesAsAgreedTest {

    @Test
    void theLimitsOfFoodSafety() {
        assertThat(Stream.of(
                                Holding.USE_OR_CHILL,
                                Holding.DISCARD,
                                Holding.TO_21,
                                Holding.TO_5,
                                Holding.RICE_COLD,
                                Holding.RICE_KEEPS,
                                Holding.COOKED_KEEPS)
                        .map(seconds -> seconds / 3600))
                .containsExactly(2, 4, 2, 4, 1, 24, 72);
        assertThat(Holding.MOST_REHEATS).isEqualTo(1);
        assertThat(Vessel.FILL).isEqualByComparingTo("0.85");
        assertThat(Arrays.stream(Technique.values()).filter(Technique::cooksThrough))
                .containsExactly(
                        Technique.BOIL, Technique.SIMMER, Technique.STEAM, Technique.PRESSURE_COOK, Technique.BAKE);
    }

    @Test
    void howLongAStateKeeps() {
        assertThat(Arrays.stream(Keeps.values()).map(row -> row + " " + row.minutes()))
                .containsExactly(
                        "DEGLAZED 0",
                        "IN_THE_PAN 0",
                        "DRAINED_PASTA 2",
                        "CRISP 5",
                        "MELTED 5",
                        "WARMED 5",
                        "DRESSED 10",
                        "BATTER 30");
        assertThat(Arrays.stream(AtHome.values())
                        .map(row -> row + " " + row.fridge() + " "
                                + row.freezer().map(String::valueOf).orElse("-")))
                .containsExactly(
                        "FROZEN 0 8",
                        "COLD 2 -",
                        "RICE 1 -",
                        "DRESSED 0 0",
                        "CRISP 1 -",
                        "COOLED 2 -",
                        "BAKED 2 8",
                        "OVEN_DISH 3 -",
                        "SOUP 3 8",
                        "COOKED 3 -",
                        "RAW 1 -");
    }

    @Test
    void howLongATechniqueUsuallyTakes() {
        assertThat(Arrays.stream(UsualTime.values()).map(row -> row + " " + said(row.minutes())))
                .containsExactly(
                        "SOAK_BEANS 480 600 1440",
                        "SOAK_PULSES 60 120 480",
                        "SOAK_NOODLES 15 25 40",
                        "SOAK_MUSHROOMS 20 30 60",
                        "SOAK_NUTS 120 240 480",
                        "SOAK_RICE 20 30 60",
                        "PRESS_CURD 15 20 40",
                        "MARINATE 20 30 120",
                        "GEL 5 10 15",
                        "INFUSE 10 15 30",
                        "BLANCH 1 2 3",
                        "PRESSURE_BEANS 25 35 45",
                        "PRESSURE_PULSES 6 10 15",
                        "BOIL_PASTA 8 10 12",
                        "BOIL_RICE 12 15 20",
                        "BOIL_BEANS 45 60 90",
                        "BOIL_LENTILS 15 25 35",
                        "BOIL_GRAINS 10 15 25",
                        "BOIL_ROOTS 12 18 25",
                        "SIMMER_BEANS 45 60 90",
                        "SIMMER_LENTILS 15 25 35",
                        "SIMMER_RICE 12 15 20",
                        "SIMMER_GRAINS 10 15 25",
                        "SIMMER_SAUCE 10 15 25",
                        "STEAM 8 10 15",
                        "SWEAT 6 8 12",
                        "TOAST_SPICES 1 2 3",
                        "TOAST_NUTS 4 6 8",
                        "DEGLAZE 1 1 2",
                        "BAKE_DOUGH 20 30 45",
                        "BAKE_ROOTS 30 40 55",
                        "BAKE_VEGETABLES 20 30 40",
                        "GRILL 4 6 10",
                        "KNEAD 6 8 12",
                        "PROOF 45 60 90",
                        "FREEZE 120 240 480",
                        "SET 30 60 120",
                        "CHILL_DOUGH 20 30 60",
                        "CHILL 30 60 120",
                        "REST_DOUGH 10 20 30",
                        "COOL 10 20 30",
                        "BLEND 1 2 4",
                        "DRAIN 1 1 2");
    }

    private static String said(StepMinutes minutes) {
        return "%d %d %d"
                .formatted(
                        minutes.low().seconds() / 60,
                        minutes.likely().seconds() / 60,
                        minutes.high().seconds() / 60);
    }
}
