package hopsel.core.classes;

import hopsel.core.Copyable;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;

/**
 * Kits that go out by post. Nothing is delivered on Sundays; what a carrier promises is the house's to ask.
 *
 * @param handedDays days before the class on which they are handed to the carrier, 1 or more
 * @param carrierDays working days on the way, 1 or more
 * @param abroadDays the same to guests in another zone than the class, 1 or more: a guest's zone is all that is known
 *     of where they live
 */
@Copyable
public record Posting(int handedDays, int carrierDays, int abroadDays) implements PostingBuilder.With {

    /** When kits are handed over: on the day before where that would be a Sunday. */
    public LocalDate handed(LocalDate classDay) {
        LocalDate day = classDay.minusDays(handedDays);
        return isSunday(day) ? day.minusDays(1) : day;
    }

    /** Days before the class on which they are handed over. */
    public int daysBefore(LocalDate classDay) {
        return (int) ChronoUnit.DAYS.between(handed(classDay), classDay);
    }

    private static boolean isSunday(LocalDate day) {
        return day.getDayOfWeek() == DayOfWeek.SUNDAY;
    }

    /** When a kit is there, at the latest. */
    public LocalDate arrives(LocalDate classDay, ZoneId home, ZoneId guest) {
        return after(handed(classDay), working(home, guest));
    }

    /** The last day on which it can be handed over and be there the day before the class. */
    public LocalDate lastDay(LocalDate classDay, ZoneId home, ZoneId guest) {
        LocalDate day = classDay.minusDays(1);
        while (isSunday(day) || after(day, working(home, guest)).isAfter(classDay.minusDays(1))) {
            day = day.minusDays(1);
        }
        return day;
    }

    private int working(ZoneId home, ZoneId guest) {
        return home.equals(guest) ? carrierDays : abroadDays;
    }

    private static LocalDate after(LocalDate from, int workingDays) {
        LocalDate day = from;
        for (int left = workingDays; left > 0; ) {
            day = day.plusDays(1);
            if (!isSunday(day)) {
                left--;
            }
        }
        return day;
    }
}
