import { about, angle, choice, length, message, text, type Message } from '../../base/message';
import { isStick } from '../load/lots';
import type { Part } from '../fit';
import { cutId, type LooseCut, type Shaped } from './cut';
import type { EndShape, Shape, Slant } from './shape';
import type { EdgeName, EndName } from './sides';

const RADIANS = Math.PI / 180;

/** An end with its straight cut, and the length left on for scribing. */
interface EndToCut extends EndShape {
  readonly leaveMm: number;
}

/** The ends of a piece. A piece with an outline is cut straight first, as its fit says, and then to its outline. */
function endsOf({ part, solid }: Shaped, { sides, markMm, ends }: Shape): EndToCut[] {
  const { fit } = part;
  if (!fit) return ends.map((end) => ({ ...end, leaveMm: 0 }));
  return (['left', 'right'] as const).flatMap((end): EndToCut[] => {
    const { outMm, degrees, bevelDegrees, allowanceMm } = fit[end];
    const [back, front] = outMm > 0 ? sides.edges : ([sides.edges[1], sides.edges[0]] as const);
    const overMm = part.width.mm - (fit.back?.allowanceMm ?? 0);
    const rough: EndShape = {
      end,
      angled:
        Math.abs(outMm) < markMm
          ? null
          : { shorter: back, longer: front, byMm: Math.abs(outMm), overMm, degrees: Math.abs(degrees) },
      bevelled:
        bevelDegrees === 0
          ? null
          : {
              shorter: sides.faces[0],
              longer: sides.faces[1],
              byMm: part.thicknessMm * Math.tan(bevelDegrees * RADIANS),
              overMm: part.thicknessMm,
              degrees: bevelDegrees,
            },
    };
    const cut = solid.outline ? rough : (ends.find((one) => one.end === end) ?? { end, angled: null, bevelled: null });
    return cut.angled || cut.bevelled || allowanceMm > 0 ? [{ ...cut, leaveMm: allowanceMm }] : [];
  });
}

/** Whether an end is cut at 45°, in a mitre box or with a saw set to 45°. */
export const isMitre = (slant: Slant<string>): boolean => Math.abs(slant.degrees - 45) < 0.01;

/** Cuts of the ends that are not square or are left longer for scribing, each with the face that is up. */
export function endCuts(shaped: Shaped, shape: Shape, hand: boolean): LooseCut[] {
  const { part } = shaped;
  const { ends, markMm } = shape;
  const cuts = endsOf(shaped, shape).map((end): LooseCut => {
    const { angled, bevelled, leaveMm } = end;
    const how = [
      ...(angled ? [angledHow(part, end.end, angled, hand)] : []),
      ...(bevelled ? [bevelledHow(part, end.end, bevelled, { hand, marked: !angled && bevelled.byMm >= markMm })] : []),
      ...(leaveMm > 0
        ? [message('further.scribe', { piece: text(part.label), end: choice(end.end), by: length(leaveMm) })]
        : []),
      ...(part.fit ? [message(isFlat(part) ? 'further.faceUp.board' : 'further.faceUp.edge')] : []),
    ];
    const mitred = angled !== null && isMitre(angled);
    const figure = mitred
      ? angle(45)
      : angled
        ? length(angled.byMm)
        : bevelled
          ? angle(bevelled.degrees)
          : length(leaveMm);
    const sizes = [angled?.byMm ?? 0, bevelled?.degrees ?? 0, leaveMm];
    return { id: cutId(end.end, ...sizes), kind: 'end', figure, how };
  });
  const last = cuts.at(-1);
  const slanted = ends.some(({ angled, bevelled }) => bevelled !== null || (angled !== null && !isMitre(angled)));
  if (!last || part.fit || !slanted) return cuts;
  const long = message('further.longPoints', { piece: text(part.label), long: length(shaped.solid.lengthMm) });
  return [...cuts.slice(0, -1), { ...last, how: [...last.how, long] }];
}

function angledHow({ label, length: long }: Part, end: EndName, slant: Slant<EdgeName>, hand: boolean): Message {
  const at = { piece: text(label), end: choice(end), shorter: choice(slant.shorter), longer: choice(slant.longer) };
  const by = length(slant.byMm);
  if (isMitre(slant))
    return message(hand ? 'further.hand.mitre' : 'further.mitre', { ...at, by, long: length(long.mm) });
  const said = { ...at, by, over: length(slant.overMm), angle: angle(slant.degrees) };
  return message(hand ? 'further.hand.angled' : 'further.angled', said);
}

/**
 * A stick is laid on its edge and cut to a mark on its face. A board, an end that is angled too, and a bevel too small
 * to mark take a tilted blade.
 */
function bevelledHow(
  { label, role }: Part,
  end: EndName,
  slant: NonNullable<EndShape['bevelled']>,
  { hand, marked }: { readonly hand: boolean; readonly marked: boolean },
): Message {
  const { byMm, overMm, degrees, shorter, longer } = slant;
  const at = { piece: text(label), end: choice(end), shorter: choice(shorter), longer: choice(longer) };
  const said = { ...at, over: length(overMm), angle: angle(degrees) };
  if (isStick(role) && marked) {
    return message(hand ? 'further.hand.stood' : 'further.stood', { ...said, by: length(byMm) });
  }
  return message(hand ? 'further.hand.bevel' : 'further.bevel', { ...said, by: about(byMm) });
}

/** Whether a piece is marked from above, with its front edge towards the person. */
export const isFlat = ({ role }: Part): boolean => role === 'board' || role === 'skin';
