/**
 * Simulated devices that ship with the application, so that packing can be tried without them: what they show follows
 * from what was done to them and the time alone.
 */
@NullMarked
package hopsel.core.device;

import org.jspecify.annotations.NullMarked;
