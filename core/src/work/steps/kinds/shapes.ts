import type { Part } from '../../../design/fit';
import { furtherCuts, shapedIn, type FurtherKind } from '../../../design/shaping';
import { type Message } from '../../../base/message';
import { grouped } from '../../stock/grouped';
import { type Work } from '../work';

/** What shaping is told from: pieces as they are asked for and as they stand. */
export type Shaping = Pick<Work, 'job' | 'body' | 'kinds'>;

/** What makes pieces of blanks, as it is told at the saw. */
export function shapeSteps(
  parts: readonly Part[],
  { job, body, kinds: { glued } }: Shaping,
  kinds: readonly FurtherKind[],
): Message[] {
  const shaped = shapedIn(body);
  const cutsOf = (part: Part, label: string) =>
    furtherCuts({ ...shaped(part), part: { ...part, label } }, { job, glued: glued.includes(part.id) });
  // Pieces that are cut alike are told together.
  const alike = grouped(parts, (part) => JSON.stringify(cutsOf(part, '').map(({ kind, how }) => [kind, how])));
  const cuts = alike.flatMap((all) => cutsOf(all[0] as Part, all.map((part) => part.label).join(', ')));
  const lines = cuts.flatMap((cut) => (kinds.includes(cut.kind) ? cut.how : []));
  // Which face is up is said once, before the cuts.
  const faceUp = (line: Message) => line.code.startsWith('further.faceUp');
  const faces = lines.filter((line, i) => faceUp(line) && lines.findIndex((other) => other.code === line.code) === i);
  return [...faces, ...lines.filter((line) => !faceUp(line))];
}
