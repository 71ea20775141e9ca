/** The house that cooks: its name, its money, and how its figures are written. */
@NullMarked
package hopsel.core.house;

import org.jspecify.annotations.NullMarked;
