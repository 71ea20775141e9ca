/** Who avoids what, what may stand in for it, and what that means for one line of one dish. */
@NullMarked
package hopsel.core.diet;

import org.jspecify.annotations.NullMarked;
