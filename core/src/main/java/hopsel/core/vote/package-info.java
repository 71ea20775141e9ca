/** Ideas for coming classes, and what each would take. */
package hopsel.core.vote;
