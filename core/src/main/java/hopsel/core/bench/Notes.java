package hopsel.core.bench;

import hopsel.core.measure.Minutes;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What is noted about a dish beyond its lines and steps. Immutable.
 *
 * @param pieces   how many pieces it makes
 * @param pieceWidth width of a piece, cm
 * @param vessel   what it is made in
 * @param headline time that the recipe promises
 * @param source   the recipe as it came
 * @param guessed  members that were guessed, by id of step; {@link #DISH} stands for the dish
 * @param steps    by id of step
 * @param tastes   amounts that are found by taste and feel, by id of line
 * @param bases    dishes that components were taken from, by id of component
 * @param passed   reasons for which the host let a finding pass, by its key
 * @param house    schools chosen, by matter
 */
public record Notes(Optional<BigDecimal> pieces, Optional<BigDecimal> pieceWidth, Optional<Vessel> vessel, Optional<Minutes> headline, String source,
                    Map<String, Set<String>> guessed, Map<String, StepNote> steps,
                    Map<String, ByTaste> tastes, Map<String, String> bases, Map<String, String> passed, Map<String, String> house) {

    /** Stands for the dish itself where ids of steps are expected. */
    public static final String DISH = "*";

    /** Nothing noted. */
    public static final Notes NONE = new Notes(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), "", Map.of(),
            Map.of(), Map.of(), Map.of(), Map.of(), Map.of());

    /** Keeps its own copies, in order. */
    public Notes {
        guessed = ordered(guessed);
        steps = ordered(steps);
        tastes = ordered(tastes);
        bases = ordered(bases);
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

    /** What is noted about a step. */
    public StepNote step(String id) {
        return steps.getOrDefault(id, StepNote.NONE);
    }

    /** Whether a member of a step was guessed and nobody has confirmed it. */
    public boolean isGuessed(String step, String member) {
        return guessed.getOrDefault(step, Set.of()).contains(member);
    }

    public Notes withPieces(Optional<BigDecimal> number) {
        return new Notes(number, pieceWidth, vessel, headline, source, guessed, steps, tastes, bases, passed, house);
    }

    public Notes withPieceWidth(Optional<BigDecimal> cm) {
        return new Notes(pieces, cm, vessel, headline, source, guessed, steps, tastes, bases, passed, house);
    }

    public Notes withVessel(Optional<Vessel> other) {
        return new Notes(pieces, pieceWidth, other, headline, source, guessed, steps, tastes, bases, passed, house);
    }

    public Notes withHeadline(Optional<Minutes> time) {
        return new Notes(pieces, pieceWidth, vessel, time, source, guessed, steps, tastes, bases, passed, house);
    }

    public Notes withSource(String text) {
        return new Notes(pieces, pieceWidth, vessel, headline, text, guessed, steps, tastes, bases, passed, house);
    }

    public Notes withGuessed(Map<String, Set<String>> members) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, members, steps, tastes, bases, passed, house);
    }

    /** With what is noted about a step; nothing noted: forgotten. */
    public Notes withStep(String id, StepNote note) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, guessed,
                with(steps, id, Optional.of(note).filter(some -> !some.equals(StepNote.NONE))), tastes, bases, passed, house);
    }

    /** Without anything about a step that is gone. */
    Notes withoutStep(String id) {
        return withStep(id, StepNote.NONE).withGuessed(with(guessed, id, Optional.empty()));
    }

    public Notes withTaste(String line, Optional<ByTaste> taste) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, guessed, steps, with(tastes, line, taste), bases, passed, house);
    }

    public Notes withBase(String component, Optional<String> dish) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, guessed, steps, tastes, with(bases, component, dish), passed, house);
    }

    public Notes withPassed(String finding, Optional<String> reason) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, guessed, steps, tastes, bases, with(passed, finding, reason), house);
    }

    public Notes withHouse(String matter, Optional<String> school) {
        return new Notes(pieces, pieceWidth, vessel, headline, source, guessed, steps, tastes, bases, passed, with(house, matter, school));
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
