import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import sharp from 'sharp';
import { randomFrom } from '@dormer/core/base/random';
import type { Offcut } from '@dormer/core/job';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { ask, endServer, startServer } from './serverProcess';

// Kills the server again and again in the middle of saves, photos and changes to the rack. Looks after each new start
// whether all that was acknowledged is there.

const kills = Number(process.argv[2] ?? 1000);
const JOBS = ['crash-a', 'crash-b', 'crash-c'];
const PIECES = ['left', 'right', 'long', 'short'];
/** How long the server works before it is killed, milliseconds. */
const WORKS = { least: 20, most: 500 } as const;

const random = randomFrom(20_261_129);
/** A whole number between two, both included. */
const whole = (least: number, most: number): number => Math.floor(random.between(least, most + 1));

/** What the server acknowledged, and what was on its way to it when it died. */
class Ledger {
  readonly versions = new Map<string, number>();
  readonly photos = new Map<string, string>();
  /** Lengths of the pieces on the rack; null for one that was taken off. */
  readonly pieces = new Map<string, number | null>();
  readonly onItsWay = new Map<string, number | null>();
  saves = 0;
  photosKept = 0;
  changes = 0;
  lost: string[] = [];
}

/** Saves one job over and over until the server is gone. */
async function saveOn(base: string, id: string, ledger: Ledger): Promise<void> {
  for (;;) {
    const version = ledger.versions.get(id) ?? 0;
    const job = { ...chimneyAlcove(), id, name: `Save ${version + 1}` };
    const saveId = `${id}-${version + 1}`;
    const answer =
      version === 0
        ? await ask(base, 'POST', '/api/jobs', { job, saveId })
        : await ask(base, 'PUT', `/api/jobs/${id}`, { job, basedOn: version, saveId });
    if (!answer.ok) throw new Error(`${id}: ${answer.status} ${await answer.text()}`);
    const ack = (await answer.json()) as { version: number };
    ledger.versions.set(id, ack.version);
    ledger.saves += 1;
  }
}

async function photosOn(base: string, photo: Buffer, ledger: Ledger): Promise<void> {
  for (let number = ledger.photosKept; ; number += 1) {
    const id = `photo-${number}`;
    // What stands behind the end of a picture belongs to its file.
    const contents = Buffer.concat([photo, Buffer.from(id)]);
    const answer = await fetch(`${base}/api/photos/${id}`, { method: 'PUT', body: new Uint8Array(contents) });
    if (answer.status !== 204) throw new Error(`${id}: ${answer.status} ${await answer.text()}`);
    ledger.photos.set(id, createHash('sha256').update(contents).digest('hex'));
    ledger.photosKept += 1;
  }
}

async function rackOn(base: string, ledger: Ledger): Promise<void> {
  for (;;) {
    const id = random.pick(PIECES);
    const lengthMm = whole(0, 3) === 0 ? null : whole(200, 2400);
    const wood = { form: 'strip', material: 'pine', thicknessMm: 20, widthMm: 45, note: '' } as const;
    ledger.onItsWay.set(id, lengthMm);
    const answer =
      lengthMm === null
        ? await ask(base, 'DELETE', `/api/rack/${id}`)
        : await ask(base, 'PUT', `/api/rack/${id}`, { id, lengthMm, ...wood } satisfies Offcut);
    if (answer.status !== 204) throw new Error(`rack ${id}: ${answer.status} ${await answer.text()}`);
    ledger.pieces.set(id, lengthMm);
    ledger.onItsWay.delete(id);
    ledger.changes += 1;
  }
}

/** Whether all that was acknowledged is there. What was on its way may be there or not. */
async function look(base: string, ledger: Ledger, photosToLookAt: readonly string[]): Promise<void> {
  for (const id of JOBS) {
    const acknowledged = ledger.versions.get(id) ?? 0;
    const answer = await ask(base, 'GET', `/api/jobs/${id}`);
    if (answer.status === 404 && acknowledged === 0) continue;
    const { version, job } = (await answer.json()) as { version: number; job: { name: string } };
    const isThere = version === acknowledged || version === acknowledged + 1;
    const isWhole = job.name === `Save ${version}`;
    if (!isThere || !isWhole) ledger.lost.push(`${id}: ${acknowledged} acknowledged, ${version} there`);
    ledger.versions.set(id, version);
  }
  for (const id of photosToLookAt) {
    const answer = await fetch(`${base}/api/photos/${id}`);
    const hash = createHash('sha256')
      .update(Buffer.from(await answer.arrayBuffer()))
      .digest('hex');
    if (hash !== ledger.photos.get(id)) ledger.lost.push(`${id}: ${answer.status}`);
  }
  const { pieces } = (await (await ask(base, 'GET', '/api/rack')).json()) as { pieces: Offcut[] };
  for (const id of PIECES) {
    const there = pieces.find((piece) => piece.id === id)?.lengthMm ?? null;
    const may = [ledger.pieces.get(id) ?? null, ...(ledger.onItsWay.has(id) ? [ledger.onItsWay.get(id) ?? null] : [])];
    if (!may.includes(there)) ledger.lost.push(`rack ${id}: ${String(there)} there, ${may.join(' or ')} acknowledged`);
    ledger.pieces.set(id, there);
  }
  ledger.onItsWay.clear();
}

async function main(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dormer-crash-'));
  const noise = { type: 'gaussian', mean: 128, sigma: 20 } as const;
  const picture = { width: 640, height: 480, channels: 3, background: 'tan', noise } as const;
  const photo = await sharp({ create: picture }).jpeg().toBuffer();
  const ledger = new Ledger();
  let seen = 0;
  for (let round = 0; round < kills; round += 1) {
    const running = await startServer(folder);
    const fresh = [...ledger.photos.keys()].slice(seen);
    seen = ledger.photos.size;
    await look(running.base, ledger, fresh);
    const work = Promise.allSettled([
      ...JOBS.map((id) => saveOn(running.base, id, ledger)),
      photosOn(running.base, photo, ledger),
      rackOn(running.base, ledger),
    ]);
    await pause(whole(WORKS.least, WORKS.most));
    await endServer(running, 'SIGKILL');
    const refused = (await work).find((end) => end.status === 'rejected' && !(end.reason instanceof TypeError));
    if (refused?.status === 'rejected') ledger.lost.push(String(refused.reason));
    if ((round + 1) % 100 === 0) process.stderr.write(`${round + 1} kills …\n`);
  }
  const last = await startServer(folder);
  await look(last.base, ledger, [...ledger.photos.keys()]);
  await endServer(last, 'SIGKILL');
  rmSync(folder, { recursive: true, force: true });
  const { saves, photosKept, changes, lost } = ledger;
  process.stdout.write(
    `${kills} kills during ${saves} acknowledged saves, ${photosKept} photos and ${changes} changes to the rack: ` +
      `${lost.length} lost.\n`,
  );
  lost.slice(0, 20).forEach((line) => process.stdout.write(`  ${line}\n`));
  if (lost.length > 0) process.exitCode = 1;
}

void main();
