package hopsel.core.plan;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * Where a need is met.
 *
 * @param resource id of the resource
 * @param units shelves or rings in use
 * @param celsius what it is set to; empty where the need sets no temperature
 */
public record Placement(String resource, int units, Optional<BigDecimal> celsius) {}
