/** The plan file, {@code hopsel-plan} version 1. */
@NullMarked
package hopsel.formats.planfile;

import org.jspecify.annotations.NullMarked;
