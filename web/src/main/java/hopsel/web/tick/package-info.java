/** What was ticked off, by several people at once. */
package hopsel.web.tick;
