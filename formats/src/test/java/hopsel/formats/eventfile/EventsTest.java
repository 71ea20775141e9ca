package hopsel.formats.eventfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.air.Happened;
import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.Portion;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Whatever can happen, on air or at a station, is written with members of its own and read again as it was. */
class EventsTest {

    private static final Portion.Key RICE = new Portion.Key("laksa", "rice-noodles");

    private static Stream<Class<?>> kinds(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .flatMap(kind -> kind.isRecord() ? Stream.of(kind) : kinds(kind))
                .distinct();
    }

    static Stream<Class<?>> onAir() {
        return kinds(Happened.class);
    }

    /** One of a kind, its members filled with something that tells them apart. */
    private static Happened any(Class<?> kind) throws ReflectiveOperationException {
        RecordComponent[] members = kind.getRecordComponents();
        Class<?>[] types = Arrays.stream(members).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = new Object[members.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = value(types[i], members[i].getName(), i);
        }
        return (Happened) kind.getDeclaredConstructor(types).newInstance(values);
    }

    private static Object value(Class<?> type, String name, int number) {
        if (type == int.class) {
            return 60 + number;
        }
        if (type == long.class) {
            return 7L + number;
        }
        if (type == boolean.class) {
            return true;
        }
        return type.isEnum() ? type.getEnumConstants()[1] : name + number;
    }

    @ParameterizedTest
    @MethodSource("onAir")
    void everythingOnAirIsReadAsItWasWritten(Class<?> kind) throws ReflectiveOperationException {
        Happened what = any(kind);
        assertThat(EventFile.read(EventFile.write(what))).isEqualTo(what);
        assertThat(EventFile.description()).contains("\"" + EventFile.word(what) + "\"");
    }

    static Stream<AtStation> atStation() {
        Lot lot = new Lot("L 7", Optional.of(LocalDate.of(2027, 3, 1)));
        return Stream.of(
                new Claim("a1", "1"),
                new Release("a1", "1"),
                new Weigh("a1", RICE, new BigDecimal("80.25"), lot, "1"),
                new Weigh("a1", RICE, BigDecimal.TEN, new Lot("L", Optional.empty()), "1"),
                new TakeOut("a1", RICE, "2"),
                new Close("a1", "2"),
                new Reopen("a1", "2"),
                new Clean("2"),
                new ReadLabel("rice-noodles", lot, "1"),
                new MakeMix("mix:satay-sauce-0a1b", List.of(new Taken("cumin", new BigDecimal("9.5"), lot)), "1"),
                new ReadLabel("rice-noodles", new Lot("", Optional.empty()), "1"));
    }

    @ParameterizedTest
    @MethodSource("atStation")
    void everythingAtAStationIsReadAsItWasWritten(AtStation what) {
        assertThat(StationFile.read(StationFile.write(what))).isEqualTo(what);
    }

    @Test
    void noKindOfEventAtAStationIsForgottenHere() {
        assertThat(atStation().map(what -> what.getClass().getName()).distinct())
                .containsExactlyInAnyOrderElementsOf(
                        kinds(AtStation.class).map(Class::getName).toList());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "{",
                "{}",
                "[]",
                "{\"kind\":\"juggle\"}",
                "{\"kind\":\"claim\",\"kit\":\"a1\"}",
                "{\"kind\":\"claim\",\"kit\":\"\",\"station\":\"1\"}",
                "{\"kind\":\"clean\",\"station\":\"1\",\"kit\":\"a1\"}",
                "{\"kind\":\"weigh\",\"kit\":\"a1\",\"station\":\"1\",\"dish\":\"d\",\"item\":\"i\",\"grams\":-1}"
            })
    void whatIsOfNoKindIsRefused(String document) {
        assertThatThrownBy(() -> StationFile.read(document)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> EventFile.read(document)).isInstanceOf(IllegalArgumentException.class);
    }
}
