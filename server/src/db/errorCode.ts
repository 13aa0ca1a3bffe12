const FULL = new Set(['SQLITE_FULL', 'ENOSPC', 'EDQUOT']);

/** Whether an error of the database or of a file says that the disk takes no more. */
export function isDiskFull(error: unknown): boolean {
  return FULL.has(codeOf(error));
}

/** The code of an error of SQLite or of the system, also where TypeORM has wrapped it; empty where there is none. */
export function codeOf(error: unknown): string {
  if (typeof error !== 'object' || error === null) return '';
  if ('driverError' in error) return codeOf(error.driverError);
  return 'code' in error ? String(error.code) : '';
}
