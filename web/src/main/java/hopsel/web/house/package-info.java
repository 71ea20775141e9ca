/** What is known of the house, for whatever writes figures and papers. */
@NullMarked
package hopsel.web.house;

import org.jspecify.annotations.NullMarked;
