import fc from 'fast-check';
import { versionsToDrop, type AgedVersion } from './thinning';

const NOW = new Date(2026, 10, 20, 15, 0, 0);
const saved = (version: number, daysAgo: number, hour: number, minute: number, setAside = 0): AgedVersion => ({
  version,
  savedAt: new Date(2026, 10, 20 - daysAgo, hour, minute).toISOString(),
  setAside,
});

test('all of today stay, the last of each hour of the week before, the last of each older day', () => {
  const versions = [
    saved(1, 30, 9, 0),
    saved(2, 30, 10, 0, 1),
    saved(3, 30, 11, 0),
    saved(4, 30, 12, 0),
    saved(5, 3, 9, 5),
    saved(6, 3, 9, 50),
    saved(7, 3, 10, 0),
    saved(8, 0, 8, 0),
    saved(9, 0, 8, 1),
  ];
  expect(versionsToDrop(versions, NOW).sort()).toEqual([1, 3, 5]);
});

test('the newest stays, however old, and an hour holds one version', () => {
  expect(versionsToDrop([saved(1, 400, 9, 0), saved(2, 400, 9, 1)], NOW)).toEqual([1]);
});

test('a version whose time cannot be read stays', () => {
  expect(versionsToDrop([{ version: 1, savedAt: 'then', setAside: 0 }, saved(2, 400, 9, 1)], NOW)).toEqual([]);
});

const anyVersions = fc
  .array(
    fc.record({
      minutesAgo: fc.integer({ min: 0, max: 60 * 24 * 40 }),
      setAside: fc.constantFrom(0, 0, 0, 1),
    }),
    { maxLength: 60 },
  )
  .map((all) =>
    [...all]
      .sort((a, b) => b.minutesAgo - a.minutesAgo)
      .map(({ minutesAgo, setAside }, index) => ({
        version: index + 1,
        savedAt: new Date(NOW.getTime() - minutesAgo * 60_000).toISOString(),
        setAside,
      })),
  );

test('thinning twice is thinning once, and every day that had a version has one', () => {
  fc.assert(
    fc.property(anyVersions, (versions) => {
      const drop = new Set(versionsToDrop(versions, NOW));
      const kept = versions.filter(({ version }) => !drop.has(version));
      expect(versionsToDrop(kept, NOW)).toEqual([]);
      const days = (all: readonly AgedVersion[]) => new Set(all.map(({ savedAt }) => new Date(savedAt).toDateString()));
      expect(days(kept)).toEqual(days(versions));
      expect(versions.every(({ version, setAside }) => setAside === 0 || !drop.has(version))).toBe(true);
    }),
  );
});
