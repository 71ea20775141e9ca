package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.KitchenAnswers.Answer;
import hopsel.core.bench.KitchenAnswers.Settled;
import hopsel.web.bench.BenchStore.StoredDish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What an action came to.
 *
 * @param sheet the dish afterwards
 * @param what for the history
 * @param told what the cook should know
 * @param other what it did to another dish, which is kept with this one or not at all
 * @param always what the house answers from now on in every dish
 */
record Change(Draft sheet, String what, List<String> told, Optional<Other> other, Optional<Answer> always) {

    /** Of this dish alone. */
    Change(Draft sheet, String what, List<String> told) {
        this(sheet, what, told, Optional.empty(), Optional.empty());
    }

    /** Of two dishes. */
    Change(Draft sheet, String what, List<String> told, Optional<Other> other) {
        this(sheet, what, told, other, Optional.empty());
    }

    /** The same, answered for every dish. */
    Change always(Optional<Answer> answer) {
        return new Change(sheet, what, told, other, answer);
    }

    /** The same, with what the house answers always given to what is new in it. */
    Change settled(Settled settled) {
        List<String> all = Stream.concat(told.stream(), settled.told().stream()).toList();
        return new Change(settled.sheet(), what, all, other, always);
    }

    /** There is nothing to tell that is not seen. */
    static Change done(Draft sheet, String what) {
        return new Change(sheet, what, List.of());
    }

    /**
     * Another dish that changed with it.
     *
     * @param dish as it was
     * @param sheet as it is now
     */
    record Other(StoredDish dish, Draft sheet) {}
}
