package hopsel.core.practice;

import hopsel.core.air.AirEvent;
import hopsel.core.air.AirState;
import hopsel.core.air.Happened;
import hopsel.core.air.Happened.Extend;
import hopsel.core.air.Replies;
import hopsel.core.air.Reply;
import hopsel.core.classes.CookingClass;
import hopsel.core.kitchen.Person;
import hopsel.core.kitchen.Role;
import hopsel.core.plan.Plan;
import hopsel.core.practice.SimulatedKitchen.Press;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A whole class in a simulated kitchen in which everybody follows the desk.
 *
 * @param events what was pressed
 * @param ends for each minute, seconds at which the class would end as it stood then
 * @param end seconds at which it ended
 * @param taken what was done about a late end
 */
public record Practice(List<AirEvent> events, List<Integer> ends, int end, List<Reply> taken) {

    /** When going on air was; only differences matter. */
    static final Instant ON_AIR = Instant.EPOCH;
    /** Seconds between two looks. */
    private static final int LOOK = 15;

    private static final int LONGEST = 6 * 3600;
    private static final int MINUTE = 60;

    /** What is done about a late end. */
    public enum Conduct {
        /** Nothing. */
        NONE,
        /** What the desk advises, as soon as it does. */
        ADVISED,
        /** What would have been best, by somebody who knew at the start how long everything would take. */
        HINDSIGHT
    }

    /** Keeps its own copies. */
    public Practice {
        events = List.copyOf(events);
        ends = List.copyOf(ends);
        taken = List.copyOf(taken);
    }

    /** What was taken from the class, points of {@link Reply.Means}. */
    public int cost() {
        return taken.stream().mapToInt(reply -> reply.means().cost()).sum();
    }

    /** Runs an evening of a class that has a plan; nothing is swapped out that the plan did not make beforehand. */
    public static Practice of(CookingClass cooking, Plan plan, long seed, Conduct conduct) {
        return new Evening(cooking, new SimulatedKitchen(cooking, plan, seed), conduct).run();
    }

    /**
     * The evening as it could have gone best: in the slot at the least cost, or else earliest, of all that is tried.
     */
    public static Practice best(CookingClass cooking, Plan plan, long seed) {
        return best(
                cooking.airMinutes().seconds(),
                Arrays.stream(Conduct.values())
                        .map(conduct -> of(cooking, plan, seed, conduct))
                        .toList());
    }

    /** The best of some: in a slot of so many seconds at the least cost, or else the one that ends earliest. */
    public static Practice best(int slot, List<Practice> some) {
        Comparator<Practice> late = Comparator.comparing(practice -> practice.end > slot);
        return some.stream()
                .min(late.thenComparing(practice -> practice.end > slot ? practice.end : practice.cost()))
                .orElseThrow();
    }

    private static final class Evening {

        private final SimulatedKitchen kitchen;
        private final Conduct conduct;
        private final Optional<String> assistant;
        private final int slot;
        private final List<AirEvent> events = new ArrayList<>();
        private final List<Integer> ends = new ArrayList<>();
        private final List<Reply> taken = new ArrayList<>();
        private final Set<String> once = new HashSet<>();
        private int advisedAt = Integer.MIN_VALUE;

        Evening(CookingClass cooking, SimulatedKitchen kitchen, Conduct conduct) {
            this.kitchen = kitchen;
            this.conduct = conduct;
            this.slot = cooking.airMinutes().seconds();
            this.assistant = cooking.people().stream()
                    .filter(person -> person.role() == Role.ASSISTANT)
                    .map(Person::id)
                    .findFirst();
        }

        Practice run() {
            int clock = 0;
            turn(clock);
            if (conduct == Conduct.HINDSIGHT) {
                take(new Replies(known(), assistant).best(slot).replies(), clock);
            }
            AirState state = at(clock);
            while (clock < LONGEST && !state.over()) {
                if (clock % MINUTE == 0) {
                    ends.add(state.end());
                }
                turn(clock);
                advise(at(clock), clock);
                clock += LOOK;
                state = at(clock);
            }
            return new Practice(events, ends, state.end(), taken);
        }

        private AirState at(int clock) {
            return kitchen.order().at(events, ON_AIR.plusSeconds(clock));
        }

        private void turn(int clock) {
            for (Press press : kitchen.turn(at(clock), EnumSet.allOf(Role.class))) {
                if (press.once().map(once::add).orElse(true)) {
                    press(press.at(), press.what());
                }
            }
        }

        private void press(int clock, Happened what) {
            events.add(new AirEvent(events.size() + 1, ON_AIR.plusSeconds(clock), what));
        }

        /** The class as it will be, for somebody who knows. */
        private AirState known() {
            List<AirEvent> all = new ArrayList<>(events);
            kitchen.differences()
                    .forEach((key, seconds) -> all.add(new AirEvent(all.size() + 1, ON_AIR, new Extend(key, seconds))));
            return kitchen.order().at(all, ON_AIR.plusSeconds(kitchen.comingIn(0)));
        }

        /** A host looks at advice again once it got a minute worse. */
        private void advise(AirState state, int clock) {
            if (conduct == Conduct.ADVISED && state.end() > slot && state.end() > advisedAt + MINUTE) {
                take(new Replies(state, assistant).best(slot).replies(), clock);
                advisedAt = at(clock).end();
            }
        }

        private void take(List<Reply> replies, int clock) {
            replies.forEach(reply -> {
                taken.add(reply);
                press(clock, reply.pressed());
            });
        }
    }
}
