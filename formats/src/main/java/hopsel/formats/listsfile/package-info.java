/** The lists file, {@code hopsel-lists} version 1. */
@NullMarked
package hopsel.formats.listsfile;

import org.jspecify.annotations.NullMarked;
