package hopsel.web.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.FreshClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.classes.Tempo;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Resource;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The set-up page's fields as a class. */
class SetUpFormTest {

    private static final CookingClass FRESH = FreshClass.on(LocalDate.of(2027, 3, 1), ZoneId.of("Europe/Lisbon"));

    /** The fields as the page shows a fresh class. */
    private static Map<String, String> fields() {
        Map<String, String> fields = new HashMap<>(Map.of(
                "title",
                FRESH.title(),
                "style",
                "demo",
                "starts-at",
                FRESH.startsAt().toString(),
                "zone",
                "Europe/Lisbon",
                "air",
                "60",
                "measures",
                "metric",
                "person-id-0",
                "host",
                "person-name-0",
                "Host",
                "person-role-0",
                "host"));
        for (int i = 0; i < FRESH.resources().size(); i++) {
            Resource place = FRESH.resources().get(i);
            fields.putAll(Map.of(
                    "place-id-" + i,
                    place.id(),
                    "place-kind-" + i,
                    place.kind(),
                    "place-units-" + i,
                    String.valueOf(place.units()),
                    "place-rinse-" + i,
                    place.rinse().toString()));
        }
        fields.putAll(Map.of("window-from-0", "2027-03-06T16:20", "window-to-0", "2027-03-06T18:20"));
        return fields;
    }

    private static CookingClass read(Map<String, String> fields) throws BadEntryException {
        return new SetUpForm(FRESH, new Entered(fields)).cooking();
    }

    @Test
    void whatIsNotTouchedStaysAsItWas() throws BadEntryException {
        assertThat(read(fields())).isEqualTo(FRESH);
    }

    @Test
    void rowsAreAddedAndTakenOut() throws BadEntryException {
        Map<String, String> fields = fields();
        fields.putAll(Map.of(
                "person-name-1",
                "Pia Lund",
                "person-role-1",
                "assistant",
                "place-kind-4",
                "Food Processor",
                "place-units-4",
                "1",
                "drop",
                "place-1"));
        CookingClass read = read(fields);
        assertThat(read.people()).extracting(Person::id).containsExactly("host", "pia-lund");
        assertThat(read.resources())
                .extracting(Resource::kind)
                .containsExactly("oven", "blender", "fridge", "food-processor");
        assertThat(read.resources().get(3).id()).isEqualTo("food-processor-1");
    }

    /** A class that moves by twelve days takes the work before it along, but for what somebody wrote themselves. */
    @Test
    void windowsMoveWithTheClass() throws BadEntryException {
        Map<String, String> fields = fields();
        fields.put("starts-at", FRESH.startsAt().plusDays(12).toString());
        assertThat(read(fields).prepWindows()).isEqualTo(FRESH.prepWindows());
        fields.putAll(Map.of(
                "window-from-0",
                FRESH.startsAt().plusDays(11).toString(),
                "window-to-0",
                FRESH.startsAt().plusDays(11).plusHours(2).toString()));
        assertThat(read(fields).prepWindows().get(0).from().value()).isEqualByComparingTo("-1440");
    }

    /** On 28 March 2027 clocks in Lisbon go forward at 1: the evening before is an hour nearer. */
    @Test
    void windowsAreCountedAcrossTheChangeOfClocks() throws BadEntryException {
        Map<String, String> fields = fields();
        fields.putAll(Map.of(
                "starts-at",
                "2027-03-28T18:30",
                "window-from-0",
                "2027-03-27T18:30",
                "window-to-0",
                "2027-03-27T20:30"));
        assertThat(read(fields).prepWindows().get(0).from().value()).isEqualByComparingTo("-1380");
    }

    @Test
    void whatCannotBeIsSaidAtItsField() {
        refused("starts-at", "", "Give a day");
        refused("starts-at", "2027-03-28T01:30", "clocks in Europe/Lisbon skip");
        refused("starts-at", "0002-03-06T18:30", "from 2000 to 2999");
        refused("window-from-0", "0002-03-06T16:20", "Look at the year");
        refused("window-from-0", "2026-03-06T16:20", "more than 364 days");
        refused("tasting", "-1", "from 0");
        refused("tasting", "NaN", "isn't a number");
        refused("spare", "-10", "from 0");
        refused("demo-servings", "0.0000000000001", "above 0");
        refused("air", "1000000000", "too large");
        refused("zone", "Tern Quay", "Europe/Lisbon");
        refused("air", "0", "minutes");
        refused("window-to-0", "2027-03-06T15:00", "after its beginning");
        refused("window-to-0", "2027-03-06T19:00", "has to be before");
        refused("place-units-1", "2.5", "whole number");
        refused("person-role-0", "chef", "not one of the choices");
        refused("pace", "0.8", "1 to 5");
        refused("stations", "61", "1 to 60");
        refused("counter-length", "15", "20 to 2000");
        refused("tools", "3 large bowls, 2 small", "isn't a tool we know");
    }

    @Test
    void theRoomIsReadAsItIsWritten() throws BadEntryException {
        Map<String, String> fields = fields();
        fields.putAll(Map.of(
                "style",
                "hands-on",
                "stations",
                "6",
                "pace",
                "1,5",
                "own",
                "Burner, spice grinder",
                "counter-length",
                "220",
                "counter-depth",
                "65",
                "cameras",
                "overhead; front",
                "tools",
                "3 big bowls\nwhisk"));
        CookingClass read = read(fields);
        assertThat(read.room().learners())
                .isEqualTo(new Learners(6, new BigDecimal("1.5"), List.of("burner", "spice-grinder")));
        assertThat(read.room().counter()).contains(new CounterTop(220, 65));
        assertThat(read.room().cameras()).containsExactly("overhead", "front");
        assertThat(read.room().tools()).extracting(Object::toString).containsExactly("3 large bowl", "whisk");
    }

    @Test
    void halfABenchIsNoBench() {
        Map<String, String> fields = fields();
        fields.put("counter-depth", "60");
        assertThatThrownBy(() -> read(fields))
                .isInstanceOfSatisfying(
                        BadEntryException.class, bad -> assertThat(bad.field()).isEqualTo("counter-length"));
    }

    private static void refused(String field, String value, String said) {
        Map<String, String> fields = fields();
        fields.put(field, value);
        assertThatThrownBy(() -> read(fields)).isInstanceOfSatisfying(BadEntryException.class, bad -> {
            assertThat(bad.field()).isEqualTo(field);
            assertThat(bad.getMessage()).contains(said);
        });
    }

    @Test
    void howAClassIsHeldIsTypedInMinutesAndPerCent() throws BadEntryException {
        Map<String, String> fields = fields();
        fields.putAll(Map.of(
                "turn",
                "1",
                "sure",
                "80",
                "swap-cost",
                "3",
                "talk-title-0",
                "Welcome",
                "talk-minutes-0",
                "4",
                "talk-at-0",
                "opening"));
        Tempo tempo = new SetUpForm(FRESH, new Entered(fields)).cooking().tempo();
        assertThat(tempo.sure()).contains(new BigDecimal("0.80"));
        assertThat(tempo.swapCost()).isEqualTo(3);
        assertThat(tempo.talk()).extracting(TalkPiece::id).containsExactly("welcome");
        fields.put("talk-minutes-0", "");
        assertThatThrownBy(() -> new SetUpForm(FRESH, new Entered(fields)).cooking())
                .isInstanceOf(BadEntryException.class)
                .hasMessageContaining("how many minutes");
        fields.put("drop", "talk-0");
        assertThat(new SetUpForm(FRESH, new Entered(fields)).cooking().tempo().talk())
                .isEmpty();
    }
}
