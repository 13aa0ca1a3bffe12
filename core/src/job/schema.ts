import { z } from 'zod';
import { JOB_UNITS, LONGEST_MM, TAPES, parseLength } from '../quantity';
import { JOB_FORMAT, JOB_VERSION, LIMITS, SIDES, SPOTS_OUT } from './limits';

// A typed text and its value may differ by rounding of the last printed digit, never by more.
const TYPED_AGREES_MM = 0.01;

const id = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,64}$/)
  .describe('Letters, digits, - and _; at most 64');

function lengthBetween(leastMm: number, mostMm: number) {
  return z
    .strictObject({
      mm: z.number().min(leastMm).max(mostMm).describe('The value in millimetres'),
      typed: z.string().min(1).max(64).describe('What the person typed, as typed'),
      unit: z.enum(JOB_UNITS).describe('The unit a bare number was read in'),
    })
    .superRefine((value, context) => {
      const read = parseLength(value.typed, { unit: value.unit, sign: 'any', mostMm: Infinity });
      if (read.ok && Math.abs(read.value.mm - value.mm) <= TYPED_AGREES_MM) return;
      context.addIssue({ code: 'custom', path: ['mm'], params: { typed: value.typed, mm: value.mm } });
    });
}

const anyLength = lengthBetween(0, LONGEST_MM).describe('A length as a person gave it');
const positiveLength = lengthBetween(0.1, LONGEST_MM).describe('A length above nothing');

const side = z.enum(SIDES).describe('Across the opening, seen from inside the room');
const at = z.enum(SPOTS_OUT).describe('Along the back wall, or along the front edge');

const reading = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('width'),
      id,
      at,
      up: anyLength.describe('Height above the floor mark'),
      value: positiveLength,
    }),
    z.strictObject({ kind: z.literal('depth'), id, side, up: anyLength, value: positiveLength }),
    z.strictObject({ kind: z.literal('height'), id, side, at, value: positiveLength }),
  ])
  .describe('One dimension taken with a tape');

const bottom = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('floor') }),
  z.strictObject({ from: z.literal('height'), up: anyLength }),
]);
const top = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('ceiling') }),
  z.strictObject({ from: z.literal('height'), up: anyLength }),
]);

const shelves = z.strictObject({
  way: z.enum(['equal-gaps', 'typed']).describe('How heights are decided'),
  count: z.int().min(0).max(LIMITS.shelves).describe('How many shelves, for equal gaps'),
  bottom: bottom.describe('Where the space for equal gaps begins'),
  top: top.describe('Where the space for equal gaps ends'),
  heights: z
    .array(z.strictObject({ id, up: anyLength }))
    .max(LIMITS.shelves)
    .describe('Tops of shelves above the floor mark, for typed heights'),
  thickness: positiveLength.describe('Real thickness of the boards'),
  depth: positiveLength.describe('Back wall to the front face of the nosing'),
  clearance: anyLength.describe('What a board is cut short by, both ends together'),
});

const threeSideCleats = z.strictObject({
  system: z.literal('three-side-cleats'),
  cleat: z.strictObject({ thickness: positiveLength, height: positiveLength }),
  cleatClearance: anyLength.describe('What the back cleat is cut short by, both ends together'),
  nosing: z.strictObject({ thickness: positiveLength, height: positiveLength }),
});

/** The job document: everything Dormer knows about one piece of work. */
export const jobSchema = z
  .strictObject({
    format: z.literal(JOB_FORMAT),
    version: z.literal(JOB_VERSION),
    id,
    name: z.string().trim().min(1).max(LIMITS.name),
    units: z.enum(JOB_UNITS).describe('The unit figures are shown in'),
    tape: z.enum(TAPES).describe('The finest mark worked to'),
    place: z.strictObject({ kind: z.enum(['alcove']) }),
    notes: z.string().max(LIMITS.notes),
    levelLine: z.strictObject({ up: anyLength.describe('Height of the pencilled level line above the floor mark') }),
    readings: z.array(reading).max(LIMITS.readings),
    shelves,
    support: z.discriminatedUnion('system', [threeSideCleats]),
  })
  .superRefine((job, context) => {
    repeated(job.readings.map((r) => r.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['readings', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.shelves.heights.map((h) => h.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['shelves', 'heights', index, 'id'], params: { repeatedId } }),
    );
  })
  .meta({ id: 'DormerJob', title: 'Dormer job document, version 1' });

function repeated(ids: readonly string[]): [number, string][] {
  return ids.flatMap((one, index): [number, string][] => (ids.indexOf(one) < index ? [[index, one]] : []));
}

export type Job = z.infer<typeof jobSchema>;
export type Reading = Job['readings'][number];
export type ReadingKind = Reading['kind'];
export type ReadingOf<Kind extends ReadingKind> = Extract<Reading, { kind: Kind }>;
export type Side = (typeof SIDES)[number];
export type SpotOut = (typeof SPOTS_OUT)[number];
export type ShelvesWish = Job['shelves'];
export type Support = Job['support'];
export type PlaceKind = Job['place']['kind'];

/** JSON Schema (draft 2020-12) of the job document, made from the same source that checks it. */
export function jobJsonSchema(): unknown {
  return z.toJSONSchema(jobSchema, { target: 'draft-2020-12' });
}
