/** Reads recipes as people write them: ingredient lines, and the times, temperatures and cues in the text of steps. */
package hopsel.core.recipe;
