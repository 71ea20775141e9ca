package hopsel.core.film;

import hopsel.core.advice.Talk;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Work;
import hopsel.core.film.Choice.Way;
import hopsel.core.food.Staging;
import hopsel.core.food.WorthSeeing;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;
import hopsel.core.recipe.TechniqueReader;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A film and what it is cut from: shots in the order in which they are taken, chosen so that what is worth most is
 * seen, and long enough for what is said.
 *
 * @param shots in the order of the film: as things are begun, and where only a result is seen, once it is there
 * @param leftOut steps that are not seen, what is worth most first
 * @param wanted seconds that the film is to last
 * @param day seconds from the beginning of the day until the last shot is taken
 */
public record Film(List<Shot> shots, List<LeftOut> leftOut, int wanted, int day) {

    /** Seconds that a cut needs on either side to be understood. */
    private static final int GLANCE = 10;
    /** Seconds to see how something has become. */
    private static final int RESULT = 5;

    private static final int MUST = 1;

    /** What is not seen. */
    public record LeftOut(StepRef step, String title, int worth, int seconds) {}

    /**
     * A stretch that the camera runs.
     *
     * @param moment seconds after the beginning of the day
     * @param shot its number in the film, from 1
     * @param bit which bit of the shot
     */
    public record Take(int moment, int shot, String title, Bit bit) {}

    /** Which bit of a shot. */
    public enum Bit {
        ALL,
        BEGINNING,
        END
    }

    /** Keeps its own copies. */
    public Film {
        shots = List.copyOf(shots);
        leftOut = List.copyOf(leftOut);
    }

    /** In the order of the day; what is said to the camera is shot when it suits, so it comes first. */
    public List<Take> takes() {
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < shots.size(); i++) {
            Shot shot = shots.get(i);
            if (shot.extent() == Extent.ENDS) {
                takes.add(new Take(shot.day().from(), i + 1, shot.title(), Bit.BEGINNING));
                takes.add(new Take(shot.day().to(), i + 1, shot.title(), Bit.END));
            } else {
                takes.add(new Take(shot.seen(), i + 1, shot.title(), Bit.ALL));
            }
        }
        takes.sort(Comparator.comparingInt(Take::moment));
        return takes;
    }

    /** Seconds that it lasts. */
    public int length() {
        return shots.isEmpty() ? 0 : shots.get(shots.size() - 1).to();
    }

    /** Seconds by which it is longer than wanted at its shortest; 0 where it is not. */
    public int tooLong() {
        return Math.max(0, length() - wanted);
    }

    /** Seconds that nothing was found for. */
    public int unfilled() {
        return Math.max(0, wanted - length());
    }

    /** Whether it lasts as long as it was to, to the second. */
    public boolean exact() {
        return length() == wanted;
    }

    /**
     * The film of a class.
     *
     * @param film as its host described it
     * @param plan of its {@link ShootingDay}, possible
     */
    public static Film of(CookingClass film, Plan plan) {
        return new Cut(film, plan).film();
    }

    /** A film being cut. */
    private static final class Cut {

        private final CookingClass cooking;
        private final Plan plan;
        private final List<Activity> scenes;
        private final int wanted;

        Cut(CookingClass cooking, Plan plan) {
            this.cooking = cooking;
            this.plan = plan;
            this.wanted = cooking.airMinutes().seconds();
            this.scenes = plan.activities().stream()
                    .filter(activity -> activity.shown() && activity.copy().isMain())
                    .sorted(Comparator.comparingInt(Activity::start).thenComparing(Activity::step))
                    .toList();
        }

        Film film() {
            int talk = cooking.tempo().talk().stream()
                    .mapToInt(piece -> piece.minutes().seconds())
                    .sum();
            List<List<Way>> ways =
                    scenes.stream().map(scene -> ways(step(scene))).toList();
            List<Way> chosen = Choice.best(ways, wanted - talk)
                    .orElseGet(() -> ways.stream().map(Cut::shortest).toList());
            List<Shot> shots = new ArrayList<>();
            List<LeftOut> leftOut = new ArrayList<>();
            for (int i = 0; i < scenes.size(); i++) {
                Activity scene = scenes.get(i);
                Way way = chosen.get(i);
                if (way.extent().isPresent()) {
                    shots.add(shot(scene, way));
                } else {
                    Way shortest = ways.get(i).stream()
                            .filter(other -> other.extent().isPresent())
                            .min(Comparator.comparingInt(Way::seconds))
                            .orElseThrow();
                    leftOut.add(new LeftOut(scene.step(), step(scene).title(), worth(step(scene)), shortest.seconds()));
                }
            }
            leftOut.sort(Comparator.comparingInt(LeftOut::worth).reversed());
            stretch(shots, talk);
            shots.sort(Comparator.comparingInt(Shot::seen));
            return new Film(inOrder(shots), leftOut, wanted, plan.airEnd());
        }

        private Step step(Activity scene) {
            return cooking.step(scene.step());
        }

        private static Way shortest(List<Way> ways) {
            return ways.stream().min(Comparator.comparingInt(Way::seconds)).orElseThrow();
        }

        private static int worth(Step step) {
            int seen = WorthSeeing.of(step).map(WorthSeeing::worth).orElse(Step.USUAL_WORTH);
            return step.show() == Show.MUST ? Math.max(seen, WorthSeeing.GOOD.worth()) + MUST : step.worth();
        }

        private List<Way> ways(Step step) {
            List<Way> ways = new ArrayList<>();
            int worth = worth(step);
            int full = step.minutes().likely().seconds();
            if (step.show() != Show.MUST) {
                ways.add(new Way(Optional.empty(), 0, 0));
            }
            if (step.work() == Work.HANDS) {
                add(ways, Extent.ENDS, lasts(step, Math.min(full, 2 * GLANCE)), 2 * worth + 1);
                add(ways, Extent.PART, lasts(step, part(step)), 4 * worth + 1);
                add(ways, Extent.WHOLE, lasts(step, full), 5 * worth + 1);
            } else {
                add(ways, Extent.RESULT, lasts(step, Math.min(full, RESULT)), 1);
                add(ways, Extent.ENDS, lasts(step, Math.min(full, 2 * GLANCE)), 2 * worth + 1);
            }
            return ways;
        }

        private static void add(List<Way> ways, Extent extent, int seconds, int worth) {
            ways.add(new Way(Optional.of(extent), seconds, worth));
        }

        /** Long enough for what is said meanwhile; where something is loud, it is said before. */
        private static int lasts(Step step, int seen) {
            int spoken = step.say().map(Talk::seconds).orElse(0);
            return loud(step) ? seen + spoken : Math.max(seen, spoken);
        }

        /** What its host said is enough, or a third of what repeats itself, or half. */
        private static int part(Step step) {
            int full = step.minutes().likely().seconds();
            Set<Technique> techniques = TechniqueReader.mainly(step);
            return step.part()
                    .map(Minutes::seconds)
                    .orElse(techniques.stream().anyMatch(Staging::repeats) ? full / 3 : full / 2);
        }

        private static boolean loud(Step step) {
            return step.noise().isPresent();
        }

        private Shot shot(Activity scene, Way way) {
            Step step = step(scene);
            return new Shot(
                    Optional.of(scene.step()),
                    step.title(),
                    way.extent().orElseThrow(),
                    0,
                    way.seconds(),
                    step.say().map(Talk::seconds).orElse(0),
                    new Shot.Stretch(scene.start(), scene.end()),
                    way.extent().get() == Extent.RESULT
                                    || way.extent().get() == Extent.ENDS
                                    || step.work() == Work.HANDS
                            ? step.cue()
                            : Optional.empty());
        }

        /** What is seen in part is seen for longer, the best first, until the film is as long as it was to be. */
        private void stretch(List<Shot> shots, int talk) {
            int left = wanted - talk - shots.stream().mapToInt(Shot::seconds).sum();
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < shots.size(); i++) {
                order.add(i);
            }
            order.sort(Comparator.comparingInt((Integer i) -> -worth(step(shots.get(i)))));
            for (int i : order) {
                Shot shot = shots.get(i);
                int room = shot.day().to() - shot.day().from() - shot.seconds();
                int more = shot.extent() == Extent.PART ? Math.max(0, Math.min(left, room)) : 0;
                shots.set(i, shot.lasting(shot.seconds() + more));
                left -= more;
            }
        }

        private Step step(Shot shot) {
            return cooking.step(shot.step().orElseThrow());
        }

        private List<Shot> inOrder(List<Shot> shots) {
            List<Shot> all = new ArrayList<>(shots);
            for (TalkPiece piece : cooking.tempo().talk()) {
                all.add(place(piece, all), talk(piece));
            }
            List<Shot> placed = new ArrayList<>();
            int moment = 0;
            for (Shot shot : all) {
                placed.add(shot.at(moment));
                moment += shot.seconds();
            }
            return placed;
        }

        /** Opening first, closing last; what is told in between, where something is loud or runs by itself. */
        private int place(TalkPiece piece, List<Shot> shots) {
            return switch (piece.at()) {
                case OPENING -> 0;
                case CLOSING -> shots.size();
                case BETWEEN -> quiet(piece, shots);
            };
        }

        private int quiet(TalkPiece piece, List<Shot> shots) {
            int from = piece.from().map(Minutes::seconds).orElse(0);
            int moment = 0;
            for (int i = 0; i < shots.size(); i++) {
                Shot shot = shots.get(i);
                moment += shot.seconds();
                boolean still = shot.step().isPresent()
                        && (loud(step(shot)) || step(shot).work() != Work.HANDS);
                if (still && moment >= from) {
                    return i + 1;
                }
            }
            return shots.size();
        }

        private static Shot talk(TalkPiece piece) {
            int seconds = piece.minutes().seconds();
            return new Shot(
                    Optional.empty(),
                    piece.title().orElse(piece.id()),
                    Extent.TALK,
                    0,
                    seconds,
                    seconds,
                    new Shot.Stretch(0, 0),
                    Optional.empty());
        }
    }
}
