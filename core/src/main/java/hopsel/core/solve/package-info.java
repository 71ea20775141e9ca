/** A solver for yes-or-no decisions that order moments in time; it knows nothing of kitchens. */
package hopsel.core.solve;
