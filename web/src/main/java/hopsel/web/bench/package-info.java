/** The dish bench: recipes brought in, taken apart, and their history. */
@NullMarked
package hopsel.web.bench;

import org.jspecify.annotations.NullMarked;
