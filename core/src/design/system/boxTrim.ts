import { figure, plus, toTape, type Figure } from '../../base/figure';
import { message, type Message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { boxBoardsDeep, type BoxBoards } from './boxBoards';
import { NO_SHELF, type Across, type Fastening, type LongEdge, type PartSpec } from './system';

interface Clear {
  /** The box's clear opening. */
  readonly wide: Figure;
  readonly high: Figure;
  readonly deep: number;
}

/**
 * Trim about the face of a box: all round, mitred at every corner; or at both sides and the top, its uprights square
 * at the bottom of the box.
 */
export function boxTrim(
  box: CavityBox,
  { wide, high, deep }: Clear,
  { wallMm, trim, trimThickMm, tape }: BoxBoards,
): PartSpec[] {
  const { width: wishedMm, reveal } = trim;
  const isFooted = trim.foot !== false;
  const [left, right] = [box.seat.acrossMm, box.seat.acrossMm + box.width.mm];
  const pointed = (from: Figure, times: 1 | 2) =>
    plus(
      plus(from, message(times === 2 ? 'term.reveals' : 'term.reveal'), times * reveal.mm),
      message(times === 2 ? 'term.trimWidths' : 'term.oneTrimWidth'),
      times * wishedMm.mm,
    );
  const acrossLong = pointed(wide, 2);
  const upLong = isFooted ? pointed(high, 2) : pointed(plus(high, message('term.boxBottom'), wallMm), 1);
  // As it is cut: what the tape rounds up to goes into the reveal.
  const cutMm = (long: Figure) => toTape(long, tape, 'up').mm;
  const middle = { acrossMm: (left + right) / 2, upMm: box.seat.upMm + box.height.mm / 2 };
  const footMm = isFooted ? middle.upMm - cutMm(upLong) / 2 : box.seat.upMm;
  const headMm = footMm + cutMm(upLong);
  const half = cutMm(acrossLong) / 2;
  const outer: Across = { fromMm: middle.acrossMm - half, toMm: middle.acrossMm + half };
  const shared = {
    shelf: NO_SHELF,
    role: 'trim',
    thicknessMm: trimThickMm,
    width: figure({ label: message('term.trimWidth'), mm: wishedMm.mm }),
  } as const;
  const front = { outFrom: deep, outTo: deep + trimThickMm };
  // One cut short is lost, one a hair long hides in the reveal.
  const given = (long: Figure) => ({ kind: 'given', figure: long, rounded: 'up' }) as const;
  const upright = (id: 'trim-left' | 'trim-right', label: string, name: Message, longEdge: LongEdge): PartSpec => ({
    ...shared,
    id,
    label,
    name,
    place: { ...front, upFrom: footMm, upTo: headMm },
    across:
      id === 'trim-left'
        ? { fromMm: outer.fromMm, toMm: outer.fromMm + wishedMm.mm }
        : { fromMm: outer.toMm - wishedMm.mm, toMm: outer.toMm },
    upright: true,
    length: given(upLong),
    joints: [{ kind: isFooted ? 'mitred' : 'mitred-one', longEdge }],
  });
  const level = (id: string, label: string, name: Message, longEdge: LongEdge, upFrom: number): PartSpec => ({
    ...shared,
    id,
    label,
    name,
    place: { ...front, upFrom, upTo: upFrom + wishedMm.mm },
    across: outer,
    length: given(acrossLong),
    joints: [{ kind: 'mitred', longEdge }],
  });
  return [
    upright('trim-left', 'TL', message('part.trim.left'), 'lower'),
    upright('trim-right', 'TR', message('part.trim.right'), 'upper'),
    level('trim-head', 'TT', message('part.trim.head'), 'upper', headMm - wishedMm.mm),
    ...(isFooted ? [level('trim-foot', 'TB', message('part.trim.foot'), 'lower', footMm)] : []),
  ];
}

/** Trim pinned to the front edges of the box all round, over the middle of what it covers of each. */
export function boxTrimPins(box: CavityBox, { wallMm, trim, trimThickMm }: BoxBoards): Fastening[] {
  const deep = boxBoardsDeep(box);
  if (deep <= 0) return [];
  const reveal = trim.reveal.mm;
  // From the trim's inner edge: the wall shows by the reveal, the rest of it is under the trim.
  const covers = Math.min(wallMm - reveal, trim.width.mm);
  const inMm = (covers > 0 ? covers : trim.width.mm) / 2;
  const trimmed = TRIMMED.filter(({ id }) => trim.foot !== false || id !== 'trim-foot');
  return trimmed.map(({ id, into, inner }): Fastening => ({
    id: `${id}/${into}`,
    shelf: NO_SHELF,
    through: { kind: 'piece', id },
    into: { kind: 'piece', id: into, grain: 'edge', haveMm: deep },
    with: 'pin',
    passMm: trimThickMm,
    spread: {
      kind: 'along',
      acrossMm: [inner === 'upper' ? trim.width.mm - inMm : inMm],
      everyMm: 300,
      least: 2,
    },
    carries: null,
    leverMm: 0,
  }));
}
const TRIMMED = [
  { id: 'trim-left', into: 'box-left', inner: 'upper' },
  { id: 'trim-right', into: 'box-right', inner: 'lower' },
  { id: 'trim-head', into: 'box-top', inner: 'lower' },
  { id: 'trim-foot', into: 'box-bottom', inner: 'upper' },
] as const;
