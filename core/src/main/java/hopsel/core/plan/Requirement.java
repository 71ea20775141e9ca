package hopsel.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * One machine that an activity holds.
 *
 * @param able numbers of the machines that would do
 * @param units how much of it
 * @param heat what it must be set to, or null where that does not matter
 */
record Requirement(int[] able, int units, @Nullable Heat heat) {}
