/** The dish file: a dish on the bench with everything noted about it. */
@NullMarked
package hopsel.formats.dishfile;

import org.jspecify.annotations.NullMarked;
