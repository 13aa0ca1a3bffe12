import { createStore, delMany, entries, getMany, setMany, type UseStore } from 'idb-keyval';
import { drafts } from '../platform/drafts';

/** How long after a change a draft is on the device at the latest, milliseconds. */
const KEPT_WITHIN_MS = 150;
const KEPT_DAYS = 30;
const DAY_MS = 86_400_000;

interface KeptDraft {
  readonly text: string;
  readonly at: number;
}

/** Changes of drafts by key; null for a draft that is gone. */
type Changes = readonly (readonly [key: string, text: string | null])[];

/** Changes of a page that was leaving, until the next start takes them in. */
interface Parting {
  readonly at: number;
  readonly changes: Changes;
}

const PARTING = 'dormer-drafts-parting';

let kept: UseStore | null = null;
const draftStore = () => (kept ??= createStore('dormer-drafts', 'drafts'));

/** Reads the drafts the device kept, and keeps every change from here on. */
export async function beginDrafts(): Promise<void> {
  if (typeof indexedDB === 'undefined') return;
  await takeParting();
  const all = await entries<string, KeptDraft>(draftStore()).catch(() => []);
  const since = Date.now() - KEPT_DAYS * DAY_MS;
  const fresh = all.filter(([, { at }]) => at > since);
  const waiting = new Map<string, string | null>();
  const underWay = new Set<Changes>();
  let timer: ReturnType<typeof setTimeout> | null = null;
  const flush = async () => {
    if (timer) clearTimeout(timer);
    timer = null;
    const changes = [...waiting];
    waiting.clear();
    underWay.add(changes);
    const isWritten = await write(changes, Date.now());
    underWay.delete(changes);
    // What the database refused goes along with the next change.
    if (!isWritten) for (const [key, text] of changes) if (!waiting.has(key)) waiting.set(key, text);
    return isWritten;
  };
  const part = () => {
    const flushed = flush();
    const changes = [...new Map([...underWay].flat())];
    if (changes.length === 0) return;
    const parting = leaveParting({ at: Date.now(), changes });
    void flushed.then((isWritten) => (isWritten ? dropParting(parting) : undefined));
  };
  drafts.begin(
    fresh.map(([key, { text }]) => [key, text]),
    (key, text) => {
      waiting.set(key, text);
      timer ??= setTimeout(() => void flush(), KEPT_WITHIN_MS);
    },
  );
  window.addEventListener('pagehide', part);
  document.addEventListener('visibilitychange', part);
}

/**
 * Keeps changes in the storage that is written before a leaving page is gone: the database of drafts may drop what it
 * was handed last.
 * @returns what was kept; null where the storage is full or closed
 */
function leaveParting(parting: Parting): string | null {
  try {
    const text = JSON.stringify(parting);
    localStorage.setItem(PARTING, text);
    return text;
  } catch {
    return null;
  }
}

function dropParting(text: string | null): void {
  if (text !== null && localStorage.getItem(PARTING) === text) localStorage.removeItem(PARTING);
}

/** Writes what a leaving page could not, except over what was kept since. */
async function takeParting(): Promise<void> {
  try {
    const text = localStorage.getItem(PARTING);
    if (text === null) return;
    const { at, changes } = JSON.parse(text) as Parting;
    const keys = changes.map(([key]) => key);
    const since = await getMany<KeptDraft | undefined>(keys, draftStore());
    const older = changes.filter((_, index) => (since[index]?.at ?? 0) <= at);
    if (await write(older, at)) dropParting(text);
  } catch {
    // Without that storage the drafts are as the database kept them.
  }
}

/** @returns whether the database took the changes */
async function write(changes: Changes, at: number): Promise<boolean> {
  const set = changes.flatMap(([key, text]): [string, KeptDraft][] => (text === null ? [] : [[key, { text, at }]]));
  const gone = changes.flatMap(([key, text]) => (text === null ? [key] : []));
  const writing = Promise.all([
    set.length > 0 ? setMany(set, draftStore()) : null,
    gone.length > 0 ? delMany(gone, draftStore()) : null,
  ]);
  return writing.then(
    () => true,
    () => false,
  );
}
