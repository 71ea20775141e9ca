/** Reads recipes as people write them: ingredient lines, and the times, temperatures and cues in the text of steps. */
@NullMarked
package hopsel.core.recipe;

import org.jspecify.annotations.NullMarked;
