import type { Trial } from '../../job';
import { stations, type Extent } from '../kinds';
import { at, sum, times, type FieldName, type Functional } from './functional';
import { SEEN_SD_MM } from './judgeTrials';
import type { Observation } from './solve';
import type { Aux } from './statements';

/** What boards that were tried say of the walls: observations, and where each board lay, which nobody measured. */
export interface TrialStatements {
  readonly observations: readonly Observation[];
  readonly aux: readonly Aux[];
}

/** A board that binds is over by about so little: standard deviation, millimetres. */
const BINDS_SD_MM = 0.4;
/** What binds at one end touches at the other, too, if not just there: the gap across from it, standard deviation. */
const ACROSS_SD_MM = 1.5;
/** A board may lie anywhere between its walls, and so far askew along the back: standard deviations. */
const SHIFT_SD_MM = 20;
const TURN_SD = 0.003;
const BACK_STATIONS = 5;

/**
 * A trial fit as a statement about walls. The board's left back corner lies at an unknown x0, its back edge along the
 * back and turned by an unknown θ. Its right end at v from the back is at x0 + back + right v / depth - θ v, so that
 *
 *     gap = R(v, up) + slope(B) v - x0 - back - right v / depth + θ v
 *
 * with slope(B) the least-squares slope of the back at that height; the left end likewise. A board that binds and
 * stands up by h is over there by about its thickness times h over its length: what its tilted end reaches out further.
 */
export function trialStatements(trials: readonly Trial[], extent: Extent, hasBack: boolean): TrialStatements {
  // A board that was shaved lay elsewhere before: each cut has a place of its own.
  const boards = new Map(trials.map((trial) => [boardOf(trial), trial]));
  const aux = [...boards].flatMap(([board, { cut }]): Aux[] => [
    { name: shiftOf(board), meanMm: -cut.back / 2, sdMm: SHIFT_SD_MM },
    { name: turnOf(board), meanMm: 0, sdMm: TURN_SD },
  ]);
  return {
    aux,
    observations: trials.flatMap((one) =>
      saidBy(one, trials).map(({ trial, sd }) => observation(trial, sd, extent, hasBack)),
    ),
  };
}

interface Said {
  readonly trial: Trial;
  readonly sd: number;
}

/** What a note says, and where a board binds, that it touches across from there, unless something was noted of that. */
function saidBy(trial: Trial, all: readonly Trial[]): Said[] {
  if (trial.kind === 'gap') return [{ trial, sd: SEEN_SD_MM }];
  const end = trial.end === 'left' ? 'right' : 'left';
  const known = all.some((one) => boardOf(one) === boardOf(trial) && one.end === end);
  const touches: Trial = { ...trial, end, kind: 'gap', value: { ...trial.value, mm: 0 } };
  return [{ trial, sd: BINDS_SD_MM }, ...(known ? [] : [{ trial: touches, sd: ACROSS_SD_MM }])];
}

const boardOf = ({ shelf, cut }: Trial): string => [shelf, cut.up, cut.back, cut.left, cut.right].join('|');
const shiftOf = (board: string): FieldName => `aux:shift-${board}`;
const turnOf = (board: string): FieldName => `aux:turn-${board}`;

function observation(trial: Trial, sd: number, extent: Extent, hasBack: boolean): Observation {
  const { cut, end, value } = trial;
  const name = boardOf(trial);
  const out = { back: 0, middle: cut.depth / 2, front: cut.depth }[trial.at];
  const runs = (cut[end] * out) / cut.depth;
  const wall = sum(at(end, out, cut.up), hasBack ? times(out, slopeOfBack(extent, cut.up)) : []);
  const board = sum(at(shiftOf(name), 0, 0), times(-out, at(turnOf(name), 0, 0)));
  const gap = trial.kind === 'gap' ? value.mm : -(cut.thickness * value.mm) / cut.back;
  const [terms, said] =
    end === 'right' ? [sum(wall, times(-1, board)), gap + cut.back + runs] : [sum(board, times(-1, wall)), gap + runs];
  return { statement: { kind: 'linear', terms, plus: 0 }, said, sd, reading: null, trial: trial.id };
}

/** Slope of the least-squares line along the back wall at a height, as a weighted sum of its positions. */
function slopeOfBack({ left, right }: Extent, up: number): Functional {
  const xs = stations(left, right, BACK_STATIONS);
  const mid = (left + right) / 2;
  const spread = xs.reduce((total, x) => total + (x - mid) ** 2, 0);
  return sum(...xs.map((x) => times((x - mid) / spread, at('back', x, up))));
}
