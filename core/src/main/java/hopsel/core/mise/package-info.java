/** Mise en place: what stands ready for each activity, and what is washed and cut once for all of them. */
@NullMarked
package hopsel.core.mise;

import org.jspecify.annotations.NullMarked;
