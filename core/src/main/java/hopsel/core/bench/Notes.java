package hopsel.core.bench;

import hopsel.core.Copyable;
import hopsel.core.measure.Minutes;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What only the author of a dish needs. Immutable.
 *
 * @param headline time that the recipe promises
 * @param source the recipe as it came
 * @param guessed members that were guessed, by id of step; {@link #DISH} stands for the dish
 * @param passed reasons for which the host let a finding pass, by its key
 * @param house schools chosen, by matter
 */
@Copyable
public record Notes(
        Optional<Minutes> headline,
        String source,
        Map<String, Set<String>> guessed,
        Map<String, String> passed,
        Map<String, String> house)
        implements NotesBuilder.With {

    /** Stands for the dish itself where ids of steps are expected. */
    public static final String DISH = "*";

    /** How a step is brought before people. */
    public static final String SHOWN = "shown";

    /** Nothing noted. */
    public static final Notes NONE = new Notes(Optional.empty(), "", Map.of(), Map.of(), Map.of());

    /** Keeps its own copies, in order. */
    public Notes {
        guessed = ordered(guessed);
        passed = ordered(passed);
        house = ordered(house);
    }

    private static <T> Map<String, T> ordered(Map<String, T> map) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(map));
    }

    private static <T> Map<String, T> with(Map<String, T> map, String key, Optional<T> value) {
        Map<String, T> copy = new LinkedHashMap<>(map);
        value.ifPresentOrElse(present -> copy.put(key, present), () -> copy.remove(key));
        return copy;
    }

    /** Whether a member of a step was guessed and nobody has confirmed it. */
    public boolean isGuessed(String step, String member) {
        return guessed.getOrDefault(step, Set.of()).contains(member);
    }

    /** Without anything about a step that is gone. */
    Notes withoutStep(String id) {
        return withGuessed(with(guessed, id, Optional.empty()));
    }

    /** With a finding let pass for a reason; empty: not any more. */
    public Notes passing(String finding, Optional<String> reason) {
        return withPassed(with(passed, finding, reason));
    }

    /** With a school chosen in a matter. */
    public Notes choosing(String matter, String school) {
        return withHouse(with(house, matter, Optional.of(school)));
    }

    /** With a member marked as guessed. */
    public Notes guess(String step, String member) {
        Set<String> members = new TreeSet<>(guessed.getOrDefault(step, Set.of()));
        members.add(member);
        return withGuessed(with(guessed, step, Optional.of(members)));
    }

    /** With a member confirmed: somebody who knows has looked at it. */
    public Notes confirm(String step, Set<String> members) {
        Set<String> left = new TreeSet<>(guessed.getOrDefault(step, Set.of()));
        left.removeAll(members);
        return withGuessed(with(guessed, step, Optional.<Set<String>>of(left).filter(some -> !some.isEmpty())));
    }
}
