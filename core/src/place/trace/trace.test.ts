import { chimneyAlcove } from '../../rigs/demo';
import { typedLength } from '../../job';
import { signedValue, spotOf } from '../reading';
import { at, overChord, surveyOf } from '../survey';
import { edgeFor, edgesOf, traceReadings, wallTrace, type DrawnLine, type DrawnPoint } from '.';

const asDrawn = { turned: false, mirrored: false } as const;
/**
 * A board's outline, 800 by 300, whose left end bellies towards it by 4 in the middle and whose back is hollow by 6.
 */
const board: DrawnLine = {
  closed: true,
  points: [
    ...Array.from({ length: 41 }, (_, i): DrawnPoint => [i * 20, -6 * Math.sin((Math.PI * i) / 40)]),
    [810, 300],
    [0, 300],
    ...Array.from({ length: 14 }, (_, i): DrawnPoint => {
      const y = 280 - i * 20;
      return [4 * Math.sin((Math.PI * y) / 300), y];
    }),
  ],
};

test('a closed outline has four sides, the front one straight and the longest', () => {
  const edges = edgesOf([board]);
  expect(edges.map((edge) => Math.round(edge.chordMm))).toEqual([810, 800, 300, 300]);
});

test('the left wall bellies by 4 halfway out: by hand 4 sin(π/6), 4 sin(π/3) and 4 at 50, 100 and 150', () => {
  const edge = edgeFor(edgesOf([board]), 'left')!;
  const { chordMm, stations } = wallTrace(edge, { wall: 'left', ...asDrawn }, 'mm');
  expect(chordMm).toBeCloseTo(300, 6);
  expect(stations.map((station) => station.atMm)).toEqual([50, 100, 150, 200, 250]);
  // Between drawn points the line is a chord, some hundredths short of the curve.
  [2, 3.464, 4, 3.464, 2].forEach((mm, i) => expect(stations[i]?.offMm).toBeCloseTo(-mm, 1));
});

test('the back is hollow by 6, the right wall runs straight', () => {
  const edges = edgesOf([board]);
  const back = wallTrace(edgeFor(edges, 'back')!, { wall: 'back', ...asDrawn }, 'mm');
  expect(back.stations).toHaveLength(15);
  expect(back.stations[7]?.offMm).toBeCloseTo(6, 2);
  const right = wallTrace(edgeFor(edges, 'right')!, { wall: 'right', ...asDrawn }, 'mm');
  expect(Math.max(...right.stations.map((station) => Math.abs(station.offMm)))).toBeLessThan(1e-9);
});

test('turned end for end the stations are the other way round; seen from below a belly is a hollow', () => {
  const lopsided: DrawnLine = {
    closed: false,
    points: [
      [0, 0],
      [-2, 100],
      [0, 300],
    ],
  };
  const [edge] = edgesOf([lopsided]);
  const off = (wish: { turned: boolean; mirrored: boolean }) =>
    wallTrace(edge!, { wall: 'left', ...wish }, 'mm').stations.map((station) => Math.round(station.offMm * 100) / 100);
  expect(off(asDrawn)).toEqual([1, 2, 1.5, 1, 0.5]);
  // Turned by half a turn what was left of the line is right of it.
  expect(off({ turned: true, mirrored: false })).toEqual([-0.5, -1, -1.5, -2, -1]);
  expect(off({ turned: false, mirrored: true })).toEqual([-1, -2, -1.5, -1, -0.5]);
});

test('many short lines that meet are one; what is shorter than a wall is left out', () => {
  const pieces = Array.from({ length: 30 }, (_, i): DrawnLine => {
    const part: DrawnPoint[] = [
      [i * 10, 0],
      [i * 10 + 10, 0],
    ];
    return { closed: false, points: i % 2 ? part : [...part].reverse() };
  });
  const edges = edgesOf([
    ...pieces,
    {
      closed: false,
      points: [
        [500, 0],
        [520, 0],
      ],
    },
  ]);
  expect(edges.map((edge) => edge.chordMm)).toEqual([300]);
});

test('a traced wall becomes readings of it, to the finest mark, each with its place along the line', () => {
  const edge = edgeFor(edgesOf([board]), 'left')!;
  const trace = wallTrace(edge, { wall: 'left', ...asDrawn }, 'in');
  const readings = traceReadings(trace, {
    wall: 'left',
    up: typedLength('40', 'in'),
    start: typedLength('1/2', 'in'),
    unit: 'in',
  });
  expect(readings).toHaveLength(5);
  const spot = spotOf(readings[0]!);
  expect(spot).toMatchObject({ kind: 'offset', wall: 'left', upMm: 1016 });
  expect(spot.kind === 'offset' ? [spot.startMm, spot.onMm, spot.endMm] : []).toEqual([
    12.7,
    63.5,
    expect.closeTo(312.7, 0),
  ]);
  // 4 sin(π 50.8 / 300) = 2.03 mm of belly; the nearest 1/32 in is 3.
  expect(signedValue(readings[0]!)).toBeCloseTo(-(3 / 32) * 25.4, 6);
});

test('the survey follows a traced wall: where it bellied by 4 it is now known to, and better than before', () => {
  const job = chimneyAlcove();
  const edge = edgeFor(edgesOf([board]), 'left')!;
  const traced = traceReadings(wallTrace(edge, { wall: 'left', ...asDrawn }, 'mm'), {
    wall: 'left',
    up: typedLength('1500', 'mm'),
    start: typedLength('20', 'mm'),
    unit: 'mm',
  });
  const bow = (readings: typeof job.readings) => {
    const point = (out: number) => at('left', out, 1500);
    return surveyOf({ ...job, readings }).solved.ask(overChord(point(20), point(170), point(320)));
  };
  const [before, after] = [bow(job.readings), bow([...job.readings, ...traced])];
  // x of a left wall that bellies into the room grows.
  expect(after.mean).toBeGreaterThan(3);
  expect(Math.abs(before.mean)).toBeLessThan(1);
  expect(after.sd).toBeLessThan(before.sd);
});
