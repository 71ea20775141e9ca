package hopsel.web.office;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import hopsel.core.house.DateOrder;
import hopsel.core.house.Degrees;
import hopsel.core.house.Hours;
import hopsel.core.house.House;
import hopsel.core.measure.Measures;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Currency;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** What is typed of the house, and typed wrongly. */
class HouseFormTest {

    private static final House HOUSE = new House(
            "Tern Quay Cookery Room",
            "Tern Quay 3",
            Optional.of(Currency.getInstance("EUR")),
            Measures.METRIC,
            Degrees.values()[0],
            Hours.values()[0],
            DateOrder.values()[0],
            DayOfWeek.MONDAY,
            Optional.of(new BigDecimal("45.5")),
            Optional.of(new BigDecimal("13")),
            Optional.of(ZoneId.of("Europe/Lisbon")),
            Optional.of(24),
            3);

    private static House read(Map<String, String> fields) throws BadEntryException {
        return HouseForm.read(new Entered(fields));
    }

    private static Map<String, String> with(String field, String text) {
        Map<String, String> fields = new HashMap<>(HouseForm.fields(HOUSE));
        fields.put(field, text == null ? "" : text);
        return fields;
    }

    @Test
    void whatStandsInTheFieldsIsTheHouse() throws BadEntryException {
        assertThat(read(HouseForm.fields(HOUSE))).isEqualTo(HOUSE);
    }

    /** Nothing typed is nothing said, not zero. */
    @Test
    void whatIsLeftEmptyIsNotKnown() throws BadEntryException {
        assertThat(read(with("fee", "")).fee()).isEmpty();
        assertThat(read(with("vat", "")).vat()).isEmpty();
        assertThat(read(with("currency", "")).currency()).isEmpty();
        assertThat(read(with("zone", "")).zone()).isEmpty();
        assertThat(read(with("guest-months", "")).guestMonths()).isEmpty();
        assertThat(read(with("fee", "0")).fee())
                .hasValueSatisfying(fee -> assertThat(fee).isZero());
        assertThat(read(with("currency", "gbp")).currency()).contains(Currency.getInstance("GBP"));
    }

    @ParameterizedTest
    @CsvSource({
        "currency, EURO, EUR",
        "currency, 12, EUR",
        "fee, -1, below 0",
        "fee, plenty, 7.5",
        "vat, 100, under 100",
        "vat, -0.5, under 100",
        "zone, Lisbon, Europe/Lisbon",
        "guest-months, 0, from 1 to 120",
        "guest-months, 121, from 1 to 120",
        "guest-months, 1.5, from 1 to 120",
        "measures, spoons, metric",
        "week-start, SOMEDAY, MONDAY"
    })
    void whatCannotBeIsSaidAtItsFieldWithWhatCan(String field, String text, String remedy) {
        BadEntryException refused = catchThrowableOfType(BadEntryException.class, () -> read(with(field, text)));
        assertThat(refused.field()).isEqualTo(field);
        assertThat(refused.getMessage()).contains(remedy);
    }

    @ParameterizedTest
    @CsvSource({"vat, 0", "vat, 99.9", "guest-months, 1", "guest-months, 120", "currency, jpy"})
    void theEndsOfARangeAreInIt(String field, String text) throws BadEntryException {
        assertThat(HouseForm.fields(read(with(field, text))).get(field)).isEqualToIgnoringCase(text);
    }

    @Test
    void theCurrenciesThatAreUsedMostComeFirst() {
        assertThat(HouseForm.currencies().get(0).getCurrencyCode()).isEqualTo("EUR");
        assertThat(HouseForm.currencies()).hasSameSizeAs(Currency.getAvailableCurrencies());
    }
}
