import type { EndCut, Part } from '../../design/fit';
import { NO_SHELF, type Joint } from '../../design/system/system';
import { grouped } from './grouped';

/** Pieces that come off one setting: the same section and the same length. */
export interface CutRow {
  readonly lengthMm: number;
  readonly count: number;
  /** What to pencil on each, lowest shelf first. */
  readonly labels: readonly string[];
  readonly shelves: readonly number[];
  readonly partIds: readonly string[];
}

/** Everything of one section: what comes from one kind of board. */
export interface CutGroup {
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly totalLengthMm: number;
  readonly rows: readonly CutRow[];
}

// Lengths and sections that agree to a hundredth of a millimetre are one setting.
const key = (...mm: readonly number[]) => mm.map((value) => Math.round(value * 100)).join('x');

/** Pieces of one length and with the same ends come off one setting. */
const settingOf = (part: Part) =>
  [
    key(part.length.mm),
    endKey(part, part.fit?.left),
    endKey(part, part.fit?.right),
    cornerKey(part),
    jointsKey(part),
    holesKey(part),
  ].join('/');

/** Corner shelves of one template are one setting. */
const cornerKey = ({ corner }: Part) =>
  corner ? key(corner.cutDegrees, corner.backMm, corner.sideMm) + corner.shape : '';

/** Where it is drilled through, for cables. */
const holesKey = ({ holes = [] }: Part) => holes.map(({ at, diameterMm }) => key(...at, diameterMm)).join('+');

/** A joint is a setting; the two hands of one are two, and so is a piece that has its housings where no other has. */
const jointsKey = ({ joints, role }: Part): string => joints.map((joint) => jointKey(joint, role)).join('+');

function jointKey(joint: Joint, role: Part['role']): string {
  switch (joint.kind) {
    case 'corner':
      return role + joint.longer + key(joint.outMm);
    case 'clipped':
      return 'clipped';
    case 'braced':
      return key(joint.degrees, joint.otherDegrees);
    case 'slotted':
      return `slotted${key(joint.backMm, joint.highMm)}`;
    case 'housed':
      return role + key(joint.depthMm, joint.wideMm, ...joint.atMm);
    case 'rebated':
      return `rebated${role}${key(joint.deepMm, joint.wideMm)}`;
    case 'notched':
    case 'footed':
      return joint.kind + role + key(joint.deepMm, joint.highMm);
    case 'mitred':
    case 'mitred-one':
      return joint.kind;
  }
}

/** What tells the setting of an end from another's: pieces with scribed ends are each their own. */
function endKey(part: Part, end: EndCut | undefined): string {
  if (!end) return '';
  return end.style === 'scribed' ? part.id : key(end.outMm, end.bevelDegrees);
}

/**
 * The cut list: parts grouped by section (widest first), within it by length (longest first).
 */
export function cutList(parts: readonly Part[]): CutGroup[] {
  const sections = grouped(parts, (part) => key(part.thicknessMm, part.width.mm));
  return sections
    .map((pieces): CutGroup => {
      const rows = grouped(pieces, settingOf)
        .map(cutRow)
        .sort((a, b) => b.lengthMm - a.lengthMm);
      const [first] = pieces;
      return {
        thicknessMm: first?.thicknessMm ?? 0,
        widthMm: first?.width.mm ?? 0,
        totalLengthMm: rows.reduce((sum, row) => sum + row.count * row.lengthMm, 0),
        rows,
      };
    })
    .sort((a, b) => b.widthMm - a.widthMm || b.thicknessMm - a.thicknessMm);
}

function cutRow(pieces: readonly Part[]): CutRow {
  return {
    lengthMm: pieces[0]?.length.mm ?? 0,
    count: pieces.length,
    labels: pieces.map((part) => part.label),
    shelves: [...new Set(pieces.map((part) => part.shelf))].filter((shelf) => shelf !== NO_SHELF),
    partIds: pieces.map((part) => part.id),
  };
}
