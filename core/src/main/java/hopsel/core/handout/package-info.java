/** What an attendee takes home: one dish after another, with their amounts, their substitutions and the cautions. */
@NullMarked
package hopsel.core.handout;

import org.jspecify.annotations.NullMarked;
