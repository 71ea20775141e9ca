package hopsel.core.air;

import hopsel.core.air.AirState.Standing;
import hopsel.core.air.AirState.Status;
import hopsel.core.air.Reply.Means;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentRef;
import hopsel.core.dish.Dish;
import hopsel.core.dish.Show;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepRef;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What can be done about a late end, each tried out on the rest of the class as it stands.
 *
 * @param state     how the class stands
 * @param assistant who could take something over; empty: nobody
 * @param spares    whether what can be swapped out is taken to stand ready
 */
public record Replies(AirState state, Optional<String> assistant, boolean spares) {

    /** Seconds below which nothing is worth being said. */
    private static final int LEAST_GAIN = 30;
    /** Words of steps that only make something hot again: left out, it is served cold. */
    private static final Pattern WARMING = Pattern.compile("\\b(?:re-?heat|warm (?:through|up)|keep warm|heat (?:up|through))", Pattern.CASE_INSENSITIVE);

    /** What there is, alone: what takes least from the class first, then what gains most. */
    public List<Reply> alone() {
        return state.standings().stream().flatMap(this::of).filter(reply -> reply.gain() >= LEAST_GAIN).sorted(Comparator.comparingInt((Reply reply) -> reply.means().cost()).thenComparing(reply -> -reply.gain())).toList();
    }

    /** The drop list: whole components and what may go off camera, with what each gains now, the most first. */
    public List<Reply> drops() {
        List<Reply> drops = new ArrayList<>();
        for (Dish dish : state.order().cooking.dishes()) {
            for (Component component : dish.components()) {
                ComponentRef ref = new ComponentRef(dish.id(), component.id());
                if (dish.components().size() > 1 && untouched(dish, component)) {
                    drops.add(gained(new Reply(Means.DROP_COMPONENT, "", ref.toString(), 0)));
                }
            }
        }
        alone().stream().filter(reply -> reply.means() != Means.CUT_TALK && reply.means() != Means.SWAP_OUT).forEach(drops::add);
        return drops.stream().filter(reply -> reply.gain() >= LEAST_GAIN).sorted(Comparator.comparingInt(reply -> -reply.gain())).toList();
    }

    private boolean untouched(Dish dish, Component component) {
        return state.standings().stream().filter(standing -> standing.activity().step().dish().equals(dish.id())
                && component.steps().stream().anyMatch(step -> step.id().equals(standing.activity().step().step()))).allMatch(standing -> standing.status() == Status.AHEAD);
    }

    /** What could be done about one activity, each with its gain. */
    Stream<Reply> of(Standing standing) {
        Step step = state.order().cooking.step(standing.activity().step());
        String key = AirState.key(standing.activity());
        List<Reply> found = new ArrayList<>();
        boolean ahead = standing.status() == Status.AHEAD;
        if (!standing.activity().copy().isMain() || !ahead && standing.status() != Status.RUNNING || standing.activity().start() < 0) {
            return Stream.empty();
        }
        if (standing.person().isPresent() && Forecast.shortest(state.order(), standing.activity()) < standing.activity().duration()) {
            found.add(new Reply(Means.CUT_TALK, key, "", 0));
        }
        if (ahead && standing.person().isPresent() && assistant.isPresent() && !standing.person().equals(assistant) && step.show() != Show.MUST) {
            found.add(new Reply(Means.HAND_OVER, key, assistant.get(), 0));
        }
        if (ahead) {
            leftOut(standing.activity().step(), step).ifPresent(means -> found.add(new Reply(means, key, "", 0)));
        }
        if (spares && !standing.swapped() && step.swap().isPresent() && Forecast.swap(state.order(), standing.activity()) < standing.activity().duration()) {
            found.add(new Reply(Means.SWAP_OUT, key, "", 0));
        }
        return found.stream().map(this::gained);
    }

    private Reply gained(Reply reply) {
        return reply.gaining(state.end() - state.after(reply.pressed(Long.MAX_VALUE, state.now())).end());
    }

    /**
     * What a dish is without a step: complete, if only optional lines go into it; plainer, if it is all there is of a
     * component, such as a garnish, that nothing but the last step waits for; cold, if it only warms something.
     */
    private Optional<Means> leftOut(StepRef ref, Step step) {
        Dish dish = state.order().cooking.dish(ref.dish());
        if (!step.uses().isEmpty() && step.uses().stream().allMatch(use -> dish.line(use.ingredient()).optional())) {
            return Optional.of(Means.SKIP_OPTIONAL);
        }
        boolean alone = dish.components().size() > 1 && dish.components().stream().anyMatch(component -> component.steps().size() == 1 && component.steps().contains(step));
        if (alone && dish.steps().filter(next -> follows(next, step)).allMatch(next -> dish.steps().noneMatch(last -> follows(last, next)))) {
            return Optional.of(Means.DROP_GARNISH);
        }
        boolean warms = step.uses().isEmpty() && WARMING.matcher(step.title().toLowerCase(Locale.ROOT)).find();
        return warms ? Optional.of(Means.SERVE_COLD) : Optional.empty();
    }

    private static boolean follows(Step next, Step step) {
        return next.after().stream().anyMatch(after -> after.step().equals(step.id()));
    }

    /**
     * The way back into a slot.
     *
     * @param replies what to do, in the order of the class
     * @param end     seconds from going on air at which it is over then
     */
    public record Way(List<Reply> replies, int end) {

        /** What it takes from the class, points. */
        public int cost() {
            return replies.stream().mapToInt(reply -> reply.means().cost()).sum();
        }
    }

    /**
     * What takes least from the class and still ends within so many seconds; or else what ends it earliest. At most four
     * things together: nobody does five at once on air.
     */
    public Way best(int slot) {
        return new WayBack(slot).search(this);
    }

    Replies in(AirState other) {
        return new Replies(other, assistant, spares);
    }
}
