package hopsel.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * How a class goes for those who hold it, by the second edition of the rules. Immutable.
 *
 * @param talk what is said, in order
 * @param cost of the steps that are swapped out, not shown, or shown in part
 * @param changes how often a host turns to another dish before the audience
 * @param onTime share of the evenings on which the class ends in its slot, 0 to 1; empty where nobody asked
 */
public record Pace(List<Talk> talk, int cost, int changes, Optional<Double> onTime) {

    /** Of a class that has no plan. */
    public static final Pace NONE = new Pace(List.of(), 0, 0, Optional.empty());

    /** Keeps its own copy. */
    public Pace {
        talk = List.copyOf(talk);
    }

    /** The same with the share of the evenings that end in the slot. */
    public Pace onTime(double share) {
        return new Pace(talk, cost, changes, Optional.of(share));
    }

    /**
     * Something that is said.
     *
     * @param id of the talk in the class
     * @param person id of the host
     * @param start seconds after going on air
     * @param end seconds after going on air
     */
    public record Talk(String id, String person, int start, int end) {}
}
