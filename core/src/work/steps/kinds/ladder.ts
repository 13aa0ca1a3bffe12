import type { StepTool } from '../step';

/** Height above which a person needs a ladder. Millimetres (assumed). */
const REACH_MM = 1900;

/** The ladder, for work above that height. */
export const ladderTo = (upMm: number): readonly StepTool[] => (upMm > REACH_MM ? ['ladder'] : []);
