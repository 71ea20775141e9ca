package hopsel.core.mise;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Trait;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.CutReader;
import hopsel.core.recipe.PrepWords;
import hopsel.core.recipe.ToolReader;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The prep list as a cook works it off: what is dry before what is wet, clean before soiling, mild before smelly,
 * allergens after everything without them and on a fresh board, what stains last, and what browns or wilts as late as
 * it may.
 *
 * @param jobs in the order of work
 * @param begin seconds relative to going on air by which the first has to begin; empty where there is nothing to do
 */
public record PrepList(List<Job> jobs, Optional<Integer> begin) {

    private static final int MINUTE = 60;
    /** Seconds to fetch, weigh and put away anything at all. */
    private static final int HANDLING = 45;

    private static final Set<String> CUTTING =
            Set.of("knife", "peeler", "grater", "mandoline", "scissors", "kitchen scissors");

    /** Why something has its place in the order. */
    public enum Why {
        DRY,
        WET,
        WHOLE,
        SOILS,
        SMELLS,
        ALLERGEN,
        STAINS,
        LATE
    }

    /**
     * Something that is washed, cut or weighed.
     *
     * @param task item, cut, grams and where it goes
     * @param why what puts it there in the order
     * @param fresh whether it needs a fresh board: the first with an allergen, or one of other allergens than before
     * @param inStep whether a step of the plan cuts it, so that it is only washed and weighed here
     * @param seconds how long it takes
     * @param person who does it; empty where nobody is free in time
     * @param begin seconds relative to going on air by which it has to begin
     * @param due when it is first used
     * @param tooEarly seconds that it waits beyond what it keeps; 0 where it is fresh enough
     */
    public record Job(
            PrepTask task,
            Why why,
            boolean fresh,
            boolean inStep,
            int seconds,
            Optional<String> person,
            int begin,
            int due,
            int tooEarly) {}

    /** Keeps its own copy. */
    public PrepList {
        jobs = List.copyOf(jobs);
    }

    /** The list of a plan that is possible. */
    public static PrepList of(CookingClass cooking, Plan plan, List<PrepTask> tasks, Catalogue catalogue) {
        return new Sorter(cooking, plan, catalogue).list(tasks);
    }

    /** Seconds for so many grams of one cut; what is only weighed takes the handling alone. */
    static int seconds(PrepTask task, BigDecimal grams) {
        return HANDLING
                + CutReader.of(task.cut())
                        .map(cut -> grams.multiply(BigDecimal.valueOf(MINUTE))
                                .divide(BigDecimal.valueOf(cut.gramsPerMinute()), 0, RoundingMode.CEILING)
                                .intValue())
                        .orElse(0);
    }

    private static final class Sorter {

        private final CookingClass cooking;
        private final Plan plan;
        private final Catalogue catalogue;

        Sorter(CookingClass cooking, Plan plan, Catalogue catalogue) {
            this.cooking = cooking;
            this.plan = plan;
            this.catalogue = catalogue;
        }

        PrepList list(List<PrepTask> tasks) {
            List<PrepTask> sorted = tasks.stream()
                    .filter(task -> !isDrawnWhenNeeded(task))
                    .sorted(Comparator.comparing((PrepTask task) -> why(task))
                            .thenComparing(task -> allergens(task))
                            .thenComparing(this::due)
                            .thenComparing(PrepTask::item))
                    .toList();
            Map<PrepTask, Slot> slots = share(sorted);
            List<Job> jobs = new ArrayList<>();
            String board = "";
            for (PrepTask task : sorted) {
                String allergens = allergens(task);
                Slot slot = Known.in(slots, task);
                int keeps = CutWait.minutes(item(task));
                int waits = why(task) == Why.LATE && keeps < Integer.MAX_VALUE
                        ? due(task) - slot.begin - length(task) - keeps * MINUTE
                        : 0;
                jobs.add(new Job(
                        task,
                        why(task),
                        !allergens.isEmpty() && !allergens.equals(board),
                        inStep(task),
                        length(task),
                        slot.person,
                        slot.begin,
                        due(task),
                        Math.max(0, waits)));
                board = allergens;
            }
            return new PrepList(jobs, jobs.stream().map(Job::begin).min(Comparator.naturalOrder()));
        }

        /** Warm or boiling water that is weighed ahead is cold when it is needed. */
        private boolean isDrawnWhenNeeded(PrepTask task) {
            return item(task).has(Trait.TAP) && PrepWords.isTempered(task.prep());
        }

        /** What a cutting step uses is cut in that step. */
        private int length(PrepTask task) {
            return seconds(
                    task,
                    task.parts().stream()
                            .filter(part -> !cuts(part))
                            .map(PrepTask.Part::grams)
                            .reduce(BigDecimal.ZERO, BigDecimal::add));
        }

        private boolean inStep(PrepTask task) {
            return task.cut().isPresent() && task.parts().stream().allMatch(this::cuts);
        }

        private boolean cuts(PrepTask.Part part) {
            return ToolReader.of(cooking.step(part.making().step())).stream()
                    .anyMatch(tool -> CUTTING.contains(tool.name()));
        }

        private Item item(PrepTask task) {
            return catalogue.get(task.item());
        }

        private String allergens(PrepTask task) {
            return String.join(
                    ", ",
                    item(task).allergenList().stream().map(Object::toString).toList());
        }

        private Why why(PrepTask task) {
            Item item = item(task);
            boolean cut = task.cut().isPresent() && !inStep(task);
            if (cut && CutWait.minutes(item) < Integer.MAX_VALUE) {
                return Why.LATE;
            }
            if (cut && item.has(Trait.STAINS)) {
                return Why.STAINS;
            }
            if (!item.allergens().isEmpty()) {
                return Why.ALLERGEN;
            }
            if (cut && item.has(Trait.SMELLS)) {
                return Why.SMELLS;
            }
            boolean fromTheJar =
                    item.isWet() || item.has(Trait.CANNED) || item.traits().isEmpty();
            if (item.has(Trait.SOILS) || cut && !fromTheJar && !item.has(Trait.DRY)) {
                return Why.SOILS;
            }
            if (fromTheJar) {
                return Why.WET;
            }
            return item.has(Trait.DRY) ? Why.DRY : Why.WHOLE;
        }

        /** When the first of its parts is used. */
        private int due(PrepTask task) {
            return task.parts().stream()
                    .flatMap(part -> plan.activities().stream()
                            .filter(activity -> activity.step()
                                            .equals(part.making().step())
                                    && activity.copy().equals(part.making().copy())))
                    .mapToInt(Activity::start)
                    .min()
                    .orElse(0);
        }

        /**
         * Shares the list out: each job to whoever can begin it latest, working back from the last; everybody's own
         * steps come first.
         */
        private Map<PrepTask, Slot> share(List<PrepTask> sorted) {
            Map<Person, FreeTime> free = new LinkedHashMap<>();
            cooking.people().forEach(person -> free.put(person, new FreeTime(person)));
            Map<PrepTask, Slot> slots = new HashMap<>();
            for (int i = sorted.size() - 1; i >= 0; i--) {
                PrepTask task = sorted.get(i);
                int end = Math.min(due(task), 0);
                Optional<Map.Entry<Person, FreeTime>> best = free.entrySet().stream()
                        .filter(entry ->
                                entry.getValue().latest(end, length(task)).isPresent())
                        .max(Comparator.comparingInt((Map.Entry<Person, FreeTime> entry) -> entry.getValue()
                                        .latest(end, length(task))
                                        .get())
                                .thenComparing(entry -> entry.getKey().role() == Role.ASSISTANT));
                slots.put(
                        task,
                        best.map(entry -> new Slot(
                                        Optional.of(entry.getKey().id()),
                                        entry.getValue().take(end, length(task))))
                                .orElseGet(() -> new Slot(Optional.empty(), end - length(task))));
            }
            return slots;
        }

        private record Slot(Optional<String> person, int begin) {}

        /** Seconds before the class in which somebody is in the kitchen and has nothing else to do. */
        private final class FreeTime {

            private final List<int[]> free = new ArrayList<>();
            /** Work goes on backwards from here, so that each keeps to the order of the list. */
            private int until = 0;

            FreeTime(Person person) {
                for (PrepWindow window : cooking.prepWindows()) {
                    free.add(new int[] {
                        window.from().seconds(), Math.min(0, window.to().seconds())
                    });
                }
                plan.activities().stream()
                        .filter(activity -> activity.person().equals(Optional.of(person.id())))
                        .forEach(activity -> cutOut(activity.start(), activity.end()));
                free.sort(Comparator.comparingInt(span -> -span[1]));
            }

            private void cutOut(int from, int to) {
                List<int[]> rest = new ArrayList<>();
                for (int[] span : free) {
                    if (to <= span[0] || from >= span[1]) {
                        rest.add(span);
                        continue;
                    }
                    if (span[0] < from) {
                        rest.add(new int[] {span[0], from});
                    }
                    if (to < span[1]) {
                        rest.add(new int[] {to, span[1]});
                    }
                }
                free.clear();
                free.addAll(rest);
            }

            /**
             * The latest begin of so much work that is over by then; it may be put down for a planned step and taken up
             * again.
             */
            Optional<Integer> latest(int end, int seconds) {
                int left = seconds;
                for (int[] span : free) {
                    int to = Math.min(span[1], Math.min(end, until));
                    if (to > span[0]) {
                        int worked = Math.min(left, to - span[0]);
                        left -= worked;
                        if (left == 0) {
                            return Optional.of(to - worked);
                        }
                    }
                }
                return Optional.empty();
            }

            int take(int end, int seconds) {
                until = latest(end, seconds).orElseThrow();
                return until;
            }
        }
    }
}
