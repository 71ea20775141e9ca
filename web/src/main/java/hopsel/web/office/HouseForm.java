package hopsel.web.office;

import hopsel.core.house.DateOrder;
import hopsel.core.house.Degrees;
import hopsel.core.house.Hours;
import hopsel.core.house.House;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** What was typed of the house. */
final class HouseForm {

    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_ADDRESS = 1000;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final int MOST_MONTHS = 120;
    private static final int MOST_DAYS = 30;
    /** Offered first; any other can be typed. */
    private static final List<String> COMMON =
            List.of("EUR", "GBP", "USD", "AUD", "CAD", "CHF", "NZD", "SEK", "NOK", "DKK", "PLN", "CZK", "INR", "JPY");

    private HouseForm() {}

    static House read(Entered in) throws BadEntryException {
        return new House(
                in.maybe("name", LONGEST_NAME),
                in.maybe("address", LONGEST_ADDRESS),
                currency(in),
                in.choice("measures", Measures.values(), Measures::word),
                in.choice("degrees", Degrees.values(), Degrees::name),
                in.choice("hours", Hours.values(), Hours::name),
                in.choice("dates", DateOrder.values(), DateOrder::name),
                in.choice("week-start", DayOfWeek.values(), DayOfWeek::name),
                fee(in),
                vat(in),
                zone(in),
                months(in),
                days(in));
    }

    private static Optional<Currency> currency(Entered in) throws BadEntryException {
        Optional<String> code = in.text("currency").map(text -> text.toUpperCase(Locale.ROOT));
        try {
            return code.map(Currency::getInstance);
        } catch (IllegalArgumentException e) {
            throw new BadEntryException(
                    "currency",
                    "is “%s”, which isn't a currency. Write its three letters, such as EUR.".formatted(code.get()));
        }
    }

    private static Optional<BigDecimal> fee(Entered in) throws BadEntryException {
        Optional<BigDecimal> fee = in.number("fee");
        if (fee.filter(amount -> amount.signum() < 0).isPresent()) {
            throw new BadEntryException("fee", "is below 0. Write what a guest pays.");
        }
        return fee;
    }

    private static Optional<BigDecimal> vat(Entered in) throws BadEntryException {
        Optional<BigDecimal> vat = in.number("vat");
        if (vat.filter(share -> share.signum() < 0 || share.compareTo(HUNDRED) >= 0)
                .isPresent()) {
            throw new BadEntryException(
                    "vat",
                    "is %s. Write per cent, from 0 to under 100."
                            .formatted(vat.get().toPlainString()));
        }
        return vat;
    }

    private static Optional<Integer> months(Entered in) throws BadEntryException {
        Optional<BigDecimal> months = in.number("guest-months");
        if (months.filter(own -> !isWhole(own, 1, MOST_MONTHS)).isPresent()) {
            throw new BadEntryException(
                    "guest-months", "must be a whole number of months from 1 to 120, or blank to keep guests.");
        }
        return months.map(BigDecimal::intValueExact);
    }

    private static int days(Entered in) throws BadEntryException {
        Optional<BigDecimal> days = in.number("undo-days");
        if (days.filter(own -> isWhole(own, 0, MOST_DAYS)).isEmpty()) {
            throw new BadEntryException(
                    "undo-days", "must be a whole number of days from 0 to 30. With 0, removing a guest is final.");
        }
        return days.get().intValueExact();
    }

    private static boolean isWhole(BigDecimal number, int least, int most) {
        return number.stripTrailingZeros().scale() <= 0
                && number.compareTo(BigDecimal.valueOf(least)) >= 0
                && number.compareTo(BigDecimal.valueOf(most)) <= 0;
    }

    private static Optional<ZoneId> zone(Entered in) throws BadEntryException {
        Optional<String> zone = in.text("zone");
        try {
            return zone.map(ZoneId::of);
        } catch (DateTimeException e) {
            throw new BadEntryException(
                    "zone",
                    "is “%s”, which isn't a time zone. Choose one from the list, such as Europe/Lisbon."
                            .formatted(zone.get()));
        }
    }

    /** What stands in the fields of a house. */
    static Map<String, String> fields(House house) {
        Map<String, String> fields = new TreeMap<>();
        fields.put("name", house.name());
        fields.put("address", house.address());
        fields.put("currency", house.currency().map(Currency::getCurrencyCode).orElse(""));
        fields.put("measures", house.measures().word());
        fields.put("degrees", house.degrees().name());
        fields.put("hours", house.hours().name());
        fields.put("dates", house.dates().name());
        fields.put("week-start", house.weekStart().name());
        fields.put(
                "fee",
                house.fee().map(fee -> Decimals.plain(fee).toPlainString()).orElse(""));
        fields.put(
                "vat",
                house.vat().map(vat -> vat.stripTrailingZeros().toPlainString()).orElse(""));
        fields.put("guest-months", house.guestMonths().map(String::valueOf).orElse(""));
        fields.put("undo-days", String.valueOf(house.undoDays()));
        fields.put("zone", house.zone().map(ZoneId::getId).orElse(""));
        return fields;
    }

    /** Currencies for choosing, those that are used most first. */
    static List<Currency> currencies() {
        return Currency.getAvailableCurrencies().stream()
                .sorted(Comparator.comparingInt((Currency one) -> rank(one)).thenComparing(Currency::getCurrencyCode))
                .toList();
    }

    private static int rank(Currency currency) {
        int at = COMMON.indexOf(currency.getCurrencyCode());
        return at < 0 ? COMMON.size() : at;
    }
}
