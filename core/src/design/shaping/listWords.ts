import type { Job } from '../../job';
import { angle, choice, length, list, message, nested, type Message } from '../../base/message';
import type { Part } from '../fit';
import { endWords } from '../fit/endWords';
import { boxTold } from './boxCuts';
import type { Shaped } from './cut';
import { isMitre } from './endCuts';
import { shapeOf, type Cutter, type EndShape, type Shape } from './shape';

/** Words in a list for the shape of a piece, beside its length; none for a rectangle with square ends. */
export function shapeWords({ part, solid }: Shaped, job: Cutter): Message[] {
  const { tools } = job;
  const shape = shapeOf(part, solid, job);
  const { fit, corner, holes = [] } = part;
  return [
    ...(fit ? bothEnds(part, fit, job) : jointedEnds(shape.ends, solid.lengthMm, tools)),
    ...(corner ? [message(`cutEnd.corner.${corner.shape}`, { angle: angle(corner.cutDegrees) })] : []),
    ...shape.boxes.map((box) => {
      const { way, said } = boxTold(box, shape);
      const byHand = way === 'housing' && tools === 'hand';
      return message(byHand ? 'cutEnd.hand.cutOut.housing' : (`cutEnd.cutOut.${way}` as const), said);
    }),
    ...shape.slots.map(({ backMm, sideMm, highMm, where }) => {
      const said = { deep: length(backMm), side: length(sideMm), high: length(highMm) };
      return message(`cutEnd.slot.${where}`, said);
    }),
    ...holes.map(({ diameterMm, alongMm, backMm, from }) => {
      const at = { along: length(alongMm), side: choice(from), back: length(backMm) };
      return message('cutEnd.hole', { diameter: length(diameterMm), ...at });
    }),
  ];
}

/** Words for ends that meet other pieces: one sentence if both are cut alike, else one for each. */
function jointedEnds(ends: Shape['ends'], longMm: number, tools: Job['tools']): Message[] {
  const hand = tools === 'hand';
  const [first, second] = ends;
  if (first?.angled && second?.angled && isMitre(first.angled) && isMitre(second.angled)) {
    if (first.angled.longer === second.angled.longer) {
      const inside = length(longMm - first.angled.byMm - second.angled.byMm);
      return [message(hand ? 'cutEnd.hand.mitred' : 'cutEnd.mitred', { inside })];
    }
  }
  if (first?.bevelled && second?.bevelled && first.bevelled.longer === second.bevelled.longer) {
    const angles = { angle: angle(first.bevelled.degrees), other: angle(second.bevelled.degrees) };
    return [message(hand ? 'cutEnd.hand.braced' : 'cutEnd.braced', angles)];
  }
  if (first?.angled && !second && isMitre(first.angled)) {
    const { shorter, byMm } = first.angled;
    const said = { end: choice(first.end), shorter: choice(shorter), inside: length(longMm - byMm) };
    return [message(hand ? 'cutEnd.hand.mitredOne' : 'cutEnd.mitredOne', said)];
  }
  return ends.flatMap(slantLines);
}

/** Words for an end that is out of square over its width or its thickness. */
function slantLines({ end, angled, bevelled }: EndShape): Message[] {
  return [
    ...(angled
      ? [
          message('cutEnd.angled', {
            end: choice(end),
            shorter: choice(angled.shorter),
            by: length(angled.byMm),
            angle: angle(angled.degrees),
          }),
        ]
      : []),
    ...(bevelled
      ? [
          message('cutEnd.bevelled', {
            end: choice(end),
            shorter: choice(bevelled.shorter),
            by: length(bevelled.byMm),
            angle: angle(bevelled.degrees),
          }),
        ]
      : []),
  ];
}

/** Words for both ends unless both are square; each side is named once, before its cuts. */
function bothEnds(part: Part, fit: NonNullable<Part['fit']>, job: Cutter): Message[] {
  const ends = (['left', 'right'] as const).map((side) => ({ side, how: endWords(part, fit, side, job) }));
  if (ends.every(({ how }) => how.length === 1 && how[0]?.code === 'cutEnd.square')) return [];
  return ends.map(({ side, how }) => message('cutEnd.side', { side: choice(side), how: list(how.map(nested)) }));
}
