package hopsel.core.film;

import hopsel.core.dish.StepRef;

import java.util.Optional;

/**
 * A stretch of the film.
 *
 * @param step that is seen; empty where somebody speaks to the camera
 * @param title of the step, or of what is said
 * @param extent how much of the step is seen
 * @param from seconds after the beginning of the film
 * @param seconds of film
 * @param spoken seconds of what is to be said in it
 * @param day seconds after the beginning of the day at which it is shot, until when it can be
 * @param closeUp the cue that a close-up has to show
 */
public record Shot(
        Optional<StepRef> step,
        String title,
        Extent extent,
        int from,
        int seconds,
        int spoken,
        Stretch day,
        Optional<String> closeUp) {

    /**
     * A stretch of the day.
     *
     * @param from seconds after its beginning
     * @param to seconds after its beginning
     */
    public record Stretch(int from, int to) {}

    /** Seconds after the beginning of the film at which it is over. */
    public int to() {
        return from + seconds;
    }

    /** Seconds after the beginning of the day at which it can first be seen. */
    public int seen() {
        return extent == Extent.RESULT ? day.to() : day.from();
    }

    Shot at(int moment) {
        return new Shot(step, title, extent, moment, seconds, spoken, day, closeUp);
    }

    Shot lasting(int length) {
        return new Shot(step, title, extent, from, length, spoken, day, closeUp);
    }
}
