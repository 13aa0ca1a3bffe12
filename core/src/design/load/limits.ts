/** Sag that is seen: 1.7 mm for each metre of span (about 0.02 in per foot). */
export const SEEN_MM_PER_M = 1.7;
/** The usual limit of building work. */
export const SPAN_OVER = 360;

/** How much a shelf may sag over a span, millimetres: before it is seen, and by the usual limit. */
export const sagLimits = (spanMm: number) => ({ seenMm: (spanMm * SEEN_MM_PER_M) / 1000, usualMm: spanMm / SPAN_OVER });

/** Newtons for a kilogram. */
export const GRAVITY = 9.81;
