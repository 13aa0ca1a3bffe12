import type { Trial } from '../../job';
import { SUSPECT } from './adjust';
import { meantBy, widerThanPlay, type TrialCheck, type TrialOff } from './judgeTrials';
import { NotSolvable, type Solved } from './solve';

/** A note that one slip of the finger explains is asked about from here on. */
const LIKE_A_SLIP = 2;
/** Trial fits that count, with the survey solved from them. */
export interface Judged {
  readonly solved: Solved;
  readonly counting: readonly Trial[];
  readonly checks: readonly TrialCheck[];
}

/**
 * Notes of trial fits are readings that can be slips. One that contradicts the readings, or the other notes with them,
 * does not count until the person has confirmed it: the worst goes first, and the rest is looked at again.
 */
export function judgedTrials(
  notes: readonly Trial[],
  byReadings: Solved,
  solveFor: (trials: readonly Trial[]) => Solved,
): Judged | null {
  if (notes.length === 0) return null;
  const asked = new Map<string, TrialOff>();
  for (;;) {
    const counting = notes.filter((note) => !asked.has(note.id));
    const solved = solvable(() => solveFor(counting));
    if (!solved) return null;
    const open = counting.filter((one) => one.verdict !== 'kept');
    const loose = open.flatMap((one) => widerThanPlay(one, byReadings) ?? []);
    const worst = worstTrial(open, loose) ?? worstTrial(open, contradicting(open, solved));
    if (worst) {
      asked.set(worst.id, worst);
      continue;
    }
    const checks = notes.map((note): TrialCheck => {
      const off = asked.get(note.id);
      if (!off) return { id: note.id, state: 'used', expectedMm: null, meantMm: null };
      return {
        id: note.id,
        state: 'asked',
        expectedMm: off.expectedMm,
        meantMm: note.kind === 'gap' ? meantBy(note, off) : null,
      };
    });
    return { solved, counting, checks };
  }
}

/** What is solved; null where it cannot be. */
function solvable(solveIt: () => Solved): Solved | null {
  try {
    return solveIt();
  } catch (error) {
    if (error instanceof NotSolvable) return null;
    throw error;
  }
}

/** Notes by how far they are off from what the readings and the other notes say. */
function contradicting(notes: readonly Trial[], solved: Solved): TrialOff[] {
  return solved.leftOut().flatMap(({ trial, off, sd }): TrialOff[] => {
    const note = notes.find((one) => one.id === trial);
    if (!note) return [];
    return [{ id: note.id, w: Math.abs(off) / sd, expectedMm: Math.max(note.value.mm - off, 0), sdMm: sd }];
  });
}

/** The worst of notes that are off by too much; less is too much where one slip of the finger explains it. */
function worstTrial(notes: readonly Trial[], offs: readonly TrialOff[]): TrialOff | null {
  const tooMuch = offs.filter((off) => {
    const note = notes.find((one) => one.id === off.id);
    return off.w > (note?.kind === 'gap' && meantBy(note, off) !== null ? LIKE_A_SLIP : SUSPECT);
  });
  return tooMuch.sort((a, b) => b.w - a.w)[0] ?? null;
}
