/** The catalogue of ingredients: looked through, added to, overridden. */
@NullMarked
package hopsel.web.catalogue;

import org.jspecify.annotations.NullMarked;
