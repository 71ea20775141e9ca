/** The run sheet: plans kept ready, the drawing and the list. */
@NullMarked
package hopsel.web.plan;

import org.jspecify.annotations.NullMarked;
