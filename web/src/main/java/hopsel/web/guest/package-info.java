/** An attendee's own page, reached without signing in, and the log of who looked at what people avoid. */
@NullMarked
package hopsel.web.guest;

import org.jspecify.annotations.NullMarked;
