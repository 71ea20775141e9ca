package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Reply.Means;
import hopsel.core.classes.CookingClass;
import hopsel.core.classes.TalkDish;
import hopsel.core.classes.TalkPiece;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;
import hopsel.core.recipe.Aside;
import hopsel.core.recipe.Said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What can be done about a late end, each tried out on the rest of the class as it stands.
 *
 * @param state how the class stands
 * @param assistant who could take something over; empty: nobody
 */
public record Replies(AirState state, Optional<String> assistant) {

    /** Seconds below which nothing is worth being said. */
    private static final int LEAST_GAIN = 30;

    private CookingClass cooking() {
        return state.order().cooking;
    }

    /** What there is, alone: what takes least from the class first, then what gains most. */
    public List<Reply> alone() {
        return all().filter(reply -> reply.gain() >= LEAST_GAIN)
                .sorted(Comparator.comparingInt((Reply reply) -> reply.means().cost())
                        .thenComparing(reply -> -reply.gain()))
                .toList();
    }

    /** The drop list: what can be left out, with what each gains now; in the host's own order, then the most first. */
    public List<Reply> drops() {
        return all().filter(reply -> reply.gain() >= LEAST_GAIN
                        && reply.means() != Means.CUT_TALK
                        && reply.means() != Means.SWAP_OUT)
                .sorted(Comparator.comparingInt(this::turn).thenComparing(reply -> -reply.gain()))
                .toList();
    }

    private int turn(Reply reply) {
        int own = state.order().drops.indexOf(reply.about());
        return own < 0 ? state.order().drops.size() : own;
    }

    private Stream<Reply> all() {
        return state.standings().stream().flatMap(this::of).distinct();
    }

    /** What could be done about one activity, each with its gain. */
    Stream<Reply> of(Standing standing) {
        return bare(standing).map(this::gained);
    }

    /** What could be done about one activity; nothing is tried out yet. */
    Stream<Reply> bare(Standing standing) {
        Step step = cooking().step(standing.activity().step());
        String key = AirState.key(standing.activity());
        List<Reply> found = new ArrayList<>();
        boolean ahead = standing.status() == Status.AHEAD;
        if (!standing.activity().copy().isMain()
                || !ahead && standing.status() != Status.RUNNING
                || standing.activity().start() < 0) {
            return Stream.empty();
        }
        if (TalkDish.holds(standing.activity().step())) {
            return ahead && Spoken.is(cooking(), standing.activity(), TalkPiece.Moment.BETWEEN)
                    ? Stream.of(new Reply(Means.LEAVE_TALK, key, "", 0))
                    : Stream.empty();
        }
        if (standing.person().isPresent()
                && Forecast.shortest(state.order(), standing.activity())
                        < standing.activity().duration()) {
            found.add(new Reply(Means.CUT_TALK, key, "", 0));
        }
        if (ahead
                && standing.person().isPresent()
                && assistant.isPresent()
                && !standing.person().equals(assistant)
                && step.show() != Show.MUST) {
            found.add(new Reply(Means.HAND_OVER, key, assistant.get(), 0));
        }
        if (ahead) {
            leftOut(standing.activity().step(), step).ifPresent(means -> found.add(new Reply(means, key, "", 0)));
            component(standing.activity().step())
                    .filter(component -> component.steps().size() > 1
                            && untouched(standing.activity().step(), component)
                            && Aside.goesWithout(
                                    cooking().dish(standing.activity().step().dish()), component))
                    .ifPresent(component -> found.add(new Reply(
                            Means.DROP_COMPONENT,
                            "",
                            new ComponentRef(standing.activity().step().dish(), component.id()).toString(),
                            0)));
            agreed(standing.activity().step().dish())
                    .ifPresent(dish -> found.add(new Reply(Means.DROP_DISH, "", dish, 0)));
        }
        if (Spare.shortens(state, standing) && Spare.isReady(state, key)) {
            found.add(new Reply(Means.SWAP_OUT, key, "", 0));
        }
        return found.stream();
    }

    /** A whole dish goes only where the host has agreed to that before, and nothing of it was begun. */
    private Optional<String> agreed(String dish) {
        boolean whole = state.standings().stream()
                .filter(standing -> standing.activity().step().dish().equals(dish)
                        && standing.activity().start() >= 0)
                .allMatch(standing -> standing.status() == Status.AHEAD);
        return whole && state.order().drops.contains(dish) ? Optional.of(dish) : Optional.empty();
    }

    private Reply gained(Reply reply) {
        return reply.gaining(state.end() - state.after(reply.pressed()).end());
    }

    private Optional<Component> component(StepRef ref) {
        return cooking().dish(ref.dish()).components().stream()
                .filter(component -> has(component, ref.step()))
                .findFirst();
    }

    private static boolean has(Component component, String step) {
        return component.steps().stream().anyMatch(own -> own.id().equals(step));
    }

    private boolean untouched(StepRef ref, Component component) {
        return state.standings().stream()
                .filter(standing -> standing.activity().step().dish().equals(ref.dish())
                        && has(component, standing.activity().step().step()))
                .allMatch(standing ->
                        standing.status() == Status.AHEAD && standing.activity().start() >= 0);
    }

    /**
     * What a dish is without a step: complete, if only optional lines go into it; plainer, if it is all of a component
     * that can go; cold, if it only warms something.
     */
    private Optional<Means> leftOut(StepRef ref, Step step) {
        Dish dish = cooking().dish(ref.dish());
        if (!step.uses().isEmpty()
                && step.uses().stream()
                        .allMatch(use -> dish.line(use.ingredient()).optional())) {
            return Optional.of(Means.SKIP_OPTIONAL);
        }
        if (component(ref)
                .filter(component -> component.steps().size() == 1 && Aside.goesWithout(dish, component))
                .isPresent()) {
            return Optional.of(Means.DROP_GARNISH);
        }
        boolean warms = step.uses().isEmpty() && Said.WARMING.in(step.title());
        return warms ? Optional.of(Means.SERVE_COLD) : Optional.empty();
    }

    /**
     * The way back into a slot.
     *
     * @param replies what to do, in the order of the class
     * @param end seconds from going on air at which it is over then
     */
    public record Way(List<Reply> replies, int end) {

        /** What it takes from the class, points. */
        public int cost() {
            return replies.stream().mapToInt(reply -> reply.means().cost()).sum();
        }
    }

    /**
     * What takes least from the class and still ends within so many seconds; or else what ends it earliest. At most
     * four things together: nobody does five at once on air.
     */
    public Way best(int slot) {
        return new WayBack(slot).search(this);
    }

    Replies in(AirState other) {
        return new Replies(other, assistant);
    }
}
