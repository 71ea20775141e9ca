/** A guest's own page. */
@NullMarked
package hopsel.web.visit;

import org.jspecify.annotations.NullMarked;
