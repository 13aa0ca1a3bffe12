import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { figure } from '../../base/figure';
import { typedLength, type Job } from '../../job';
import { message, type Message } from '../../base/message';
import { openingOf, type Opening } from '../../place/opening';
import { floorMark } from '../../place/kinds';
import { planJob } from '../../plan';
import { readingAt, spotOfKind } from '../../place/reading';
import { surveyOf } from '../../place/survey';
import {
  type MarkedPart,
  fromThere,
  levelLineProblems,
  levelLineWords,
  pinHoles,
  runningMarks,
  stationsOf,
  tiltedShelves,
  type LaidShelf,
} from '.';

const mm = (value: number) => typedLength(String(value), 'mm');

/** The alcove with a floor that falls 9 mm to the right over its width, told by a level across it and two heights. */
function falling(): Job {
  const job = chimneyAlcove();
  const level = (at: 'front' | 'back') =>
    readingAt(
      { ...spotOfKind('level'), of: 'floor', along: 'across', at, overMm: 1000 } as Parameters<typeof readingAt>[0],
      {
        id: `level-${at}`,
        value: mm(8),
        sense: 'right',
        typed: { over: mm(1000) },
        unit: 'mm',
      } as Parameters<typeof readingAt>[1],
    );
  return { ...job, readings: [...job.readings, level('front'), level('back')] };
}

/** All of an opening between two walls, with one shelf. */
const whole = ({ extent: { left, right } }: Opening): MarkedPart => {
  const wall = { kind: 'wall' } as const;
  return { id: '', fromMm: left, toMm: right, left: wall, right: wall, shelves: [1] };
};

test('on a floor that falls 9 to the right, a level mark is 9 higher above the floor there', () => {
  const extent = {
    left: -500,
    right: 500,
    depth: 300,
    height: 2400,
    measured: { width: true, depth: true, height: true },
  };
  const height = ({ surface, across }: { surface: string; across: number }) =>
    (surface === 'ceiling' ? 2400 : 0) - (9 * (across - floorMark(extent).across)) / 1000;
  const known = {
    extent,
    surfaces: ['left', 'right', 'back', 'floor', 'ceiling'],
    position: () => ({ mm: 0, sdMm: 0.5 }),
    between: (from: never, to: never, label: Message) =>
      figure({ label, mm: height(to) - height(from), readings: ['r1'] }),
  } as unknown as Opening;
  const up = figure({ label: message('term.base'), mm: 900 });
  const mark = { shelf: 1, what: 'shelf-top', up, fromLevelLine: up } as const;
  const read = Object.fromEntries(
    stationsOf(known, { ...chimneyAlcove().place, studs: [] }, 300, whole(known)).map((station) => [
      station.id,
      fromThere(mark, station, '0.5mm'),
    ]),
  );
  // The floor mark is 40 in from the left wall: 0.36 of the fall lies behind it there.
  expect(read['left-front']?.fromFloor?.mm).toBe(899.5);
  expect(read['right-front']?.fromFloor?.mm).toBe(908.5);
  // A ceiling that falls along leaves the same mark 9 nearer to it.
  expect(read['left-front']?.fromCeiling?.mm).toBe(1500.5);
  expect(read['right-front']?.fromCeiling?.mm).toBe(1491.5);
});

test('measured on a floor that falls to the right, a level mark is higher above the floor there', () => {
  const job = falling();
  const plan = planJob(job);
  const mark = plan.marks.find((wallMark) => wallMark.shelf === 1 && wallMark.what === 'shelf-top')!;
  const at = (id: string) =>
    fromThere(
      mark,
      plan.stations.find((station) => station.id === id)!,
      '0.5mm',
    );
  const [left, right] = [at('left-front').fromFloor!, at('right-front').fromFloor!];
  expect(Math.abs(left.mm - mark.up.mm)).toBeLessThanOrEqual(1);
  expect(right.mm - left.mm).toBeGreaterThan(6);
  expect(right.mm - left.mm).toBeLessThan(10);
  for (const one of [left, right]) expect(one.terms.reduce((sum, term) => sum + term.mm, 0)).toBeCloseTo(one.mm, 6);
  // What it rests on is named.
  expect(right.terms.flatMap((term) => term.readings ?? []).length).toBeGreaterThan(0);
});

test('from the floor there and from the ceiling there come to the height there', () => {
  const job = falling();
  const opening = openingOf(surveyOf(job));
  const plan = planJob(job);
  for (const station of stationsOf(opening, job.place, 340, whole(opening))) {
    for (const mark of plan.marks) {
      const { fromFloor, fromCeiling } = fromThere(mark, station, '0.5mm');
      expect(fromFloor!.mm + fromCeiling!.mm).toBeCloseTo(station.ceiling!.at.mm - station.floor!.at.mm, -0.5);
    }
  }
});

test('one marks at the side walls front and back, and at every stud of the back', () => {
  const closet = cloakroomCloset();
  const ids = planJob(closet).stations.map((station) => station.id);
  expect(ids).toEqual([
    'left-front',
    'left-back',
    'stud-stud-back-8-1-2',
    'stud-stud-back-24-1-2',
    'right-back',
    'right-front',
  ]);
  expect(planJob(chimneyAlcove()).stations.map((station) => station.id)).toContain('back-middle');
});

test('a closet rail is marked at its middle, like a shelf: from the level line, from floor and ceiling there', () => {
  const plan = planJob(cloakroomCloset());
  const rail = plan.marks.find((mark) => mark.what === 'rail')!;
  // 62 3/4 up; the level line is 48 up.
  expect(rail.up.mm).toBeCloseTo(62.75 * 25.4, 6);
  expect(rail.fromLevelLine.mm).toBeCloseTo(14.75 * 25.4, 6);
  const { fromFloor, fromCeiling } = fromThere(rail, plan.stations[0]!, '1/16in');
  expect(fromFloor!.mm).toBeCloseTo(rail.up.mm, -0.5);
  expect(fromCeiling!.mm).toBeCloseTo(95.75 * 25.4 - rail.up.mm, -1);
});

test('running marks rise from the floor mark', () => {
  const ups = runningMarks(planJob(chimneyAlcove()).marks).map((runningMark) => runningMark.up.mm);
  expect(ups).toEqual([...ups].sort((a, b) => a - b));
  expect(ups).toHaveLength(10);
});

test('a level line that misses its beginning is named; while there is none, how to strike it is told', () => {
  const job = chimneyAlcove();
  expect(levelLineWords(job).code).toBe('level.none.level');
  expect(levelLineWords({ ...job, kit: ['laser'] }).code).toBe('level.none.laser');
  const carried = { ...job, levelLine: { up: mm(1000), carried: 'water' as const, closing: mm(3) } };
  expect(levelLineWords(carried).code).toBe('level.carried.water');
  expect(levelLineProblems(carried, 2400)).toHaveLength(1);
  expect(levelLineProblems({ ...carried, levelLine: { ...carried.levelLine, closing: mm(0.5) } }, 2400)).toEqual([]);
  expect(
    levelLineProblems({ ...carried, levelLine: { up: mm(1000) } }, 620).map(({ message }) => message.code),
  ).toEqual(['problem.lineAbove']);
  expect(levelLineProblems({ ...carried, levelLine: { up: mm(1000) } }, null)).toEqual([]);
});

test('a shelf tilted 30 degrees by hand: 200 deep rises 100 and runs 173.2; boards of 20 need 10 more', () => {
  const wishes = [100, 300].map((front, i) => ({ id: `t${i}`, front: mm(front), degrees: 30, depth: mm(200) }));
  const { tilted, problems } = tiltedShelves({ wishes, thicknessMm: 20, depthMm: 300 });
  expect(problems).toEqual([]);
  const [low, high] = tilted;
  expect(low?.rear.mm).toBeCloseTo(200, 6);
  expect(low?.run.mm).toBeCloseTo(173.205, 3);
  expect(low?.needs.mm).toBeCloseTo(183.205, 3);
  expect(low?.frontUnder.mm).toBeCloseTo(82.679, 3);
  // Fronts 200 apart, 173.2 square to the slope, less a board.
  expect(low?.clear?.mm).toBeCloseTo(153.205, 3);
  expect(high?.clear).toBeNull();
});

test('tilted shelves too deep, too low or too near to one another are named', () => {
  const wish = (front: number, i: number) => ({ id: `t${i}`, front: mm(front), degrees: 20, depth: mm(300) });
  const { problems } = tiltedShelves({ wishes: [wish(5, 0), wish(20, 1)], thicknessMm: 20, depthMm: 250 });
  const codes = new Set(problems.map((problem) => problem.message.code));
  expect(codes).toEqual(new Set(['problem.tiltedLow', 'problem.tiltedDeep', 'problem.tiltedShut']));
});

function shelf(number: number, topMm: number): LaidShelf {
  const at = (value: number) => figure({ label: message('term.base'), mm: value });
  return { number, top: at(topMm), underside: at(topMm - 18), held: null, id: null };
}
const pins = { pitch: mm(32), setBack: mm(37), diameter: mm(5), hangs: mm(3), either: 1 };

test('pins about a fixed shelf by hand: holes 3 below each wanted underside, and one pitch above and below', () => {
  const shelves = [shelf(1, 300), shelf(2, 600), shelf(3, 900)];
  const { pins: laid, problems } = pinHoles({ wish: pins, shelves, fromMm: 0, toMm: 1200, depthMm: 300 });
  expect(problems).toEqual([]);
  expect(laid?.fixed).toBe(2);
  expect(laid?.holes.map((hole) => hole.upMm)).toEqual([247, 279, 311, 847, 879, 911]);
  // From the fixed shelf's underside 582 down, from its top 600 up.
  expect(laid?.holes.map((hole) => hole.fromFixed.mm)).toEqual([335, 303, 271, 247, 279, 311]);
  expect(laid?.holes.filter((hole) => hole.shelf !== null).map((hole) => hole.shelf)).toEqual([1, 3]);
  expect(laid?.rowsMm).toEqual([37, 263]);
});

test('a hole that would fall in the groove, or off the side, is left out; a main one is named', () => {
  const shelves = [shelf(1, 25), shelf(2, 600), shelf(3, 620)];
  const { pins: laid, problems } = pinHoles({ wish: pins, shelves, fromMm: 0, toMm: 1200, depthMm: 300 });
  expect(problems.map((problem) => problem.message.code)).toEqual(['problem.pinInGroove', 'problem.pinInGroove']);
  for (const hole of laid?.holes ?? []) expect(hole.upMm > 606 || hole.upMm < 576).toBe(true);
  const narrow = pinHoles({ wish: pins, shelves, fromMm: 0, toMm: 1200, depthMm: 70 });
  expect(narrow.problems.map((problem) => problem.message.code)).toContain('problem.pinRows');
});
