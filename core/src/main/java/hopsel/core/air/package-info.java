/**
 * A class while it is on air: what happened, what that makes of the rest of the plan, and what can be done about it.
 */
@NullMarked
package hopsel.core.air;

import org.jspecify.annotations.NullMarked;
