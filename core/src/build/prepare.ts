import { levelLineWords } from '../layout';
import { about as roughly, count, message } from '../message';
import { about, intoWall, type Work } from './work';
import type { Step } from './step';
import { written, type After, type Written } from './writer';

export interface Prepared {
  readonly steps: readonly Step[];
  /** What everything that is put up waits for. */
  readonly ready: readonly After[];
}

/** The place before anything is put into it: cleared, looked into, filled, painted, its level line drawn, its heights marked. */
export function prepare({ job, takes, parts, fixings, shelves }: Work): Prepared {
  const { build, place } = job;
  const { clear, holes, open, paint } = build.prepare;
  const steps: Step[] = [];
  const put = (one: Written): string => {
    steps.push(written(one, build));
    return one.id;
  };
  const site = { place: 'site' } as const;

  const cleared = clear
    ? put({ ...site, id: 'clear', kind: 'clear', what: message('step.clearOut'), minutes: 45, how: [message('how.clearOut'), message('how.keepReadings')], tools: ['pry-bar', 'driver', 'hammer', 'dust-sheet', 'vacuum', 'mask'] })
    : null;
  const looked = takes === 'box'
    ? put({ ...site, id: 'check-wall', kind: 'check', what: message('step.checkWall'), minutes: 20, after: [cleared], how: [message('how.checkWall')], check: [message('check.wallKnown')], tools: ['stud-finder', 'tape', 'pencil'] })
    : null;
  const opened = takes === 'box' && open
    ? put({ ...site, id: 'open-wall', kind: 'open', what: message('step.openWall'), minutes: 90, after: [cleared, looked], loud: true, how: [message('how.openWall'), message('how.readAgain')], tools: ['saw', 'hammer', 'level', 'pencil', 'dust-sheet', 'vacuum', 'mask', 'eye-ear'] })
    : null;
  const bare = [cleared, opened ?? looked];

  let walls: (After | null)[] = bare;
  if (holes > 0) {
    const filler = [message('buy.filler')];
    const n = { count: count(holes) };
    const first = put({ ...site, id: 'fill-1', kind: 'fill', what: message('step.fill', n), minutes: about(5 + holes * 0.6), after: bare, how: [message('how.fill')], tools: ['filler-knife', 'dust-sheet'], materials: filler });
    const second = put({ ...site, id: 'fill-2', kind: 'fill', what: message('step.fillAgain', n), minutes: about(5 + holes * 0.4), after: [{ step: first, wait: 'filler' }], how: [message('how.fillAgain')], tools: ['filler-knife'], materials: filler });
    const sanded = put({ ...site, id: 'sand-place', kind: 'sand', what: message('step.sandPlace'), minutes: about(5 + holes * 0.4), after: [{ step: second, wait: 'filler' }], how: [message('how.sandPlace')], check: [message('check.flush')], tools: ['sanding-block', 'vacuum', 'mask'] });
    walls = [sanded];
  }
  if (paint) {
    const tools = ['brush', 'roller', 'dust-sheet', 'cloths'] as const;
    const primed = put({ ...site, id: 'prime-place', kind: 'paint', what: message('step.primePlace'), minutes: 30, after: walls, how: [message('how.primePlace')], tools, materials: [message('buy.primer')] });
    const first = put({ ...site, id: 'paint-place-1', kind: 'paint', what: message('step.paintPlace', { coat: count(1) }), minutes: 40, after: [{ step: primed, wait: 'primer' }], how: [message('how.paintPlace')], tools, materials: [message('buy.paint')] });
    const second = put({ ...site, id: 'paint-place-2', kind: 'paint', what: message('step.paintPlace', { coat: count(2) }), minutes: 35, after: [{ step: first, wait: 'paint' }], tools, materials: [message('buy.paint')] });
    walls = [{ step: second, wait: 'paint' }];
  }

  if (takes === 'box' || parts.length === 0) return { steps, ready: walls.filter((one) => one !== null) };
  const hangs = fixings.some(intoWall);
  const line = put({ ...site, id: 'level-line', kind: 'mark', what: message('step.levelLine'), minutes: 20, after: walls, how: [levelLineWords(job)], check: [message('check.lineCloses', { off: roughly(2) })], tools: ['level', 'pencil', 'tape'] });
  const studs = hangs && (place.walls === 'lined' || place.walls === 'studs')
    ? put({ ...site, id: 'studs', kind: 'mark', what: message('step.studs'), minutes: 20, after: walls, how: [message('how.studs')], check: [message('check.studs')], tools: ['stud-finder', 'drill', 'pencil', 'tape'] })
    : null;
  const marks = put({ ...site, id: 'marks', kind: 'mark', what: message('step.marks', { count: count(shelves.length) }), minutes: about(8 + 4 * shelves.length), after: [line], how: [message('how.marks')], check: [message('check.marks')], tools: ['tape', 'level', 'pencil'], sheets: ['marks'] });
  return { steps, ready: [marks, studs].filter((one) => one !== null) };
} // prettier-ignore
