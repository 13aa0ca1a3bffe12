import { choice, length, message, text } from '../../../base/message';
import type { Fixing, Hole } from '../../fixing';
import type { BodyScrew, Stage } from '../screws';
import { comeWithin, distance, needsApart, type Segment } from '../segments';
import { inFrame } from '../solid';
import { add, dot, times } from '../vector';
import { namedIn, saidOf, toCheck, type Checked, type Finding } from './finding';

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
/** Less than this is nothing: what is left of sums. Millimetres. */
const NO_MATTER_MM = 0.05;
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
function pieceOf(built: Checked, { through, into }: Fixing): Named | null {
  const id = through.kind === 'wall' ? (into.kind === 'piece' ? into.id : null) : through.id;
  return id === null ? null : namedIn(built, id);
}

function ofOne(built: Checked, screw: BodyScrew, fixing: Fixing, hole: Hole): Finding[] {
  const named = pieceOf(built, fixing);
  if (!named) return [];
  const piece = saidOf(named);
  const bite = biteOf(screw, fixing, hole);
  if (!bite) {
    const into = hole.into === 'stud' ? 'stud' : fixing.into.kind === 'wall' ? 'wall' : 'other';
    return [toCheck(message('body.misses', { ...piece, into: choice(into) }), screw.lengthMm, named)];
  }
  const bitesMm = bite.toMm - bite.fromMm;
  const need = needOf(fixing, hole);
  const isShort = bitesMm < Math.min(need, fixing.biteMm - AS_GOOD_MM) && hole.into !== 'anchor';
  const said = { ...piece, bite: length(bitesMm), need: length(need) };
  return [
    ...(isShort ? [toCheck(message('body.shortBite', said), need - bitesMm, named)] : []),
    ...outFound(built, screw, fixing, named),
    ...edgesFound(built, screw, fixing, named),
  ];
}

/** A screw whose tip comes out of all it goes into. */
function outFound(built: Checked, { way, lengthMm }: BodyScrew, { into }: Fixing, named: Named): Finding[] {
  const target = into.kind === 'piece' ? namedIn(built, into.id) : null;
  const over = lengthMm - (way.at(-1)?.toMm ?? lengthMm);
  if (!target || over <= OUT_MM) return [];
  const said = { ...saidOf(named), over: length(over), other: text(target.label) };
  return [toCheck(message('body.comesOut', said), over, named, target)];
}

/** Pieces a screw goes through or into too near to an edge. */
function edgesFound(built: Checked, screw: BodyScrew, { through, into }: Fixing, named: Named): Finding[] {
  const joined = [through, into].flatMap((one) => (one.kind === 'piece' ? [one.id] : []));
  return screw.way.flatMap((stage): Finding[] => {
    if (stage.toMm - stage.fromMm < GRAZES_MM || stage.in.kind !== 'piece') return [];
    const other = namedIn(built, stage.in.id);
    // A pin that is driven into what is let into its piece does not split that: it is held there.
    if (!other || (screw.kind === 'pin' && !joined.includes(other.id))) return [];
    const clear = clearIn(built, screw, stage, other.id);
    const least = screw.kind === 'pin' ? PIN_EDGE_MM : Math.max(EDGE.diameters * screw.diameterMm, EDGE.leastMm);
    if (clear >= least) return [];
    const said = { ...saidOf(named), clear: length(Math.max(clear, 0)), other: text(other.label) };
    return [toCheck(message('body.nearEdge', said), least - clear, named, other)];
  });
}

/** The stretch in which a screw bites: into the piece it is for, or behind the face of the wall. */
function biteOf(screw: BodyScrew, { into }: Fixing, hole: Hole): Stage | null {
  // A pin is as well driven into what is let into the piece there.
  const own = screw.way[0]?.in;
  const passed = own && 'id' in own ? own.id : null;
  const pinned = (stage: Stage) => stage.in.kind === 'piece' && stage.in.id !== passed;
  const wanted = (stage: Stage): boolean => {
    if (screw.kind === 'pin') return pinned(stage);
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
        const [own, its] = [segmentOf(one), segmentOf(other)];
        if (!comeWithin(own, its, needed - NO_MATTER_MM)) return [];
        const off = distance(own, its);
        return [
          toCheck(message('body.screwsMeet', { ...saidOf(named), by: length(needed - off) }), needed - off, named),
        ];
      }),
    );
  });
}

const segmentOf = ({ screw, stage }: { screw: BodyScrew; stage: Stage }): Segment => [
  add(screw.head, times(screw.along, stage.fromMm)),
  add(screw.head, times(screw.along, stage.toMm)),
];
