package hopsel.core.log;

import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How late an oven runs: what bakes in it, against the recipe.
 *
 * @param kitchen where it stands
 * @param oven id
 * @param late seconds longer than the recipe says, of a usual bake; less than 0: it is quicker
 * @param took seconds over the recipe, each time, the last first
 */
public record OvenHabit(String kitchen, String oven, int late, List<Integer> took) {

    /** Bakes that count as if they had been on time: an oven is not blamed for one tray. */
    private static final int TRUSTED = 2;

    private static final int HALF_MINUTE = 30;

    /** Keeps its own copy. */
    public OvenHabit {
        took = List.copyOf(took);
    }

    /**
     * Of every oven in these logs.
     *
     * @param logs by class, the last first
     */
    public static List<OvenHabit> of(Map<CookingClass, AirLog> logs) {
        Map<List<String>, List<Integer>> took = new LinkedHashMap<>();
        logs.forEach((cooking, log) -> log.rows().stream()
                .filter(row -> row.full() && cooking.step(AirLog.step(row)).work() != Work.HANDS)
                .forEach(row -> row.standing().activity().placements().stream()
                        .filter(place -> place.celsius().isPresent())
                        .forEach(place -> took.computeIfAbsent(
                                        List.of(Observation.kitchen(cooking), place.resource()),
                                        any -> new ArrayList<>())
                                .add(row.over()))));
        return took.entrySet().stream()
                .map(entry -> new OvenHabit(
                        entry.getKey().get(0), entry.getKey().get(1), late(entry.getValue()), entry.getValue()))
                .toList();
    }

    /** The median with a few bakes on time added: one that was forgotten does not make an oven slow. */
    private static int late(List<Integer> took) {
        int[] all = Arrays.copyOf(took.stream().mapToInt(over -> over).toArray(), took.size() + TRUSTED);
        Arrays.sort(all);
        int middle = all.length / 2;
        double median = all.length % 2 == 1 ? all[middle] : (all[middle - 1] + all[middle]) / 2.0;
        return (int) Math.round(median / HALF_MINUTE) * HALF_MINUTE;
    }
}
