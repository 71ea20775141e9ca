/** Trays in the order of use, and the prep list. */
@NullMarked
package hopsel.web.mise;

import org.jspecify.annotations.NullMarked;
