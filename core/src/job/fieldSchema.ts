import { z } from 'zod';
import { JOB_UNITS, LONGEST_MM, parseAngle, parseLength } from '../base/quantity';
import { CORNER_DEGREES } from './limits';

// A typed text and its value may differ by rounding of the last printed digit, never by more.
const TYPED_AGREES_MM = 0.01;
const TYPED_AGREES_DEGREES = 0.001;

export const id = z
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
      const read = parseLength(value.typed, { unit: value.unit, sign: 'any', mostMm: Infinity, kept: true });
      if (read.ok && Math.abs(read.value.mm - value.mm) <= TYPED_AGREES_MM) return;
      context.addIssue({ code: 'custom', path: ['mm'], params: { typed: value.typed, mm: value.mm } });
    });
}

export const anyLength = lengthBetween(0, LONGEST_MM).describe('A length as a person gave it');
export const positiveLength = lengthBetween(0.1, LONGEST_MM).describe('A length above nothing');

export const cornerAngle = z
  .strictObject({
    degrees: z.number().min(CORNER_DEGREES.least).max(CORNER_DEGREES.most).describe('The value in degrees'),
    typed: z.string().min(1).max(64).describe('What the person typed, as typed'),
  })
  .superRefine((value, context) => {
    const read = parseAngle(value.typed);
    if (read.ok && Math.abs(read.value - value.degrees) <= TYPED_AGREES_DEGREES) return;
    context.addIssue({ code: 'custom', path: ['degrees'], params: { typed: value.typed, degrees: value.degrees } });
  })
  .describe('An angle as a person gave it');
