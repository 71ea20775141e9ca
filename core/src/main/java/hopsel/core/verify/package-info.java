/**
 * Checks a finished plan against the fifteen rules. Shares no code with the planner, so that a mistake there is seen
 * here.
 */
package hopsel.core.verify;
