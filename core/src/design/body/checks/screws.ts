import { choice, length, message } from '../../../base/message';
import type { Fixing, Hole } from '../../fixing';
import type { BodyScrew, Stage } from '../screws';
import { distance, needsApart, type Segment } from '../segments';
import { inFrame } from '../solid';
import { add, dot, times } from '../vector';
import { namedIn, nameOf, toCheck, type Checked, type Finding } from './finding';

/** What a screw needs to bite, millimetres: in studs, in a plug, in wood across and along the grain; a pin. */
const NEED_MM = { stud: 30, panel: 10, plug: 35, anchor: 0, side: 20, edge: 20, end: 35, pin: 12, pocket: 15 } as const;
/** A bite that is less than was reckoned by no more than this is as good, millimetres. */
const AS_GOOD_MM = 2;
/** A tip that comes out by less than this does not show, millimetres. */
const OUT_MM = 0.5;
/** So many of its diameters a screw keeps from an edge, and no less than this in millimetres. */
const EDGE = { diameters: 0.8, leastMm: 3 } as const;
/** A screw that only grazes a piece by less than this is not in it, millimetres. */
const GRAZES_MM = 1;
/** A pin does not split wood this far from its edge, millimetres. */
const PIN_EDGE_MM = 1.8;

type Named = NonNullable<ReturnType<typeof namedIn>>;

/** Screws that miss, bite too little, come out, stand at an edge, or meet one another. */
export function screwsFound(built: Checked): Finding[] {
  const fixings = new Map(built.fixings.map((fixing) => [fixing.id, fixing]));
  const each = built.body.screws.flatMap((screw): Finding[] => {
    const fixing = fixings.get(screw.fixing);
    const hole = fixing?.holes[Number(screw.id.split('#')[1]) - 1];
    return fixing && hole ? ofOne(built, screw, fixing, hole) : [];
  });
  return [...each, ...meeting(built)];
}

/** What a finding about a screw is said of: the piece it goes through, or the one it goes into. */
function saidOf(built: Checked, { through, into }: Fixing): Named | null {
  const id = through.kind === 'wall' ? (into.kind === 'piece' ? into.id : null) : through.id;
  return id === null ? null : namedIn(built, id);
}

function ofOne(built: Checked, screw: BodyScrew, fixing: Fixing, hole: Hole): Finding[] {
  const named = saidOf(built, fixing);
  if (!named) return [];
  const piece = { piece: nameOf(named) };
  const bite = biteOf(screw, fixing, hole);
  if (!bite) {
    const into = hole.into === 'stud' ? 'stud' : fixing.into.kind === 'wall' ? 'wall' : 'other';
    return [toCheck(message('body.misses', { ...piece, into: choice(into) }), screw.lengthMm, named)];
  }
  const found: Finding[] = [];
  const bitesMm = bite.toMm - bite.fromMm;
  const need = needOf(fixing, hole);
  if (bitesMm < Math.min(need, fixing.biteMm - AS_GOOD_MM) && hole.into !== 'anchor')
    found.push(
      toCheck(
        message('body.shortBite', { ...piece, bite: length(bitesMm), need: length(need) }),
        need - bitesMm,
        named,
      ),
    );
  const last = screw.way.at(-1);
  const target = fixing.into.kind === 'piece' ? namedIn(built, fixing.into.id) : null;
  if (target && last && last.toMm < screw.lengthMm - OUT_MM) {
    const over = screw.lengthMm - last.toMm;
    found.push(
      toCheck(message('body.comesOut', { ...piece, over: length(over), other: nameOf(target) }), over, named, target),
    );
  }
  for (const stage of screw.way) {
    if (stage.toMm - stage.fromMm < GRAZES_MM) continue;
    const other = 'id' in stage.in && stage.in.id !== null ? namedIn(built, stage.in.id) : null;
    if (!other || !('label' in other)) continue;
    const clear = clearIn(built, screw, stage, other.id);
    const least = screw.kind === 'pin' ? PIN_EDGE_MM : Math.max(EDGE.diameters * screw.diameterMm, EDGE.leastMm);
    if (clear >= least) continue;
    const said = { ...piece, clear: length(Math.max(clear, 0)), other: nameOf(other) };
    found.push(toCheck(message('body.nearEdge', said), least - clear, named, other));
  }
  return found;
}

/** The stretch in which a screw bites: into the piece it is for, or behind the face of the wall. */
function biteOf(screw: BodyScrew, { into }: Fixing, hole: Hole): Stage | null {
  const wanted = (stage: Stage): boolean => {
    if (into.kind === 'piece') return 'id' in stage.in && stage.in.id === into.id;
    switch (hole.into) {
      case 'stud':
        return stage.in.kind === 'stud';
      case 'panel':
        return stage.in.kind === 'panel';
      case 'plug':
        return stage.in.kind === 'masonry';
      default:
        return stage.in.kind === 'hollow' || stage.in.kind === 'stud';
    }
  };
  return screw.way.find(wanted) ?? null;
}

function needOf({ into, screw }: Fixing, hole: Hole): number {
  if (screw.kind === 'pin' || screw.kind === 'pocket') return NEED_MM[screw.kind];
  if (into.kind === 'piece') return NEED_MM[into.grain];
  return hole.into === 'wood' ? NEED_MM.side : NEED_MM[hole.into];
}

/** How far a stretch of a screw keeps from the sides of a piece it runs along: not those it goes in and out by. */
function clearIn({ standing }: Checked, { head, along }: BodyScrew, { fromMm, toMm }: Stage, id: string): number {
  const piece = standing.get(id);
  if (!piece) return Infinity;
  const { frame, lengthMm, widthMm, thicknessMm } = piece.solid;
  const way = [frame.along, frame.across, frame.through].map((axis) => Math.abs(dot(axis, along)));
  const own = way.indexOf(Math.max(...way));
  const at = inFrame(frame, add(head, times(along, (fromMm + toMm) / 2)));
  const sizes = [lengthMm, widthMm, thicknessMm];
  return Math.min(...sizes.flatMap((size, k) => (k === own ? [] : [at[k] as number, size - (at[k] as number)])));
}

/** Screws that come so near to one another within a piece that they meet. */
function meeting(built: Checked): Finding[] {
  const inPiece = new Map<string, { screw: BodyScrew; stage: Stage }[]>();
  for (const screw of built.body.screws)
    for (const stage of screw.way)
      if (stage.in.kind === 'piece') inPiece.set(stage.in.id, [...(inPiece.get(stage.in.id) ?? []), { screw, stage }]);
  return [...inPiece].flatMap(([id, all]) => {
    const named = namedIn(built, id);
    if (!named) return [];
    return all.flatMap((one, i) =>
      all.slice(i + 1).flatMap((other): Finding[] => {
        const needed = needsApart(one.screw, other.screw);
        const off = distance(segmentOf(one), segmentOf(other));
        if (off >= needed) return [];
        return [
          toCheck(message('body.screwsMeet', { piece: nameOf(named), by: length(needed - off) }), needed - off, named),
        ];
      }),
    );
  });
}

const segmentOf = ({ screw, stage }: { screw: BodyScrew; stage: Stage }): Segment => [
  add(screw.head, times(screw.along, stage.fromMm)),
  add(screw.head, times(screw.along, stage.toMm)),
];
