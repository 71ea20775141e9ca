/**
 * The run sheet: the choice of what is shown and what is swapped out, and a start, a person and a place for every
 * activity.
 */
package hopsel.core.plan;
