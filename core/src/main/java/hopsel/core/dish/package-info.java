/** A dish taken apart: components, ingredient lines and timed steps. */
package hopsel.core.dish;
