/** What was ticked off, by several people at once. */
@NullMarked
package hopsel.web.tick;

import org.jspecify.annotations.NullMarked;
