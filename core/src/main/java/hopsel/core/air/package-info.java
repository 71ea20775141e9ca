/**
 * A class while it is on air: what happened, what that makes of the rest of the plan, and what can be done about it.
 */
package hopsel.core.air;
