package hopsel.web.frame;

import hopsel.core.planned.PlannedClass;

import java.util.Map;
import java.util.function.Supplier;

/** What follows from a planned class and takes a while to work out, kept as long as nothing it follows from changes. */
public final class Remembered<T> {

    private final Map<Long, Kept<T>> all = Bounded.map();

    /**
     * What was worked out for this class, or else what is worked out now.
     *
     * @param beside what else it follows from
     */
    public T of(long id, PlannedClass planned, Object beside, Supplier<T> work) {
        return all.compute(
                        id,
                        (key, kept) -> kept != null
                                        && kept.beside.equals(beside)
                                        && kept.planned.plan().equals(planned.plan())
                                        && kept.planned.cooking().equals(planned.cooking())
                                ? kept
                                : new Kept<>(planned, beside, work.get()))
                .value;
    }

    private record Kept<T>(PlannedClass planned, Object beside, T value) {}
}
