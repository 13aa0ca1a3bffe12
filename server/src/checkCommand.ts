import { planJob } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/all';
import { jobFrom } from './jobFile';
import { say } from './words';

/**
 * `dormer check FILE`: whether the pieces of a job stand in its opening as they should. One line for each thing that
 * does not hold, and exit 1; one line with what was looked at where all holds.
 */
const job = jobFrom(process.argv[2], 'check');
if (job) {
  const { body, problems } = planJob(job);
  const faults = problems.filter(({ message }) => message.code.startsWith('body.'));
  const { length: pieces } = body.pieces;
  const lines =
    faults.length > 0
      ? faults.map(({ message }) => words(message, job))
      : [say(pieces > 0 ? 'check.holds' : 'check.nothing', { pieces, screws: body.screws.length })];
  process.stdout.write(`${lines.join('\n')}\n`);
  if (faults.length > 0) process.exitCode = 1;
}
