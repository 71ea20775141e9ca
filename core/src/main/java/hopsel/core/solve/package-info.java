/** A solver for yes-or-no decisions that order moments in time; it knows nothing of kitchens. */
@NullMarked
package hopsel.core.solve;

import org.jspecify.annotations.NullMarked;
