package hopsel.core.mise;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.StepRef;
import hopsel.core.kitchen.Resource;
import hopsel.core.kitchen.Tool;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.ToolReader;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Tools and vessels of a class against what the kitchen has.
 *
 * @param needs what is needed, the shortest first
 * @param tests what to try beforehand
 */
public record ToolCheck(List<Need> needs, List<Test> tests) {

    /** Seconds that a filled bowl stands on the counter before it is used; before that it can be in use elsewhere. */
    private static final int WAITING = 15 * 60;
    /** What goes wrong with an appliance or a tool, and is tried beforehand. */
    public enum What {
        CHARGE,
        SEAL,
        BLADE,
        GAS,
        HEAT
    }

    /**
     * A tool that is needed.
     *
     * @param tool with the most that are in use at once
     * @param there how many the kitchen has; empty: nobody has counted
     * @param moment seconds relative to going on air at which that many are in use
     * @param steps that use them then
     * @param all how many would be needed if none were washed in between
     * @param standIn what will do instead
     */
    public record Need(
            Tool tool, Optional<Integer> there, int moment, List<StepRef> steps, int all, Optional<String> standIn) {

        /** How many are missing. */
        public int missing() {
            return there.map(has -> Math.max(0, tool.count() - has)).orElse(0);
        }
    }

    /** Something to try beforehand: an appliance or a tool, and what about it. */
    public record Test(String what, What how) {

        /** What will do instead, should it fail. */
        public Optional<String> standIn() {
            return ToolFacts.of(what).instead();
        }
    }

    /** Keeps its own copies. */
    public ToolCheck {
        needs = List.copyOf(needs);
        tests = List.copyOf(tests);
    }

    /**
     * Counts what is in use at each moment: the tools of steps while they last, bowls from a quarter of an hour before
     * they are emptied.
     *
     * @param bowls of each tray
     */
    public static ToolCheck of(CookingClass cooking, Plan plan, Map<Activity, List<SetBowl>> bowls) {
        Map<String, List<Hold>> holds = new LinkedHashMap<>();
        for (Activity activity : plan.activities()) {
            ToolReader.of(cooking.step(activity.step())).forEach(tool -> hold(holds, tool, activity, activity.start()));
        }
        bowls.forEach((activity, set) -> set.forEach(
                bowl -> hold(holds, bowl.size().tool().times(bowl.number()), activity, activity.start() - WAITING)));
        List<Need> needs = holds.values().stream()
                .map(all -> need(all, cooking))
                .sorted(Comparator.comparing((Need need) -> -need.missing())
                        .thenComparing(need -> need.tool().kind()))
                .toList();
        return new ToolCheck(needs, tests(cooking, plan, needs));
    }

    private static void hold(Map<String, List<Hold>> holds, Tool tool, Activity activity, int from) {
        holds.computeIfAbsent(tool.kind(), any -> new ArrayList<>()).add(new Hold(tool, activity, from));
    }

    private static Need need(List<Hold> holds, CookingClass cooking) {
        List<Hold> most = List.of();
        int count = 0;
        for (Hold at : holds) {
            List<Hold> now = holds.stream()
                    .filter(other -> other.from <= at.from && at.from < Math.max(other.activity.end(), other.from + 1))
                    .toList();
            int sum = now.stream().mapToInt(hold -> hold.tool.count()).sum();
            if (sum > count) {
                most = now;
                count = sum;
            }
        }
        Tool tool = holds.get(0).tool.times(Math.max(1, count));
        Optional<Integer> there = cooking.room().tools().isEmpty() ? Optional.empty() : Optional.of(has(cooking, tool));
        return new Need(
                tool,
                there,
                most.stream().mapToInt(hold -> hold.from).max().orElse(0),
                most.stream().map(hold -> hold.activity.step()).distinct().toList(),
                holds.stream().mapToInt(hold -> hold.tool.count()).sum(),
                ToolFacts.of(tool.name()).instead());
    }

    /**
     * Those of that name; where both say a size, those of that size. A mixing bowl is a bowl, a large one if nothing is
     * said.
     */
    private static int has(CookingClass cooking, Tool wanted) {
        return cooking.room().tools().stream()
                .filter(own -> isNamedAs(own, wanted) && hasSizeOf(own, wanted))
                .mapToInt(Tool::count)
                .sum();
    }

    private static boolean isNamedAs(Tool own, Tool wanted) {
        String name = isMixingBowl(wanted) ? "bowl" : wanted.name();
        return own.name().equals(wanted.name())
                || own.name().equals(name)
                || own.name().endsWith(" " + name)
                || wanted.name().equals("pinch bowl") && own.name().equals("bowl") && isSmall(own);
    }

    private static boolean hasSizeOf(Tool own, Tool wanted) {
        boolean asLarge =
                wanted.size().isEmpty() || own.size().isEmpty() || own.size().equals(wanted.size());
        return asLarge && !(isMixingBowl(wanted) && isSmall(own));
    }

    private static boolean isMixingBowl(Tool wanted) {
        return wanted.name().equals("mixing bowl");
    }

    private static boolean isSmall(Tool own) {
        return own.size().equals(Optional.of("small"));
    }

    private static List<Test> tests(CookingClass cooking, Plan plan, List<Need> needs) {
        List<String> used = cooking.resources().stream()
                .filter(resource -> plan.activities().stream().anyMatch(activity -> activity.placements().stream()
                        .anyMatch(place -> place.resource().equals(resource.id()))))
                .map(Resource::kind)
                .distinct()
                .toList();
        List<String> all = Stream.of(used.stream(), needs.stream().map(need -> need.tool.name()), Stream.of("scales"))
                .flatMap(names -> names)
                .distinct()
                .toList();
        return all.stream()
                .flatMap(name -> ToolFacts.of(name).tries().stream().sorted().map(how -> new Test(name, how)))
                .toList();
    }

    private record Hold(Tool tool, Activity activity, int from) {}
}
