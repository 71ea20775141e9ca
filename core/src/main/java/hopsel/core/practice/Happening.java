package hopsel.core.practice;

import hopsel.core.air.AirState;
import hopsel.core.classes.CookingClass;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Something that happens in a simulated kitchen, whatever is done about it.
 *
 * @param at seconds from going on air
 * @param kind what
 * @param seconds that it costs whoever it meets; 0 where the oven or the tray says
 * @param about key of an activity, or a question; otherwise empty
 */
public record Happening(int at, Mishap kind, int seconds, String about) {

    private static final int MINUTE = 60;
    private static final List<String> QUESTIONS = List.of(
            "Can I freeze it?",
            "What if I have no oven?",
            "Which flour is that?",
            "Does it work without oil?",
            "How do I know it's done?",
            "Can I make it the day before?");

    /** What can happen. */
    public enum Mishap {
        LATE_START,
        SLOW_OVEN,
        QUESTION,
        FLAT_BATTERY,
        SPILT,
        BURNT_TRAY
    }

    /** What happens on an evening; the same random numbers bring the same evening. */
    static List<Happening> of(CookingClass cooking, Plan plan, SplittableRandom random) {
        int slot = Math.max(1, cooking.airMinutes().seconds());
        List<Happening> all = new ArrayList<>();
        if (random.nextInt(3) == 0) {
            all.add(new Happening(0, Mishap.LATE_START, MINUTE * (1 + random.nextInt(6)), ""));
        }
        if (random.nextInt(3) == 0) {
            all.add(new Happening(0, Mishap.SLOW_OVEN, 0, ""));
        }
        int questions = random.nextInt(4);
        for (int i = 0; i < questions; i++) {
            all.add(new Happening(
                    1 + random.nextInt(slot),
                    Mishap.QUESTION,
                    MINUTE + random.nextInt(MINUTE),
                    QUESTIONS.get(random.nextInt(QUESTIONS.size()))));
        }
        if (random.nextInt(4) == 0) {
            all.add(new Happening(
                    1 + random.nextInt(slot),
                    random.nextBoolean() ? Mishap.FLAT_BATTERY : Mishap.SPILT,
                    MINUTE * (2 + random.nextInt(3)),
                    ""));
        }
        List<Activity> trays = plan.activities().stream()
                .filter(activity -> activity.start() >= 0
                        && activity.person().isEmpty()
                        && activity.placements().stream()
                                .anyMatch(place -> place.celsius().isPresent()))
                .toList();
        if (random.nextInt(4) == 0 && !trays.isEmpty()) {
            all.add(new Happening(1, Mishap.BURNT_TRAY, 0, AirState.key(trays.get(random.nextInt(trays.size())))));
        }
        return all.stream().sorted(Comparator.comparingInt(Happening::at)).toList();
    }
}
