import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { JobStore } from '../server/src/db/jobStore';
import { Storage } from '../server/src/db/storage';

/** Prints what it costs the processor to list 300 versions of a job, each of which has its whole document. */
const VERSIONS = 300;
const RUNS = 25;

async function main(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dormer-versions-'));
  const storage = await Storage.open(folder);
  const store = new JobStore(storage);
  // As large as a job of a whole closet: many readings.
  const alcove = chimneyAlcove();
  const readings = Array.from({ length: 150 }, (_, i) => ({ ...alcove.readings[i % 17]!, id: `r${i}` }));
  const job = { ...alcove, readings };
  await store.create({ job, saveId: 's0' });
  for (let version = 1; version < VERSIONS; version += 1) await store.save({ job, saveId: `s${version}` }, version);
  const took: number[] = [];
  for (let i = 0; i < RUNS; i += 1) {
    const from = process.cpuUsage();
    const versions = await store.versions(job.id);
    const { user, system } = process.cpuUsage(from);
    if (versions?.length !== VERSIONS) throw new Error(`${versions?.length} versions`);
    took.push((user + system) / 1000);
  }
  await storage.close();
  rmSync(folder, { recursive: true });
  took.sort((a, b) => a - b);
  const [least, median, most] = [took[0], took[RUNS >> 1], took.at(-1)].map((ms) => (ms ?? NaN).toFixed(1));
  const size = (JSON.stringify(job).length / 1000).toFixed(0);
  const spread = `(${least} to ${most}, ${RUNS} runs)`;
  process.stdout.write(`list of ${VERSIONS} versions of ${size} kB each: median ${median} ms of processor ${spread}\n`);
}

void main();
