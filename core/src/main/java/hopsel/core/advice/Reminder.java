package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Plan;

import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;

/**
 * When a guest is reminded of a class: two days before it, and before anything has to be begun at home; by day, where
 * they are.
 */
public final class Reminder {

    private static final int DAYS = 2;
    /** Before the first thing at home: time to buy what is missing. */
    private static final int DAYS_BEFORE_WORK = 1;

    private static final LocalTime MORNING = LocalTime.of(9, 0);
    private static final LocalTime EVENING = LocalTime.of(20, 0);
    private static final LocalTime AFTER_WORK = LocalTime.of(18, 0);

    private Reminder() {}

    /**
     * When the letter goes out.
     *
     * @param zone where the guest is
     */
    public static ZonedDateTime due(CookingClass cooking, Plan plan, ZoneId zone) {
        ZonedDateTime before = cooking.onAir().minusDays(DAYS);
        Optional<ZonedDateTime> work = Beforehand.of(cooking, plan).stream()
                .map(task -> cooking.clock(task.latest()).minusDays(DAYS_BEFORE_WORK))
                .min(ZonedDateTime::compareTo);
        ZonedDateTime due = work.filter(before::isAfter).orElse(before).withZoneSameInstant(zone);
        if (due.toLocalTime().isBefore(MORNING)) {
            return due.minusDays(1).with(AFTER_WORK);
        }
        return due.toLocalTime().isAfter(EVENING) ? due.with(AFTER_WORK) : due;
    }
}
