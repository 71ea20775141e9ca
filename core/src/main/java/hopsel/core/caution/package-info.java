/** Cautions found from ingredients and techniques. Usual guidance, never a promise; local rules come first. */
@NullMarked
package hopsel.core.caution;

import org.jspecify.annotations.NullMarked;
