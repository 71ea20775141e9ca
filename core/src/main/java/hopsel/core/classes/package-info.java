/** The class as a whole, and the review that finds every fault in it before it is used. */
package hopsel.core.classes;
