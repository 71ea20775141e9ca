/** A dish taken apart: components, ingredient lines and timed steps. */
@NullMarked
package hopsel.core.dish;

import org.jspecify.annotations.NullMarked;
