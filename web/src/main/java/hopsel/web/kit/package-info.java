/** A kit for each attendee. */
@NullMarked
package hopsel.web.kit;

import org.jspecify.annotations.NullMarked;
