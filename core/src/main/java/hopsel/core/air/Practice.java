package hopsel.core.air;

import hopsel.core.air.AirEvent.Kind;
import hopsel.core.air.AirState.Remedy;
import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.classes.CookingClass;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepMinutes;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Activity;
import hopsel.core.plan.Plan;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * A class run against a simulated kitchen, with things that happen by a seed: everybody follows the desk, and steps take as
 * long as they take. The same seed brings the same things, whatever is done about them.
 *
 * @param events   what was pressed
 * @param happened what came in between
 * @param ends     for each minute, seconds at which the class would end as it stood then
 * @param end      seconds at which it ended
 * @param taken    what was done about a late end
 */
public record Practice(List<AirEvent> events, List<Incident> happened, List<Integer> ends, int end, List<Remedy> taken) {

    /** When going on air was; only differences matter. */
    static final Instant ON_AIR = Instant.EPOCH;
    /** Seconds between two looks. */
    private static final int LOOK = 30;
    private static final int LONGEST = 6 * 3600;
    private static final int MINUTE = 60;

    /** What can happen. */
    public enum Kinds { LATE_START, SLOW_OVEN, QUESTION, FLAT_BATTERY, SPILT }

    /**
     * Something that happened.
     *
     * @param at      seconds from going on air
     * @param kind    what
     * @param seconds that it cost: of one step, or of the host
     */
    public record Incident(int at, Kinds kind, int seconds) {
    }

    /** Keeps its own copies. */
    public Practice {
        events = List.copyOf(events);
        happened = List.copyOf(happened);
        ends = List.copyOf(ends);
        taken = List.copyOf(taken);
    }

    /**
     * Runs a class that has a plan.
     *
     * @param advised whether what gains most is done as soon as the end is in danger; nothing is swapped out that the plan
     *                did not make beforehand
     */
    public static Practice of(CookingClass cooking, Plan plan, long seed, boolean advised) {
        return new Kitchen(cooking, plan, seed, advised).run();
    }

    private static final class Kitchen {

        private final CookingClass cooking;
        private final AirState.Layout layout;
        private final boolean advised;
        private final Optional<String> assistant;
        private final List<Incident> coming;
        private final Map<String, Integer> lasts = new HashMap<>();
        private final List<AirEvent> events = new ArrayList<>();
        private final List<Integer> ends = new ArrayList<>();
        private final List<Remedy> taken = new ArrayList<>();
        private final int slot;

        Kitchen(CookingClass cooking, Plan plan, long seed, boolean advised) {
            this.cooking = cooking;
            this.layout = AirState.Layout.of(cooking, plan);
            this.advised = advised;
            this.slot = cooking.airMinutes().seconds();
            this.assistant = cooking.people().stream().filter(person -> person.role() == Role.ASSISTANT).map(Person::id).findFirst();
            SplittableRandom random = new SplittableRandom(seed);
            this.coming = incidents(random);
            int oven = coming.stream().filter(incident -> incident.kind == Kinds.SLOW_OVEN).mapToInt(Incident::seconds).sum();
            for (Activity activity : plan.activities()) {
                lasts.put(AirState.key(activity), draw(activity, random.nextDouble()) + (heated(activity) ? oven : 0));
            }
        }

        private List<Incident> incidents(SplittableRandom random) {
            List<Incident> all = new ArrayList<>();
            if (random.nextInt(3) == 0) {
                all.add(new Incident(0, Kinds.LATE_START, MINUTE * (1 + random.nextInt(6))));
            }
            if (random.nextInt(3) == 0) {
                all.add(new Incident(0, Kinds.SLOW_OVEN, MINUTE * (2 + random.nextInt(9))));
            }
            int questions = random.nextInt(4);
            for (int i = 0; i < questions; i++) {
                all.add(new Incident(random.nextInt(Math.max(1, slot)), Kinds.QUESTION, MINUTE + random.nextInt(2 * MINUTE)));
            }
            if (random.nextInt(4) == 0) {
                all.add(new Incident(random.nextInt(Math.max(1, slot)), random.nextBoolean() ? Kinds.FLAT_BATTERY : Kinds.SPILT, MINUTE * (2 + random.nextInt(3))));
            }
            return all;
        }

        private boolean heated(Activity activity) {
            return cooking.step(activity.step()).needs().stream().anyMatch(need -> need.kind().equals("oven"));
        }

        /** Triangular between low and high, about what is likely; what is shown for a moment only takes that moment. */
        private int draw(Activity activity, double chance) {
            Step step = cooking.onAir(cooking.step(activity.step()));
            StepMinutes minutes = step.minutes();
            double low = minutes.low().seconds();
            double span = minutes.high().seconds() - low;
            if (span <= 0 || activity.duration() != minutes.likely().seconds()) {
                return activity.duration();
            }
            double peak = (minutes.likely().seconds() - low) / span;
            double at = chance < peak ? Math.sqrt(chance * peak) : 1 - Math.sqrt((1 - chance) * (1 - peak));
            return (int) Math.round(low + at * span);
        }

        Practice run() {
            int late = coming.stream().filter(incident -> incident.kind == Kinds.LATE_START).mapToInt(Incident::seconds).sum();
            // The slot does not wait: a late start is time that is gone.
            press(0, Kind.ON_AIR, "", "");
            int clock = 0;
            AirState state = at(clock);
            while (clock < LONGEST && state.standings().stream().anyMatch(standing -> standing.status() == Status.AHEAD || standing.status() == Status.RUNNING)) {
                if (clock % MINUTE == 0) {
                    ends.add(state.end());
                }
                finish(state, clock);
                state = at(clock);
                if (clock >= late) {
                    begin(state, clock);
                    state = advice(at(clock), clock);
                }
                clock += LOOK;
                state = at(clock);
            }
            press(state.end(), Kind.OVER, "", "");
            return new Practice(events, coming, ends, state.end(), taken);
        }

        private AirState at(int clock) {
            return layout.at(events, ON_AIR.plusSeconds(clock));
        }

        private void press(int clock, Kind kind, String key, String text) {
            events.add(new AirEvent(events.size() + 1, kind, key, ON_AIR.plusSeconds(clock), 0, text));
        }

        private void finish(AirState state, int clock) {
            for (Standing standing : state.running()) {
                String key = AirState.key(standing.activity());
                int needs = standing.swapped() ? Math.min(lasts.get(key), standing.activity().duration()) : lasts.get(key);
                boolean hands = standing.person().isPresent();
                int more = hands ? interruptions(standing, clock) : 0;
                if (standing.activity().start() >= 0 && clock - standing.start() >= needs + more) {
                    press(clock, Kind.DONE, key, "");
                }
            }
        }

        /** What comes while a host has something in hand makes that longer. */
        private int interruptions(Standing standing, int clock) {
            boolean host = cooking.people().stream().anyMatch(person -> person.role() == Role.HOST && standing.person().equals(Optional.of(person.id())));
            return !host ? 0 : coming.stream().filter(incident -> incident.at > 0 && incident.at >= standing.start() && incident.at <= clock)
                    .mapToInt(Incident::seconds).sum();
        }

        private void begin(AirState state, int clock) {
            Set<String> busy = new HashSet<>();
            state.running().forEach(standing -> standing.person().ifPresent(busy::add));
            for (Standing standing : state.standings()) {
                if (standing.status() == Status.AHEAD && standing.activity().start() >= 0 && standing.start() <= clock && state.canBegin(standing) && standing.person().map(busy::add).orElse(true)) {
                    press(clock, Kind.START, AirState.key(standing.activity()), "");
                }
            }
        }

        private AirState advice(AirState state, int clock) {
            if (!advised || state.end() <= slot) {
                return state;
            }
            Optional<Remedy> best = state.remedies(assistant).stream().filter(remedy -> remedy.kind() != Kind.SWAP_IN).findFirst();
            best.ifPresent(remedy -> {
                taken.add(remedy);
                press(clock, remedy.kind(), remedy.key(), remedy.kind() == Kind.HAND_OVER ? assistant.orElse("") : "");
            });
            return at(clock);
        }
    }
}
