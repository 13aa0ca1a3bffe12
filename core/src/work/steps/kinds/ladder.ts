import type { StepTool } from '../step';

/** Above this one stands on something. Millimetres (assumed). */
const REACH_MM = 1900;

/** The ladder, where work is up so high. */
export const ladderTo = (upMm: number): readonly StepTool[] => (upMm > REACH_MM ? ['ladder'] : []);
