/** Who takes part, and what they cannot have. */
@NullMarked
package hopsel.core.guest;

import org.jspecify.annotations.NullMarked;
