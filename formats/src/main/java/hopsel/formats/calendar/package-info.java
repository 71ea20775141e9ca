/** Calendars (iCalendar, RFC 5545). */
package hopsel.formats.calendar;
