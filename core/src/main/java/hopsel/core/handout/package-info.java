/** What an attendee takes home: one dish after another, with their amounts, their substitutions and the cautions. */
package hopsel.core.handout;
