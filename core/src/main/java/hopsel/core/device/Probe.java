package hopsel.core.device;

/**
 * A simulated food probe: how hot something is inside, in an oven that is as hot as it is. It lags behind. Immutable.
 *
 * @param oven that it is in
 * @param start seconds at which it went in, on the oven's clock
 * @param needs seconds in which it is done in an oven that is as hot as it should be, above 0
 * @param target °C that the oven should have
 */
public record Probe(Oven oven, int start, int needs, int target) {

    /** °C inside at which something baked is done; water holds it below boiling. */
    private static final double DONE = 95;
    /** In an oven that is hardly hotter than that, how far below the oven's heat it is done. */
    private static final double BELOW = 10;

    private static final double BOILING = 98;
    /** Seconds by which a probe is behind. */
    private static final int LAG = 10;

    /** °C inside at which it is done. */
    public double done() {
        return Math.min(DONE, target - BELOW);
    }

    /** How hot it is inside, °C. */
    public double inside(int at) {
        double now = Oven.ROOM;
        double pace = pace();
        double[] trace = oven.trace(start, at);
        for (int i = 0; i + 1 < trace.length; i++) {
            now = step(now, trace[i], pace);
        }
        return now;
    }

    /** Seconds, on the oven's clock, at which it is done, or {@code until} where that is sooner. */
    public int doneAt(int until) {
        double now = Oven.ROOM;
        double pace = pace();
        double[] trace = oven.trace(start, until);
        for (int i = 0; i < trace.length; i++) {
            if (now >= done()) {
                return start + i * Oven.STEP;
            }
            now = step(now, trace[i], pace);
        }
        return until;
    }

    /** What the probe shows, whole °C. */
    public int reads(int at) {
        return (int) Math.round(inside(Math.max(start, at - LAG)));
    }

    /** Newton's law of heating, with the pace that makes it done in time in an oven as hot as it should be. */
    private double pace() {
        return needs / Math.log((target - Oven.ROOM) / (target - done()));
    }

    private static double step(double now, double around, double pace) {
        return Math.min(BOILING, now + (around - now) * (1 - Math.exp(-Oven.STEP / pace)));
    }
}
