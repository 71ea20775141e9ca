package hopsel.web.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.log.AirLog;

import java.util.List;

/** Planned and actual of a class, as bars under each other, 1000 wide. */
final class LogDrawing {

    private static final int NAMES = 260;
    private static final int WIDTH = 730;
    private static final int LONGEST = 30;
    private static final double THINNEST = 3;

    private LogDrawing() {}

    /** A step: where its two bars begin, and how wide they are. */
    public record Bar(String title, double plannedAt, double planned, double actualAt, double actual) {}

    static List<Bar> of(CookingClass cooking, AirLog log, int plannedEnd) {
        double perSecond = WIDTH / (double) (Math.max(log.end(), plannedEnd) + 1);
        return log.rows().stream()
                .map(row -> {
                    var activity = row.standing().activity();
                    return new Bar(
                            shortened(cooking.step(activity.step()).title()),
                            at(activity.start(), perSecond),
                            Math.max(THINNEST, activity.duration() * perSecond),
                            at(row.standing().start(), perSecond),
                            Math.max(THINNEST, row.lasted() * perSecond));
                })
                .toList();
    }

    private static double at(int seconds, double perSecond) {
        return NAMES + Math.max(0, seconds) * perSecond;
    }

    private static String shortened(String title) {
        return title.length() <= LONGEST ? title : title.substring(0, LONGEST - 1) + "…";
    }
}
