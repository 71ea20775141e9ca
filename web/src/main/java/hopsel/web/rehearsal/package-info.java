/** The class before the class: how likely it ends in time, what is said and looked at when, what goes first. */
@NullMarked
package hopsel.web.rehearsal;

import org.jspecify.annotations.NullMarked;
