package hopsel.core.planned;

import hopsel.core.kit.Kit;
import hopsel.core.mise.Countdown;
import hopsel.core.mise.CounterLayout;
import hopsel.core.mise.EmptyCheck;
import hopsel.core.mise.Holding;
import hopsel.core.mise.Label;
import hopsel.core.mise.PrepList;
import hopsel.core.mise.SetBowl;
import hopsel.core.mise.ToolCheck;
import hopsel.core.mise.Tray;
import hopsel.core.plan.Activity;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Everything that stands ready when a class goes on air, and the work that gets it there. Immutable.
 *
 * @param bowls of each tray, in the order of use
 * @param counter the host's bench from above
 * @param empty what should be empty when
 * @param tools tools and vessels against what is there
 * @param prep what is washed, cut and weighed, in the order of work
 * @param holding where everything that waits stands
 * @param labels for boxes
 * @param countdown from days before to the last minutes
 */
public record Prepared(
        Map<Activity, List<SetBowl>> bowls,
        CounterLayout counter,
        List<EmptyCheck> empty,
        ToolCheck tools,
        PrepList prep,
        Holding holding,
        List<Label> labels,
        List<Countdown.Task> countdown) {

    private static Countdown.Kits kits(PlannedClass planned) {
        Set<String> items = planned.kits().stream()
                .flatMap(kit -> kit.lines().stream())
                .map(Kit.Line::item)
                .collect(Collectors.toSet());
        return new Countdown.Kits(planned.kits().size(), items);
    }

    /**
     * Prepares a class that has a plan.
     *
     * @param leadDays days that a shop takes to send an item, by id
     */
    public static Prepared of(PlannedClass planned, Map<String, Integer> leadDays) {
        var cooking = planned.cooking();
        var plan = planned.plan();
        Map<Activity, List<SetBowl>> bowls = new LinkedHashMap<>();
        for (Tray tray : planned.trays()) {
            bowls.put(tray.activity(), SetBowl.of(tray, cooking, planned.catalogue()));
        }
        ToolCheck tools = ToolCheck.of(cooking, plan, bowls);
        PrepList prep = PrepList.of(cooking, plan, planned.prep(), planned.catalogue());
        Holding holding = Holding.of(cooking, plan, planned.catalogue());
        return new Prepared(
                Collections.unmodifiableMap(bowls),
                CounterLayout.of(cooking, plan, bowls),
                EmptyCheck.of(cooking, bowls),
                tools,
                prep,
                holding,
                Label.of(cooking, prep, holding, planned.catalogue()),
                Countdown.of(
                        cooking,
                        plan,
                        planned.catalogue(),
                        planned.shopping(),
                        prep,
                        tools,
                        holding,
                        leadDays,
                        kits(planned)));
    }
}
