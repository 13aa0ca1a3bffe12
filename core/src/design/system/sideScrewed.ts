import { count, length, message } from '../../base/message';
import { wallKindOf } from '../../place/kinds';
import { doubtful, stop, type Problem } from '../../base/problem';
import * as pieces from './pieces';
import type { Fastening, System, SystemInput } from './system';
import { zonesOn } from './zones';

type Input = SystemInput<'side-screwed'>;
type Shelf = Input['shelves'][number];

/**
 * A shelf between two rigid faces, screwed through them from behind: on the middle of its thickness, well in from its
 * edges, and clear of the holes and fittings that the faces have already.
 */
export const sideScrewed: System<'side-screwed'> = {
  name: 'side-screwed',
  places: ['span', 'alcove'],
  traits: { seen: 'hidden', liftsOut: false, wants: 'hand' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
  }),
  plan: (input) => {
    const { asked, shelves, wish } = input;
    const nosing = pieces.nosingOf(asked);
    const screwed = shelves.map((shelf) => ({ shelf, ...screwsOf(shelf, input) }));
    const hangs = pieces.hangsBelow(nosing, wish.thickness.mm);
    return {
      parts: shelves.flatMap((shelf) =>
        pieces.boardAndNosing({ shelf, thicknessMm: wish.thickness.mm, depthMm: input.depthOf(shelf.number), nosing }),
      ),
      hardware: [],
      holds: shelves.map(({ number: n }) => {
        const depth = pieces.boardDepth(input.depthOf(n), nosing).mm;
        return {
          shelf: n,
          board: `S${n}-board`,
          rests: (['left', 'right'] as const).map((side) =>
            pieces.restAcross(endOf(n, side), { from: side, inMm: 0 }, 0, depth),
          ),
          ribs: pieces.nosingRib(n, nosing, wish.thickness.mm, depth),
        };
      }),
      fastenings: [
        ...screwed.flatMap((one) => one.fastenings),
        ...pieces.nosingsOn(
          shelves,
          nosing,
          wish.thickness.mm,
          (shelf) => pieces.boardDepth(input.depthOf(shelf), nosing).mm,
        ),
      ],
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: [
        message('order.side.mark'),
        message('order.side.drill'),
        message('order.side.prop'),
        message('order.side.drive'),
        ...(nosing ? [message('order.nosing')] : []),
      ],
      problems: [
        ...shelves.flatMap((shelf) => pieces.noDepthProblems(input.depthOf(shelf.number), nosing)),
        ...pieces.gapProblems(input.gaps, new Set(shelves.map((shelf) => shelf.number)), hangs),
        ...pieces.floorProblems(shelves, hangs),
        ...screwed.flatMap((one) => one.problems),
        ...softFaces(input),
      ],
      cautions: [
        { message: message('caution.strength'), stage: 'shelves' },
        { message: message('caution.insideCabinet'), stage: 'shelves' },
      ],
    };
  },
  suit: (input) => ({
    fors: input.job.place.kind === 'span' ? [message('suit.side.hidden')] : [],
    againsts: [],
  }),
};

const endOf = (n: number, side: 'left' | 'right') => `S${n}/${side}`;
const faceKinds = ({ job: { place } }: Pick<Input, 'job'>) =>
  (['left', 'right'] as const).map((side) => wallKindOf(place, side));

function softFaces(input: Input): Problem[] {
  const soft = faceKinds(input).some((kind) => kind === 'lined' || kind === 'plaster');
  return soft ? [stop({ kind: 'support' }, message('problem.notRigid'))] : [];
}

// A screw hole that is nearer to another hole than this breaks into it.
const APART_MM = 12;
const STEP_MM = 1;

/** The screws through both faces, even from front to back, each moved to where the face has nothing yet. */
function screwsOf(
  shelf: Shelf,
  { asked, job, wish, depthOf }: Input,
): { fastenings: Fastening[]; problems: Problem[] } {
  const n = shelf.number;
  const nosing = pieces.nosingOf(asked);
  const depth = pieces.boardDepth(depthOf(n), nosing).mm;
  const [from, to] = [asked.fromEdge.mm, depth - asked.fromEdge.mm];
  const up = shelf.underside.mm + wish.thickness.mm / 2;
  const about = { kind: 'shelf', shelf: n } as const;
  if (to <= from && asked.screws > 1) {
    return {
      fastenings: [],
      problems: [
        stop(
          about,
          message('problem.sideNoDepth', { shelf: count(n), depth: length(depth), edge: length(asked.fromEdge.mm) }),
        ),
      ],
    };
  }
  const problems: Problem[] = [];
  const fastenings = (['left', 'right'] as const).map((side): Fastening => {
    const zones = zonesOn(job.place, side).filter((zone) => up > zone.lowMm && up < zone.highMm);
    const free = (out: number) => zones.every((zone) => out < zone.fromMm || out > zone.toMm);
    const taken: number[] = [];
    let moved = 0;
    for (let k = 0; k < asked.screws; k += 1) {
      const wanted = from + ((to - from) * k) / (asked.screws - 1);
      const found = nearest(
        wanted,
        from,
        to,
        (out) => free(out) && taken.every((one) => Math.abs(one - out) >= APART_MM),
      );
      if (found === null) continue;
      if (Math.abs(found - wanted) > STEP_MM / 2) moved += 1;
      taken.push(found);
    }
    if (taken.length < 2) problems.push(stop(about, message('problem.sideBlocked', { shelf: count(n) })));
    else if (taken.length < asked.screws)
      problems.push(doubtful(about, message('problem.sideFewer', { shelf: count(n), count: count(taken.length) })));
    if (moved > 0 && taken.length >= 2)
      problems.push(doubtful(about, message('problem.sideMoved', { shelf: count(n), count: count(moved) })));
    return {
      id: `S${n}-board/${side}`,
      shelf: n,
      through: { kind: 'wall', wall: side },
      into: { kind: 'piece', id: `S${n}-board`, grain: 'end', haveMm: null },
      with: 'screw',
      passMm: job.fixing.panel.mm,
      // Along the face: from its back, and up from the floor mark.
      spread: { kind: 'given', at: [...taken].sort((a, b) => a - b).map((alongMm) => ({ alongMm, acrossMm: up })) },
      carries: endOf(n, side),
      leverMm: 0,
    };
  });
  return { fastenings, problems: saidOnce(problems) };
}

function nearest(wanted: number, from: number, to: number, free: (at: number) => boolean): number | null {
  for (let off = 0; off <= to - from; off += STEP_MM) {
    const found = [wanted - off, wanted + off].find((at) => at >= from - 1e-9 && at <= to + 1e-9 && free(at));
    if (found !== undefined) return found;
  }
  return null;
}

/** What both faces say alike is said once. */
function saidOnce(problems: readonly Problem[]): Problem[] {
  return problems.filter(
    (problem, i) => problems.findIndex((other) => other.message.code === problem.message.code) === i,
  );
}
