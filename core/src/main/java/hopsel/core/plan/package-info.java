/**
 * The run sheet: the choice of what is shown and what is swapped out, and a start, a person and a place for every
 * activity.
 */
@NullMarked
package hopsel.core.plan;

import org.jspecify.annotations.NullMarked;
