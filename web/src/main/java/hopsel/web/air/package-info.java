/** The desk: a class while it is on air, on the host's, the assistant's and the audience's screens. */
@NullMarked
package hopsel.web.air;

import org.jspecify.annotations.NullMarked;
