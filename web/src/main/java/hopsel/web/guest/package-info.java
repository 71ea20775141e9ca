/** An attendee's own page, reached without signing in, and the log of who looked at what people avoid. */
package hopsel.web.guest;
