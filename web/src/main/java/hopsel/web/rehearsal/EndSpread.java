package hopsel.web.rehearsal;

import hopsel.core.advice.Rehearsal;

import java.util.ArrayList;
import java.util.List;

/**
 * When the class ended over many runs, as columns of a picture.
 *
 * @param columns from the earliest to the latest end
 * @param slotX where the slot ends
 * @param likelyX where half of the runs were over
 * @param lateX where nine tenths were over
 */
record EndSpread(List<Column> columns, double slotX, double likelyX, double lateX) {

    static final int WIDTH = 720;
    static final int HEIGHT = 150;
    private static final int MOST = 36;
    private static final int MINUTE = 60;

    /**
     * A column.
     *
     * @param from seconds at which it begins
     * @param runs that ended in it
     * @param late whether it lies after the slot
     */
    record Column(int from, int runs, double x, double y, double width, double height, boolean late) {}

    static EndSpread of(Rehearsal rehearsal, int slot) {
        int[] ends = rehearsal.ends();
        int from = Math.min(slot - 2 * MINUTE, ends[0] / MINUTE * MINUTE);
        int to = Math.max(slot + 2 * MINUTE, ends[ends.length - 1] + MINUTE);
        int step = Math.max(MINUTE, ((to - from) / MOST / MINUTE + 1) * MINUTE);
        int[] counts = new int[(to - from) / step + 1];
        for (int end : ends) {
            counts[(end - from) / step]++;
        }
        int most = 1;
        for (int count : counts) {
            most = Math.max(most, count);
        }
        double width = (double) WIDTH / counts.length;
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            double height = (double) HEIGHT * counts[i] / most;
            columns.add(new Column(
                    from + i * step,
                    counts[i],
                    i * width,
                    HEIGHT - height,
                    width - 1,
                    height,
                    from + i * step >= slot));
        }
        double scale = width / step;
        return new EndSpread(
                columns,
                (slot - from) * scale,
                (rehearsal.end(0.5) - from) * scale,
                (rehearsal.end(0.9) - from) * scale);
    }
}
