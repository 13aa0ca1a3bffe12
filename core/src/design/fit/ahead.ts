import { perOwner } from '../../base/memory';
import type { Opening } from '../../place/opening';
import type { PartSpec } from '../system';
import type { Suggestion } from '../../place/survey';
import { COMPARED, fitBetween, type FitWish } from './between';
import type { Part } from './part';
import { PIECE_WALLS, pocketIn, pocketOf, type Pocket } from './pocket';

/** What a reading would do for the board it helps most: how often caulk hides its gaps, now and then, percent. */
export interface Lift {
  readonly shelf: number;
  readonly now: number;
  readonly then: number;
}

export interface LiftOptions {
  readonly opening: Opening;
  readonly specs: readonly PartSpec[];
  readonly parts: readonly Part[];
  readonly next: Pick<Suggestion, 'spot' | 'with'>;
  readonly tape: FitWish['tape'];
}

/** Drawn walls for each chance: no more than gaps are told from. */
const SAMPLES = COMPARED;
/** A lift of less than this is nothing to speak of, percent. */
const WORTH_SAYING = 2;

const openings = perOwner<Opening, ReturnType<Opening['ahead']>>(2);
const neatOdds = perOwner<Opening | ReturnType<Opening['ahead']>, number>(200);

/**
 * Fits every board once more as if the next reading had been taken already (walls where they most likely are, known as
 * well as they will be), and names the one whose chance of a gap that caulk hides grows the most.
 * @returns null where none grows by anything to speak of
 */
export function liftOf({ opening, specs, parts, next, tape }: LiftOptions): Lift | null {
  const after = openings(opening, next, () => opening.ahead(next.spot, next.with));
  const lifts = parts.flatMap(({ id, fit, shelf, role }): Lift[] => {
    const rule = specs.find((spec) => spec.id === id)?.length;
    if (role !== 'board' || !fit || rule?.kind !== 'between-walls') return [];
    const wish = { tape, odds: fit.wantedOdds, leastMm: fit.playMm };
    const { stance, band } = rule;
    const odds = (walls: typeof opening | typeof after, pocketOfBoard: () => Pocket) =>
      neatOdds(walls, [band, stance, fit.style, wish], () => {
        const pocket = pocketOfBoard();
        const fewer = { ...pocket, drawn: pocket.drawn.slice(0, SAMPLES) };
        return fitBetween(fewer, fit.style, wish)?.neatOdds ?? 0;
      });
    return [
      {
        shelf,
        now: odds(opening, () => pocketIn(opening, band, { stance, ...PIECE_WALLS.board })),
        then: odds(after, () => pocketOf(after, band, { stance, ...PIECE_WALLS.board, samples: SAMPLES })),
      },
    ];
  });
  const best = lifts.reduce((a, b) => (b.then - b.now > a.then - a.now ? b : a), lifts[0] as Lift);
  return best && best.then - best.now >= WORTH_SAYING ? best : null;
}
