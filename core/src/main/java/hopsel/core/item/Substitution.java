package hopsel.core.item;

import hopsel.core.Copyable;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * One ingredient in place of another.
 *
 * @param replaced id of the item that goes
 * @param use id of the item that comes
 * @param ratio grams of what comes for each gram of what goes, above 0
 * @param role what it does in the dish, such as binder
 * @param note a remark for the cook
 * @param effect what it changes in taste or time
 */
@Copyable
public record Substitution(
        String replaced,
        String use,
        BigDecimal ratio,
        Optional<String> role,
        Optional<String> note,
        Optional<String> effect)
        implements SubstitutionBuilder.With {}
