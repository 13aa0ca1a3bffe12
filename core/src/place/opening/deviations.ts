import { about as roughly, angle, choice, message, type Message } from '../../base/message';
import { acrossAt, outAt } from '../kinds';
import {
  at,
  minus,
  overChord,
  statementsAt,
  SURE,
  times,
  type Functional,
  type Statement,
  type Survey,
} from '../survey';
import type { SurfaceName } from '../../job';

/** How an opening departs from square, plumb, level or flat in one respect. */
export interface Deviation {
  readonly what: 'lean' | 'corner' | 'fall' | 'bow' | 'taper';
  readonly unit: 'mm' | 'degrees';
  /** Signed: out, open, down to the right, hollow, wider upwards are positive. */
  readonly value: number;
  /** Two standard deviations. */
  readonly sure: number;
  /** `shown`: there and known. `none`: known to be too little to matter. `unknown`: it may be there. */
  readonly kind: 'shown' | 'none' | 'unknown';
  readonly message: Message;
  /** What it is about: "how plumb the back wall is". */
  readonly about: Message;
}

/** Departures smaller than this do not matter to a shelf. */
const MATTERS = { mm: 2, degrees: 0.3 } as const;

/**
 * Departures from square, plumb, level and flat: lean of every wall over its height, the angle of each corner,
 * the fall of the floor, the bow of the back, and how the width changes upwards.
 */
export function deviationsOf(survey: Survey): Deviation[] {
  const has = (...names: readonly SurfaceName[]) => names.every((name) => survey.surfaces.includes(name));
  const sides = (['left', 'right'] as const).filter((side) => has(side));
  return [
    ...sides.map((side) => lean(survey, side)),
    ...(has('back') && survey.spec.takes === 'boards' ? [lean(survey, 'back')] : []),
    // Between studs nobody asks how square a corner is: a box goes in, not a board.
    ...(has('back') && survey.spec.takes === 'boards'
      ? [...sides.map((side) => corner(survey, side)), bow(survey)]
      : []),
    ...(has('floor') ? [fall(survey)] : []),
    ...(has('left', 'right') ? [taper(survey)] : []),
  ];
}

/** From the middle half of the height, where readings and shelves are, carried on to the whole of it. */
function overHeight({ extent }: Survey, point: (z: number) => Functional): Functional {
  return times(2, minus(point(0.75 * extent.height), point(0.25 * extent.height)));
}

function lean(survey: Survey, wall: 'left' | 'right' | 'back'): Deviation {
  const { extent } = survey;
  const s = wall === 'back' ? (extent.left + extent.right) / 2 : outAt('front', extent);
  const terms = times(
    wall === 'right' ? 1 : -1,
    overHeight(survey, (z) => at(wall, s, z)),
  );
  const name = choice(wall);
  return inMm(survey, 'lean', message('opening.about.lean', { wall: name }), terms, (by, more) =>
    message(more ? 'opening.leansOut' : 'opening.leansIn', { wall: name, by }),
  );
}

function corner({ extent, setting, solved }: Survey, side: 'left' | 'right'): Deviation {
  const spot = { kind: 'corner', corner: side, upMm: extent.height / 2 } as const;
  const { terms, expected } = solved.linearise(statementsAt(spot, 'corner', setting).statements[0] as Statement);
  const name = choice(side);
  const opens = expected - 90;
  const words = message(opens >= 0 ? 'opening.opens' : 'opening.closes', { side: name, by: angle(Math.abs(opens)) });
  const { sd } = solved.ask(terms);
  return judged({
    what: 'corner',
    unit: 'degrees',
    value: opens,
    sd,
    words,
    about: message('opening.about.corner', { side: name }),
  });
}

function bow(survey: Survey): Deviation {
  const { left, right, height } = survey.extent;
  const point = (x: number) => at('back', x, height / 2);
  const terms = times(-1, overChord(point(left), point((left + right) / 2), point(right)));
  return inMm(survey, 'bow', message('opening.about.bow'), terms, (by, more) =>
    message(more ? 'opening.hollow' : 'opening.belly', { by }),
  );
}

function fall(survey: Survey): Deviation {
  const { extent, spec } = survey;
  const point = (side: 'left' | 'right') => at('floor', acrossAt(side, extent), outAt('front', extent));
  const floor = choice(spec.levels.floor);
  return inMm(
    survey,
    'fall',
    message('opening.about.fall', { floor }),
    minus(point('left'), point('right')),
    (by, more) => message('opening.drops', { floor, by, side: choice(more ? 'right' : 'left') }),
  );
}

function taper(survey: Survey): Deviation {
  const y = outAt('front', survey.extent);
  const terms = overHeight(survey, (z) => minus(at('right', y, z), at('left', y, z)));
  return inMm(survey, 'taper', message('opening.about.taper'), terms, (by, more) =>
    message(more ? 'opening.widens' : 'opening.narrows', { by }),
  );
}

type InWords = (by: ReturnType<typeof roughly>, more: boolean) => Message;

function inMm(
  { solved }: Survey,
  what: Deviation['what'],
  about: Message,
  terms: Functional,
  words: InWords,
): Deviation {
  const { mean, sd } = solved.ask(terms);
  return judged({ what, unit: 'mm', value: mean, sd, words: words(roughly(Math.abs(mean)), mean >= 0), about });
}

interface Judging extends Pick<Deviation, 'what' | 'unit' | 'value' | 'about'> {
  readonly sd: number;
  readonly words: Message;
}

function judged({ what, unit, value, sd, words, about }: Judging): Deviation {
  const sure = SURE * sd;
  const size = Math.abs(value);
  const kind = size >= MATTERS[unit] && size > sure * 0.8 ? 'shown' : sure > 2.5 * MATTERS[unit] ? 'unknown' : 'none';
  // Nought has no sign.
  return { what, unit, value: value + 0, sure, kind, message: words, about };
}
