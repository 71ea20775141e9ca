/** Amounts as a cook writes them and the grams, millilitres and seconds they stand for. */
@NullMarked
package hopsel.core.measure;

import org.jspecify.annotations.NullMarked;
