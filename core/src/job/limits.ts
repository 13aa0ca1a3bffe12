/** The version of the job document this code writes. */
export const JOB_VERSION = 1;
export const JOB_FORMAT = 'dormer-job';

/** The most a job document may hold: readings, shelves, characters. */
export const LIMITS = { readings: 500, shelves: 40, name: 120, notes: 4000, id: 64 } as const;

export const SIDES = ['left', 'middle', 'right'] as const;
export const SPOTS_OUT = ['front', 'back'] as const;
