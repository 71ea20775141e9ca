/**
 * The dish bench: a dish being taken apart, what may be done to it, what it takes, and what a good colleague would
 * object to.
 */
@NullMarked
package hopsel.core.bench;

import org.jspecify.annotations.NullMarked;
