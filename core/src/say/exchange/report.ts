import type { Job } from '../../job/document';
import { choice, count, duration, durationWords, message, nested, text, type Message } from '../../base/message';
import type { Plan } from '../../plan';
import { lengthWords, listWords, moneyWords, words } from '../words/first';
import { partNames, shapeText } from './cutListSheet';

/** One document to keep of a job, as headings, paragraphs, lists and tables; what writes it as a file comes after. */
export interface Report {
  readonly title: string;
  readonly parts: readonly ReportPart[];
}
export type ReportPart =
  | { readonly kind: 'heading' | 'line'; readonly text: string }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | { readonly kind: 'table'; readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };

/**
 * The job as it was measured, planned and done: the opening, shelves and boards, the cut list, what happened, what it
 * taught.
 */
export function reportOf(plan: Plan, job: Job): Report {
  const say = (said: Message) => words(said, job);
  const heading = (said: Message): ReportPart => ({ kind: 'heading', text: say(said) });
  const shown = plan.deviations
    .filter((deviation) => deviation.kind === 'shown')
    .map((deviation) => say(deviation.message));
  const boards = plan.parts.filter((part) => part.role === 'board');
  const parts: (ReportPart | null)[] = [
    { kind: 'line', text: say(message(`place.${job.place.kind}`)) },
    job.notes.trim() === '' ? null : { kind: 'line', text: job.notes.trim() },
    heading(message('report.opening')),
    list(shown),
    table(
      [message('report.reading'), message('report.said'), message('report.state')],
      plan.readings.map((reading) => [
        say(reading.name),
        words(reading.said, job),
        reading.state === 'used' ? '' : words(message(`report.state.${reading.state}`), job),
      ]),
    ),
    heading(message('report.shelves')),
    table(
      [
        message('report.shelf'),
        message('report.top'),
        message('report.board'),
        message('sheet.length'),
        message('sheet.ends'),
        message('report.odds'),
      ],
      plan.shelves.map((shelf) => {
        const board = boards.find((part) => part.shelf === shelf.number);
        const ends = board ? shapeText(plan, [board.id], job) : '';
        return [
          String(shelf.number),
          lengthWords(shelf.top.mm, job),
          board?.label ?? '',
          board ? lengthWords(board.length.mm, job) : '',
          ends,
          board?.fit ? `${board.fit.odds.toFixed(0)} %` : '',
        ];
      }),
    ),
    heading(message('sheet.cutList', { job: text(job.name) })),
    table(
      [
        message('sheet.count'),
        message('sheet.length'),
        message('report.section'),
        message('sheet.label'),
        message('sheet.part'),
      ],
      plan.cutList.flatMap((group) =>
        group.rows.map((row) => [
          String(row.count),
          lengthWords(row.lengthMm, job),
          `${lengthWords(group.thicknessMm, job, false)} × ${lengthWords(group.widthMm, job)}`,
          row.labels.join(' '),
          listWords(partNames(plan, row.partIds, job), job),
        ]),
      ),
    ),
    heading(message('report.work')),
    list(worked(plan, job)),
    heading(message('report.log')),
    list(logged(plan, job)),
    job.log.next.trim() === '' ? null : heading(message('report.next')),
    job.log.next.trim() === '' ? null : { kind: 'line', text: job.log.next.trim() },
    heading(message('report.mind')),
    list([...new Set(plan.cautions.map((caution) => say(caution.message)))]),
  ];
  // A heading over nothing is left out.
  const there = parts.filter((part) => part !== null);
  return {
    title: job.name,
    parts: there.filter(
      (reportPart, i) => reportPart.kind !== 'heading' || (there[i + 1] && there[i + 1]!.kind !== 'heading'),
    ),
  };

  function list(items: readonly string[]): ReportPart | null {
    return items.length === 0 ? null : { kind: 'list', items };
  }
  function table(head: readonly Message[], rows: readonly (readonly string[])[]): ReportPart | null {
    return rows.length === 0 ? null : { kind: 'table', head: head.map(say), rows };
  }
}

/** Steps that are done, with how long they took, and those that were left out. */
function worked(plan: Plan, job: Job): string[] {
  const what = (id: string) => plan.build.steps.find((step) => step.id === id)?.what;
  const done = job.build.done.flatMap(({ step, took }) => {
    const said = what(step);
    if (!said) return [];
    const time = took
      ? message('report.took', {
          what: nested(said),
          took: duration(took.minutes),
          usual: duration(took.usual),
        })
      : said;
    return [words(time, job)];
  });
  const skipped = job.build.skipped.flatMap(({ step, why, note }) => {
    const said = what(step);
    return said
      ? [words(message('report.skipped', { what: nested(said), why: choice(why) }), job) + (note ? ` ${note}` : '')]
      : [];
  });
  return [...done, ...skipped];
}

/** What boards did, mistakes, sizes, notes, and what it cost. */
function logged(plan: Plan, job: Job): string[] {
  const { log } = job;
  const label = (id: string) => plan.parts.find((part) => part.id === id)?.label ?? id;
  const fits = log.fits.map((fit) =>
    words(
      message(fit.went ? 'report.went' : 'report.bound', { shelf: count(fit.shelf), odds: text(fit.odds.toFixed(0)) }),
      job,
    ),
  );
  const entries = log.entries.map((entry) => {
    const own = entry.text === '' ? '' : ` ${entry.text}`;
    if (entry.kind === 'note') return entry.text;
    if (entry.kind === 'size') return `${label(entry.part)}: ${lengthWords(entry.length.mm, job)}.${own}`;
    const lost = entry.minutes ? ` (${words(durationWords(entry.minutes), job)})` : '';
    const cause = words(message(`mistake.${entry.cause}`), job);
    return `${cause}${entry.part ? `, ${label(entry.part)}` : ''}${lost}.${own}`;
  });
  const paid =
    log.paid === undefined
      ? []
      : [words(message('report.paid', { price: text(moneyWords(log.paid, job.stock.currency, job)) }), job)];
  return [...fits, ...entries, ...paid];
}

/** The report as Markdown (CommonMark with tables); what means something in it is escaped. */
export function reportMarkdown(plan: Plan, job: Job): string {
  const { title, parts } = reportOf(plan, job);
  const safe = (said: string) => said.replace(/([\\`*_{}[\]<>#|])/g, '\\$1').replace(/\s*\n\s*/g, ' ');
  const row = (cells: readonly string[]) => `| ${cells.map(safe).join(' | ')} |`;
  const blocks = parts.map((part) => {
    switch (part.kind) {
      case 'heading':
        return `## ${safe(part.text)}`;
      case 'line':
        return safe(part.text);
      case 'list':
        return part.items.map((item) => `- ${safe(item)}`).join('\n');
      case 'table':
        return [row(part.head), row(part.head.map(() => '---')), ...part.rows.map(row)].join('\n');
    }
  });
  return [`# ${safe(title)}`, ...blocks].join('\n\n') + '\n';
}
