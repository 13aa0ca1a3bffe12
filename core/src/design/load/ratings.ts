/**
 * What one anchor or plug may carry without its packet's own figure, kilograms: shear; half of it in pull. Planning
 * values.
 */
export const ANCHOR_KG = 10;
export const PLUG_KG = 25;
