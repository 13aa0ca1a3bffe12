import { z } from 'zod';
import { faultsOf, readJob, type Job } from '@dormer/core/job';
import { fieldError, HttpError, refusedJob } from './errors';
import { say } from '../words';

/** Chosen by the device for each save; sent again after a lost answer, it names the same save. */
const saveId = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
const basedOn = z.int().min(1);

export const createBody = z.strictObject({ job: z.unknown(), saveId });
export const saveBody = z.strictObject({ job: z.unknown(), basedOn, saveId, aside: z.unknown().optional() });
export const duplicateBody = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/),
  name: z.string().trim().min(1).max(120),
  saveId,
});
export const bringBackBody = z.strictObject({ basedOn, saveId });

/** The body in its shape, or 400 with the path of every fault. */
export function readBody<T>(shape: z.ZodType<T>, body: unknown): T {
  const read = shape.safeParse(body);
  if (read.success) return read.data;
  const fields = faultsOf(read.error, body).map((fault) => fieldError(fault));
  throw new HttpError(400, 'invalid-request', say('http.wrongShape'), { fields });
}

/** The job in a body, or 400 with the path of every fault, each under `under`. */
export function jobIn(document: unknown, under = ''): Job {
  const read = readJob(document);
  if (!read.ok) throw refusedJob(read.error, under);
  return read.value;
}
