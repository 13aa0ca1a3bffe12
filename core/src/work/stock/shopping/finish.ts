import type { Part } from '../../../design/fit';
import { message, text } from '../../../base/message';
import type { Outline } from '../../../place/opening';
import { coatingsFor, surfaceOf, wallCoatingsFor, type Coating } from '../finish';
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
  const areaM2 = wood.reduce((sum, part) => sum + surfaceOf(part), 0);
  const { holes, paint } = job.build.prepare;
  if (areaM2 === 0 && holes === 0 && !paint) return [];
  return [
    ...sandingLines(line, input, areaM2),
    ...fillerLines(line, input),
    ...coatingLines(line, input, areaM2),
    ...caulkLines(line, input, wood),
  ];
}

function sandingLines(line: Line, { job }: ShoppingInput, areaM2: number): ShoppingLine[] {
  const need = Math.ceil(areaM2 / SHEET_M2) + (job.build.prepare.holes > 0 ? 1 : 0);
  return GRADES[job.stock.finish].map((grade) =>
    line({
      key: `sand-${grade}`,
      kind: 'finish',
      what: message('buy.sand', { grade: text(grade) }),
      need,
      unit: 'each',
      sizes: packed([1, 5, 10], 0.9),
      packName: packOf,
    }),
  );
}

/** Filler for screw heads under paint, and for old holes. */
function fillerLines(line: Line, { job, plan }: ShoppingInput): ShoppingLine[] {
  const heads = plan.fixings.reduce((sum, fixing) => sum + fixing.holes.length, 0);
  const painted = job.stock.finish === 'paint';
  const fillerMl = (painted ? heads * FILLER_ML : 0) + job.build.prepare.holes * OLD_HOLE_ML;
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
function coatingLines(line: Line, { job, plan }: ShoppingInput, areaM2: number): ShoppingLine[] {
  const { units, build, stock } = job;
  const litresOf = new Map<Coating, number>();
  const walls = build.prepare.paint ? wallCoatingsFor(wallsOf(plan.opening)) : [];
  for (const { what, litres } of [...coatingsFor(areaM2, stock), ...walls])
    litresOf.set(what, (litresOf.get(what) ?? 0) + litres);
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
  if (job.stock.finish !== 'paint' || job.fit.habit === 'loose' || seamsMm === 0) return [];
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
