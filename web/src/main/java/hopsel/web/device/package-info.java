/** Simulated devices of the packing bench: kitchen scales and a label printer. */
@NullMarked
package hopsel.web.device;

import org.jspecify.annotations.NullMarked;
