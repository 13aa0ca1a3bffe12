/** What thinning looks at of a saved version. */
export interface AgedVersion {
  readonly version: number;
  /** ISO time. */
  readonly savedAt: string;
  /** 1 for a version that a person decided against. */
  readonly setAside: number;
}

const HOUR_MS = 3_600_000;
const HOURLY_DAYS = 7;

/**
 * Versions of one job that are no longer kept. All of today stay; of the seven days before, the last of each hour; of
 * older days, the last of each. The newest stays, and so does each that a person decided against. Days and hours are
 * those of the machine's own clock. A version whose time cannot be read stays.
 * @param versions all versions of the job, in any order
 * @returns numbers of the versions to be dropped
 */
export function versionsToDrop(versions: readonly AgedVersion[], now: Date): number[] {
  const today = new Date(now);
  today.setHours(0, 0, 0, 0);
  const hourlyFrom = today.getTime() - HOURLY_DAYS * 24 * HOUR_MS;
  const newestFirst = [...versions].sort((a, b) => b.version - a.version);
  const filled = new Set<string>();
  return newestFirst
    .filter(({ savedAt, setAside }, index) => {
      const at = new Date(savedAt);
      if (at >= today || Number.isNaN(at.getTime())) return false;
      const day = at.toDateString();
      const bucket = at.getTime() >= hourlyFrom ? `${day} ${at.getHours()}` : day;
      const isLast = !filled.has(bucket);
      filled.add(bucket);
      return !isLast && index > 0 && setAside === 0;
    })
    .map(({ version }) => version);
}
