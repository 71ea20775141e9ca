package hopsel.core.plan;

import hopsel.core.solve.Answer;

import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * Makes a figure of the plan, such as the end of the class, smaller and smaller: in leaps, halved where one leads
 * nowhere soon; then a step at a time, by taking parts of the best plan apart and by searching the whole in turns,
 * until it is proven that no step is left.
 */
final class Shortening {

    private static final long TRY = 300;
    private static final long SHORT_TRY = 50;
    private static final int ROUNDS = 20;
    private static final double PART = 0.3;

    private final Attempts attempts;
    private final Figure figure;
    /** Below which the figure cannot be. */
    private int least;

    /**
     * What is made smaller.
     *
     * @param moment that is no earlier than the figure
     * @param grain of which every value is a multiple
     * @param value of a plan
     */
    record Figure(int moment, int grain, ToIntFunction<Schedule> value) {}

    Shortening(Attempts attempts, Figure figure, int least) {
        this.attempts = attempts;
        this.figure = figure;
        this.least = least;
    }

    /** Makes the end of the class earlier. */
    static Shortening ofEnd(Attempts attempts, int grain, int least) {
        Figure end = new Figure(attempts.model.end, grain, Schedule::airEnd);
        return new Shortening(attempts, end, Math.max(least, attempts.bound()));
    }

    /** What the figure cannot be below, as far as that was proven. */
    int run() {
        return attempts.model.problem.second ? inParts() : leapFirst();
    }

    /** Leaps, then the whole for a short while and parts of it in turns, longer each round. */
    private int inParts() {
        if (figure.grain > 1) {
            leap(SHORT_TRY);
        }
        long patience = SHORT_TRY;
        while (left() > 0 && !attempts.spent()) {
            Answer answer = attempts.attempt(patience, attempts.left() / 4 + 1, sooner(1));
            if (answer == Answer.NONE) {
                least = end();
            }
            takeApart(SHORT_TRY);
            patience *= 2;
        }
        return least;
    }

    private int leapFirst() {
        leap(TRY);
        long patience = TRY;
        while (left() > 0 && !attempts.spent()) {
            takeApart(TRY / 2);
            if (left() > 0 && attempts.attempt(patience, attempts.left(), sooner(1)) == Answer.NONE) {
                least = end();
            }
            patience *= 2;
        }
        return least;
    }

    private int end() {
        return figure.value.applyAsInt(attempts.found());
    }

    /** Steps between what was found and what is possible. */
    private int left() {
        return Math.max(0, (end() - least + figure.grain - 1) / figure.grain);
    }

    private int sooner(int steps) {
        return attempts.atMost(figure.moment, end() - steps * figure.grain);
    }

    private void leap(long patience) {
        int leap = Math.max(1, left() / 4);
        Answer answer = Answer.FOUND;
        while (left() > 0 && !attempts.spent() && !(leap == 1 && answer == Answer.UNKNOWN)) {
            leap = Math.min(answer == Answer.FOUND ? leap : Math.max(1, leap / 2), left());
            int aim = end() - leap * figure.grain;
            answer = attempts.attempt(patience, attempts.left(), sooner(leap));
            least = answer == Answer.NONE ? aim + figure.grain : least;
        }
    }

    private void takeApart(long patience) {
        double share = PART;
        for (int round = 0; round < ROUNDS && left() > 0 && !attempts.spent(); round++) {
            int[] goals = IntStream.concat(IntStream.of(sooner(1)), IntStream.of(attempts.around.keep(share)))
                    .toArray();
            Answer answer = attempts.attempt(patience, attempts.left(), goals);
            if (answer == Answer.NONE) {
                share = Math.min(0.9, share * 1.1);
            } else if (answer == Answer.UNKNOWN) {
                share = share * 0.93;
            }
        }
    }
}
