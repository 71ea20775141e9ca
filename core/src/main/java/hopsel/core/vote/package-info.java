/** Ideas for coming classes, and what each would take. */
@NullMarked
package hopsel.core.vote;

import org.jspecify.annotations.NullMarked;
