import { figure, less, type Figure } from '../../base/figure';
import type { Job } from '../../job';
import type { Gap } from '../layout';
import { count, length, message, text } from '../../base/message';
import type { Opening } from '../../place/opening';
import { doubtful, type Caution, type Problem } from '../../base/problem';
import { NO_SHELF, type Across, type Fastening, type Hardware, type PartSpec, type SystemResult } from './system';

interface DividersInput {
  readonly job: Pick<Job, 'further' | 'shelves' | 'place'>;
  readonly opening: Pick<Opening, 'extent'>;
  readonly gaps: readonly Gap[];
  /** The pieces of the shelves it stands between, and what is bought for them. */
  readonly specs: readonly PartSpec[];
  readonly hardware: readonly Hardware[];
}

export type Dividers = Pick<SystemResult, 'parts' | 'fastenings' | 'problems' | 'cautions'>;

type Wish = NonNullable<Job['further']>['dividers'][number];

/** A screw keeps so far from the end of the board it goes through, millimetres. */
const END_MM = 10;

/** Less than the clear gap, so that it slides in between two boards, millimetres. */
const PLAY_MM = 1;

/**
 * Upright boards that stand on a shelf and part it: as high as the clear gap, or as asked; as deep as the board, less
 * what hangs under the shelf above at the back and at the front. Two screws from below, two from above where it
 * reaches; none through a shelf that is hollow or of slats or mesh.
 */
export function dividersOf(input: DividersInput): Dividers {
  const { job } = input;
  const wishes = [...(job.further?.dividers ?? [])].sort((a, b) => a.shelf - b.shelf || a.at.mm - b.at.mm);
  const all = wishes.map((wish, i) => dividerOf(wish, `D${i + 1}`, input));
  const made = all.flatMap((one) => one.parts);
  const caution: Caution[] = made.length > 0 ? [{ message: message('caution.divider'), stage: 'shelves' }] : [];
  return {
    parts: made,
    fastenings: all.flatMap((one) => one.fastenings),
    problems: [...all.flatMap((one) => one.problems), ...meetOneAnother(made)],
    cautions: caution,
  };
}

/** Dividers of one shelf that would stand in one another. */
function meetOneAnother(made: readonly PartSpec[]): Problem[] {
  return made.flatMap((partSpec, i) => {
    const other = made
      .slice(0, i)
      .find(
        ({ shelf, across }) =>
          shelf === partSpec.shelf && across && partSpec.across && overlaps(across, partSpec.across),
      );
    const said = other && { piece: text(partSpec.label), shelf: count(partSpec.shelf), other: text(other.label) };
    return said ? [doubtful({ kind: 'shelf', shelf: partSpec.shelf }, message('problem.dividerMeets', said))] : [];
  });
}

const none = (...problems: Problem[]): Dividers => ({ parts: [], fastenings: [], problems, cautions: [] });

interface Named {
  readonly piece: ReturnType<typeof text>;
  readonly shelf: ReturnType<typeof count>;
}

type Deck = NonNullable<ReturnType<typeof deckOf>>;

/** Place of a divider. Millimetres. */
interface Standing {
  readonly about: { readonly kind: 'shelf'; readonly shelf: number };
  /** Name of the divider in problems. */
  readonly piece: Named;
  readonly gap: Gap;
  readonly board: Deck;
  readonly high: Figure;
  readonly across: Across;
}

/** Finds where a divider stands, or the problem; null when its shelf is not made. */
function standingOf({ shelf, at, height }: Wish, label: string, input: DividersInput): Standing | Problem | null {
  const { job, gaps } = input;
  const about = { kind: 'shelf', shelf } as const;
  const piece = { piece: text(label), shelf: count(shelf) };
  const gap = gaps.find((clear) => clear.below === shelf);
  const board = deckOf(shelf, input);
  // There is no such shelf, or it is not made: what is wrong with it is said of it.
  if (!gap || !board) return null;
  if (job.place.kind === 'corner') return doubtful(about, message('problem.dividerCorner', piece));
  const half = job.shelves.thickness.mm / 2;
  const { fromMm: start, toMm: stop } = board.across;
  const wide = stop - start;
  if (at.mm < half || at.mm > wide - half)
    return doubtful(about, message('problem.dividerOff', { ...piece, most: length(wide) }));
  const high = heightOf(height?.mm ?? null, gap);
  if (!high) return doubtful(about, message('problem.dividerTop', piece));
  if (high.mm > gap.clear.mm || high.mm <= 0)
    return doubtful(about, message('problem.dividerHigh', { ...piece, clear: length(gap.clear.mm) }));
  const across: Across = { fromMm: start + at.mm - half, toMm: start + at.mm + half };
  return { about, piece, gap, board, high, across };
}

function dividerOf(wish: Wish, label: string, input: DividersInput): Dividers {
  const { shelf } = wish;
  const { job, opening, specs } = input;
  const standing = standingOf(wish, label, input);
  if (standing === null) return none();
  if (!('gap' in standing)) return none(standing);
  const { about, piece, gap, board, high, across } = standing;
  const foot = board.place.upTo;
  const hangs = ({ shelf: of, place }: Pick<PartSpec, 'shelf' | 'place'>) =>
    of === gap.above && place.upFrom < foot + high.mm - 0.01;
  const room = { fromMm: across.fromMm - MOVED_MM, toMm: across.toMm + MOVED_MM };
  if (input.hardware.some((item) => hangs(item) && overlaps(item.across, room)))
    return none(doubtful(about, message('problem.dividerBracket', piece)));
  const beside = specs.find((spec) => isBeside(spec, foot, high.mm, room));
  if (beside) return none(doubtful(about, message('problem.dividerMeets', { ...piece, other: text(beside.label) })));
  const meets = specs.filter((spec) => hangs(spec) && overlaps(acrossOf(spec, opening.extent), room));
  const reaches = high.mm > gap.clear.mm - 2 * PLAY_MM;
  const above = reaches ? gap.above : null;
  // Between two shelves it is no deeper than the shallower.
  const upper = above !== null ? deckOf(above, input) : null;
  const deep = {
    outFrom: Math.max(board.place.outFrom, upper?.place.outFrom ?? 0),
    outTo: Math.min(board.place.outTo, upper?.place.outTo ?? Infinity),
  };
  const { rear, front, problems } = depthBetween(deep, meets, about, piece);
  if (front - rear <= 0) return none(...problems);
  const part: PartSpec = {
    shelf,
    id: `S${shelf}-divider-${label}`,
    role: 'divider',
    name: message('part.divider'),
    label,
    thicknessMm: job.shelves.thickness.mm,
    width: less(figure({ label: message('term.boardHere'), mm: front }), message('term.behindDivider'), rear),
    place: { upFrom: foot, upTo: foot + high.mm, outFrom: rear, outTo: front },
    across,
    upright: true,
    length: { kind: 'given', figure: high, rounded: 'down' },
    ...(board.unit ? { unit: board.unit } : {}),
  };
  const middleMm = board.across.fromMm + wish.at.mm;
  const joined = [shelf, ...(above !== null ? [above] : [])];
  const fastenings = joined.flatMap((of) => screwsInto(part, of, middleMm, high.mm, input));
  return { parts: [part], fastenings, problems, cautions: [] };
}

/** A divider is measured from its board's end, which is not known yet: it may stand so far beside. Millimetres. */
const MOVED_MM = 8;

/** Whether a divider would stand in a piece that rises there: the side of a case, the post of a bench. */
const isBeside = ({ shelf, role, upright, across, place }: PartSpec, foot: number, high: number, at: Across): boolean =>
  (shelf === NO_SHELF || role === 'post') &&
  upright === true &&
  across !== undefined &&
  place.upFrom < foot + high &&
  place.upTo > foot &&
  overlaps(across, at);

/** Screws through a shelf's board into a divider; from below through the shelf under the divider. */
function screwsInto(
  { id, shelf, thicknessMm, place }: PartSpec,
  of: number,
  middleMm: number,
  haveMm: number,
  input: DividersInput,
): Fastening[] {
  const deck = deckOf(of, input);
  // Beyond the end of a board that is shorter than the other there is nothing to screw through.
  if (!deck?.solid || middleMm < deck.across.fromMm + END_MM || middleMm > deck.across.toMm - END_MM) return [];
  // A rail that lies hidden in the board along its back is no wood for these screws.
  const hidden = input.specs.filter(
    (spec) => spec.shelf === of && spec.role === 'rail-back' && spec.place.upFrom >= deck.place.upFrom,
  );
  const outFrom = Math.max(place.outFrom, ...hidden.map((rail) => rail.place.outTo));
  const deepMm = place.outTo - outFrom;
  return [
    {
      id: `${id}/S${of}-board`,
      shelf,
      through: { kind: 'piece', id: `S${of}-board` },
      into: { kind: 'piece', id, grain: 'end', haveMm },
      with: 'screw',
      ...(of === shelf ? { heads: 'below' } : {}),
      passMm: thicknessMm,
      spread: {
        kind: 'from-end',
        end: 'left',
        inMm: middleMm - deck.across.fromMm,
        fromMm: outFrom - deck.place.outFrom,
        toMm: place.outTo - deck.place.outFrom,
        everyMm: deepMm,
        least: 2,
      },
      carries: null,
      leverMm: 0,
    },
  ];
}

/** What lies flat on one shelf, all of it together, and whether that is one solid board; null where there is none. */
function deckOf(shelf: number, { specs, opening: { extent } }: DividersInput) {
  const flat = specs.filter((spec) => spec.shelf === shelf && FLAT.has(spec.role));
  const [first] = flat;
  if (!first) return null;
  const place = flat.reduce(
    (all, { place: one }) => ({
      ...all,
      upTo: Math.max(all.upTo, one.upTo),
      outFrom: Math.min(all.outFrom, one.outFrom),
      outTo: Math.max(all.outTo, one.outTo),
    }),
    first.place,
  );
  const { length: rule } = first;
  // Between posts or let into grooves: so much shorter, or longer, than from wall to wall.
  const more = rule.kind === 'between-walls' ? (rule.between ?? []).reduce((sum, one) => sum + one.mm, 0) : 0;
  const across: Across = first.across ?? { fromMm: extent.left - more / 2, toMm: extent.right + more / 2 };
  return { place, across, unit: first.unit, solid: flat.length === 1 && first.role === 'board' };
}
const FLAT: ReadonlySet<PartSpec['role']> = new Set(['board', 'skin', 'slat', 'mesh']);

/** How high a divider is: as asked, or what the gap leaves; null where nothing is above and nothing was asked. */
function heightOf(asked: number | null, { above, clear }: Gap): Figure | null {
  if (asked !== null) return figure({ label: message('term.dividerHeight'), mm: asked });
  if (above === null) return null;
  return less(figure({ label: message('term.clearGap'), mm: clear.mm }), message('term.dividerPlay'), PLAY_MM);
}

/** Where a piece is across: a stick along a side wall is only as thick as it is. */
function acrossOf({ across, role, thicknessMm }: PartSpec, { left, right }: { left: number; right: number }): Across {
  if (across) return across;
  if (role === 'side-cleat-left') return { fromMm: left, toMm: left + thicknessMm };
  if (role === 'side-cleat-right') return { fromMm: right - thicknessMm, toMm: right };
  return { fromMm: left, toMm: right };
}

const overlaps = (a: Across, b: Across): boolean => a.fromMm < b.toMm && a.toMm > b.fromMm;

/** From where to where out a divider fits: in front of what hangs at the back, behind what hangs at the front. */
function depthBetween(
  deep: Pick<PartSpec['place'], 'outFrom' | 'outTo'>,
  meets: readonly PartSpec[],
  about: Problem['about'],
  piece: Named,
) {
  let [rear, front] = [deep.outFrom, deep.outTo];
  const middle = (rear + front) / 2;
  for (const { place, label } of meets) {
    if (place.outTo <= middle) rear = Math.max(rear, place.outTo + PLAY_MM);
    else if (place.outFrom >= middle) front = Math.min(front, place.outFrom - PLAY_MM);
    else
      return {
        rear,
        front: rear,
        problems: [doubtful(about, message('problem.dividerMeets', { ...piece, other: text(label) }))],
      };
  }
  return { rear, front, problems: [] as Problem[] };
}
