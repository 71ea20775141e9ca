/** Food on its way through a dish: what goes into each step, in which state, and what comes out of it. */
@NullMarked
package hopsel.core.food;

import org.jspecify.annotations.NullMarked;
