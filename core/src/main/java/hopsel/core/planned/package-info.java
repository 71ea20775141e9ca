/** Everything that follows from a class, worked out together. */
@NullMarked
package hopsel.core.planned;

import org.jspecify.annotations.NullMarked;
