import { figure, less, plus, type Figure } from '../../base/figure';
import type { LaidShelf } from '../layout';
import { message } from '../../base/message';
import { insideAcross, type BackedAsked, type Carcase, type CaseInput } from './carcase';
import * as pieces from './pieces';
import type { Across, Fastening, Joint, PartSpec } from './system';

/** Both sides of a case, mirrored, with what is cut into each. */
export function caseSides(
  carcase: Carcase,
  { asked, job }: CaseInput,
  width: Figure,
  joint: (side: 'left' | 'right') => Joint | null,
): PartSpec[] {
  const thick = asked.sideThickness.mm;
  const { across, footMm, topMm, high } = carcase;
  const { skirting } = job.place;
  const notched: Joint | null = skirting
    ? { kind: 'notched', deepMm: skirting.thickness.mm, highMm: skirting.height.mm }
    : null;
  return (['left', 'right'] as const).map((side): PartSpec => {
    const own = joint(side) ?? notched;
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
      ...(own ? { joint: own } : {}),
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

/** A shelf of a case, and its nosing where it has one. */
export function caseShelf({ shelf, thicknessMm, depthMm, long, across, nosing }: CaseBoard): PartSpec[] {
  return pieces
    .boardAndNosing({
      shelf,
      thicknessMm,
      depthMm,
      nosing,
      length: () => ({ kind: 'given', figure: long, rounded: 'down' }),
    })
    .map((partSpec): PartSpec => ({ ...partSpec, across }));
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

/** A strip under the top, at the back, through which a case is screwed to the wall so that it cannot tip. */
export function tipRail(
  carcase: Carcase,
  thicknessMm: number,
  backMm: number,
): { readonly part: PartSpec; readonly fastening: Fastening } {
  const upTo = carcase.topMm - thicknessMm;
  const across = insideAcross(carcase, thicknessMm, 0);
  const part: PartSpec = {
    shelf: 0,
    id: 'tip-rail',
    role: 'tip-rail',
    name: message('part.tipRail'),
    label: 'CW',
    thicknessMm,
    width: figure({ label: message('term.tipRail'), mm: TIP_RAIL_MM }),
    place: { upFrom: upTo - TIP_RAIL_MM, upTo, outFrom: backMm, outTo: backMm + thicknessMm },
    across,
    length: { kind: 'given', figure: carcase.inside, rounded: 'down' },
  };
  const fastening = pieces.stickToWall({
    shelf: 0,
    part: part.id,
    wall: 'back',
    thicknessMm: thicknessMm + backMm,
    heightMm: TIP_RAIL_MM,
  });
  return { part, fastening: { ...fastening, carries: null } };
}

const TIP_RAIL_MM = 70;

/** The board on edge that closes a case below its bottom, set back for toes. */
export function plinthBoard(carcase: Carcase, sideMm: number, upToMm: number, frontMm: number): PartSpec[] {
  const high = less(
    figure({ label: message('term.underBottom'), mm: upToMm }),
    message('term.floorThere'),
    carcase.footMm,
  );
  if (high.mm < NONE_MM) return [];
  return [
    {
      shelf: 0,
      id: 'filler',
      role: 'filler',
      name: message('part.filler'),
      label: 'CF',
      thicknessMm: sideMm,
      width: high,
      place: { upFrom: carcase.footMm, upTo: upToMm, outFrom: frontMm - TOES_MM - sideMm, outTo: frontMm - TOES_MM },
      across: insideAcross(carcase, sideMm, 0),
      length: { kind: 'given', figure: carcase.inside, rounded: 'down' },
    },
  ];
}
const TOES_MM = 40;
/** Less than this is nothing: what is left of sums of lengths. Millimetres. */
const NONE_MM = 0.05;

/** The panel that closes a case behind: it lies in a rebate of both sides and stands square the whole case. */
export function backPanel(carcase: Carcase, thicknessMm: number, rebateMm: number, upFromMm: number): PartSpec {
  const wide = plus(carcase.inside, message('term.intoRebates'), 2 * rebateMm);
  const high = less(
    figure({ label: message('term.caseTop'), mm: carcase.topMm }),
    message('term.undersideOf'),
    upFromMm,
  );
  return {
    shelf: 0,
    id: 'back-panel',
    role: 'back-panel',
    name: message('part.backPanel'),
    label: 'CP',
    thicknessMm,
    width: less(wide, message('term.panelPlay'), PANEL_PLAY_MM),
    place: { upFrom: upFromMm, upTo: carcase.topMm, outFrom: 0, outTo: thicknessMm },
    across: carcase.across,
    upright: true,
    length: { kind: 'given', figure: less(high, message('term.panelPlay'), PANEL_PLAY_MM), rounded: 'down' },
  };
}
const PANEL_PLAY_MM = 2;

/** A board of a case moved out by the panel behind it. */
export function beforeBack(
  one: PartSpec,
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
): PartSpec {
  const behind = back ? backThickness.mm : 0;
  return { ...one, place: { ...one.place, outFrom: behind, outTo: behind + one.width.mm } };
}
