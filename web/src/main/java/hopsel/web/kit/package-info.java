/** A kit for each attendee. */
package hopsel.web.kit;
