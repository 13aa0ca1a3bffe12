import { readFileSync } from 'node:fs';
import { readJobFile, type Job } from '@dormer/core/job';
import { words } from '@dormer/core/say/words/all';
import { say } from './words';

/** The job of a file named on the command line; null with one plain line said and exit 1 for what is none. */
export function jobFrom(file: string | undefined, command: string): Job | null {
  if (!file) return fail(say('command.needsJob', { command }));
  let contents: string;
  try {
    contents = readFileSync(file, 'utf8');
  } catch {
    return fail(say('command.unreadable', { file }));
  }
  const read = readJobFile(contents);
  if (read.ok) return read.value;
  const reader = { units: 'mm', tape: '0.5mm' } as const;
  const first = read.error.faults[0];
  return fail(`${file}: ${words(read.error.message, reader)}${first ? ` ${words(first.message, reader)}` : ''}`);
}

function fail(line: string): null {
  process.stderr.write(`${line}\n`);
  process.exitCode = 1;
  return null;
}
