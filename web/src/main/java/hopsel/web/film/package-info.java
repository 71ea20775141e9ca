/** The film of a recording. */
@NullMarked
package hopsel.web.film;

import org.jspecify.annotations.NullMarked;
