/** The version of the job document this code writes. */
export const JOB_VERSION = 1;
export const JOB_FORMAT = 'dormer-job';

/** The most a job document may hold: readings, shelves, characters. */
export const LIMITS = { readings: 500, shelves: 40, name: 120, notes: 4000, id: 64 } as const;

/** A job file larger than this is not one: 500 readings take less than a tenth of it. Characters. */
export const LONGEST_FILE = 2_000_000;

export const SIDES = ['left', 'middle', 'right'] as const;
export const SPOTS_OUT = ['front', 'back'] as const;
