package hopsel.core.plan;

import hopsel.core.plan.Problem.Task;

import java.util.stream.IntStream;

/** The largest number of seconds of which every time in a class is a multiple, so that every end is one, too. */
final class Grain {

    private Grain() {}

    static int of(Problem problem, Wishes wishes) {
        int grain = 0;
        for (int pin : wishes.pins().values()) {
            grain = common(grain, pin);
        }
        for (int[] window : problem.windows) {
            grain = common(common(grain, window[0]), window[1]);
        }
        for (Task task : problem.tasks) {
            grain = common(
                    common(
                            common(
                                    common(grain, task.duration()),
                                    task.offCamera().duration()),
                            task.shownFor()),
                    task.keeps());
            for (Task.Wait wait : task.waits()) {
                grain = common(common(grain, wait.least()), wait.within());
            }
            for (Task other : problem.tasks) {
                grain = gaps(problem, task, other, grain);
            }
        }
        return grain;
    }

    private static int gaps(Problem problem, Task task, Task other, int grain) {
        int[] gaps = task.requirements().stream()
                .flatMapToInt(one -> IntStream.of(one.able()).flatMap(machine -> other.requirements().stream()
                        .mapToInt(two -> problem.machines
                                        .get(machine)
                                        .place()
                                        .kind()
                                        .equals(problem.machines
                                                .get(two.able()[0])
                                                .place()
                                                .kind())
                                ? problem.machines.get(machine).heatGap(one.heat(), two.heat())
                                : Task.NONE)))
                .toArray();
        int common = grain;
        for (int gap : gaps) {
            common = common(common, gap);
        }
        for (Machine machine : problem.machines) {
            common = common(common, machine.rinse());
        }
        return common;
    }

    private static int common(int one, int two) {
        if (two == Task.NONE) {
            return one;
        }
        int a = Math.abs(one);
        int b = Math.abs(two);
        while (b != 0) {
            int rest = a % b;
            a = b;
            b = rest;
        }
        return a;
    }
}
