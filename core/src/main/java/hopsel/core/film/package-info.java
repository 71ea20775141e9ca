/** A recording on its two clocks: the day in the kitchen, and the film that comes of it. */
@NullMarked
package hopsel.core.film;

import org.jspecify.annotations.NullMarked;
