package hopsel.core.device;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.device.LabelPrinter.Event;
import hopsel.core.device.LabelPrinter.Job;
import hopsel.core.device.LabelPrinter.JobEvent;
import hopsel.core.device.LabelPrinter.State;
import hopsel.core.device.Scale.Fault;
import hopsel.core.device.Scale.Reading;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** The simulated scale and the simulated label printer. */
class DevicesTest {

    private static final Instant START = Instant.parse("2027-02-13T15:00:00Z");

    private static BigDecimal grams(Scale scale, double seconds) {
        return ((Reading.Weight) scale.read(START.plusMillis((long) (seconds * 1000)))).grams();
    }

    private static boolean settled(Scale scale, double seconds) {
        return ((Reading.Weight) scale.read(START.plusMillis((long) (seconds * 1000)))).settled();
    }

    @Test
    void aScaleWobblesBeforeItSettlesOnWhatLiesOnIt() {
        Scale scale = Scale.on(START.minusSeconds(60)).put(BigDecimal.valueOf(100), START);
        assertThat(grams(scale, 0)).isGreaterThan(BigDecimal.valueOf(105));
        assertThat(settled(scale, 0.5)).isFalse();
        assertThat(grams(scale, 3)).isEqualByComparingTo("100");
        assertThat(settled(scale, 3)).isTrue();
    }

    @Test
    void tareTakesOffTheJarAndNothingLiesOnAScaleTwice() {
        Scale jar = Scale.on(START.minusSeconds(60))
                .put(BigDecimal.valueOf(12), START.minusSeconds(30))
                .tared(START.minusSeconds(20));
        assertThat(grams(jar.put(new BigDecimal("7.5"), START), 3)).isEqualByComparingTo("7.5");
        assertThat(grams(jar.cleared(START), 3)).as("the jar is lifted off").isEqualByComparingTo("-12");
    }

    @Test
    void aScaleCanDriftShakeBeOverloadedAndFallSilent() {
        Scale scale = Scale.on(START.minusSeconds(60)).put(BigDecimal.valueOf(50), START.minusSeconds(30));
        assertThat(grams(scale.with(Fault.DRIFTS, START), 120)).isEqualByComparingTo("53");
        assertThat(grams(scale.with(Fault.DRIFTS, START).tared(START.plusSeconds(120)), 120))
                .as("zero again")
                .isEqualByComparingTo("0");
        assertThat(settled(scale.with(Fault.SHAKY, START), 10)).isFalse();
        assertThat(scale.put(Scale.CAPACITY, START).read(START)).isEqualTo(new Reading.Overload());
        assertThat(scale.with(Fault.SILENT, START).read(START)).isEqualTo(new Reading.Silent());
    }

    @Test
    void aPrinterPrintsJobAfterJobAndStandsStillWhileItIsJammed() {
        List<Event> events = new ArrayList<>(List.of(
                new Event(JobEvent.SENT, 1, 5, START),
                new Event(JobEvent.SENT, 2, 3, START.plusSeconds(1)),
                new Event(JobEvent.JAMMED, 0, 0, START.plusMillis(3700))));
        assertThat(LabelPrinter.jobs(events, START.plusSeconds(600)))
                .containsExactly(new Job(1, 5, 3, State.STUCK), new Job(2, 3, 0, State.WAITING));
        events.add(new Event(JobEvent.CLEARED, 0, 0, START.plusSeconds(600)));
        assertThat(LabelPrinter.jobs(events, START.plusSeconds(602)))
                .containsExactly(new Job(1, 5, 4, State.PRINTING), new Job(2, 3, 0, State.WAITING));
        events.add(new Event(JobEvent.CANCELLED, 2, 0, START.plusSeconds(602)));
        assertThat(LabelPrinter.jobs(events, START.plusSeconds(700)))
                .containsExactly(new Job(1, 5, 5, State.DONE), new Job(2, 3, 0, State.CANCELLED));
    }

    @Test
    void timeInWhichAPrinterHadNothingToDoIsNotSavedUp() {
        List<Event> events = List.of(
                new Event(JobEvent.SENT, 1, 1, START), new Event(JobEvent.SENT, 2, 10, START.plusSeconds(3600)));
        assertThat(LabelPrinter.jobs(events, START.plusSeconds(3601)))
                .containsExactly(new Job(1, 1, 1, State.DONE), new Job(2, 10, 0, State.PRINTING));
    }
}
