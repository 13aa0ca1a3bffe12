import type { Job } from '../../job';
import { about, angle, choice, length, message, text, type Message, type Param } from '../../base/message';
import type { Joint } from '../system';
import type { Part } from './part';
import type { EndCut, PieceFit } from './piece';

/** What a further cut makes: an end or a back, a piece's whole outline, or what is cut into its face. */
export type FurtherKind = 'panel' | 'end' | 'back' | 'outline' | 'face' | 'hole';

/** A cut that makes a piece of its rectangular blank: one of several, each done by itself. Plain data. */
export interface FurtherCut {
  /** Names the piece, the cut and its sizes: a cut with other sizes is another cut. */
  readonly id: string;
  readonly part: string;
  readonly label: string;
  readonly kind: FurtherKind;
  /** The figure that is read from a step away. */
  readonly figure: Extract<Param, { kind: 'length' | 'angle' }>;
  /** How it is marked and made, sentence by sentence; what the piece measures after its last end. */
  readonly how: readonly Message[];
}

type Tools = Job['tools'];
type Side = 'left' | 'right';

/** How the ids of further cuts begin, so that they are told from those of a layout's cuts. */
export const FURTHER = 'further:';

const DEGREES = 180 / Math.PI;

/**
 * Every cut a piece takes beyond the two straight ones that cut its blank to length and width: ends that run out of
 * square, bevels, mitres, scribed edges, an outline, housings, notches, slots and holes. None for a plain rectangle.
 * @param glued the piece is a panel glued up from strips, and is cut to its blank first
 */
export function furtherCuts(part: Part, tools: Tools, glued = false): FurtherCut[] {
  const { id, label, fit, corner, joints, length: long, width } = part;
  const piece = text(label);
  const cuts: Omit<FurtherCut, 'part' | 'label'>[] = [];
  if (glued) {
    const sizes = { piece, wide: length(width.mm), long: length(long.mm) };
    cuts.push({
      id: named('panel', width.mm, long.mm),
      kind: 'panel',
      figure: length(long.mm),
      how: [message('further.panel', sizes)],
    });
  }
  if (fit && !corner) cuts.push(...fittedCuts(part, fit, tools));
  if (corner) {
    const sizes = { piece, back: length(corner.backMm), side: length(corner.sideMm), angle: angle(corner.cutDegrees) };
    const how = [message(`further.outline.${corner.shape}`, sizes)];
    cuts.push({
      id: named(`outline-${corner.shape}`, corner.backMm, corner.sideMm, corner.cutDegrees),
      kind: 'outline',
      figure: length(corner.backMm),
      how,
    });
  }
  cuts.push(...joints.flatMap((joint) => jointCuts(part, joint, tools)));
  for (const { diameterMm, alongMm, backMm, from } of part.holes ?? []) {
    const said = {
      piece,
      diameter: length(diameterMm),
      along: length(alongMm),
      side: choice(from),
      back: length(backMm),
    };
    cuts.push({
      id: named(`hole-${from}`, diameterMm, alongMm, backMm),
      kind: 'hole',
      figure: length(diameterMm),
      how: [message('further.hole', said)],
    });
  }
  return cuts.map((cut) => ({ ...cut, id: `${FURTHER}${id}/${cut.id}`, part: id, label }));
}

/** A name with sizes to a hundredth of a millimetre. */
const named = (name: string, ...mm: readonly number[]) =>
  [name, ...mm.map((one) => Math.round(one * 100) / 100)].join(':');

type Loose = Omit<FurtherCut, 'part' | 'label'>;

/** Ends and back of a piece that follows the walls it stands between. */
function fittedCuts(part: Part, fit: PieceFit, tools: Tools): Loose[] {
  const { label, width, edges } = part;
  const board = part.role === 'board' || part.role === 'skin';
  const piece = text(label);
  const ends = (['left', 'right'] as const).flatMap((side): Loose[] => {
    const end = fit[side];
    const how = endHow(part, fit, side, tools, board);
    if (how.length === 0) return [];
    const { outMm, bevelDegrees, allowanceMm } = end;
    const figure = outMm !== 0 ? length(Math.abs(outMm)) : bevelDegrees > 0 ? angle(bevelDegrees) : length(allowanceMm);
    return [{ id: named(side, outMm, bevelDegrees, allowanceMm), kind: 'end', figure, how }];
  });
  const leftOn = fit.back?.allowanceMm ?? 0;
  const back = leftOn > 0 ? [message('further.back', { piece, by: length(leftOn) })] : [];
  const cuts: Loose[] = [
    ...ends,
    ...(leftOn > 0 ? [{ id: named('back', leftOn), kind: 'back', figure: length(leftOn), how: back } as const] : []),
  ];
  const last = cuts.at(-1);
  if (!last || !edges) return cuts;
  const sizes = { piece, back: length(edges.back.mm), front: length(edges.front.mm), deep: length(width.mm - leftOn) };
  const measures = message(board ? 'further.measures.board' : 'further.measures.edge', sizes);
  return [...cuts.slice(0, -1), { ...last, how: [...last.how, measures] }];
}

/** How one end of a fitted piece is cut; nothing for one that is square. */
function endHow(part: Part, fit: PieceFit, side: Side, tools: Tools, board: boolean): Message[] {
  const { outMm, degrees, bevelDegrees, allowanceMm }: EndCut = fit[side];
  const { label, thicknessMm, width } = part;
  const hand = tools === 'hand';
  const deepMm = width.mm - (fit.back?.allowanceMm ?? 0);
  const at = { piece: text(label), side: choice(side) };
  const how: Message[] = [];
  if (outMm !== 0) {
    const said = { ...at, by: length(Math.abs(outMm)), over: length(deepMm), angle: angle(Math.abs(degrees)) };
    // What runs out at the front is marked in at the back, and the other way round.
    const edge = outMm > 0 ? (board ? 'back' : 'lower') : board ? 'front' : 'upper';
    how.push(message(hand ? `further.hand.in.${edge}` : `further.in.${edge}`, said));
  }
  if (bevelDegrees > 0) {
    const by = about(thicknessMm * Math.tan(bevelDegrees / DEGREES));
    const said = { ...at, by, over: length(thicknessMm), angle: angle(bevelDegrees) };
    const face = board ? 'under' : 'behind';
    how.push(message(hand ? `further.hand.bevel.${face}` : `further.bevel.${face}`, said));
  }
  if (allowanceMm > 0) how.push(message('further.scribe', { ...at, by: length(allowanceMm) }));
  if (how.length > 0) how.push(message(board ? 'further.faceUp.board' : 'further.faceUp.edge'));
  return how;
}

/** What a joint asks of a piece: ends that meet other pieces, and what is cut into its face. */
function jointCuts(part: Part, joint: Joint, tools: Tools): Loose[] {
  const { width, length: long, upright = false, label } = part;
  const hand = tools === 'hand';
  const piece = text(label);
  const wide = length(width.mm);
  const end = (name: string, how: Message, figure: FurtherCut['figure'], ...mm: readonly number[]): Loose => ({
    id: named(name, ...mm),
    kind: 'end',
    figure,
    how: [how],
  });
  const mitre = (which: 'left' | 'right' | 'lower' | 'upper') =>
    end(
      which,
      message(hand ? `further.hand.mitre.${which}` : `further.mitre.${which}`, {
        piece,
        by: wide,
        long: length(long.mm),
      }),
      angle(45),
      width.mm,
    );
  switch (joint.kind) {
    case 'mitred':
      return upright ? [mitre('lower'), mitre('upper')] : [mitre('left'), mitre('right')];
    case 'mitred-one':
      return [mitre('upper')];
    case 'clipped':
      return [end('clip', message('further.clip', { piece, by: wide }), angle(45), width.mm)];
    case 'braced':
      return ([joint.degrees, joint.otherDegrees] as const).map((degrees, i) => {
        const by = about(width.mm * Math.tan(degrees / DEGREES));
        const said = { piece, angle: angle(degrees), by, over: wide, long: length(long.mm) };
        return end(
          `brace-${i + 1}`,
          message(i === 0 ? 'further.brace.first' : 'further.brace.second', said),
          angle(degrees),
          degrees,
        );
      });
    case 'corner': {
      const said = { piece, by: about(joint.outMm), angle: angle(joint.degrees), over: length(part.thicknessMm) };
      return [
        end(
          `corner-${joint.longer}`,
          message(`further.corner.${joint.longer}`, said),
          angle(joint.degrees),
          joint.outMm,
        ),
      ];
    }
    default:
      return faceCuts(joint, piece, hand);
  }
}

type FaceJoint = Extract<Joint, { readonly kind: 'slotted' | 'rebated' | 'footed' | 'notched' | 'housed' }>;

/** What a joint cuts into the face of a piece. */
function faceCuts(joint: FaceJoint, piece: ReturnType<typeof text>, hand: boolean): Loose[] {
  const face = (name: string, how: Message, mm: number, ...more: readonly number[]): Loose => ({
    id: named(name, mm, ...more),
    kind: 'face',
    figure: length(mm),
    how: [how],
  });
  switch (joint.kind) {
    case 'slotted':
      return [
        face(
          'slot',
          message('further.slot', { piece, deep: length(joint.backMm), high: length(joint.highMm) }),
          joint.backMm,
          joint.highMm,
        ),
      ];
    case 'rebated':
      return [
        face(
          'rebate',
          message('further.rebate', { piece, deep: length(joint.deepMm), wide: length(joint.wideMm) }),
          joint.wideMm,
          joint.deepMm,
        ),
      ];
    case 'footed':
    case 'notched': {
      const [name, code] =
        joint.kind === 'footed' ? (['foot', 'further.foot'] as const) : (['notch', 'further.notch'] as const);
      const said = { piece, deep: length(joint.deepMm), high: length(joint.highMm) };
      return [face(name, message(code, said), joint.highMm, joint.deepMm)];
    }
    case 'housed':
      return joint.atMm.map((atMm, i) => {
        const said = { piece, at: length(atMm), wide: length(joint.wideMm), deep: length(joint.depthMm) };
        return face(
          `housing-${i + 1}`,
          message(hand ? 'further.hand.housing' : 'further.housing', said),
          atMm,
          joint.wideMm,
          joint.depthMm,
        );
      });
  }
}
