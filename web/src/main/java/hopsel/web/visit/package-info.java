/** A guest's own page. */
package hopsel.web.visit;
