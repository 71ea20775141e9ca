package hopsel.web.plan;

import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Where a moment lies on the drawing, in units of the picture. On air is drawn wider than the work before; a long
 * stretch in which nothing begins or ends is cut short, and the cut is marked.
 */
final class TimeAxis {

    private static final double AIR_WIDTH = 760;
    private static final double MOST_PER_MINUTE = 20;
    private static final double LEAST_PER_MINUTE = 8;
    private static final double BEFORE_PER_MINUTE = 4.2;
    private static final int LONGEST_UNCUT = 20 * 60;
    private static final double CUT_WIDTH = 44;

    private final List<Piece> pieces = new ArrayList<>();
    private final double width;

    TimeAxis(Plan plan, int slot) {
        TreeSet<Integer> moments = new TreeSet<>(List.of(0, slot, plan.airEnd()));
        for (Activity activity : plan.activities()) {
            moments.add(activity.start());
            moments.add(activity.end());
        }
        double perAirMinute = Math.max(LEAST_PER_MINUTE, Math.min(MOST_PER_MINUTE, AIR_WIDTH / (slot / 60.0)));
        double x = 0;
        Integer before = null;
        for (int moment : moments) {
            if (before != null) {
                int span = moment - before;
                boolean cut = span > LONGEST_UNCUT && (before < 0 || before >= slot);
                double wide = cut ? CUT_WIDTH : span / 60.0 * (before < 0 ? BEFORE_PER_MINUTE : perAirMinute);
                pieces.add(new Piece(before, moment, x, wide, cut));
                x += wide;
            }
            before = moment;
        }
        this.width = x;
    }

    double width() {
        return width;
    }

    double x(int moment) {
        for (Piece piece : pieces) {
            if (moment <= piece.to) {
                return piece.x + piece.width * Math.max(0, moment - piece.from) / Math.max(1, piece.to - piece.from);
            }
        }
        return width;
    }

    /** The middles of the stretches that were cut short. */
    List<Double> cuts() {
        return pieces.stream().filter(Piece::cut).map(piece -> piece.x + piece.width / 2).toList();
    }

    /** Whole steps of some minutes that are far enough apart to be labelled, outside the cuts. */
    List<Integer> ticks() {
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

    private record Piece(int from, int to, double x, double width, boolean cut) {
    }
}
