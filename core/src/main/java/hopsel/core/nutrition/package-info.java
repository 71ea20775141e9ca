/** What is in a dish, as information: sums of typical values, and what is missing from them. */
@NullMarked
package hopsel.core.nutrition;

import org.jspecify.annotations.NullMarked;
