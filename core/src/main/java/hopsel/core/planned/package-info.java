/** Everything that follows from a class, worked out together. */
package hopsel.core.planned;
