/** Ideas for coming classes, guests' votes for them, and what guests say of a class afterwards. */
@NullMarked
package hopsel.web.vote;

import org.jspecify.annotations.NullMarked;
