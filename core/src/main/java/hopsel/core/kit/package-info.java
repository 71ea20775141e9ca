/** What each attendee is handed, with their allergies met. */
@NullMarked
package hopsel.core.kit;

import org.jspecify.annotations.NullMarked;
