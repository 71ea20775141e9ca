/** Ideas for coming classes, guests' votes for them, and what guests say of a class afterwards. */
package hopsel.web.vote;
