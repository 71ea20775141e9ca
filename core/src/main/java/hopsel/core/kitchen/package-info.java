/** The place and its people: ovens, rings, appliances, hosts, assistants and the windows in which they are there. */
@NullMarked
package hopsel.core.kitchen;

import org.jspecify.annotations.NullMarked;
