import { calendarFor, tripsFor } from '@dormer/core/work/steps';
import { readReadingsCsv, readThingsCsv } from '@dormer/core/say/exchange';
import { createMemory } from '@dormer/core/base/memory';
import { writeJobFile, type Job, type Offcut } from '@dormer/core/job/document';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { readJobFile } from '@dormer/core/job';
import { compareStyles, considerSystems, nextLift, planFrom } from '@dormer/core/plan';
import { readFileSync } from 'node:fs';
import loadHighs from 'highs';
import { planCutting, solverOf } from '@dormer/core/work/stock';
import { whatIf } from '@dormer/core/whatIf';
import type { RackState } from '../store/rack';
import { mergeStored, type Device } from '../store/device';
import type { JobRecord } from '../store/record';
import type { Settings } from '../store/settings';
import type { Core, CutFrom, Watching } from '../workers/contract';

// The preset's own frames outlive a test; these do not ask the test's clock.
globalThis.requestAnimationFrame = (callback) => setTimeout(() => callback(0), 0) as unknown as number;

// Tests of one file stand before the same few jobs.
const memory = createMemory(12);

// In a test there is a window, but nothing to fetch from.
const loadSolver = async () =>
  solverOf(await loadHighs({ wasmBinary: readFileSync(require.resolve('highs/runtime')) }));
const solver = () => memory.recall(loadSolver);

const planOf = (job: Job) => planFrom(job, memory);
const cuttingOf = async ({ made, ...from }: CutFrom) => {
  const input = { ...from, plan: planOf(from.job), ...(made ? { made: new Set(made) } : {}) };
  return through(planCutting(input, await solver()));
};

/** Long work from its beginning to its end. */
function through<T>(work: Generator<number, T>, watching?: Watching): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    watching?.heard?.(step.value);
  }
}

/** The core without a worker. */
export const directCore: Core = {
  plan: async (job) => planOf(job),
  lift: async (job) => nextLift(job, memory),
  consider: async ({ job, bay }) => memory.recall(considerSystems, job, bay),
  compare: async ({ job, shelf }, watching) => through(compareStyles(job, shelf), watching),
  cut: async (from) => memory.recall(cuttingOf, from),
  whatIf: async (from, watching) => through(whatIf(from, await solver()), watching),
  order: async ({ job, nowMs }) => tripsFor({ build: job.build, plan: planOf(job), nowMs }),
  calendar: async (from) => calendarFor({ ...from, build: from.job.build, plan: planOf(from.job) }),
  readReadings: async ({ contents, unit }) => readReadingsCsv(contents, unit),
  readThings: async ({ contents, unit }) => readThingsCsv(contents, unit),
  readFile: async (contents) => readJobFile(contents),
};

/** A device whose storage is a map; it can be told to refuse. */
export class MapDevice implements Device {
  readonly jobs = new Map<string, JobRecord>();
  settings: Partial<Settings> = {};
  rack: RackState | null = null;
  refuses: string | null = null;

  async readRecords() {
    return [...this.jobs.values()];
  }
  async readRecord(id: string) {
    return this.jobs.get(id);
  }
  async keep(record: JobRecord, known: JobRecord | undefined) {
    if (this.refuses) throw new Error(this.refuses);
    const kept = mergeStored(this.jobs.get(record.id), record, known);
    // As a browser's storage: what is read is another object than what was written.
    this.jobs.set(record.id, copied(kept));
    return kept;
  }
  async forget(id: string) {
    this.jobs.delete(id);
  }
  async readRack() {
    return this.rack;
  }
  async changeRack(how: (rack: RackState | null) => RackState) {
    if (this.refuses) throw new Error(this.refuses);
    this.rack = copied(how(this.rack));
    return this.rack;
  }
  async readSettings() {
    return this.settings;
  }
  async keepSettings(settings: Settings) {
    this.settings = settings;
  }
}

const copied = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

interface Kept {
  job: Job;
  version: number;
  saveIds: string[];
  removed: boolean;
}

/** A server as the app sees one, behind `fetch`. It can be down, and it can lose its answer after doing the work. */
export class PretendServer {
  readonly jobs = new Map<string, Kept>();
  identity = 'home';
  down = false;
  diskFull = false;
  /** It lets paired devices in, and this one is none. */
  unpaired = false;
  loseNextAnswer = false;
  asked: string[] = [];
  /** What people decided against. */
  setAside: Job[] = [];
  /** What it says of the person's own errors, and which devices it has. */
  learned: unknown[] = [];
  rack: Offcut[] = [];
  suppliers: unknown[] = [{ id: 'yard', name: 'Yard', simulated: true }];
  devices: unknown[] = (['laser', 'gauge', 'digital-level'] as const).map((instrument) => ({
    id: `practice-${instrument}`,
    instrument,
    simulated: true,
  }));

  readonly fetch = async (input: Request | string, init?: RequestInit): Promise<Response> => {
    const request = input instanceof Request ? input : new Request(input, init);
    if (this.down) throw new TypeError('Failed to fetch');
    const path = new URL(request.url).pathname;
    this.asked.push(`${request.method} ${path}`);
    if (path === '/example.dormer.json') return new Response(writeJobFile(chimneyAlcove()));
    if (this.unpaired) return refusal(401, 'not-paired');
    const meantFor = request.headers.get('dormer-server');
    if (request.method !== 'GET' && meantFor && meantFor !== this.identity) return refusal(421, 'another-server');
    const body = request.method === 'POST' || request.method === 'PUT' ? await request.text() : '';
    const answer = this.answer(request.method, path, body ? JSON.parse(body) : undefined);
    if (this.loseNextAnswer) {
      this.loseNextAnswer = false;
      throw new TypeError('Failed to fetch');
    }
    return answer;
  };

  /** Another device saves. */
  savedElsewhere(job: Job): void {
    const kept = this.jobs.get(job.id);
    this.jobs.set(job.id, { job, version: (kept?.version ?? 0) + 1, saveIds: kept?.saveIds ?? [], removed: false });
  }

  private answer(method: string, path: string, body: SaveBody): Response {
    return this.beside(method, path, body) ?? this.answerOfJobs(method, path, body);
  }

  /** Answers for instruments, suppliers, rack and devices; null for any other path. */
  private beside(method: string, path: string, body: unknown): Response | null {
    if (path.startsWith('/api/instruments')) return json(200, { instruments: this.learned });
    if (path === '/api/suppliers') return json(200, { suppliers: this.suppliers });
    if (path.startsWith('/api/suppliers/')) {
      const { items } = body as { items: { item: string; price: number }[] };
      return json(200, { quotes: items.map(({ item, price }) => ({ item, price: 2 * price, left: 9 })) });
    }
    if (path.startsWith('/api/rack')) {
      if (method === 'PUT') this.rack.push(body as Offcut);
      return method === 'GET' ? json(200, { pieces: this.rack }) : new Response(null, { status: 204 });
    }
    return path.startsWith('/api/devices') ? json(200, { devices: this.devices }) : null;
  }

  private answerOfJobs(method: string, path: string, body: SaveBody): Response {
    const [, , , id, action] = path.split('/');
    if (!id && method === 'GET') {
      const live = [...this.jobs.entries()].filter(([, kept]) => !kept.removed);
      const removed = [...this.jobs.entries()].filter(([, kept]) => kept.removed);
      return json(200, {
        server: this.identity,
        jobs: live.map(([key, { job, version }]) => ({ id: key, name: job.name, version })),
        removed: removed.map(([key, { job }]) => ({ id: key, name: job.name, removedAt: 'then' })),
      });
    }
    const key = id ?? body.job.id;
    const kept = this.jobs.get(key);
    if (method === 'GET') return kept && !kept.removed ? json(200, stored(kept)) : refusal(404, 'no-such-job');
    if (method === 'DELETE' && kept) {
      kept.removed = true;
      return new Response(null, { status: 204 });
    }
    if (action === 'restore' && kept) {
      kept.removed = false;
      return json(200, stored(kept));
    }
    return this.save(key, body, kept);
  }

  private save(key: string, { job, basedOn, saveId, aside }: SaveBody, kept: Kept | undefined): Response {
    if (this.diskFull) return refusal(507, 'disk-full');
    if (kept?.saveIds.includes(saveId)) return json(200, { version: kept.version, changedAt: 'then' });
    if (kept?.removed) return refusal(410, 'removed');
    if (kept && basedOn !== kept.version) return refusal(409, 'stale', stored(kept));
    if (basedOn !== undefined && !kept) return refusal(404, 'no-such-job');
    if (aside) this.setAside.push(aside);
    const version = (kept?.version ?? 0) + (aside ? 2 : 1);
    this.jobs.set(key, { job, version, saveIds: [...(kept?.saveIds ?? []), saveId], removed: false });
    return json(200, { version, changedAt: 'then' });
  }
}

interface SaveBody {
  readonly job: Job;
  readonly basedOn?: number;
  readonly saveId: string;
  readonly aside?: Job;
}

const stored = ({ job, version }: Kept) => ({ job, version, changedAt: 'then' });
const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const refusal = (status: number, code: string, current?: unknown) =>
  json(status, { error: { code, message: code }, ...(current ? { current } : {}) });

/** Waits until something holds, or fails with what it last was. */
export async function until(holds: () => boolean, what: () => unknown = () => 'it never held'): Promise<void> {
  for (let i = 0; i < 3000; i += 1) {
    if (holds()) return;
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  throw new Error(JSON.stringify(what()));
}
