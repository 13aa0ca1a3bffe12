import { type Job } from '../../job';
import { made } from './testing';
import { strengthOf, type StrengthInput } from './strength';

export const kg = (value: number) => ({ kg: value, typed: `${value} kg` });

export const loaded = (job: Job, perMetre: number): Job => ({ ...job, load: { use: 'own', perMetre: kg(perMetre) } });

export function inputFor(job: Job): StrengthInput {
  const { holds, pieces, hardware, fixings, opening } = made(job);
  return { holds, parts: pieces, hardware, fixings, contents: null, opening, job };
}

export const strengths = (job: Job) => strengthOf(inputFor(job));

export const near = (value: number, of: number, share: number) => expect(Math.abs(value / of - 1)).toBeLessThan(share);
