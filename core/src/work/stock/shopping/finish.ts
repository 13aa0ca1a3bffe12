import type { Part } from '../../../design/fit';
import { message, text } from '../../../base/message';
import type { Outline } from '../../../place/opening';
import { coatsFor, finishOf, type Coat } from '../../../job/document';
import { coatedLots, coatingsFor, finishFor, surfacesOf } from '../finish';
import type { ShoppingInput } from './input';
import { packed, packOf, tinOf, type Line, type ShoppingLine } from './line';

const TINS = { mm: [250, 750, 2500], cm: [250, 750, 2500], in: [237, 473, 946, 3785] } as const;
/** Planning price of a litre. */
const LITRE = { primer: 14, paint: 22, conditioner: 20, stain: 24, clear: 26, oil: 30 } as const;
/** A bead of caulk 5 mm across, millilitres to the metre; filler over a screw's head. */
const CAULK_ML_M = 20;
const FILLER_ML = 0.8;
/** Filler for an old hole in a wall, both times, millilitres (assumed). */
const OLD_HOLE_ML = 2;
/** What one sheet of paper sands before it is blunt, square metres; the grades in order. */
const SHEET_M2 = 1.2;
const GRADES = {
  bare: ['120', '180'],
  paint: ['120', '180', '240'],
  stain: ['120', '180', '220'],
  clear: ['120', '180', '240'],
  oil: ['120', '180', '240'],
} as const;

/** Lines for sanding, filling, coating and caulking. */
export function finishLines(line: Line, input: ShoppingInput): ShoppingLine[] {
  const { job, plan } = input;
  const wood = plan.parts.filter(({ role }) => role !== 'mesh' && role !== 'closet-rod');
  const { holes, paint } = job.build.prepare;
  if (wood.length === 0 && holes === 0 && !paint) return [];
  return [
    ...sandingLines(line, input, wood),
    ...fillerLines(line, input),
    ...coatingLines(line, input),
    ...caulkLines(line, input, wood),
  ];
}

/** Sandpaper by its grades: each lot takes those of its finish, old holes those of the boards. */
function sandingLines(line: Line, { job }: ShoppingInput, wood: readonly Part[]): ShoppingLine[] {
  const areaOf = new Map<string, number>();
  const usual = finishOf(job.stock.coats);
  const lots = coatedLots(wood, job).map(({ coats, parts }) => ({
    finish: finishOf(coats),
    areaM2: surfacesOf(parts),
  }));
  for (const { finish, areaM2 } of lots.length > 0 ? lots : [{ finish: usual, areaM2: 0 }])
    for (const grade of GRADES[finish]) areaOf.set(grade, (areaOf.get(grade) ?? 0) + areaM2);
  const forHoles = (grade: string) =>
    job.build.prepare.holes > 0 && (GRADES[usual] as readonly string[]).includes(grade) ? 1 : 0;
  const grades = [...areaOf].sort(([a], [b]) => Number(a) - Number(b));
  return grades.map(([grade, areaM2]) => {
    const need = Math.ceil(areaM2 / SHEET_M2) + forHoles(grade);
    return line({
      key: `sand-${grade}`,
      kind: 'finish',
      what: message('buy.sand', { grade: text(grade) }),
      need,
      unit: 'each',
      sizes: packed([1, 5, 10], 0.9),
      packName: packOf,
    });
  });
}

/** Filler for screw heads under paint, and for old holes. */
function fillerLines(line: Line, { job, plan }: ShoppingInput): ShoppingLine[] {
  const painted = new Set(plan.parts.flatMap((part) => (finishFor(part, job) === 'paint' ? [part.id] : [])));
  const heads = plan.fixings.reduce(
    (sum, { through, holes }) => sum + (through.kind === 'wall' || painted.has(through.id) ? holes.length : 0),
    0,
  );
  const fillerMl = (painted.size > 0 ? heads * FILLER_ML : 0) + job.build.prepare.holes * OLD_HOLE_ML;
  if (fillerMl === 0) return [];
  return [
    line({
      key: 'filler',
      kind: 'finish',
      what: message('buy.filler'),
      need: Math.ceil(fillerMl),
      unit: 'ml',
      sizes: [
        { holds: 100, price: 4.5 },
        { holds: 330, price: 7.5 },
      ],
      packName: tinOf,
    }),
  ];
}

/** Primer, paint, stain, clear coat and oil, for wood and walls together. */
function coatingLines(line: Line, { job, plan }: ShoppingInput): ShoppingLine[] {
  const { units, build } = job;
  const litresOf = new Map<Coat, number>();
  const walls = build.prepare.paint ? coatingsFor(wallsOf(plan.opening), coatsFor(job, 'wall')) : [];
  const pieces = coatedLots(plan.parts, job).flatMap(({ coats, parts }) => coatingsFor(surfacesOf(parts), coats));
  for (const { what, litres } of [...pieces, ...walls]) litresOf.set(what, (litresOf.get(what) ?? 0) + litres);
  return [...litresOf]
    .filter(([, litres]) => litres > 0)
    .map(([what, litres]) =>
      line({
        key: what,
        kind: 'finish',
        what: message(`buy.${what}`),
        need: Math.ceil(litres * 1000),
        unit: 'ml',
        sizes: TINS[units].map((holds) => ({
          holds,
          price: Math.round(10 * LITRE[what] * (holds / 1000) ** 0.85) / 10,
        })),
        packName: tinOf,
      }),
    );
}

/** Caulk for painted boards: seams at the ends and along the back. */
function caulkLines(line: Line, { job }: ShoppingInput, wood: readonly Part[]): ShoppingLine[] {
  const seamsMm = wood
    .filter(({ role, fit, corner }) => role === 'board' && (fit || corner))
    .reduce((sum, { length: long, width }) => sum + long.mm + 2 * width.mm, 0);
  if (finishOf(coatsFor(job, 'shelves')) !== 'paint' || job.fit.habit === 'loose' || seamsMm === 0) return [];
  return [
    line({
      key: 'caulk',
      kind: 'finish',
      what: message('buy.caulk'),
      need: Math.ceil((seamsMm / 1000) * CAULK_ML_M),
      unit: 'ml',
      sizes: [{ holds: 300, price: 5 }],
      packName: tinOf,
    }),
  ];
}

/** The walls of a place as they are painted: back and sides, square metres. */
function wallsOf({ extent: { left, right, depth, height } }: Pick<Outline, 'extent'>): number {
  return ((right - left + 2 * depth) * height) / 1e6;
}
