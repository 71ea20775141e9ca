package hopsel.core.solve;

/**
 * A rule between two moments, {@code to ≥ from + least}, that holds wherever its guard does.
 *
 * @param from number of a moment
 * @param to number of a moment
 * @param least seconds, negative for an upper limit the other way round
 * @param guard literal
 */
record Edge(int from, int to, int least, int guard) implements Reason {}
