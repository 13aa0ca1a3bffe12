import { count, length, message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import * as pieces from './pieces';
import type { SystemInput } from './system';

type Input = SystemInput<'housed-posts'>;

/** Share of a post's thickness that may be cut away. Assumed. */
const MOST = { groove: 0.5, rebate: 0.65 } as const;

/** A groove so near to a post's end would break out. */
export const TOP_LEFT_ON_MM = 40;

/** What keeps posts from being made as asked, or makes them weak. */
export function postProblems(input: Input): Problem[] {
  const { asked, shelves } = input;
  const nosing = pieces.nosingOf(asked);
  const depths = shelves.flatMap((shelf) => pieces.noDepthProblems(input.depthOf(shelf.number), nosing));
  if (depths.length > 0) return depths.slice(0, 1);
  const deep = asked.groove.mm;
  const most = asked.postThickness.mm * MOST[asked.joint];
  if (deep > most)
    return [
      stop(
        { kind: 'support' },
        message('problem.grooveTooDeep', {
          groove: length(deep),
          post: length(asked.postThickness.mm),
          most: length(most),
        }),
      ),
    ];
  const ceilingMm = input.opening.surfaces.includes('ceiling')
    ? (input.opening.clearHeight()?.narrowest.mm ?? Infinity)
    : Infinity;
  const high = shelves.filter((shelf) => shelf.top.mm + TOP_LEFT_ON_MM > ceilingMm);
  const highest = length(ceilingMm - TOP_LEFT_ON_MM);
  const under = high.map((laidShelf) =>
    stop(
      { kind: 'shelf', shelf: laidShelf.number },
      message('problem.postsUnderCeiling', { shelf: count(laidShelf.number), highest }),
    ),
  );
  const low = shelves.filter((shelf) => shelf.underside.mm >= 0 && shelf.underside.mm < TOP_LEFT_ON_MM);
  const leftMm = asked.postThickness.mm - deep;
  const weak =
    deep > asked.postThickness.mm * MOST.groove
      ? [doubtful({ kind: 'support' }, message('problem.rebateDeep', { groove: length(deep), left: length(leftMm) }))]
      : [];
  return [
    ...under,
    ...weak,
    ...low.map((laidShelf) =>
      doubtful(
        { kind: 'shelf', shelf: laidShelf.number },
        message('problem.grooveNearFoot', { shelf: count(laidShelf.number) }),
      ),
    ),
  ];
}
