package hopsel.core.device;

import java.util.Comparator;
import java.util.List;

/**
 * A simulated oven: it heats up, falls when its door stands open, and a slow one heats at half the rate. Immutable; its
 * temperature at a moment is a function of what was done to it.
 *
 * @param heat °C it gains in a minute, above 0
 * @param cool °C it loses in a minute while it is off, above 0
 * @param slow whether it heats at half the rate
 * @param changes what was done to it, in any order
 */
public record Oven(double heat, double cool, boolean slow, List<Change> changes) {

    /** °C of a kitchen. */
    public static final double ROOM = 22;
    /**
     * Seconds in which an open door takes two thirds of what an oven is hotter than the room. Kitchen practice: 20 °C
     * in ten seconds.
     */
    private static final double DOOR = 80;

    private static final double SLOW = 0.5;
    /** Seconds between two figures. */
    static final int STEP = 2;

    private static final double MINUTE = 60;
    /** °C from the setting within which a thermostat calls it hot. */
    private static final double HOT = 5;

    private static final int LONGEST = 4 * 3600;

    /**
     * Something that was done to it.
     *
     * @param at seconds, on any clock
     * @param celsius it is set to from then on, 0: off; -1 where only the door was opened
     * @param open seconds for which its door stands open from then on
     */
    public record Change(int at, int celsius, int open) {

        /** It is set. */
        public static Change set(int at, int celsius) {
            return new Change(at, celsius, 0);
        }

        /** Its door is opened. */
        public static Change door(int at, int seconds) {
            return new Change(at, -1, seconds);
        }
    }

    /** Keeps its own copy, in order. */
    public Oven {
        changes = changes.stream().sorted(Comparator.comparingInt(Change::at)).toList();
    }

    /** What it is set to at a moment, °C; 0: off. */
    public int setting(int at) {
        return changes.stream()
                .filter(change -> change.celsius >= 0 && change.at <= at)
                .reduce((one, two) -> two)
                .map(Change::celsius)
                .orElse(0);
    }

    /** Its temperature at a moment, °C. */
    public double celsius(int at) {
        double[] trace = trace(at, at);
        return trace[0];
    }

    /** Its temperature from one moment to another, every {@value #STEP} seconds, °C; at least one figure. */
    public double[] trace(int from, int to) {
        double[] trace = new double[Math.max(0, to - from) / STEP + 1];
        int t = changes.isEmpty() ? from : Math.min(from, changes.get(0).at);
        int next = 0;
        int setting = 0;
        int closed = Integer.MIN_VALUE;
        double now = ROOM;
        // So that a figure falls on the first moment asked for.
        t -= STEP - Math.floorMod(from - t, STEP);
        for (; t <= from + (trace.length - 1) * STEP; t += STEP) {
            while (next < changes.size() && changes.get(next).at <= t) {
                Change change = changes.get(next++);
                setting = change.celsius >= 0 ? change.celsius : setting;
                closed = Math.max(closed, change.at + change.open);
            }
            if (t >= from) {
                trace[(t - from) / STEP] = now;
            }
            now = step(now, setting, t < closed);
        }
        return trace;
    }

    private double step(double now, int setting, boolean open) {
        double next = open ? now - (now - ROOM) * STEP / DOOR : now;
        if (now < setting) {
            return Math.min(setting, next + heat * (slow ? SLOW : 1) * STEP / MINUTE);
        }
        return Math.max(Math.max(ROOM, setting - (now - next)), next - cool * STEP / MINUTE);
    }

    /** Seconds until it is as hot as it is set, if nobody opens it; 0: it is, or it is off. */
    public int untilHot(int at) {
        double now = celsius(at);
        int setting = setting(at);
        int seconds = 0;
        while (setting > 0 && now < setting - HOT && seconds < LONGEST) {
            now = step(now, setting, false);
            seconds += STEP;
        }
        return seconds;
    }
}
