/** What an attendee takes home, as a page and as a PDF. */
@NullMarked
package hopsel.web.handout;

import org.jspecify.annotations.NullMarked;
