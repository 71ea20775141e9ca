package hopsel.core.advice;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Style;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Work;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Pace;
import hopsel.core.plan.Plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is said when: talking points laid into the class, clear of loud steps, and the waits in which there is nothing
 * to do or say.
 *
 * @param points in the order of the class
 * @param deadAir stretches of more than 40 seconds in which no host's hands are busy and nothing is said
 * @param loud stretches in which nobody can be heard
 */
public record Talk(List<Point> points, List<Stretch> deadAir, List<Stretch> loud) {

    /** Seconds of silence from which a wait feels long. Trade practice. */
    private static final int DEAD = 40;
    /** Words said in a minute by somebody who cooks meanwhile. An ordinary speaking rate is 130 to 150. */
    private static final double WORDS_PER_MINUTE = 130;

    private static final int OPENING = 90;
    private static final int CLOSING = 60;
    private static final int RECAP = 45;
    /** A class shorter than this needs no recap and leaves questions to the end, seconds. */
    private static final int LONG = 20 * 60;
    /** Questions take what quiet there is, within these. */
    private static final int QUESTIONS_AT_LEAST = 60;

    private static final int QUESTIONS_AT_MOST = 300;
    /**
     * Where in a class they are wanted: late comers want a recap half-way, and questions come once something can be
     * seen.
     */
    private static final double RECAP_AT = 0.5;

    private static final double QUESTIONS_AT = 0.75;
    /** Seconds to which moments are rounded: nobody speaks by the second. */
    private static final int BEAT = 15;

    /** Seconds that it takes to say a text while cooking. */
    public static int seconds(String text) {
        return (int) Math.ceil(text.strip().split("\\s+").length * 60 / WORDS_PER_MINUTE);
    }

    /** What kind of point. */
    public enum Occasion {
        OPENING,
        STEP,
        RECAP,
        QUESTIONS,
        CLOSING
    }

    /**
     * Something to say.
     *
     * @param kind what kind
     * @param step the step it belongs to; empty where it belongs to none
     * @param text what; empty where it belongs to no step
     * @param start seconds into the class
     * @param seconds how long it takes
     * @param moved whether it had to leave its step, which is loud
     */
    public record Point(Occasion kind, Optional<StepRef> step, String text, int start, int seconds, boolean moved) {}

    /**
     * A stretch of time.
     *
     * @param start seconds into the class
     * @param end seconds into the class
     * @param running what runs by itself then and can be looked at, or is loud
     * @param next what comes after it, of which can be spoken
     */
    public record Stretch(int start, int end, List<StepRef> running, Optional<StepRef> next) {}

    /** Lays out the talk of a plan that is possible. */
    public static Talk of(CookingClass cooking, Plan plan) {
        return new Layout(cooking, plan).talk();
    }

    private static final class Layout {

        private final CookingClass cooking;
        private final Plan plan;
        private final List<int[]> loud = new ArrayList<>();
        private final List<Point> points = new ArrayList<>();

        Layout(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
        }

        Talk talk() {
            List<Stretch> noise = new ArrayList<>();
            for (Activity activity : onAir()) {
                if (step(activity).noise().isPresent()) {
                    loud.add(new int[] {activity.start(), activity.end()});
                    noise.add(
                            new Stretch(activity.start(), activity.end(), List.of(activity.step()), Optional.empty()));
                }
            }
            welcome();
            for (Activity activity : onAir()) {
                step(activity).say().filter(text -> activity.shown()).ifPresent(text -> lay(activity, text));
            }
            goodbye();
            boolean film = cooking.style() == Style.RECORDING;
            if (plan.airEnd() >= LONG && !film) {
                intoQuiet(Occasion.RECAP, RECAP_AT, RECAP, RECAP);
                intoQuiet(Occasion.QUESTIONS, QUESTIONS_AT, QUESTIONS_AT_LEAST, QUESTIONS_AT_MOST);
            }
            points.sort(Comparator.comparingInt(Point::start));
            return new Talk(List.copyOf(points), film ? List.of() : deadAir(), noise);
        }

        private void welcome() {
            if (!planned(TalkPiece.Moment.OPENING, Occasion.OPENING)) {
                points.add(new Point(Occasion.OPENING, Optional.empty(), "", clear(0, OPENING), OPENING, false));
            }
        }

        private void goodbye() {
            if (!planned(TalkPiece.Moment.CLOSING, Occasion.CLOSING)) {
                int start = Math.max(0, (plan.airEnd() - CLOSING) / BEAT * BEAT);
                points.add(new Point(Occasion.CLOSING, Optional.empty(), "", start, CLOSING, false));
            }
        }

        /** What is said at the opening or the closing, where the plan has it; whether it has any. */
        private boolean planned(TalkPiece.Moment moment, Occasion occasion) {
            List<String> ids = cooking.tempo().talk().stream()
                    .filter(piece -> piece.at() == moment)
                    .map(TalkPiece::id)
                    .toList();
            List<Pace.Talk> said = plan.pace().map(Pace::talk).orElse(List.of()).stream()
                    .filter(talk -> ids.contains(talk.id()))
                    .toList();
            said.forEach(talk -> points.add(
                    new Point(occasion, Optional.empty(), "", talk.start(), talk.end() - talk.start(), false)));
            return !said.isEmpty();
        }

        /**
         * Into the stretch of silence nearest to where it is wanted that is long enough; left out where there is none.
         */
        private void intoQuiet(Occasion kind, double where, int least, int most) {
            int wanted = (int) (plan.airEnd() * where);
            deadAir().stream()
                    .filter(stretch -> stretch.end() - stretch.start() >= least)
                    .min(Comparator.comparingInt(stretch -> Math.abs(near(stretch, wanted, least) - wanted)))
                    .ifPresent(stretch -> {
                        int start = near(stretch, wanted, least);
                        points.add(new Point(
                                kind, Optional.empty(), "", start, Math.min(most, stretch.end() - start), false));
                    });
        }

        private static int near(Stretch stretch, int wanted, int seconds) {
            int start = Math.max(stretch.start(), Math.min(wanted, stretch.end() - seconds));
            return Math.max(stretch.start(), start / BEAT * BEAT);
        }

        private List<Activity> onAir() {
            return plan.activities().stream()
                    .filter(activity -> activity.end() > 0)
                    .toList();
        }

        private Step step(Activity activity) {
            return cooking.step(activity.step());
        }

        private void lay(Activity activity, String text) {
            int seconds = seconds(text);
            boolean moved = step(activity).noise().isPresent();
            int wanted = moved ? Math.max(0, (activity.start() - seconds) / BEAT * BEAT) : activity.start();
            points.add(new Point(
                    Occasion.STEP,
                    Optional.of(activity.step()),
                    text,
                    moved ? quietBefore(wanted, seconds) : clear(wanted, seconds),
                    seconds,
                    moved));
        }

        /** The first moment from then on at which nothing loud comes in between. */
        private int clear(int from, int seconds) {
            int start = from;
            for (int[] noise : loud) {
                if (start < noise[1] && noise[0] < start + seconds && noise[0] <= start) {
                    start = noise[1];
                }
            }
            return start;
        }

        private int quietBefore(int from, int seconds) {
            int start = from;
            for (int i = loud.size() - 1; i >= 0; i--) {
                if (start < loud.get(i)[1] && loud.get(i)[0] < start + seconds) {
                    start = Math.max(0, (loud.get(i)[0] - seconds) / BEAT * BEAT);
                }
            }
            return start;
        }

        private List<Stretch> deadAir() {
            List<int[]> filled = new ArrayList<>();
            loud.forEach(filled::add);
            onAir().stream()
                    .filter(activity -> activity.shown() && busy(activity))
                    .forEach(activity -> filled.add(new int[] {activity.start(), activity.end()}));
            points.forEach(point -> filled.add(new int[] {point.start(), point.start() + point.seconds()}));
            filled.add(new int[] {plan.airEnd(), plan.airEnd()});
            filled.sort(Comparator.comparingInt(stretch -> stretch[0]));
            List<Stretch> dead = new ArrayList<>();
            int free = 0;
            for (int[] stretch : filled) {
                if (stretch[0] - free > DEAD) {
                    dead.add(stretch(free, stretch[0]));
                }
                free = Math.max(free, stretch[1]);
            }
            return dead;
        }

        /** Hands at work are something to see; so is a swap-out. */
        private boolean busy(Activity activity) {
            boolean host = activity.person()
                    .flatMap(id -> cooking.people().stream()
                            .filter(person -> person.id().equals(id))
                            .findFirst())
                    .map(Person::role)
                    .filter(role -> role == Role.HOST)
                    .isPresent();
            return host || (activity.copy().isMain() && plan.swaps().contains(activity.step()));
        }

        private Stretch stretch(int from, int to) {
            List<StepRef> running = plan.activities().stream()
                    .filter(activity -> activity.start() < to
                            && activity.end() > from
                            && activity.copy().isMain()
                            && step(activity).work() != Work.HANDS)
                    .map(Activity::step)
                    .toList();
            Optional<StepRef> next = plan.activities().stream()
                    .filter(activity -> activity.shown() && activity.start() >= to)
                    .map(Activity::step)
                    .findFirst();
            return new Stretch(from, to, running, next);
        }
    }
}
