package hopsel.core.solve;

/**
 * What may hold some of a place from a moment on.
 *
 * @param start number of the moment
 * @param full seconds it is held
 * @param brief seconds it is held instead where {@code isBrief} is true; no longer than full
 * @param isBrief literal
 * @param units how much of it
 * @param held literal: it is held at all
 */
public record Demand(int start, int full, int brief, int isBrief, int units, int held) {}
