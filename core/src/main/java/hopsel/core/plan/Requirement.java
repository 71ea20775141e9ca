package hopsel.core.plan;

/**
 * One machine that an activity holds.
 *
 * @param able numbers of the machines that would do
 * @param units how much of it
 * @param heat what it must be set to, or null where that does not matter
 */
record Requirement(int[] able, int units, Heat heat) {}
