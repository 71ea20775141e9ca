/** The shopping list. */
@NullMarked
package hopsel.web.provision;

import org.jspecify.annotations.NullMarked;
