package hopsel.core.dish;

import hopsel.core.Copyable;

/**
 * A rung of the ladder that corrects a step.
 *
 * @param trouble what is wrong: too thin, too sticky
 * @param remedy what to do
 * @param dose how much at a time
 * @param limit when to stop
 */
@Copyable
public record Rescue(String trouble, String remedy, String dose, String limit) implements RescueBuilder.With {}
