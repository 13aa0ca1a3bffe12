import { typedLength, type Job } from '../../job';
import type { Plan } from '../../plan';
import { words } from '../../say/words/all';
import { bookFaults } from '../../work/steps/bookTesting';
import { cutting } from '../../work/stock/cuttingTesting';
import { shoppingFor } from '../../work/stock/shopping';

/** A piece of work with all that is told of it: its plan, how it is cut, what is bought. */
export async function worked(job: Job) {
  const cut = await cutting(job);
  const { plan } = cut;
  const { lines } = shoppingFor({ job, plan, cutting: cut });
  const bought = (key: string) => lines.find((line) => line.key === key)?.need ?? 0;
  return { job, plan, cut, lines, bought };
}

export type Worked = Awaited<ReturnType<typeof worked>>;

/**
 * What keeps a piece of work from being whole: anything that cannot be built, a piece or screw that is not counted
 * once, a material that a step names and nobody buys.
 */
export function faultsOf({ job, plan, cut, lines }: Worked): string[] {
  const listed = new Set(lines.filter((line) => line.need > 0).map((line) => line.what.code as string));
  const named = plan.build.steps.flatMap((step) => step.materials.map(({ code }) => code as string));
  const { parts, fixings, needed, cutList, build } = plan;
  return [
    ...(parts.length === 0 ? ['nothing is built'] : []),
    ...stopsOf(plan, job),
    ...cut.problems.filter(({ severity }) => severity === 'stop').map(({ message }) => words(message, job)),
    ...bookFaults({ parts, fixings, needed, cutList, steps: build.steps }, job),
    ...[...new Set(named)].filter((code) => !listed.has(code)).map((code) => `not bought: ${code}`),
  ];
}

/** What cannot be built as asked, and whatever the body has to say, in words. */
export const stopsOf = (plan: Pick<Plan, 'problems'>, job: Job): string[] =>
  plan.problems
    .filter(({ severity, message }) => severity === 'stop' || message.code.startsWith('body.'))
    .map(({ message }) => words(message, job));

/** Lengths of the pieces as they are told, by label, millimetres to a tenth. */
export const lengthsOf = ({ parts }: Plan): Record<string, number> =>
  Object.fromEntries(parts.map((part) => [part.label, Math.round(part.length.mm * 10) / 10]));

/** What a variant changes: every width that was read by so much, the tools, the unit figures are shown in. */
export interface Variant {
  readonly byMm: number;
  readonly tools: Job['tools'];
  readonly units: Job['units'];
}

/** The same piece of work in a place of another width, with other tools, told in another unit. */
export function varied(job: Job, { byMm, tools, units }: Variant): Job {
  const readings = job.readings.map((reading) =>
    reading.kind === 'width'
      ? { ...reading, value: typedLength(`${Math.round((reading.value.mm + byMm) * 100) / 100} mm`, 'mm') }
      : reading,
  );
  return { ...job, readings, tools, units, tape: units === 'in' ? '1/16in' : '0.5mm' };
}
