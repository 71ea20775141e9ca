/** Ingredients: what they weigh, what is in them, how they are sold, and the catalogue that holds them. */
@NullMarked
package hopsel.core.item;

import org.jspecify.annotations.NullMarked;
