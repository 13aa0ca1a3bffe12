import { Router } from 'express';
import { z } from 'zod';
import { newJob, readJob } from '@dormer/core/job';
import { readingAt, type Spot } from '@dormer/core/place/reading';
import { HttpError, refusedJob } from '../http/errors';
import type { Device, DevicePlace } from '../stand-ins/devices';
import { say } from '../words';

const held = z.object({
  spot: z.string().max(2000),
  place: z.string().max(20_000),
  levelLine: z.coerce.number().min(0).max(100_000).default(1000),
  seed: z.coerce.number().int().min(0).max(1_000_000),
  turn: z.coerce.number().int().min(0).max(10_000).default(0),
});

/** Measuring devices: which there are, and what one sends while it is held at a spot (server-sent events). */
export function deviceRoutes(devices: readonly Device[]): Router {
  const router = Router();

  router.get('/', (_request, response) => {
    response.json({ devices: devices.map(({ id, instrument, simulated }) => ({ id, instrument, simulated })) });
  });

  router.get('/:id/values', async (request, response) => {
    const device = devices.find((one) => one.id === request.params.id);
    if (!device) throw new HttpError(404, 'no-such-device', say('http.noSuchInstrument'));
    const asked = held.safeParse(request.query);
    if (!asked.success) throw new HttpError(400, 'bad-request', say('http.instrumentTakes'));
    const { spot, place } = checked(asked.data);
    if (!device.reads(spot)) throw new HttpError(400, 'bad-request', say('http.instrumentCannot'));
    const ended = new AbortController();
    response.on('close', () => ended.abort());
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store, no-transform' });
    for await (const value of device.hold(spot, place, ended.signal)) {
      response.write(`data: ${JSON.stringify(value)}\n\n`);
    }
    response.end();
  });
  return router;
}

/** A spot and a place out of an address, checked by the schema of the job they belong to. */
function checked({ spot, place, levelLine, seed, turn }: z.infer<typeof held>): { spot: Spot; place: DevicePlace } {
  const start = newJob({ id: 'device', name: 'device', kind: 'alcove', units: 'mm' });
  const up = { mm: levelLine, typed: String(levelLine), unit: 'mm' as const };
  const asked = parsed(spot) as Spot;
  let reading: unknown;
  try {
    const value = asked.kind === 'corner' ? { degrees: 90, typed: '90' } : { mm: 1, typed: '1', unit: 'mm' as const };
    reading = readingAt(asked, { id: 'held', unit: 'mm', value });
  } catch {
    throw new HttpError(400, 'bad-request', say('http.badSpot'));
  }
  const read = readJob({ ...start, place: parsed(place), levelLine: { up }, readings: [reading] });
  if (!read.ok) throw refusedJob(read.error);
  return { spot: asked, place: { place: read.value.place, levelLine: read.value.levelLine, seed, turn } };
}

function parsed(json: string): unknown {
  try {
    return JSON.parse(json);
  } catch {
    throw new HttpError(400, 'not-json', say('http.spotJson'));
  }
}
