import { throughHoles } from '../design/fixing';
import type { Part } from '../design/fit';
import type { DesignJob } from '../job';
import { levelLineProblems } from '../design/layout';
import { hangingProblems, strengthProblems, tippingProblems, weightOf, type Cure, type Strength } from '../design/load';
import { choice, length, message } from '../base/message';
import { specOf, type PlaceSpec } from '../place/kinds';
import { doubtful, stop, type Caution, type Problem } from '../base/problem';
import type { BuiltBody } from './body';
import type { Road } from './parts';
import { surveyProblems, thinSurvey, trialProblems, type PlannedReading } from './readings';

/** Results of the road after the specs. */
interface Planned {
  readonly readings: readonly PlannedReading[];
  readonly fitted: { readonly problems: readonly Problem[] };
  readonly drilled: { readonly parts: readonly Part[]; readonly problems: readonly Problem[] };
  readonly built: BuiltBody;
  readonly strengths: readonly Strength[];
  readonly cures: readonly Cure[];
}

/** All problems of a job in the order of the road; without readings only that one. */
export function problemsOf(job: DesignJob, road: Road, planned: Planned): Problem[] {
  if (job.readings.length === 0) return [stop({ kind: 'place' }, message('problem.noReadings'))];
  const { survey, layout, system, spec, box, specs } = road;
  const { readings, fitted, drilled, built, strengths, cures } = planned;
  const laidOut = spec.takes === 'boards' || road.planned ? layout.problems : [];
  const { parts } = drilled;
  return [
    ...surveyProblems(survey, readings),
    ...thinSurvey(job),
    ...studsOutside(job, road.opening),
    ...trialProblems(survey, job),
    ...(spec.takes === 'box' ? (box?.problems ?? []) : []),
    ...laidOut,
    ...road.tilted.problems,
    ...levelLineProblems(job),
    ...system.problems,
    ...(road.planned ? [] : [notYet(job, spec)]),
    ...(specs.length > 0 || road.planned ? fitted.problems : []),
    ...road.dividers.problems,
    ...drilled.problems,
    ...built.problems,
    ...throughHoles(parts, built.fixings),
    // A load that nobody named is no reason to stop anyone.
    ...(job.load.use !== 'listed' || job.things.length > 0 ? strengthProblems(strengths, cures) : []),
    ...hangingProblems(parts, job),
    ...tippingProblems(system.standing, built.fixings, weightOf(parts, job), job),
  ];
}

/** Studs noted beyond the end of their wall: no screw would be driven there. */
function studsOutside({ place }: DesignJob, { extent, surfaces }: Road['opening']): Problem[] {
  const { measured, left, right, depth } = extent;
  const long = (wall: 'left' | 'back' | 'right') => {
    const known = wall === 'back' ? measured.width || place.rough.width : measured.depth || place.rough.depth;
    return known ? (wall === 'back' ? right - left : depth) : Infinity;
  };
  return place.studs.flatMap(({ wall, from }): Problem[] => {
    const longMm = long(wall);
    if (!surfaces.includes(wall) || (from.mm >= 0 && from.mm <= longMm)) return [];
    const said = { wall: choice(wall), at: length(from.mm), long: length(longMm) };
    return [doubtful({ kind: 'place' }, message('problem.studOutside', said))];
  });
}

/** Problem: supports for this place cannot be planned yet. */
const notYet = (job: DesignJob, { boards, takes }: PlaceSpec): Problem =>
  doubtful(
    { kind: 'support' },
    takes === 'box'
      ? message('problem.boxOnly')
      : message(boards === 'none' ? 'problem.supportsNotHere' : 'problem.boardsOnly', {
          place: choice(job.place.kind),
        }),
  );

/** Cautions of a place, for any system. */
export function cautionsOf({ place }: DesignJob): Caution[] {
  const said = (
    code: 'caution.oldPaint' | 'caution.cavityWires' | 'caution.cavityLoad' | 'caution.cavityOutside' | 'caution.pilot',
    stage: Caution['stage'] = 'measure',
  ) => ({ message: message(code), stage });
  return [
    ...(specOf(place).takes === 'box'
      ? [said('caution.cavityWires'), said('caution.cavityLoad'), said('caution.cavityOutside')]
      : []),
    ...(place.studs.length > 0 ? [said('caution.pilot')] : []),
    said('caution.oldPaint'),
    { message: message('caution.notFromFloor'), stage: 'shelves' },
    { message: message('caution.dust'), stage: 'cut' },
  ];
}
