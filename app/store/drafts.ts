import { createStore, delMany, entries, setMany, type UseStore } from 'idb-keyval';
import { drafts } from '../platform/drafts';

/** How long after a change a draft is on the device at the latest, milliseconds. */
const KEPT_WITHIN_MS = 150;
const KEPT_DAYS = 30;
const DAY_MS = 86_400_000;

interface KeptDraft {
  readonly text: string;
  readonly at: number;
}

let kept: UseStore | null = null;
const draftStore = () => (kept ??= createStore('dormer-drafts', 'drafts'));

/** Reads the drafts the device kept, and keeps every change from here on. */
export async function beginDrafts(): Promise<void> {
  if (typeof indexedDB === 'undefined') return;
  const all = await entries<string, KeptDraft>(draftStore()).catch(() => []);
  const since = Date.now() - KEPT_DAYS * DAY_MS;
  const fresh = all.filter(([, { at }]) => at > since);
  const waiting = new Map<string, string | null>();
  let timer: ReturnType<typeof setTimeout> | null = null;
  const flush = () => {
    if (timer) clearTimeout(timer);
    timer = null;
    const changes = [...waiting];
    waiting.clear();
    void write(changes);
  };
  drafts.begin(
    fresh.map(([key, { text }]) => [key, text]),
    (key, text) => {
      waiting.set(key, text);
      timer ??= setTimeout(flush, KEPT_WITHIN_MS);
    },
  );
  window.addEventListener('pagehide', flush);
  document.addEventListener('visibilitychange', flush);
}

async function write(changes: readonly (readonly [string, string | null])[]): Promise<void> {
  const at = Date.now();
  const set = changes.flatMap(([key, text]): [string, KeptDraft][] => (text === null ? [] : [[key, { text, at }]]));
  const gone = changes.flatMap(([key, text]) => (text === null ? [key] : []));
  await Promise.all([
    set.length > 0 ? setMany(set, draftStore()) : null,
    gone.length > 0 ? delMany(gone, draftStore()) : null,
  ]).catch(() => undefined);
}
