package hopsel.core.plan;

import hopsel.core.Known;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Edition;
import hopsel.core.dish.After;
import hopsel.core.dish.Ancestry;
import hopsel.core.dish.Component;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Need;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.PrepWindow;
import hopsel.core.kitchen.Role;
import hopsel.core.measure.Minutes;

import org.jspecify.annotations.Nullable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A class as the planner sees it: numbered steps and machines, whole seconds. */
final class Problem {

    private static final int SMALL = 60;

    final CookingClass cooking;
    final int air;
    final List<Task> tasks = new ArrayList<>();
    /** People first, then the kitchen's resources. */
    final List<Machine> machines = new ArrayList<>();

    final List<int[]> windows;
    final int hosts;
    final boolean hasAssistant;
    /** Whether it is planned by the second edition of the rules. */
    final boolean second;
    /** Whether it is searched as large problems are; small ones of the first edition keep the plans they have. */
    final boolean large;
    /** What stands still while somebody talks; there is one only where something is loud. */
    final OptionalInt quiet;

    private final Map<StepRef, Integer> numbers = new HashMap<>();
    private final Map<Integer, Integer> longestGaps = new HashMap<>();

    Problem(CookingClass cooking) {
        this.cooking = cooking;
        this.air = cooking.airMinutes().seconds();
        this.windows = cooking.prepWindows().stream()
                .sorted(Comparator.comparing(PrepWindow::from))
                .map(window -> new int[] {window.from().seconds(), window.to().seconds()})
                .toList();
        this.hosts = (int) cooking.people().stream()
                .filter(person -> person.role() == Role.HOST)
                .count();
        this.hasAssistant = hosts < cooking.people().size();
        cooking.people().forEach(person -> machines.add(Machine.of(person)));
        cooking.resources().forEach(resource -> machines.add(Machine.of(resource)));
        number();
        for (Dish dish : cooking.dishes()) {
            add(dish);
        }
        this.second = Edition.of(cooking) == Edition.SECOND;
        this.large = second || tasks.size() > SMALL;
        boolean loud =
                second && !cooking.tempo().talk().isEmpty() && tasks.stream().anyMatch(Task::loud);
        this.quiet = loud ? OptionalInt.of(machines.size()) : OptionalInt.empty();
        if (loud) {
            machines.add(Machine.quiet(size()));
        }
    }

    private void number() {
        for (Dish dish : cooking.dishes()) {
            dish.steps()
                    .map(step -> new StepRef(dish.id(), step.id()))
                    .filter(ref -> cooking.made(ref).equals(ref))
                    .forEach(ref -> numbers.put(ref, numbers.size()));
        }
    }

    private void add(Dish dish) {
        Ancestry ancestry = Ancestry.of(dish);
        for (Component component : dish.components()) {
            for (Step step : component.steps()) {
                StepRef ref = new StepRef(dish.id(), step.id());
                if (!cooking.made(ref).equals(ref)) {
                    continue;
                }
                int[] before = ancestry.before(step.id()).stream()
                        .mapToInt(id -> number(dish, id))
                        .distinct()
                        .sorted()
                        .toArray();
                List<Task.Wait> waits =
                        step.after().stream().map(after -> wait(dish, after)).toList();
                Task behind = task(ref, step, dish.id() + "/" + component.id(), waits, before, null);
                Step onAir = cooking.onAir(step);
                tasks.add(onAir.equals(step) ? behind : task(ref, onAir, behind.component, waits, before, behind));
            }
        }
    }

    private Task task(
            StepRef ref, Step step, String component, List<Task.Wait> waits, int[] before, @Nullable Task behind) {
        return new Task(
                tasks.size(),
                ref,
                step,
                component,
                step.minutes().likely().seconds(),
                seconds(step.swap()),
                behind == null ? seconds(step.part()) : Task.NONE,
                seconds(step.keeps()),
                waits,
                before,
                isFinal(ref),
                step.needs().stream().map(this::requirement).toList(),
                behind);
    }

    private int number(Dish dish, String step) {
        return Known.in(numbers, cooking.made(new StepRef(dish.id(), step)));
    }

    private boolean isFinal(StepRef ref) {
        return Stream.concat(Stream.of(ref), cooking.alsoFor(ref).stream())
                .allMatch(one -> cooking.dish(one.dish()).finalSteps().contains(one.step()));
    }

    /**
     * Activities that there can be: each step, and for each that can be swapped out its copy and those of what comes
     * before it.
     */
    int size() {
        return tasks.size()
                + tasks.stream()
                        .filter(Task::swappable)
                        .mapToInt(task -> 1 + task.before().length)
                        .sum();
    }

    Task task(StepRef ref) {
        return tasks.get(Known.in(numbers, ref));
    }

    Optional<Task> find(StepRef ref) {
        return Optional.ofNullable(numbers.get(ref)).map(tasks::get);
    }

    private Task.Wait wait(Dish dish, After after) {
        return new Task.Wait(number(dish, after.step()), after.least().seconds(), seconds(after.within()));
    }

    private Requirement requirement(Need need) {
        int[] able = new int[machines.size()];
        int found = 0;
        for (int m = 0; m < machines.size(); m++) {
            Machine machine = machines.get(m);
            if (machine.resource() != null
                    && machine.resource().kind().equals(need.kind())
                    && machine.capacity() >= need.units()) {
                able[found++] = m;
            }
        }
        return new Requirement(
                Arrays.copyOf(able, found),
                need.units(),
                need.celsius()
                        .map(celsius -> Heat.around(celsius, need.tolerance()))
                        .orElse(null));
    }

    /** The longest wait for a rinse or another temperature that can fall before a task, in seconds. */
    int longestGap(Task task) {
        return longestGaps.computeIfAbsent(task.number(), number -> {
            int longest = 0;
            for (Requirement requirement : task.requirements()) {
                for (int m : requirement.able()) {
                    longest = Math.max(
                            longest, Math.max(machines.get(m).rinse(), longestHeatGap(machines.get(m), requirement)));
                }
            }
            return longest;
        });
    }

    private int longestHeatGap(Machine machine, Requirement then) {
        return tasks.stream()
                .flatMap(task -> task.requirements().stream())
                .mapToInt(first -> machine.heatGap(first.heat(), then.heat()))
                .max()
                .orElse(0);
    }

    /** People who may do a step: hosts where it is shown, anybody otherwise. */
    int[] people(boolean shown) {
        return IntStream.range(0, cooking.people().size())
                .filter(p -> !shown || cooking.people().get(p).role() == Role.HOST)
                .toArray();
    }

    boolean isHost(int machine) {
        Person person = machines.get(machine).person();
        return person != null && person.role() == Role.HOST;
    }

    private static int seconds(Optional<Minutes> minutes) {
        return minutes.map(Minutes::seconds).orElse(Task.NONE);
    }

    /**
     * A step, numbered.
     *
     * @param shownFor seconds on air when swapped out, or {@link #NONE} where it cannot be
     * @param partFor seconds on air when shown in part, or {@link #NONE} where it cannot be, as where all cook along
     * @param keeps seconds, or {@link #NONE} for no limit
     * @param before numbers of all ancestors
     * @param behind the step as the house does it off camera, or null where that is no different
     */
    record Task(
            int number,
            StepRef ref,
            Step step,
            String component,
            int duration,
            int shownFor,
            int partFor,
            int keeps,
            List<Wait> waits,
            int[] before,
            boolean isFinal,
            List<Requirement> requirements,
            @Nullable Task behind) {

        static final int NONE = -1;

        /** The step in a copy, which is made off camera. */
        Task offCamera() {
            return behind == null ? this : behind;
        }

        boolean swappable() {
            return shownFor != NONE;
        }

        /** Whether it can be shown in part. */
        boolean splittable() {
            return partFor != NONE;
        }

        boolean hands() {
            return step.work() == Work.HANDS;
        }

        boolean loud() {
            return step.noise().filter("loud"::equals).isPresent();
        }

        /** Seconds of somebody's hands from its start on. */
        int handsAtStart() {
            return step.handsOn().start().seconds();
        }

        /** Seconds of somebody's hands up to its end. */
        int handsAtEnd() {
            return step.handsOn().end().seconds();
        }

        boolean may() {
            return step.show() == Show.MAY;
        }

        /**
         * What a task waits for.
         *
         * @param within seconds, or {@link #NONE}
         */
        record Wait(int before, int least, int within) {}
    }
}
