package hopsel.core.diet;

import hopsel.core.item.Substitution;

import java.util.List;

/** What becomes of a line for one attendee. */
public sealed interface Serving {

    /**
     * Nothing in it is avoided.
     *
     * @param disliked what they would rather not have in it, and nothing suits better
     */
    record AsWritten(List<String> disliked) implements Serving {}

    /**
     * Something else is used.
     *
     * @param substitution which
     * @param reasons what is avoided
     */
    record Substituted(Substitution substitution, List<String> reasons) implements Serving {}

    /**
     * The dish goes without this optional line.
     *
     * @param reasons what is avoided
     */
    record LeftOut(List<String> reasons) implements Serving {}

    /**
     * The line is needed and nothing may stand in for it.
     *
     * @param reasons what is avoided
     */
    record CannotServe(List<String> reasons) implements Serving {}
}
