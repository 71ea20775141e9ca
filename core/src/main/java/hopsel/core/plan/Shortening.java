package hopsel.core.plan;

import hopsel.core.solve.Answer;

import java.util.stream.IntStream;

/**
 * Ends a class earlier and earlier: in leaps, halved where one leads nowhere soon; then a step at a time, by taking
 * parts of the best plan apart and by searching the whole in turns, until it is proven that no step is left.
 */
final class Shortening {

    private static final long TRY = 300;
    private static final int ROUNDS = 20;
    private static final double PART = 0.3;

    private final Attempts attempts;
    private final int grain;
    /** Seconds before which the class cannot be over. */
    private int least;

    Shortening(Attempts attempts, int grain, int least) {
        this.attempts = attempts;
        this.grain = grain;
        this.least = Math.max(least, attempts.bound());
    }

    /** Seconds before which the class cannot be over, as far as that was proven. */
    int run() {
        leap();
        long patience = TRY;
        while (left() > 0 && !attempts.spent()) {
            takeApart();
            if (left() > 0 && attempts.attempt(patience, attempts.left(), sooner(1)) == Answer.NONE) {
                least = end();
            }
            patience *= 2;
        }
        return least;
    }

    private int end() {
        return attempts.found().airEnd();
    }

    /** Steps between what was found and what is possible. */
    private int left() {
        return Math.max(0, (end() - least + grain - 1) / grain);
    }

    private int sooner(int steps) {
        return attempts.endsBy(end() - steps * grain);
    }

    private void leap() {
        int leap = Math.max(1, left() / 4);
        Answer answer = Answer.FOUND;
        while (left() > 0 && !attempts.spent() && !(leap == 1 && answer == Answer.UNKNOWN)) {
            leap = Math.min(answer == Answer.FOUND ? leap : Math.max(1, leap / 2), left());
            int aim = end() - leap * grain;
            answer = attempts.attempt(TRY, attempts.left(), sooner(leap));
            least = answer == Answer.NONE ? aim + grain : least;
        }
    }

    private void takeApart() {
        double share = PART;
        for (int round = 0; round < ROUNDS && left() > 0 && !attempts.spent(); round++) {
            int[] goals = IntStream.concat(IntStream.of(sooner(1)), IntStream.of(attempts.around.keep(share)))
                    .toArray();
            Answer answer = attempts.attempt(TRY / 2, attempts.left(), goals);
            if (answer == Answer.NONE) {
                share = Math.min(0.9, share * 1.1);
            } else if (answer == Answer.UNKNOWN) {
                share = share * 0.93;
            }
        }
    }
}
