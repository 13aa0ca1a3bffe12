import { figure, less, type Figure } from '../../base/figure';
import type { LaidShelf } from '../layout';
import { length, message } from '../../base/message';
import { stop, type Problem } from '../../base/problem';
import { insideAcross, type BackedAsked, type Carcase, type CaseInput } from './carcase';
import * as pieces from './pieces';
import type { Across, Fastening, Joint, PartSpec } from './system';

/** Both sides of a case, mirrored, with what is cut into each. */
export function caseSides(
  carcase: Carcase,
  { asked, job }: CaseInput,
  width: Figure,
  cutInto: (side: 'left' | 'right') => readonly Joint[],
): PartSpec[] {
  const thick = asked.sideThickness.mm;
  const { across, footMm, topMm, high } = carcase;
  const { skirting } = job.place;
  const notched: readonly Joint[] = skirting
    ? [{ kind: 'notched', deepMm: skirting.thickness.mm, highMm: skirting.height.mm }]
    : [];
  return (['left', 'right'] as const).map((side): PartSpec => {
    const joints = [...cutInto(side), ...notched];
    return {
      shelf: 0,
      id: `case-${side}`,
      role: `case-side-${side}`,
      name: message(`part.caseSide.${side}`),
      label: side === 'left' ? 'CL' : 'CR',
      thicknessMm: thick,
      width,
      place: { upFrom: footMm, upTo: topMm, outFrom: 0, outTo: width.mm },
      across:
        side === 'left'
          ? { fromMm: across.fromMm, toMm: across.fromMm + thick }
          : { fromMm: across.toMm - thick, toMm: across.toMm },
      upright: true,
      length: { kind: 'given', figure: high, rounded: 'down' },
      joints,
    };
  });
}

interface CaseBoard {
  readonly carcase: Carcase;
  readonly shelf: LaidShelf;
  readonly thicknessMm: number;
  readonly depthMm: number;
  readonly long: Figure;
  readonly across: Across;
  readonly nosing: pieces.Nosing | null;
}

/** A shelf of a case, and its nosing where it has one: between the sides, whatever the shelf is let into. */
export function caseShelf({ carcase, shelf, thicknessMm, depthMm, long, across, nosing }: CaseBoard): PartSpec[] {
  const { inside } = carcase;
  const middle = (carcase.across.fromMm + carcase.across.toMm) / 2;
  const free = long.mm < inside.mm ? long : inside;
  const between: Across = { fromMm: middle - free.mm / 2, toMm: middle + free.mm / 2 };
  return pieces
    .boardAndNosing({
      shelf,
      thicknessMm,
      depthMm,
      nosing,
      length: () => ({ kind: 'given', figure: long, rounded: 'down' }),
    })
    .map((partSpec): PartSpec =>
      partSpec.role === 'nosing'
        ? { ...partSpec, across: between, length: { kind: 'given', figure: free, rounded: 'down' } }
        : { ...partSpec, across },
    );
}

/** A groove may take half of a side. */
export function grooveProblems(grooveMm: number, sideMm: number): Problem[] {
  const most = sideMm / 2;
  if (grooveMm <= most) return [];
  const said = { groove: length(grooveMm), post: length(sideMm), most: length(most) };
  return [stop({ kind: 'support' }, message('problem.grooveTooDeep', said))];
}

/** Top and bottom boards of a case, at their upper faces, let into its sides like the shelves. */
export function caseEnds(
  carcase: Carcase,
  bottomTopMm: number,
  thicknessMm: number,
  width: Figure,
  long: Figure,
  across: Across,
): PartSpec[] {
  const board = (id: 'case-top' | 'case-bottom', label: string, topMm: number): PartSpec => ({
    shelf: 0,
    id,
    role: id,
    name: message(id === 'case-top' ? 'part.caseTop' : 'part.caseBottom'),
    label,
    thicknessMm,
    width,
    place: { upFrom: topMm - thicknessMm, upTo: topMm, outFrom: 0, outTo: width.mm },
    across,
    length: { kind: 'given', figure: long, rounded: 'down' },
  });
  return [board('case-top', 'CT', carcase.topMm), board('case-bottom', 'CB', bottomTopMm)];
}

/**
 * A strip under the top, at the back, through which a case is screwed to the wall so that it cannot tip; two screws
 * through either side hold it. None where there is no wall behind.
 * @param sidesFromMm where the sides begin out from the back, millimetres
 */
export function tipRail(
  carcase: Carcase,
  { asked, wish, opening }: Pick<CaseInput, 'wish' | 'opening'> & { readonly asked: BackedAsked },
  sidesFromMm = 0,
): { readonly parts: readonly PartSpec[]; readonly fastenings: readonly Fastening[]; readonly id: string | null } {
  const thicknessMm = asked.sideThickness.mm;
  const topMm = wish.thickness.mm;
  const backMm = asked.back ? asked.backThickness.mm : 0;
  if (!opening.surfaces.includes('back')) return { parts: [], fastenings: [], id: null };
  const upTo = carcase.topMm - topMm;
  const part: PartSpec = {
    shelf: 0,
    id: 'tip-rail',
    role: 'tip-rail',
    name: message('part.tipRail'),
    label: 'CW',
    thicknessMm,
    width: figure({ label: message('term.tipRail'), mm: TIP_RAIL_MM }),
    place: { upFrom: upTo - TIP_RAIL_MM, upTo, outFrom: backMm, outTo: backMm + thicknessMm },
    across: insideAcross(carcase, thicknessMm, 0),
    length: { kind: 'given', figure: carcase.inside, rounded: 'down' },
  };
  const toWall: Fastening = {
    ...pieces.stickToWall({
      shelf: 0,
      part: part.id,
      wall: 'back',
      thicknessMm: thicknessMm + backMm,
      heightMm: TIP_RAIL_MM,
    }),
    carries: null,
  };
  const ends = (['left', 'right'] as const).map((side): Fastening => ({
    id: `case-${side}/tip-rail`,
    shelf: 0,
    through: { kind: 'piece', id: `case-${side}` },
    into: { kind: 'piece', id: part.id, grain: 'end', haveMm: null },
    with: 'screw',
    passMm: thicknessMm,
    spread: {
      kind: 'given',
      // Between the heights of the screws to the wall.
      at: [0.5, 0.86].map((share) => ({
        alongMm: upTo - TIP_RAIL_MM * share - carcase.footMm,
        acrossMm: backMm + thicknessMm / 2 - sidesFromMm,
      })),
    },
    carries: null,
    leverMm: 0,
  }));
  return { parts: [part], fastenings: [toWall, ...ends], id: toWall.id };
}

const TIP_RAIL_MM = 70;

/**
 * The board on edge that closes a case below its bottom, set back for toes; two screws through either side hold it.
 * None where there is no room below the bottom.
 */
export function plinthBoard(
  carcase: Carcase,
  sideMm: number,
  upToMm: number,
  sidesFromMm = 0,
): { readonly parts: readonly PartSpec[]; readonly fastenings: readonly Fastening[] } {
  const high = less(
    figure({ label: message('term.underBottom'), mm: upToMm }),
    message('term.floorThere'),
    carcase.footMm,
  );
  if (high.mm < LEAST_PLINTH_MM) return { parts: [], fastenings: [] };
  const front = carcase.depthMm - TOES_MM;
  const part: PartSpec = {
    shelf: 0,
    id: 'filler',
    role: 'filler',
    name: message('part.filler'),
    label: 'CF',
    thicknessMm: sideMm,
    width: high,
    place: { upFrom: carcase.footMm, upTo: upToMm, outFrom: front - sideMm, outTo: front },
    across: insideAcross(carcase, sideMm, 0),
    length: { kind: 'given', figure: carcase.inside, rounded: 'down' },
  };
  const fastenings = (['left', 'right'] as const).map((side): Fastening => ({
    id: `case-${side}/filler`,
    shelf: 0,
    through: { kind: 'piece', id: `case-${side}` },
    into: { kind: 'piece', id: part.id, grain: 'end', haveMm: null },
    with: high.mm < LOWEST_MM ? 'pin' : 'screw',
    passMm: sideMm,
    spread: {
      kind: 'given',
      at: (high.mm < LOW_MM ? [0.5] : [0.25, 0.75]).map((share) => ({
        alongMm: high.mm * share,
        acrossMm: front - sideMm / 2 - sidesFromMm,
      })),
    },
    carries: null,
    leverMm: 0,
  }));
  return { parts: [part], fastenings };
}
/** A plinth lower than this takes one screw at either end, millimetres. */
const LOW_MM = 40;
/** Lower than this there is nothing to close: the case stands on its bottom. Millimetres. */
const LEAST_PLINTH_MM = 5;
/** One lower than this is pinned, millimetres. */
const LOWEST_MM = 15;
const TOES_MM = 40;
