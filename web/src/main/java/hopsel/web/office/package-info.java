/** The office of the house: what is said once for all classes. */
@NullMarked
package hopsel.web.office;

import org.jspecify.annotations.NullMarked;
