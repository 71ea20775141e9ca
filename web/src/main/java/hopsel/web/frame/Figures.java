package hopsel.web.frame;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.house.Degrees;
import hopsel.core.item.Item;
import hopsel.core.measure.Amount;
import hopsel.core.measure.CookAmount;
import hopsel.core.measure.Decimals;
import hopsel.core.measure.Measures;
import hopsel.core.measure.Working;
import hopsel.web.house.HouseStore;

import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** Figures as pages show them; templates call it {@code @figures}. Calculates nothing. */
@Component
public class Figures {

    private static final Locale LOCALE = Locale.ENGLISH;
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE ", LOCALE);

    private final MessageSource messages;
    private final HouseStore houses;

    Figures(MessageSource messages, HouseStore houses) {
        this.messages = messages;
        this.houses = houses;
    }

    /** Seconds as minutes, to the half. */
    public String minutes(int seconds) {
        return Decimals.plain(BigDecimal.valueOf(Math.round(seconds / 30.0)).divide(BigDecimal.valueOf(2)))
                .toPlainString();
    }

    /** How hot something is, as the house tells it. */
    public String heat(BigDecimal celsius) {
        return written().heat(celsius);
    }

    /** How hot something is, for whoever may cook by either: a guest at home. */
    public String heatAtHome(BigDecimal celsius) {
        return new HouseFigures(houses.now().withDegrees(Degrees.BOTH)).heat(celsius);
    }

    /** A day, short. */
    public String date(LocalDate day) {
        return written().date(day);
    }

    /** A moment that was written down, by the clock of the house. */
    public String stamp(LocalDateTime utc) {
        ZonedDateTime at = utc.atZone(ZoneOffset.UTC)
                .withZoneSameInstant(houses.now().zone().orElseGet(ZoneId::systemDefault));
        return date(at.toLocalDate()) + ", " + written().clock(at.toLocalTime());
    }

    /** The day of a moment that was written down, by the clock of the house. */
    public String stampDay(LocalDateTime utc) {
        return date(utc.atZone(ZoneOffset.UTC)
                .withZoneSameInstant(houses.now().zone().orElseGet(ZoneId::systemDefault))
                .toLocalDate());
    }

    private HouseFigures written() {
        return new HouseFigures(houses.now());
    }

    /** What came in or went out, with its sign. */
    public String signedGrams(BigDecimal grams) {
        return (grams.signum() < 0 ? "−" : "+") + exactGrams(grams.abs());
    }

    /** Weight for a cook. */
    public String grams(BigDecimal grams) {
        return CookAmount.grams(grams);
    }

    /** An amount as a cook measures it, both ends of a range. */
    public String amount(Amount amount, Measures measures) {
        return CookAmount.of(amount, BigDecimal.ONE, measures);
    }

    /** Weight to a tenth, as the lists file has it. */
    public String exactGrams(BigDecimal grams) {
        return Decimals.plain(Decimals.tenths(grams)).toPlainString() + " g";
    }

    /** Money, in the currency of the house. */
    public String money(BigDecimal amount) {
        return written().money(amount);
    }

    /** Money that is more or less than something else. */
    public String signedMoney(BigDecimal amount) {
        return (amount.signum() < 0 ? "−" : "+") + money(amount.abs());
    }

    private static final int HALF_MINUTE = 30;

    /** Any number without needless zeros. */
    public String number(BigDecimal number) {
        return Decimals.plain(number).toPlainString();
    }

    /** A number to a hundredth. */
    public String hundredths(BigDecimal number) {
        return number(number.setScale(2, RoundingMode.HALF_UP));
    }

    /** A number to a tenth. */
    public String tenths(BigDecimal number) {
        return number(Decimals.tenths(number));
    }

    /** The clock at a moment of the plan, to the minute; with the weekday where it is another day than the class's. */
    public String clock(CookingClass cooking, int seconds) {
        ZonedDateTime at = cooking.clock(Math.floorDiv(seconds + HALF_MINUTE, 60) * 60);
        String time = written().clock(at.toLocalTime());
        return at.toLocalDate().equals(cooking.startsAt().toLocalDate()) ? time : WEEKDAY.format(at) + time;
    }

    /** The day of a moment of the plan. */
    public String dayOf(CookingClass cooking, int seconds) {
        return written().day(cooking.clock(seconds).toLocalDate());
    }

    /** The clock at a moment, without the day. */
    public String time24(CookingClass cooking, int seconds) {
        return written().clock(cooking.clock(seconds).toLocalTime());
    }

    /** A volume to ten millilitres, or to tenths of a litre. */
    public String millilitres(BigDecimal ml) {
        return ml.compareTo(BigDecimal.valueOf(1000)) >= 0
                ? ml.movePointLeft(3).setScale(1, RoundingMode.HALF_UP).toPlainString() + " l"
                : ml.setScale(-1, RoundingMode.HALF_UP)
                                .max(BigDecimal.TEN)
                                .toPlainString()
                                .replaceAll("[eE].*", "") + " ml";
    }

    /** The day on which a class begins elsewhere. */
    public String dayIn(CookingClass cooking, ZoneId zone) {
        return written().day(cooking.onAir().withZoneSameInstant(zone).toLocalDate());
    }

    /**
     * The clock of another place at a moment of the class; with the weekday where it is not the day of the class there.
     */
    public String clockIn(CookingClass cooking, int seconds, ZoneId zone) {
        ZonedDateTime at = cooking.clock(seconds).withZoneSameInstant(zone);
        String time = written().clock(at.toLocalTime());
        return at.toLocalDate().equals(cooking.onAir().withZoneSameInstant(zone).toLocalDate())
                ? time
                : WEEKDAY.format(at) + time;
    }

    /** The clock at a moment, to the full minute before it: by which something has to be begun. */
    public String clockBefore(CookingClass cooking, int seconds) {
        return clock(cooking, Math.floorDiv(seconds, 60) * 60);
    }

    /** The clock at a moment, to the full minute after it. */
    public String clockMinute(CookingClass cooking, int seconds) {
        return clock(cooking, -Math.floorDiv(-seconds, 60) * 60);
    }

    /** A share, of a hundred evenings: never all of them, nor none, unless it was. */
    public long ofHundred(double share) {
        long count = Math.round(share * 100);
        if (share < 1 && count == 100) {
            return 99;
        }
        return share > 0 && count == 0 ? 1 : count;
    }

    /** The name of somebody in a class, by id. */
    public String personNamed(CookingClass cooking, String id) {
        return cooking.people().stream()
                .filter(person -> person.id().equals(id))
                .map(person -> person.name())
                .findFirst()
                .orElse(id);
    }

    /** A share of 0 to 1 in per cent; what is little but not nothing, or much but not all, is not rounded to that. */
    public String percent(double share) {
        long percent = Math.round(share * 100);
        if (share > 0 && percent == 0) {
            return "under 1 %";
        }
        if (share < 1 && percent == 100) {
            return "over 99 %";
        }
        return percent + " %";
    }

    /** The same as a field for day and time takes it. */
    public String field(CookingClass cooking, int seconds) {
        return cooking.clock(seconds)
                .toLocalDateTime()
                .truncatedTo(ChronoUnit.SECONDS)
                .toString();
    }

    /** The short name of a step, even where it is no longer in the class. */
    public String titleOf(CookingClass cooking, StepRef step) {
        Stream<Dish> dishes = cooking.dishes().stream().filter(dish -> dish.id().equals(step.dish()));
        Optional<Step> found =
                dishes.flatMap(dish -> dish.step(step.step()).stream()).findFirst();
        return found.map(Step::title).orElse(step.step());
    }

    /** The name of a person of a class. */
    public String personOf(CookingClass cooking, String id) {
        return cooking.people().stream()
                .filter(person -> person.id().equals(id))
                .map(person -> person.name())
                .findFirst()
                .orElse(id);
    }

    /** The day of a class. */
    public String day(CookingClass cooking) {
        return written().day(cooking.onAir().toLocalDate());
    }

    /** Seconds as whole minutes, up. */
    public String whole(int seconds) {
        return time(minuteUp(seconds));
    }

    /** Seconds as minutes to the half, up: a plan is not read by the second. */
    public String halves(int seconds) {
        int half = (seconds + 29) / 30 * 30;
        if (half >= 60) {
            return time(half);
        }
        return half == 0 ? "0 min" : "½ min";
    }

    /** The clock at which a class ends, to the minute, up. */
    public String endsAt(CookingClass cooking, int end) {
        return clock(cooking, minuteUp(end));
    }

    /** What is left of a slot after that, in whole minutes. */
    public String toSpare(int slot, int end) {
        return halves(Math.max(0, slot - minuteUp(end)));
    }

    private static int minuteUp(int seconds) {
        return (seconds + 59) / 60 * 60;
    }

    /** Such as {@code 1 h 05 min}, {@code 25 min}, {@code 4½ min} or {@code 40 s}. */
    public String time(int seconds) {
        if (seconds < 60) {
            return seconds + " s";
        }
        int minutes = seconds / 60;
        String rest;
        if (seconds % 60 == 0) {
            rest = "";
        } else if (seconds % 60 == 30) {
            rest = "½";
        } else {
            rest = "";
        }
        String odd = rest.isEmpty() && seconds % 60 != 0 ? " " + seconds % 60 + " s" : "";
        if (minutes < 60) {
            return minutes + rest + " min" + odd;
        }
        return minutes % 60 == 0 && odd.isEmpty() && rest.isEmpty()
                ? minutes / 60 + " h"
                : "%d h %02d%s min%s".formatted(minutes / 60, minutes % 60, rest, odd);
    }

    /** The factors of a calculation, in words. */
    public List<String> working(Working working) {
        return working.terms().stream()
                .filter(term -> !trivial(term))
                .map(term -> messages.getMessage(
                        "working." + term.kind(), term.figures().toArray(), LOCALE))
                .toList();
    }

    private static boolean trivial(Working.Term term) {
        boolean one = term.figures().size() == 1 && term.figures().get(0).equals("1");
        return one
                && switch (term.kind()) {
                    case SHARE, BATCHES, RATIO, WEIGHT -> true;
                    default -> false;
                };
    }

    /** The allergens of an item, in words. */
    public List<String> allergens(Item item) {
        return item.allergenList().stream()
                .map(allergen -> word(allergen.word()))
                .toList();
    }

    /** An allergen, a house rule or an item, as people say it. */
    public String word(String avoided) {
        return Objects.requireNonNull(messages.getMessage("avoid." + avoided, null, avoided, LOCALE));
    }
}
