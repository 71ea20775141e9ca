/** What is bought, and in which packs. */
@NullMarked
package hopsel.core.shop;

import org.jspecify.annotations.NullMarked;
