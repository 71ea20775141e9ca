/** Who takes part, and what they cannot have. */
package hopsel.core.guest;
