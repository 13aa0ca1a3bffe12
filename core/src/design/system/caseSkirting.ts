import { less } from '../../base/figure';
import { message } from '../../base/message';
import type { Carcase, CaseInput } from './carcase';
import type { PartSpec } from './system';

/** How high the skirting behind a case reaches above the floor mark, and how thick it is; 0 where there is none. */
export function skirtingBehind({ footMm }: Carcase, { job: { place }, opening }: Pick<CaseInput, 'job' | 'opening'>) {
  const { skirting } = place;
  if (!skirting || !opening.surfaces.includes('back')) return { upToMm: -Infinity, thickMm: 0 };
  return { upToMm: footMm + skirting.height.mm, thickMm: skirting.thickness.mm };
}

/** A board of a case that lies lower than the skirting behind ends in front of it; the sides are notched over it. */
export function beforeSkirting(part: PartSpec, carcase: Carcase, input: Pick<CaseInput, 'job' | 'opening'>): PartSpec {
  const { upToMm, thickMm } = skirtingBehind(carcase, input);
  const { outFrom, upFrom } = part.place;
  if (part.upright || upFrom >= upToMm || outFrom >= thickMm) return part;
  const by = thickMm - outFrom;
  return {
    ...part,
    width: less(part.width, message('term.lessSkirting'), by),
    place: { ...part.place, outFrom: thickMm },
  };
}
