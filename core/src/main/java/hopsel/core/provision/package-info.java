/** What the class needs altogether and the cheapest packs that cover it. */
@NullMarked
package hopsel.core.provision;

import org.jspecify.annotations.NullMarked;
