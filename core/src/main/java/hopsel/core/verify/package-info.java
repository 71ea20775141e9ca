/**
 * Checks a finished plan against the fifteen rules. Shares no code with the planner, so that a mistake there is seen
 * here.
 */
@NullMarked
package hopsel.core.verify;

import org.jspecify.annotations.NullMarked;
