package hopsel.web.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.function.BiPredicate;
import java.util.function.IntToDoubleFunction;

/**
 * Where a moment lies on the drawing, in units of the picture. On air is drawn wider than the work before; a long
 * stretch in which nothing begins or ends is cut short, and the cut is marked.
 */
public final class TimeAxis {

    private static final double CUT_WIDTH = 44;

    private final List<Piece> pieces = new ArrayList<>();
    private final double width;

    /**
     * An axis.
     *
     * @param moments seconds at which something begins or ends
     * @param perMinute units a minute, by the moment from which it runs
     * @param isCut whether a stretch from a moment of so many seconds is cut short
     */
    public TimeAxis(SortedSet<Integer> moments, IntToDoubleFunction perMinute, BiPredicate<Integer, Integer> isCut) {
        double x = 0;
        Integer before = null;
        for (int moment : moments) {
            if (before != null) {
                int span = moment - before;
                boolean cut = isCut.test(before, span);
                double wide = cut ? CUT_WIDTH : span / 60.0 * perMinute.applyAsDouble(before);
                pieces.add(new Piece(before, moment, x, wide, cut));
                x += wide;
            }
            before = moment;
        }
        this.width = x;
    }

    /** Of all of it. */
    public double width() {
        return width;
    }

    /** Where a moment lies. */
    public double x(int moment) {
        for (Piece piece : pieces) {
            if (moment <= piece.to) {
                return piece.x + piece.width * Math.max(0, moment - piece.from) / Math.max(1, piece.to - piece.from);
            }
        }
        return width;
    }

    /** The middles of the stretches that were cut short. */
    public List<Double> cuts() {
        return pieces.stream()
                .filter(Piece::cut)
                .map(piece -> piece.x + piece.width / 2)
                .toList();
    }

    /** Whole steps of some minutes that are far enough apart to be labelled, outside the cuts. */
    public List<Integer> ticks() {
        List<Integer> ticks = new ArrayList<>();
        double free = -100;
        int first = Math.floorDiv(pieces.get(0).from, 300) * 300;
        for (int moment = first; moment <= pieces.get(pieces.size() - 1).to; moment += 300) {
            int at = moment;
            boolean uncut = pieces.stream().anyMatch(piece -> !piece.cut && piece.from <= at && at <= piece.to);
            if (uncut && x(moment) - free >= 52) {
                ticks.add(moment);
                free = x(moment);
            }
        }
        return ticks;
    }

    private record Piece(int from, int to, double x, double width, boolean cut) {}
}
