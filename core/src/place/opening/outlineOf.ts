import type { SurfaceName } from '../../job';
import { acrossAt, outAt, stations } from '../kinds';
import type { Survey } from '../survey';
import { functionalOf } from './fromSurvey';
import type { Estimate, SurfacePoint } from './opening';
import type { LevelStation, Outline, WallSection } from './outline';

const SECTIONS = 11;

/** Asks the survey for its walls at even heights. */
export function outlineOf(survey: Survey): Outline {
  const { extent, surfaces, solved } = survey;
  const { left, right, depth, height, measured } = extent;
  const outsMm = stations(0, depth, 3);
  const acrossesMm = stations(left, right, 5);
  const has = (surface: SurfaceName) => surfaces.includes(surface);
  const ask = (point: SurfacePoint): Estimate => {
    const { mean, sd } = solved.ask(functionalOf(point));
    return { mm: mean, sdMm: sd };
  };
  const sections = stations(0, height, SECTIONS).map((up): WallSection => {
    const side = (surface: 'left' | 'right') => (has(surface) ? outsMm.map((out) => ask({ surface, out, up })) : null);
    const flat = (surface: 'back' | 'front') =>
      has(surface) ? acrossesMm.map((across) => ask({ surface, across, up })) : null;
    return { upMm: up, left: side('left'), right: side('right'), back: flat('back'), front: flat('front') };
  });
  const y = outAt('front', extent);
  const across = [left, acrossAt('left', extent), acrossAt('middle', extent), acrossAt('right', extent), right];
  const levels = across.map((acrossMm): LevelStation => {
    const level = (surface: 'floor' | 'ceiling') => (has(surface) ? ask({ surface, across: acrossMm, out: y }) : null);
    return { acrossMm, floor: level('floor'), ceiling: level('ceiling') };
  });
  const nominal = { widthMm: right - left, depthMm: depth, heightMm: height, measured };
  return { nominal, extent, outsMm, acrossesMm, sections, levels };
}
