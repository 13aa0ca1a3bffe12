import { throughHoles } from '../design/fixing';
import type { DesignJob } from '../job';
import { levelLineProblems } from '../design/layout';
import { hangingProblems, strengthProblems, tippingProblems, weightOf, type Cure, type Strength } from '../design/load';
import { choice, length, message } from '../base/message';
import { specOf, type PlaceSpec } from '../place/kinds';
import type { Opening } from '../place/opening';
import { doubtful, stop, type Caution, type Problem } from '../base/problem';
import { surveyProblems, thinSurvey, trialProblems, type PlannedReading } from './readings';
import type { Pieces } from './pieces';

/** What is known of a job beside its pieces. */
interface Planned {
  readonly readings: readonly PlannedReading[];
  readonly strengths: readonly Strength[];
  readonly cures: readonly Cure[];
}

/** All problems of a job in the order of the road; without readings only that one. */
export function problemsOf(job: DesignJob, pieces: Pieces, planned: Planned): Problem[] {
  if (job.readings.length === 0) return [stop({ kind: 'place' }, message('problem.noReadings'))];
  const { place, road, bays, parts, built, bayProblems } = pieces;
  const { survey, opening } = place;
  const { spec, box } = road;
  const { readings, strengths, cures } = planned;
  const standing = bays.flatMap((bay) => bay.road.system.standing);
  return [
    ...surveyProblems(survey, readings),
    ...thinSurvey(job),
    ...studsOutside(job, opening),
    ...trialProblems(survey, job),
    ...(spec.takes === 'box' ? (box?.problems ?? []) : []),
    ...bayProblems,
    ...bays.flatMap((bay) => (spec.takes === 'boards' || bay.road.planned ? bay.road.layout.problems : [])),
    ...bays.flatMap((bay) => bay.road.tilted.problems),
    ...levelLineProblems(job, opening.extent.measured.height ? opening.extent.height : null),
    ...bays.flatMap((bay) => bay.road.system.problems),
    ...(bays.every((bay) => bay.road.planned) ? [] : [notYet(job, spec)]),
    ...unlike(bays.flatMap((bay) => (bay.road.specs.length > 0 || bay.road.planned ? bay.fitted.problems : []))),
    ...bays.flatMap((bay) => bay.road.dividers.problems),
    ...bays.flatMap((bay) => bay.drilled.problems),
    ...built.problems,
    ...pieces.standing.problems,
    ...throughHoles(parts, built.fixings),
    // A load that nobody named is no reason to stop anyone.
    ...(job.load.use !== 'listed' || job.things.length > 0 ? strengthProblems(strengths, cures) : []),
    ...hangingProblems(parts, job),
    ...tippingProblems(standing, built.fixings, weightOf(parts, job), job),
  ];
}

/** Problems, each once: what is said of the place is said by every bay. */
function unlike(problems: readonly Problem[]): Problem[] {
  const said = problems.map((one) => JSON.stringify(one));
  return problems.filter((_, i) => said.indexOf(said[i] as string) === i);
}

/** Studs noted beyond the end of their wall: no screw would be driven there. */
function studsOutside({ place }: DesignJob, { extent, surfaces }: Opening): Problem[] {
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
    ...(specOf(place).takes === 'box' ? [] : [{ message: message('caution.notFromFloor'), stage: 'shelves' } as const]),
    { message: message('caution.dust'), stage: 'cut' },
  ];
}
