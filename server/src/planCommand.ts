import { readFileSync } from 'node:fs';
import { readJobFile } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { words } from '@dormer/core/words/all';

/** `dormer plan FILE`: the plan as JSON on standard output; one plain line and exit 1 for what is not a job. */
function planCommand(file: string | undefined): void {
  if (!file) return fail('Name a job file: dormer plan FILE.dormer.json');
  let contents: string;
  try {
    contents = readFileSync(file, 'utf8');
  } catch {
    return fail(`${file} cannot be read.`);
  }
  const read = readJobFile(contents);
  if (!read.ok) {
    const reader = { units: 'mm', tape: '0.5mm' } as const;
    const first = read.error.faults[0];
    return fail(`${file}: ${words(read.error.message, reader)}${first ? ` ${words(first.message, reader)}` : ''}`);
  }
  process.stdout.write(`${JSON.stringify(planJob(read.value), null, 2)}\n`);
}

function fail(line: string): void {
  process.stderr.write(`${line}\n`);
  process.exitCode = 1;
}

planCommand(process.argv[2]);
