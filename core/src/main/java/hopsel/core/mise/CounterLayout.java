package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.CounterTop;
import hopsel.core.kitchen.Tool;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.CameraWords;
import hopsel.core.recipe.ToolReader;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The host's bench from above, in centimetres: at the right hand the board with the waste bowl, then a free heatproof
 * place and the places of the swap-outs; on the rest the bowls, from left to right in the order of use.
 *
 * @param counter the bench
 * @param measured whether somebody has measured it, or a usual one is shown
 * @param places board, waste bowl, free place and swap-outs
 * @param bowls that stand on it
 * @param tools that the host reaches for on air, without those that the oven or the hob holds
 * @param waiting trays for which there is no room; the last used are the first to wait elsewhere
 * @param cameras what each has to see
 */
public record CounterLayout(
        CounterTop counter,
        boolean measured,
        List<Place> places,
        List<Standing> bowls,
        List<Tool> tools,
        List<Activity> waiting,
        Map<String, List<StepRef>> cameras) {

    private static final double GAP = 2;
    private static final double BOARD_WIDTH = 45;
    private static final double BOARD_DEPTH = 30;
    private static final double WASTE = 22;
    /** A hot tray of an ordinary oven. */
    private static final double TRAY_WIDTH = 40;

    private static final double TRAY_DEPTH = 30;
    /** A strip at the back for tools in reach, where the bench is deep enough for it. */
    private static final double TOOLS_DEPTH = 10;

    private static final double DEEP_ENOUGH = 50;

    /** What a place is kept for. */
    public enum Spot {
        BOARD,
        WASTE,
        HEATPROOF,
        SWAP_OUT,
        TOOLS
    }

    /**
     * A place that is kept.
     *
     * @param kind for what
     * @param step that is swapped out; null for the others
     * @param x from the left end, cm
     * @param y from the front edge, cm
     * @param width cm
     * @param depth cm
     */
    public record Place(Spot kind, @Nullable StepRef step, double x, double y, double width, double depth) {}

    /**
     * A bowl that stands.
     *
     * @param tray number of its tray, from 1
     * @param bowl which
     * @param shown whether it is emptied on air by a host
     * @param x of its middle from the left end, cm
     * @param y of its middle from the front edge, cm
     * @param across cm
     */
    public record Standing(int tray, SetBowl bowl, boolean shown, double x, double y, double across) {}

    /** Keeps its own copies. */
    public CounterLayout {
        places = List.copyOf(places);
        bowls = List.copyOf(bowls);
        tools = List.copyOf(tools);
        waiting = List.copyOf(waiting);
    }

    /**
     * Lays out what the host empties on air.
     *
     * @param trays each activity with its bowls, in the order of the plan
     */
    public static CounterLayout of(CookingClass cooking, Plan plan, Map<Activity, List<SetBowl>> trays) {
        CounterTop counter = cooking.room().counter().orElse(CounterTop.USUAL);
        List<Place> places = new ArrayList<>();
        double right = keep(plan, counter, places);
        List<Standing> standing = new ArrayList<>();
        List<Activity> waiting = new ArrayList<>();
        boolean strip = counter.depth() >= DEEP_ENOUGH;
        if (strip) {
            places.add(new Place(Spot.TOOLS, null, GAP, counter.depth() - TOOLS_DEPTH - GAP, right - GAP, TOOLS_DEPTH));
        }
        Shelf shelf = new Shelf(right, strip ? counter.depth() - TOOLS_DEPTH - GAP : counter.depth());
        int number = 0;
        for (Map.Entry<Activity, List<SetBowl>> tray : trays.entrySet()) {
            number++;
            if (tray.getKey().start() >= 0 && tray.getKey().shown()) {
                List<Standing> stood =
                        waiting.isEmpty() ? shelf.stand(number, tray.getKey(), tray.getValue()) : List.of();
                if (stood.isEmpty()) {
                    waiting.add(tray.getKey());
                }
                standing.addAll(stood);
            }
        }
        return new CounterLayout(
                counter,
                cooking.room().counter().isPresent(),
                places,
                standing,
                tools(cooking, plan),
                waiting,
                cameras(cooking, plan));
    }

    private static List<Tool> tools(CookingClass cooking, Plan plan) {
        Stream<Tool> used = plan.activities().stream()
                .filter(activity -> activity.shown() && activity.person().isPresent())
                .flatMap(activity -> ToolReader.of(cooking.step(activity.step())).stream());
        return used.filter(tool -> !ToolFacts.of(tool.name()).elsewhere())
                .map(tool -> tool.times(1))
                .distinct()
                .toList();
    }

    /** The kept places from the right end; answers where the bowls have to stop. */
    private static double keep(Plan plan, CounterTop counter, List<Place> places) {
        double x = counter.length() - BOARD_WIDTH - GAP;
        places.add(new Place(Spot.BOARD, null, x, GAP, BOARD_WIDTH, Math.min(BOARD_DEPTH, counter.depth() - GAP)));
        if (counter.depth() >= BOARD_DEPTH + WASTE + 2 * GAP) {
            places.add(new Place(Spot.WASTE, null, x + BOARD_WIDTH - WASTE, BOARD_DEPTH + 2 * GAP, WASTE, WASTE));
        } else {
            x -= WASTE + GAP;
            places.add(new Place(Spot.WASTE, null, x, GAP, WASTE, WASTE));
        }
        double y = GAP;
        x -= TRAY_WIDTH + GAP;
        places.add(new Place(Spot.HEATPROOF, null, x, y, TRAY_WIDTH, TRAY_DEPTH));
        for (StepRef swap : plan.swaps()) {
            y += TRAY_DEPTH + GAP;
            if (y + TRAY_DEPTH > counter.depth()) {
                y = GAP;
                x -= TRAY_WIDTH + GAP;
            }
            places.add(new Place(Spot.SWAP_OUT, swap, x, y, TRAY_WIDTH, TRAY_DEPTH));
        }
        return x - GAP;
    }

    /**
     * What is shown by hand has to be seen from above; the rest of the cameras see the faces and the finished plates.
     */
    private static Map<String, List<StepRef>> cameras(CookingClass cooking, Plan plan) {
        Map<String, List<StepRef>> cameras = new LinkedHashMap<>();
        for (String camera : cooking.room().cameras()) {
            boolean above = CameraWords.looksDown(camera);
            Predicate<StepRef> seen = above
                    ? ref -> cooking.step(ref).work() == Work.HANDS
                    : ref -> cooking.dish(ref.dish()).finalSteps().contains(ref.step());
            Stream<StepRef> shown =
                    plan.activities().stream().filter(Activity::shown).map(Activity::step);
            cameras.put(camera, shown.filter(seen).distinct().toList());
        }
        return cameras;
    }

    /** Columns of bowls, each from the front edge to the back, moving right as they fill. */
    private static final class Shelf {

        private final double right;
        private final double depth;
        private double x = GAP;
        private double y = GAP;
        private double column;

        Shelf(double right, double depth) {
            this.right = right;
            this.depth = depth;
        }

        /** A whole tray, or nothing where it does not fit. */
        List<Standing> stand(int tray, Activity activity, List<SetBowl> bowls) {
            double[] before = {x, y, column};
            List<Standing> stood = new ArrayList<>();
            for (SetBowl bowl : bowls) {
                for (int i = 0; i < bowl.number(); i++) {
                    double across = bowl.size().diameter();
                    if (y + across > depth) {
                        x += column + GAP;
                        y = GAP;
                        column = 0;
                    }
                    if (x + across > right || across + GAP > depth) {
                        x = before[0];
                        y = before[1];
                        column = before[2];
                        return List.of();
                    }
                    stood.add(new Standing(tray, bowl, activity.shown(), x + across / 2, y + across / 2, across));
                    y += across + GAP;
                    column = Math.max(column, across);
                }
            }
            return stood;
        }
    }
}
