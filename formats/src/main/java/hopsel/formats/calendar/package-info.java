/** Calendars (iCalendar, RFC 5545). */
@NullMarked
package hopsel.formats.calendar;

import org.jspecify.annotations.NullMarked;
