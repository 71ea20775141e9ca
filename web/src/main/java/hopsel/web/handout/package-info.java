/** What an attendee takes home, as a page and as a PDF. */
package hopsel.web.handout;
