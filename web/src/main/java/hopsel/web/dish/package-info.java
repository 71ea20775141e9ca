/** The dishes of a class, taken apart. */
@NullMarked
package hopsel.web.dish;

import org.jspecify.annotations.NullMarked;
