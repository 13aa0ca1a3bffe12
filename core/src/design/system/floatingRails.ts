import { figure, less, type Figure } from '../../base/figure';
import { length, message } from '../../base/message';
import type { Band } from '../../place/opening';
import { wallKindOf } from '../../place/kinds';
import { stop, type Problem } from '../../base/problem';
import { alongRun } from './along';
import { corneredShelf } from './corner';
import { boxedFront } from './boxedFront';
import { lockTo, railHeight, stripOn } from './floatingJoints';
import * as pieces from './pieces';
import type { Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'floating-rails'>;
type Shelf = Input['shelves'][number];

/**
 * A shelf that slides over rails on the walls and hides them. Hollow: two skins and a front strip between which the
 * rails go; or glued up of layers with a slot. A rail is lower than its slot by what is shaved off it, and stops short
 * of the front; screws through a skin lock the shelf to it.
 */
export const floatingRails: System<'floating-rails'> = {
  name: 'floating-rails',
  places: ['alcove', 'corner', 'run', 'span'],
  traits: { seen: 'hidden', liftsOut: false, wants: 'power' },
  under: () => ({ backMm: 0, sideMm: 0, hangsMm: 0 }),
  plan: (input) => {
    const { asked, shelves, opening } = input;
    const blocked = problemsOf(input);
    const made = blocked.length > 0 || !opening.surfaces.includes('back') ? [] : shelves;
    const corner = input.job.place.kind === 'corner';
    const stick = {
      thicknessMm: asked.railThickness.mm,
      heightMm: railHeight(input).mm,
      underMm: asked.skin.mm,
      setBackMm: asked.setBack.mm,
      role: 'rail',
    } as const;
    const cornered = corner ? made.map((shelf) => cornerOf(shelf, input, stick)) : [];
    return {
      parts: corner ? cornered.flatMap((one) => one.parts) : made.flatMap((shelf) => partsOf(shelf, input)),
      hardware: [],
      holds: corner ? cornered.map((one) => one.hold) : made.map((shelf) => holdOf(shelf, input)),
      fastenings: corner
        ? cornered.flatMap((one) => one.fastenings)
        : made.flatMap((shelf) => fasteningsOf(shelf, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: [
        message('order.float.rails'),
        message('order.float.dry'),
        message('order.float.slide'),
        message(asked.lock === 'below' ? 'order.float.lockBelow' : 'order.float.lockAbove'),
      ],
      problems: [
        ...blocked,
        ...(opening.surfaces.includes('back') ? [] : [stop({ kind: 'support' }, message('problem.noBackForCleat'))]),
      ],
      cautions: pieces.usualCautions,
    };
  },
  suit: ({ opening, job: { place, tools } }) => {
    const lined = wallKindOf(place, 'back') === 'lined' && place.studs.every((stud) => stud.wall !== 'back');
    return {
      fors: [message('suit.float.hidden')],
      againsts: [
        ...(opening.surfaces.includes('back') ? [] : [message('suit.noBack')]),
        ...(place.kind === 'run' ||
        (opening.surfaces.includes('left') !== opening.surfaces.includes('right') && place.kind !== 'corner')
          ? [message('suit.float.oneWall')]
          : []),
        ...(lined ? [message('suit.noStuds')] : []),
        ...(tools === 'hand' ? [message('suit.handSlots')] : []),
      ],
    };
  },
};

/** A rail lower than this splits when it is screwed, millimetres. */
const LEAST_RAIL_MM = 18;

const leastThickness = ({ skin, shave }: Input['asked']) => LEAST_RAIL_MM + 2 * skin.mm + shave.mm;

/** How far a side rail reaches out from the back rail: it stops short of the front strip. */
function sideRail({ asked }: Input, depthMm: number): Figure {
  const shelf = figure({ label: message('term.shelfDepth'), mm: depthMm });
  const front = less(shelf, message('term.lessFront'), asked.frontThickness.mm);
  const back = less(front, message('term.lessBackRail'), asked.railThickness.mm);
  return less(back, message('term.setBack'), asked.setBack.mm);
}

/** A rail lies right under the upper skin, which rests on it: what is shaved off it is left below. */
function railPlace({ top }: Shelf, input: Input): Pick<Band, 'upFrom' | 'upTo'> {
  const upTo = top.mm - input.asked.skin.mm;
  return { upFrom: upTo - railHeight(input).mm, upTo };
}

/** A slot is so much deeper than the rail that goes into it, millimetres. */
const SLOT_PLAY_MM = 1;

/** The slot of a laminated shelf, into which the rails go. */
const slotOf = ({ asked, wish }: Pick<Input, 'asked' | 'wish'>) =>
  ({
    kind: 'slotted',
    backMm: asked.railThickness.mm + SLOT_PLAY_MM,
    endsMm: asked.railThickness.mm + SLOT_PLAY_MM,
    highMm: wish.thickness.mm - 2 * asked.skin.mm,
  }) as const;

/** The skins of a hollow shelf with its front strip, or one board with a slot. */
function boardsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish, opening, job } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const { rule, across } = alongRun(opening, job.place.kind !== 'run');
  const made = (partSpec: PartSpec): PartSpec => (across ? { ...partSpec, across } : partSpec);
  const long = rule ? { length: rule } : {};
  if (asked.made === 'laminated') {
    const [board] = pieces.boardAndNosing({ shelf, thicknessMm: wish.thickness.mm, depthMm, nosing: null, ...long });
    return [made({ ...(board as PartSpec), joints: [slotOf(input)] })];
  }
  const front = { thicknessMm: asked.frontThickness.mm, heightMm: wish.thickness.mm };
  const [top, strip] = pieces.boardAndNosing({
    shelf,
    thicknessMm: asked.skin.mm,
    depthMm,
    nosing: front,
    ...long,
  }) as [PartSpec, PartSpec];
  const upper: Band = { ...top.place, upFrom: shelf.top.mm - asked.skin.mm };
  const lower: Band = { ...top.place, upFrom: shelf.underside.mm, upTo: shelf.underside.mm + asked.skin.mm };
  const banded = (partSpec: PartSpec, band: Band): PartSpec =>
    made({
      ...partSpec,
      place: band,
      length: 'band' in partSpec.length ? { ...partSpec.length, band } : partSpec.length,
    });
  return [
    banded({ ...top, name: message('part.skin.top'), label: `${n}T` }, upper),
    banded({ ...top, id: `S${n}-skin`, role: 'skin', name: message('part.skin.bottom'), label: `${n}U` }, lower),
    made({ ...strip, name: message('part.frontStrip'), label: `${n}F` }),
  ];
}

function partsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, opening } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const { rule, across } = alongRun(opening, input.job.place.kind !== 'run');
  const up = railPlace(shelf, input);
  const thick = asked.railThickness.mm;
  const back: Band = { ...up, outFrom: 0, outTo: thick };
  const sideLength = sideRail(input, depthMm);
  const side: Band = { ...up, outFrom: thick, outTo: thick + sideLength.mm };
  const rail = { shelf: n, thicknessMm: thick, width: railHeight(input) };
  const ends = { label: message('term.railShort'), mm: 4 };
  const sides = (['left', 'right'] as const).filter((wall) => opening.surfaces.includes(wall));
  return [
    ...boardsOf(shelf, input),
    {
      ...rail,
      id: `S${n}-rail-back`,
      role: 'rail-back',
      name: message('part.rail.back'),
      label: `${n}B`,
      place: back,
      ...(across ? { across } : {}),
      length: rule ? rule(back) : { kind: 'between-walls', band: back, stance: 'on-edge', least: ends },
    },
    ...sides.map((wall): PartSpec => ({
      ...rail,
      id: `S${n}-side-cleat-${wall}`,
      role: `side-cleat-${wall}`,
      name: message(wall === 'left' ? 'part.rail.left' : 'part.rail.right'),
      label: `${n}${wall === 'left' ? 'L' : 'R'}`,
      place: side,
      length: { kind: 'along-side', side: wall, band: side, figure: sideLength },
    })),
  ];
}

function holdOf({ number: n }: Shelf, input: Input): Hold {
  const { asked, wish, opening } = input;
  const depthMm = input.depthOf(n);
  const thick = asked.railThickness.mm;
  const reach = thick + sideRail(input, depthMm).mm;
  const sides = (['left', 'right'] as const).filter((wall) => opening.surfaces.includes(wall));
  const rests = [
    pieces.restAlong(`S${n}-rail-back`, thick / 2),
    ...sides.map((wall) =>
      pieces.restAcross(`S${n}-side-cleat-${wall}`, { from: wall, inMm: thick / 2 }, thick / 2, reach),
    ),
  ];
  // A shelf on its back rail alone is held by the rail's whole depth: it cannot turn up behind.
  const gripped = sides.length < 2 ? [{ ...pieces.restAlong(`S${n}-rail-back`, 0) }] : [];
  const hold = { shelf: n, board: `S${n}-board`, rests: [...rests, ...gripped] };
  if (asked.made === 'laminated') return { ...hold, ribs: [] };
  const front = boxedFront({
    thicknessMm: wish.thickness.mm,
    skinMm: asked.skin.mm,
    stripMm: asked.frontThickness.mm,
    spanMm: opening.extent.right - opening.extent.left,
  });
  return {
    ...hold,
    skins: { skinMm: asked.skin.mm },
    ribs: [
      {
        part: `S${n}-nosing`,
        heightMm: wish.thickness.mm,
        thicknessMm: front.widthMm,
        outMm: depthMm - asked.frontThickness.mm,
        offsetMm: 0,
      },
    ],
  };
}

function fasteningsOf({ number: n }: Shelf, input: Input): Fastening[] {
  const { asked, opening } = input;
  const height = railHeight(input).mm;
  const toWall = (part: string, wall: 'left' | 'back' | 'right') =>
    pieces.stickToWall({ shelf: n, part, wall, thicknessMm: asked.railThickness.mm, heightMm: height });
  const sides = (['left', 'right'] as const).filter((wall) => opening.surfaces.includes(wall));
  return [
    toWall(`S${n}-rail-back`, 'back'),
    ...sides.map((wall) => toWall(`S${n}-side-cleat-${wall}`, wall)),
    lockTo(n, input),
    ...(asked.made === 'hollow' ? stripOn(n, input) : []),
  ];
}

/** In a corner: the skins take the corner's shape, the rails lie between them. */
function cornerOf(shelf: Shelf, input: Input, stick: Parameters<typeof corneredShelf>[0]['stick']) {
  const { asked } = input;
  const { parts, hold, fastenings } = corneredShelf({ shelf, input, stick });
  const n = shelf.number;
  const lock = lockTo(n, input);
  const laminated = asked.made === 'laminated';
  const skinned = parts.flatMap((part): PartSpec[] => {
    if (part.role !== 'board') return [part];
    if (laminated) return [{ ...part, joints: [slotOf(input)] }];
    const skin = { ...part, thicknessMm: asked.skin.mm };
    return [
      {
        ...skin,
        name: message('part.skin.top'),
        label: `${n}T`,
        place: { ...part.place, upFrom: part.place.upTo - asked.skin.mm },
      },
      {
        ...skin,
        id: `S${n}-skin`,
        role: 'skin',
        name: message('part.skin.bottom'),
        label: `${n}U`,
        place: { ...part.place, upTo: part.place.upFrom + asked.skin.mm },
      },
    ];
  });
  const skins = laminated ? {} : { skins: { skinMm: asked.skin.mm } };
  // Nothing joins the two skins of a corner: each is screwed to the rail.
  const locks = laminated ? [lock] : (['above', 'below'] as const).map((from) => lockTo(n, input, from));
  return { parts: skinned, hold: { ...hold, ...skins }, fastenings: [...fastenings, ...locks] };
}

function problemsOf({ asked, wish, shelves, ...input }: Input): Problem[] {
  const needs = leastThickness(asked);
  if (wish.thickness.mm < needs) {
    return [
      stop(
        { kind: 'support' },
        message('problem.hollowThin', { thickness: length(wish.thickness.mm), needed: length(needs) }),
      ),
    ];
  }
  if (input.job.place.kind === 'corner') return [];
  const deep = shelves.find(
    ({ number }) => sideRail({ ...input, asked, wish, shelves }, input.depthOf(number)).mm <= 0,
  );
  if (!deep) return [];
  const needed = asked.frontThickness.mm + asked.railThickness.mm + asked.setBack.mm;
  return [
    stop(
      { kind: 'support' },
      message('problem.noRail', { depth: length(input.depthOf(deep.number)), needed: length(needed) }),
    ),
  ];
}
