/** The run sheet: plans kept ready, the drawing and the list. */
package hopsel.web.plan;
