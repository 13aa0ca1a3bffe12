import { message, text, count, type Message } from '../base/message';
import { ok, refused, type Result } from '../base/result';
import { faultsOf, type Fault } from './faults';
import { JOB_FORMAT, JOB_VERSION, LONGEST_FILE } from './limits';
import { jobSchema, type Job } from './schema';
import { UPGRADES, upgradeDocument } from './upgrade';

export interface Refusal {
  readonly message: Message;
  readonly faults: readonly Fault[];
}

/**
 * Takes in a job document of any known version.
 * @param document parsed JSON of unknown origin
 * @returns the job in the current version, or why not, with the path of every fault
 */
export function readJob(document: unknown): Result<Job, Refusal> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) return plainly('file.notAJob');
  const { format, version } = document as { format?: unknown; version?: unknown };
  if (format !== JOB_FORMAT) {
    const params = {
      path: text('format'),
      value: text(JSON.stringify(format) ?? 'missing'),
      options: text(JOB_FORMAT),
    };
    return refused({
      message: message('file.notAJob'),
      faults: [{ path: 'format', message: message('fault.notOneOf', params) }],
    });
  }
  if (typeof version === 'number' && Number.isInteger(version) && version > JOB_VERSION) {
    return refused({
      message: message('file.fromLaterVersion', { version: text(String(version)), known: text(String(JOB_VERSION)) }),
      faults: [],
    });
  }
  const upgraded = upgradeDocument(document as Record<string, unknown>, UPGRADES, JOB_VERSION);
  const checked = jobSchema.safeParse(upgraded);
  if (checked.success) return ok(checked.data);
  const faults = faultsOf(checked.error, upgraded);
  return refused({ message: message('file.faults', { count: count(faults.length) }), faults });
}

/**
 * Takes in the text of a job file: broken, cut short, huge, foreign and later ones are each named for what they are.
 * @returns the job in today's form, or why it is none, with each faulty field
 * @example readJobFile(writeJobFile(job)) // { ok: true, value: job }
 */
export function readJobFile(contents: string): Result<Job, Refusal> {
  const trimmed = contents.replace(/^\uFEFF/, '').trim();
  if (trimmed === '') return plainly('file.empty');
  if (trimmed.length > LONGEST_FILE) {
    return refused({ message: message('file.tooLarge', { most: text(`${LONGEST_FILE / 1_000_000} MB`) }), faults: [] });
  }
  let document: unknown;
  try {
    document = JSON.parse(trimmed);
  } catch {
    return plainly(breaksOff(trimmed) ? 'file.cutShort' : 'file.notJson');
  }
  return readJob(document);
}

/** Whether text that begins like a document ends inside it: a bracket or a quotation is still open. */
function breaksOff(json: string): boolean {
  if (!json.startsWith('{')) return false;
  let open = 0;
  let quoted = false;
  for (let at = 0; at < json.length; at += 1) {
    const character = json[at];
    if (quoted && character === '\\') at += 1;
    else if (character === '"') quoted = !quoted;
    else if (!quoted && (character === '{' || character === '[')) open += 1;
    else if (!quoted && (character === '}' || character === ']')) open -= 1;
  }
  return quoted || open > 0;
}

function plainly(code: 'file.notAJob' | 'file.empty' | 'file.cutShort' | 'file.notJson'): Result<never, Refusal> {
  return refused({ message: message(code), faults: [] });
}
