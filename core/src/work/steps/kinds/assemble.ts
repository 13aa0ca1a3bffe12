import type { Part } from '../../../design/fit';
import { about, message } from '../../../base/message';
import { minutesFor, usualMinutes, wholeMinutes } from '../minutes';
import { instructions } from '../moments';
import { unitParts } from '../unit';
import { biteOf, drivenInPlace, standsAt, throughOf, type Work } from '../work';
import type { After, Written } from '../writer';
import { boredHere, boringMinutes, drilledAtBench } from './drill';

/** Step: make brackets from their three pieces. */
export function makeBrackets(work: Work, id: string, lot: readonly Part[], after: readonly (After | null)[]): Written {
  const brackets = lot.filter(({ role }) => role.startsWith('bracket-'));
  const ids = new Set<string | null>(brackets.map((part) => part.id));
  return {
    place: 'workshop',
    id,
    kind: 'assemble',
    what: message('step.brackets'),
    minutes: usualMinutes('brackets', brackets.length),
    after,
    how: instructions(work, 'make'),
    check: [message('check.bracketsAlike')],
    tools: ['driver', 'clamps', 'square'],
    materials: [message('buy.glue')],
    parts: brackets.map((part) => part.id),
    fixings: drilledAtBench(work, lot)
      .filter((fixing) => ids.has(throughOf(fixing)) && ids.has(biteOf(fixing)))
      .map((fixing) => fixing.id),
  };
}

/** Step: put a unit together in the workshop. */
export function assembleUnit(work: Work, after: readonly After[]): Written {
  const whole = unitParts(work);
  const ids = new Set<string | null>(whole.map((part) => part.id));
  const driven = work.fixings.filter((fixing) => ids.has(biteOf(fixing)) && ids.has(throughOf(fixing)));
  const glue = work.job.build.hold === 'glue';
  const backed = whole.some((part) => part.role === 'back-panel');
  const how = instructions(work, 'assemble').filter(
    ({ code }) => (glue || !code.endsWith('.glue')) && (backed || code !== 'order.case.back'),
  );
  return {
    place: 'workshop',
    id: 'assemble',
    kind: 'assemble',
    what: message('step.assemble'),
    minutes: usualMinutes('assemble', whole.length),
    after,
    how: [...how, message(glue ? 'how.glued' : 'how.screwed')],
    check: [message('check.diagonals', { off: about(2) })],
    tools: ['driver', 'clamps', 'tape', 'square'],
    materials: glue ? [message('buy.glue')] : [],
    parts: whole.map((part) => part.id),
    fixings: driven.map((fixing) => fixing.id),
  };
}

/** Step: stand a unit up in its place, or push a cavity's box in. */
export function standUnit(work: Work, after: readonly After[]): Written {
  const unit = unitParts(work);
  const box = work.takes === 'box';
  const walled = work.fixings.filter(
    (fixing) => drivenInPlace(fixing) && unit.some((part) => part.id === throughOf(fixing)),
  );
  const how = box ? [message('how.boxIn'), message('how.boxScrews')] : instructions(work, 'stand');
  return {
    place: 'site',
    id: box ? 'box-in' : 'stand',
    kind: 'assemble',
    what: message(box ? 'step.boxIn' : 'step.stand'),
    minutes: wholeMinutes(minutesFor(box ? 'boxIn' : 'stand') + boringMinutes(walled)),
    after,
    who: 'help',
    how: [...standsAt(work, 'case-side-left'), ...how, ...boredHere(walled)],
    check: [box ? message('check.boxSquare', { off: about(2) }) : message('check.plumb')],
    tools: ['level', 'driver', 'drill', 'tape', 'shims'],
    materials: [message('buy.shims')],
    parts: unit.map((part) => part.id),
    fixings: walled.map((fixing) => fixing.id),
  };
}
