package hopsel.core.classes;

import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Learners;
import hopsel.core.kitchen.Resource;
import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A step as everybody does it at the stations: their hands take longer, and a place of which there are too few is used
 * in rounds, each filling what there is.
 *
 * <p>It is what must be shown that everybody cooks; what only may be shown the host shows alone, at the host's pace,
 * and what is done off camera the house does.
 *
 * @param rounds how many, at least 1
 * @param needs what one round holds
 */
public record StationRounds(int rounds, List<Need> needs) {

    /** Keeps its own copy. */
    public StationRounds {
        needs = List.copyOf(needs);
    }

    /** The step as attendees do it, or itself where nothing is different. */
    public static Step atStations(Step step, Learners learners, List<Resource> resources) {
        if (step.show() != Show.MUST || learners.equals(Learners.NONE)) {
            return step;
        }
        StationRounds rounds = of(step, learners, resources);
        BigDecimal times = BigDecimal.valueOf(rounds.rounds)
                .multiply(step.work() == Work.HANDS ? learners.pace() : BigDecimal.ONE);
        StepMinutes minutes = new StepMinutes(
                times(step.minutes().low(), times),
                times(step.minutes().likely(), times),
                times(step.minutes().high(), times));
        return step.withMinutes(minutes).withNeeds(rounds.needs);
    }

    private static Minutes times(Minutes minutes, BigDecimal factor) {
        return Minutes.of(minutes.value().multiply(factor));
    }

    /** In how many rounds a step goes through the room's places, and what each round holds. */
    public static StationRounds of(Step step, Learners learners, List<Resource> resources) {
        int rounds = 1;
        for (Need need : step.needs()) {
            int places = able(need, resources).stream()
                    .mapToInt(resource -> resource.units() / need.units())
                    .sum();
            if (places > 0 && !learners.own().contains(need.kind())) {
                rounds = Math.max(rounds, (learners.stations() + places - 1) / places);
            }
        }
        int together = (learners.stations() + rounds - 1) / rounds;
        List<Need> needs = new ArrayList<>();
        for (Need need : step.needs()) {
            needs.addAll(
                    learners.own().contains(need.kind())
                            ? List.of(need)
                            : spread(need, together, able(need, resources)));
        }
        return new StationRounds(rounds, needs);
    }

    /** The largest first, so that a round lies in as few places as it can. */
    private static List<Resource> able(Need need, List<Resource> resources) {
        return resources.stream()
                .filter(resource -> resource.kind().equals(need.kind()) && resource.units() >= need.units())
                .sorted(Comparator.comparingInt(Resource::units).reversed())
                .toList();
    }

    private static List<Need> spread(Need need, int stations, List<Resource> able) {
        List<Need> spread = new ArrayList<>();
        int left = stations;
        for (Resource resource : able) {
            int here = Math.min(left, resource.units() / need.units());
            if (here > 0) {
                spread.add(new Need(need.kind(), here * need.units(), need.celsius(), need.tolerance()));
                left -= here;
            }
        }
        return spread.isEmpty() ? List.of(need) : spread;
    }
}
