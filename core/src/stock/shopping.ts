import type { Part } from '../fit';
import type { Fixing, Needed } from '../fixing';
import type { Job } from '../job';
import { count, length, message, nested, text, type Message } from '../message';
import type { Outline } from '../opening';
import type { Hardware } from '../system';
import type { Cutting } from './cutting';
import type { StockItem } from './catalogue';
import { coatingsFor, surfaceOf, wallCoatingsFor, type Coating } from './finish';
import { cutKinds } from './glued';
import { packsFor, type Pack } from './packs';

/** One line of what is brought home. */
export interface ShoppingLine {
  /** Stable: ticks, prices and what there is already hang on it. */
  readonly key: string;
  readonly kind: 'wood' | 'hardware' | 'glue' | 'finish';
  readonly what: Message;
  /** How much is needed, and how much of that there is already, in the unit it is counted in. */
  readonly need: number;
  readonly have: number;
  readonly unit: 'each' | 'ml' | 'm';
  readonly packs: readonly {
    readonly key: string;
    readonly what: Message;
    readonly count: number;
    readonly price: number;
  }[];
  readonly price: number;
  readonly priceIs: StockItem['priceIs'];
  /** The shop has fewer than this takes. */
  readonly short: boolean;
}

export interface Shopping {
  readonly lines: readonly ShoppingLine[];
  readonly total: number;
  /** One board more than is needed, of which the largest piece could be cut again; null where nothing is bought. */
  readonly spare: { readonly item: StockItem; readonly price: number } | null;
}

export interface ShoppingInput {
  readonly job: Pick<Job, 'stock' | 'units' | 'fit' | 'wood' | 'further' | 'tape' | 'build'>;
  readonly plan: {
    readonly parts: readonly Part[];
    readonly needed: readonly Needed[];
    readonly hardware: readonly Hardware[];
    readonly fixings: readonly Fixing[];
    readonly opening: Pick<Outline, 'extent'>;
    /** The steps of the work: whatever they name is on the list. */
    readonly build: { readonly steps: readonly { readonly materials: readonly Message[] }[] };
  };
  readonly cutting: Pick<Cutting, 'buy' | 'blanks' | 'glueUps' | 'layouts' | 'groups'>;
}

// Packs as such things are usually sold, and planning prices for them.
const packed = (sizes: readonly number[], each: number): Pack[] =>
  sizes.map((holds) => ({ holds, price: Math.max(0.5, Math.round(10 * each * holds ** 0.85) / 10) }));
const TINS = { mm: [250, 750, 2500], cm: [250, 750, 2500], in: [237, 473, 946, 3785] } as const;
const LITRE = { primer: 14, paint: 22, conditioner: 20, stain: 24, clear: 26, oil: 30 } as const;
/** Glue on a jointed edge or face, grams to the square metre. */
const GLUE_G_M2 = 180;
const GLUE_G_ML = 1.1;
/** What a few butt joints take, millilitres (assumed). */
const LEAST_GLUE_ML = 20;
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

/**
 * Everything that is brought home once: wood by the cutting, hardware in packs, what it is glued and finished with,
 * less what there is.
 */
export function shoppingFor({ job, plan, cutting }: ShoppingInput): Shopping {
  const { stock } = job;
  const have = new Map(stock.have.map((one) => [one.what, one.count]));
  const prices = new Map(stock.prices.map((one) => [one.item, one]));
  const line = (
    key: string,
    kind: ShoppingLine['kind'],
    what: Message,
    need: number,
    unit: ShoppingLine['unit'],
    sizes: readonly Pack[],
    packName: (holds: number) => Message,
  ): ShoppingLine => {
    const priced = sizes.map((one) => ({ ...one, price: prices.get(`${key}:${one.holds}`)?.price ?? one.price }));
    const there = Math.min(have.get(key) ?? 0, need);
    const { packs, price } = packsFor(need - there, priced);
    return {
      key,
      kind,
      what,
      need,
      have: have.get(key) ?? 0,
      unit,
      packs: packs.map((one) => ({
        key: `${key}:${one.holds}`,
        what: packName(one.holds),
        count: one.count,
        price: one.price,
      })),
      price,
      priceIs: packs.some((one) => prices.has(`${key}:${one.holds}`)) ? 'shop' : 'planning',
      short: packs.some((one) => (prices.get(`${key}:${one.holds}`)?.left ?? Infinity) < one.count),
    };
  };
  const pieces = (holds: number) => (holds === 1 ? message('buy.each') : message('buy.pack', { count: count(holds) }));
  const ml = (holds: number) => message('buy.tin', { size: text(volumeWords(holds, job.units)) });

  const wood = cutting.buy.map(({ item, count: need }): ShoppingLine => {
    const there = Math.min(have.get(item.id) ?? 0, need);
    const each = message('buy.board', { item: nested(item.name), long: length(item.lengthMm) });
    const sheet = message('buy.sheet', {
      item: nested(item.name),
      long: length(item.lengthMm),
      wide: length(item.widthMm),
    });
    const what = item.form === 'sheet' ? sheet : each;
    return {
      key: item.id,
      kind: 'wood',
      what,
      need,
      have: have.get(item.id) ?? 0,
      unit: 'each',
      packs: need > there ? [{ key: item.id, what: message('buy.each'), count: need - there, price: item.price }] : [],
      price: (need - there) * item.price,
      priceIs: item.priceIs,
      short: item.left !== null && item.left < need - there,
    };
  });
  const hardware = plan.needed.map((one): ShoppingLine => {
    const { code } = one.what;
    const key = `${code.replace(/^.*\./, '')}${code.startsWith('needed') && 'size' in one.what.params ? `-${slug(JSON.stringify(one.what.params.size))}` : slug(JSON.stringify(one.what.params))}`;
    return line(key, 'hardware', one.what, one.count, 'each', hardwarePacks(code), pieces);
  });
  const small = smallLines(line, plan, pieces);
  const glue = glueLines(line, plan, cutting, ml);
  const veneer = veneerLines(line, plan, job);
  const finish = finishLines(line, job, plan, ml, pieces);
  const lines = [...wood, ...hardware, ...small, ...glue, ...veneer, ...finish];
  return { lines, total: lines.reduce((sum, one) => sum + one.price, 0), spare: spareOf(cutting) };
}

type Line = (
  key: string,
  kind: ShoppingLine['kind'],
  what: Message,
  need: number,
  unit: ShoppingLine['unit'],
  sizes: readonly Pack[],
  packName: (holds: number) => Message,
) => ShoppingLine;

function hardwarePacks(code: string): Pack[] {
  switch (code) {
    case 'needed.anchor':
      return packed([4, 10, 25], 0.9);
    case 'needed.plug':
      return packed([25, 100], 0.16);
    case 'needed.pin':
      return packed([500, 2500], 0.03);
    case 'needed.pocket':
      return packed([50, 100, 250], 0.2);
    case 'needed.screw':
      return packed([25, 50, 100, 200], 0.18);
    default:
      return packed([1], 4.5);
  }
}

/** Shims are bought by the bundle; a shelf that lies on pins has four. */
const SHIMS = 24;
const PINS_A_SHELF = 4;

/** What steps name beside screws: shims that level what stands, pins that shelves lie on. */
function smallLines(line: Line, { build }: ShoppingInput['plan'], pieces: (holds: number) => Message): ShoppingLine[] {
  const naming = (code: Message['code']) =>
    build.steps.filter((one) => one.materials.some((of) => of.code === code)).length;
  const [shimmed, pinned] = [naming('buy.shims'), naming('buy.shelfPins')];
  return [
    ...(shimmed > 0
      ? [line('shims', 'hardware', message('buy.shims'), SHIMS, 'each', packed([12, 24], 0.15), pieces)]
      : []),
    ...(pinned > 0
      ? [
          line(
            'shelf-pins',
            'hardware',
            message('buy.shelfPins'),
            PINS_A_SHELF * pinned,
            'each',
            packed([8, 20, 50], 0.2),
            pieces,
          ),
        ]
      : []),
  ];
}

/** Glue for panels, layers, housings and joints: by the surface that is glued. */
function glueLines(
  line: Line,
  { parts, build }: ShoppingInput['plan'],
  { blanks }: ShoppingInput['cutting'],
  ml: (holds: number) => Message,
): ShoppingLine[] {
  const faces = blanks.reduce((sum, { piece, lengthMm, widthMm, thicknessMm }) => {
    if (!piece || piece.number === piece.of) return sum;
    const size = { strip: lengthMm * thicknessMm, layer: lengthMm * widthMm, joined: widthMm * thicknessMm }[piece.is];
    return sum + size;
  }, 0);
  const housings = parts.reduce(
    (sum, { joint, width }) =>
      joint?.is === 'housed' ? sum + joint.atMm.length * (joint.wideMm + 2 * joint.depthMm) * width.mm : sum,
    0,
  );
  const nosings = parts.reduce(
    (sum, { role, length: long, thicknessMm }) => (role === 'nosing' ? sum + long.mm * thicknessMm : sum),
    0,
  );
  const grams = ((faces + housings + nosings) / 1e6) * GLUE_G_M2;
  // Boards made of pieces are glued whatever holds the joints; of joints only what a step glues.
  const named = build.steps.some((one) => one.materials.some(({ code }) => code === 'buy.glue'));
  if (!named && faces === 0) return [];
  return [
    line(
      'glue',
      'glue',
      message('buy.glue'),
      Math.max(Math.ceil(grams / GLUE_G_ML), LEAST_GLUE_ML),
      'ml',
      packed([250, 750], 0.03),
      ml,
    ),
  ];
}

/**
 * Edge veneer for the front edges of boards that are cut from sheets and have no nosing, in metres with what is trimmed
 * off.
 */
function veneerLines(line: Line, { parts }: ShoppingInput['plan'], job: ShoppingInput['job']): ShoppingLine[] {
  const sheets = new Set(cutKinds(parts, job).sheets);
  const nosed = new Set(parts.flatMap((one) => (one.role === 'nosing' ? [one.shelf] : [])));
  const bare = parts.filter(
    (part) => (part.role === 'board' || part.role === 'divider') && !nosed.has(part.shelf) && sheets.has(part.id),
  );
  const metres = bare.reduce((sum, one) => sum + (one.length.mm + VENEER_OVER_MM) / 1000, 0);
  return metres === 0
    ? []
    : [
        line(
          'veneer',
          'glue',
          message('buy.veneer'),
          Math.ceil(metres * 10) / 10,
          'm',
          packed([5, 10, 25], 1.2),
          (holds) => message('buy.roll', { metres: count(holds) }),
        ),
      ];
}

/** What edge veneer stands over at its ends, to be trimmed. Millimetres. */
const VENEER_OVER_MM = 40;

function finishLines(
  line: Line,
  { stock, units, fit, build }: ShoppingInput['job'],
  { parts, fixings, opening }: ShoppingInput['plan'],
  ml: (holds: number) => Message,
  pieces: (holds: number) => Message,
): ShoppingLine[] {
  const wood = parts.filter((one) => one.role !== 'mesh' && one.role !== 'closet-rod');
  const area = wood.reduce((sum, one) => sum + surfaceOf(one), 0);
  const { holes, paint } = build.prepare;
  if (area === 0 && holes === 0 && !paint) return [];
  const sanding = GRADES[stock.finish].map((grade) =>
    line(
      `sand-${grade}`,
      'finish',
      message('buy.sand', { grade: text(grade) }),
      Math.ceil(area / SHEET_M2) + (holes > 0 ? 1 : 0),
      'each',
      packed([1, 5, 10], 0.9),
      pieces,
    ),
  );
  const litresOf = new Map<Coating, number>();
  for (const { what, litres } of [...coatingsFor(area, stock), ...(paint ? wallCoatingsFor(wallsOf(opening)) : [])])
    litresOf.set(what, (litresOf.get(what) ?? 0) + litres);
  const coatings = [...litresOf]
    .filter(([, litres]) => litres > 0)
    .map(([what, litres]) =>
      line(
        what,
        'finish',
        message(`buy.${what}`),
        Math.ceil(litres * 1000),
        'ml',
        TINS[units].map((holds) => ({ holds, price: Math.round(10 * LITRE[what] * (holds / 1000) ** 0.85) / 10 })),
        ml,
      ),
    );
  const heads = fixings.reduce((sum, one) => sum + one.holes.length, 0);
  const painted = stock.finish === 'paint';
  const fillerMl = (painted ? heads * FILLER_ML : 0) + holes * OLD_HOLE_ML;
  const filler =
    fillerMl > 0
      ? [
          line(
            'filler',
            'finish',
            message('buy.filler'),
            Math.ceil(fillerMl),
            'ml',
            [
              { holds: 100, price: 4.5 },
              { holds: 330, price: 7.5 },
            ],
            ml,
          ),
        ]
      : [];
  // Where boards meet walls at their ends and along the back.
  const joints = wood.reduce(
    (sum, one) => (one.role === 'board' && (one.fit || one.corner) ? sum + one.length.mm + 2 * one.width.mm : sum),
    0,
  );
  const caulk =
    painted && fit.habit !== 'loose' && joints > 0
      ? [
          line(
            'caulk',
            'finish',
            message('buy.caulk'),
            Math.ceil((joints / 1000) * CAULK_ML_M),
            'ml',
            [{ holds: 300, price: 5 }],
            ml,
          ),
        ]
      : [];
  return [...sanding, ...filler, ...coatings, ...caulk];
}

/** The walls of a place as they are painted: back and sides, square metres. */
function wallsOf({ extent: { left, right, depth, height } }: Pick<Outline, 'extent'>): number {
  return ((right - left + 2 * depth) * height) / 1e6;
}

/**
 * The board one would rather have one more of: the cheapest from which the largest piece of the dearest kind is cut
 * again.
 */
function spareOf({ buy, groups, layouts }: ShoppingInput['cutting']): Shopping['spare'] {
  const [most] = [...groups].sort((a, b) => b.price - a.price);
  if (!most) return null;
  const largest = Math.max(
    0,
    ...layouts.filter((one) => one.group === most.id).map((one) => one.item.lengthMm * one.item.widthMm),
  );
  const bought = buy.filter((one) =>
    layouts.some((layout) => layout.group === most.id && layout.item.id === one.item.id),
  );
  const [spare] = bought
    .filter((one) => one.item.lengthMm * one.item.widthMm >= largest - 1)
    .sort((a, b) => a.item.price - b.item.price);
  return spare ? { item: spare.item, price: spare.item.price } : null;
}

const slug = (words: string) =>
  words
    .replace(/"(is|text|params|code)":/g, '')
    .replace(/[^A-Za-z0-9.]+/g, '-')
    .replace(/^-text-|^-+|-+$/g, '');

function volumeWords(millilitres: number, units: Job['units']): string {
  if (units === 'in') {
    const names: Record<number, string> = { 237: '1/2 pint', 473: '1 pint', 946: '1 quart', 3785: '1 gallon' };
    return names[millilitres] ?? `${(millilitres / 29.57).toFixed(0)} fl oz`;
  }
  return millilitres >= 1000 ? `${millilitres / 1000} l` : `${millilitres} ml`;
}
