package hopsel.core.solve;

/**
 * A bound that follows from several others.
 *
 * @param guards literals it depends on
 * @param entries changes of bounds it depends on
 */
record Deduction(int[] guards, int[] entries) implements Reason {}
