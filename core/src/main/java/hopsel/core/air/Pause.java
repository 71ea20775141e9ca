package hopsel.core.air;

import hopsel.core.advice.Talk;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.plan.Activity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A while in which a host has nothing in hand, and what fits into it.
 *
 * @param seconds until they have to begin something; 0: there is no pause
 * @param ideas what can be said or shown, best first; without a pause, where the class has time to spare
 */
public record Pause(int seconds, List<Idea> ideas) {

    /** Seconds below which nothing needs to be filled. */
    private static final int LEAST = 20;

    private static final int QUESTION = 45;
    private static final int RECAP = 45;
    private static final int LOOK = 20;
    private static final int MOST = 6;
    /** Minutes of a class after which latecomers want to hear what was done, seconds. */
    private static final int LATECOMERS = 15 * 60;

    /** What kind of thing fills a wait. */
    public enum Filler {
        QUESTION,
        SAY,
        LOOK,
        RECAP,
        NEXT
    }

    /**
     * Something to say or show.
     *
     * @param kind what kind of thing
     * @param text what to say, or the question; empty where it is about an activity
     * @param key of the activity that it is about, or empty text
     * @param seconds that it takes, by trade practice
     */
    public record Idea(Filler kind, String text, String key, int seconds) {}

    /** Keeps its own copy. */
    public Pause {
        ideas = List.copyOf(ideas);
    }

    /**
     * As it stands for a host.
     *
     * @param talk of the plan
     * @param host id of them
     */
    public static Pause of(AirState state, Talk talk, String host) {
        if (state.onAir().isEmpty() || state.over()) {
            return new Pause(0, List.of());
        }
        if (state.inHand(host).isPresent()) {
            return new Pause(0, ideas(state, talk, host, Danger.of(state).spare()));
        }
        int next = state.standings().stream()
                .filter(standing -> standing.status() == Status.AHEAD
                        && standing.person().filter(host::equals).isPresent())
                .mapToInt(Standing::start)
                .min()
                .orElse(state.end());
        int seconds = next - state.elapsed();
        if (seconds < LEAST) {
            return new Pause(0, List.of());
        }
        return new Pause(seconds, ideas(state, talk, host, seconds));
    }

    private static List<Idea> ideas(AirState state, Talk talk, String host, int seconds) {
        if (seconds == 0) {
            return List.of();
        }
        List<Idea> ideas = new ArrayList<>();
        state.questions().stream()
                .limit(2)
                .forEach(question -> ideas.add(new Idea(Filler.QUESTION, question.text(), "", QUESTION)));
        talk.points().stream()
                .filter(point -> point.kind() == Talk.Occasion.STEP && lies(state, point))
                .limit(2)
                .forEach(point -> ideas.add(new Idea(Filler.SAY, point.text(), "", point.seconds())));
        state.running().stream()
                .filter(standing -> standing.activity().shown())
                .limit(2)
                .forEach(standing -> ideas.add(new Idea(Filler.LOOK, "", AirState.key(standing.activity()), LOOK)));
        if (state.elapsed() > LATECOMERS) {
            ideas.add(new Idea(Filler.RECAP, "", "", RECAP));
        }
        state.ahead(host).stream()
                .findFirst()
                .ifPresent(standing -> ideas.add(new Idea(Filler.NEXT, "", AirState.key(standing.activity()), LOOK)));
        return ideas.stream()
                .filter(idea -> idea.seconds <= seconds + LEAST)
                .limit(MOST)
                .toList();
    }

    /** What belongs to a step that runs or comes, and not to one that is over. */
    private static boolean lies(AirState state, Talk.Point point) {
        return point.step().stream().anyMatch(ref -> state.standings().stream()
                .anyMatch(standing -> standing.activity().step().equals(ref)
                        && (standing.status() == Status.AHEAD || standing.status() == Status.RUNNING)));
    }

    /** What was done so far, for whoever came late: of each dish the last that was shown, in the order of the class. */
    public static List<Activity> recap(AirState state) {
        List<Activity> last = new ArrayList<>();
        state.standings().stream()
                .filter(standing -> standing.activity().shown() && standing.status() == Status.DONE)
                .sorted(Comparator.comparingInt(Standing::end))
                .forEach(standing -> {
                    last.removeIf(other -> other.step()
                            .dish()
                            .equals(standing.activity().step().dish()));
                    last.add(standing.activity());
                });
        return last;
    }
}
