package hopsel.web.bench;

import hopsel.core.Known;
import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.Step;
import hopsel.core.dish.Work;
import hopsel.web.frame.TimeAxis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;

/**
 * A dish as strips of steps to scale in time, one strip a component, each step at its earliest start.
 *
 * @param width of the whole, in units of the picture
 * @param height of the whole
 * @param perMinute units a minute, where time is not cut short
 * @param strips from top to bottom
 * @param bars steps
 * @param ties what waits for what, where that is not just the next one in line
 * @param ticks moments with their minute
 * @param cuts where time is cut short
 */
record StripDrawing(
        int width,
        int height,
        double perMinute,
        List<Strip> strips,
        List<Bar> bars,
        List<Tie> ties,
        List<Tick> ticks,
        List<Integer> cuts) {

    private static final int NAME = 8;
    private static final int TOP = 34;
    private static final int ROW = 56;
    private static final int BAR = 46;
    private static final int REST = 22;
    private static final int GAP = 14;
    private static final int LONGEST_UNCUT = 40 * 60;
    private static final double WIDTH = 1000;

    static StripDrawing of(Draft sheet, DishTimes times) {
        return new Builder(sheet, times).build();
    }

    /** A component's strip. */
    record Strip(String id, String title, int y, int height) {}

    /**
     * A step on its strip.
     *
     * @param form work, and whether it is on the longest chain
     */
    record Bar(
            Step step,
            String component,
            int position,
            double x,
            double y,
            double width,
            int height,
            String form,
            int start) {}

    /** A line from the end of a step to the start of another. */
    record Tie(String path, boolean chain, String from, String to) {}

    /** A moment with its place. */
    record Tick(int seconds, double x) {}

    private static final class Builder {

        private final Draft sheet;
        private final DishTimes times;
        private final TimeAxis axis;
        private final double perMinute;
        private final List<Strip> strips = new ArrayList<>();
        private final List<Bar> bars = new ArrayList<>();
        private int y = TOP;

        Builder(Draft sheet, DishTimes times) {
            this.sheet = sheet;
            this.times = times;
            TreeSet<Integer> moments = new TreeSet<>(List.of(0, Math.max(60, times.elapsed())));
            sheet.dish().steps().forEach(step -> {
                moments.add(start(step));
                moments.add(start(step) + step.minutes().likely().seconds());
            });
            int uncut = 0;
            Integer before = null;
            for (int moment : moments) {
                uncut += before == null || moment - before > LONGEST_UNCUT ? 0 : moment - before;
                before = moment;
            }
            this.perMinute = Math.max(9, Math.min(26, WIDTH / Math.max(1, uncut / 60.0)));
            this.axis = new TimeAxis(moments, from -> perMinute, (from, span) -> span > LONGEST_UNCUT);
        }

        private int start(Step step) {
            return Known.in(times.starts(), step.id());
        }

        StripDrawing build() {
            sheet.dish().components().forEach(this::strip);
            return new StripDrawing(
                    NAME + (int) Math.ceil(axis.width()) + 30,
                    y,
                    perMinute,
                    strips,
                    bars,
                    ties(),
                    axis.ticks().stream()
                            .map(moment -> new Tick(moment, x(moment)))
                            .toList(),
                    axis.cuts().stream()
                            .map(cut -> (int) Math.round(NAME + cut))
                            .toList());
        }

        private double x(int moment) {
            return NAME + axis.x(moment);
        }

        private void strip(Component component) {
            List<Double> freeFrom = new ArrayList<>();
            List<Step> byStart = component.steps().stream()
                    .sorted(Comparator.comparingInt(this::start))
                    .toList();
            for (Step step : byStart) {
                double from = x(start(step));
                double width =
                        Math.max(14, x(start(step) + step.minutes().likely().seconds()) - from - 2);
                int row = 0;
                while (row < freeFrom.size() && freeFrom.get(row) > from + 1) {
                    row++;
                }
                if (row == freeFrom.size()) {
                    freeFrom.add(0.0);
                }
                freeFrom.set(row, from + width);
                bars.add(bar(component, step, from, y + row * ROW, width));
            }
            int height = Math.max(1, freeFrom.size()) * ROW;
            strips.add(new Strip(component.id(), component.title(), y, height));
            y += height + GAP;
        }

        private Bar bar(Component component, Step step, double x, int top, double width) {
            boolean rest = step.work() == Work.REST;
            String form = step.work().word()
                    + (times.chain().contains(step.id()) ? " chain" : "")
                    + (sheet.notes().isGuessed(step.id(), "minutes") ? " guess" : "");
            return new Bar(
                    step,
                    component.id(),
                    component.steps().indexOf(step),
                    x,
                    top + (rest ? (ROW - REST) / 2.0 : (ROW - BAR) / 2.0),
                    width,
                    rest ? REST : BAR,
                    form,
                    start(step));
        }

        private List<Tie> ties() {
            List<Tie> ties = new ArrayList<>();
            for (Bar to : bars) {
                for (After after : to.step().after()) {
                    bars.stream()
                            .filter(bar -> bar.step().id().equals(after.step()))
                            .findFirst()
                            .flatMap(from -> tie(from, to))
                            .ifPresent(ties::add);
                }
            }
            return ties;
        }

        private Optional<Tie> tie(Bar from, Bar to) {
            double x1 = from.x() + from.width();
            double y1 = from.y() + from.height() / 2.0;
            double y2 = to.y() + to.height() / 2.0;
            boolean chain = times.chain().contains(from.step().id())
                    && times.chain().contains(to.step().id());
            if (Math.abs(y1 - y2) < 14 && Math.abs(x1 - to.x()) < 6) {
                return Optional.empty();
            }
            double bend = Math.max(14, (to.x() - x1) / 2);
            String path = String.format(
                    Locale.ROOT,
                    "M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f",
                    x1,
                    y1,
                    x1 + bend,
                    y1,
                    to.x() - bend,
                    y2,
                    to.x(),
                    y2);
            return Optional.of(new Tie(path, chain, from.step().id(), to.step().id()));
        }
    }
}
