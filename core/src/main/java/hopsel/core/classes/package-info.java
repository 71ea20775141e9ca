/** The class as a whole, and the review that finds every fault in it before it is used. */
@NullMarked
package hopsel.core.classes;

import org.jspecify.annotations.NullMarked;
