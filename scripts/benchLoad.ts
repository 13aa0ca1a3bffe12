import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { fitParts } from '@dormer/core/design/fit';
import { placeFixings } from '@dormer/core/design/fixing';
import { SYSTEM_NAMES, typedLength, withSystem, type Job, type SystemName } from '@dormer/core/job';
import { layOut } from '@dormer/core/design/layout';
import { curesFor, solvePlate, strengthOf } from '@dormer/core/design/load';
import { openingOf } from '@dormer/core/place/opening';
import { surveyOf } from '@dormer/core/place/survey';
import { applySystems, underOf } from '@dormer/core/design/system';

// Prints how long it takes to reckon the strength of twelve shelves, each of its own length and with a load of its own,
// and what would cure them; and how much a finer mesh would change their sag.

const RUNS = 9;
const SHELVES = 12;
const mm = (value: number) => typedLength(String(value), 'mm');
const middle = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;

function twelve(system: SystemName): Job {
  const job = chimneyAlcove();
  const shelves = {
    ...job.shelves,
    way: 'equal-gaps',
    count: SHELVES,
    bottom: { kind: 'height', up: mm(200) },
    thickness: mm(system === 'floating-rails' ? 40 : 18),
  } as const;
  const walls = system === 'side-screwed' ? ('panel' as const) : job.place.walls;
  return withSystem({ ...job, shelves, place: { ...job.place, walls } }, job.support.system, system);
}

for (const system of SYSTEM_NAMES) {
  const job = twelve(system);
  const opening = openingOf(surveyOf(job));
  const { shelves, gaps, space, contents } = layOut({ job, opening, under: underOf(job) });
  const made = applySystems({ job, opening, shelves, gaps, space, box: null });
  const { parts } = fitParts({ specs: made.parts, opening, job });
  const { fixings } = placeFixings({ fastenings: made.fastenings, parts, hardware: made.hardware, opening, job });
  const input = { holds: made.holds, parts, hardware: made.hardware, fixings, contents, opening, job };
  const [took, cured]: [number[], number[]] = [[], []];
  for (let run = 0; run < RUNS; run += 1) {
    const from = performance.now();
    const strengths = strengthOf(input);
    const between = performance.now();
    curesFor(input, strengths);
    took.push(between - from);
    cured.push(performance.now() - between);
  }
  const held = strengthOf(input).length;
  console.log(
    `${system.padEnd(18)} ${held} shelves, ${fixings.length} joints: ` +
      `strength ${middle(took).toFixed(0)} ms, cures ${middle(cured).toFixed(0)} ms`,
  );
}

const board = {
  lengthMm: 1100,
  depthMm: 320,
  thicknessMm: 18,
  ribs: [],
  stiffness: { alongMpa: 11_000, acrossMpa: 370, shearMpa: 690, poisson: 0.35 },
};
const edge = (id: string, x1: number, y1: number, x2: number, y2: number) =>
  ({ id, from: [x1, y1], to: [x2, y2] }) as const;
const rests = [edge('l', 10, 10, 10, 320), edge('r', 1090, 10, 1090, 320), edge('b', 0, 10, 1100, 10)];
const sag = (across: number) =>
  solvePlate({ ...board, rests }, [{ pressure: 1e-3, points: [] }], across)?.[0]?.mostMm ?? NaN;
const fine = sag(64);
const off = (100 * Math.abs(sag(16) / fine - 1)).toFixed(2);
console.log(`mesh of 16 along a shelf on three sides: sag off by ${off} % of that of 64`);
