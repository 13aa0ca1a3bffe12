import type { Material } from '../materials';
import type { PlateModel } from '../plateModel';

/** A strip along the front edge, as a rib of the plate. Millimetres. */
export function nosing(
  { lengthMm, depthMm, thicknessMm }: PlateModel,
  heightMm: number,
  thickMm: number,
  stick: Material,
): PlateModel['ribs'][number] {
  return {
    id: 'nosing',
    fromMm: 0,
    toMm: lengthMm,
    outMm: depthMm,
    thicknessMm: thickMm,
    heightMm,
    offsetMm: thicknessMm / 2 - heightMm / 2,
    modulusMpa: stick.eAlongMpa,
    shearMpa: stick.shearMpa,
  };
}

/**
 * The plate with a higher nosing; one that had none becomes less deep by its thickness, for the shelf stays as deep.
 */
export function nosed(model: PlateModel, heightMm: number, thickMm: number, stick: Material): PlateModel {
  const depthMm = model.ribs.length > 0 ? model.depthMm : model.depthMm - thickMm;
  const within = ([x, y]: readonly [number, number]) => [x, Math.min(y, depthMm)] as const;
  const rests = model.rests.map((rest) => ({ ...rest, from: within(rest.from), to: within(rest.to) }));
  const board = { ...model, depthMm, rests };
  return { ...board, ribs: [nosing(board, heightMm, thickMm, stick)] };
}

/** The plate with a thicker board: a nosing whose top lies level with it moves along. */
export function thicker(model: PlateModel, thicknessMm: number): PlateModel {
  const by = (thicknessMm - model.thicknessMm) / 2;
  return {
    ...model,
    thicknessMm,
    ribs: model.ribs.map((rib) => ({ ...rib, offsetMm: rib.offsetMm === 0 ? 0 : rib.offsetMm + by })),
  };
}

/**
 * Brackets spaced evenly, half a space in from the ends.
 * @param n how many
 */
export function evenRests({ lengthMm, rests }: PlateModel, n: number): PlateModel['rests'] {
  const reach = Math.max(...rests.map(({ to }) => to[1]));
  return Array.from({ length: n }, (_, i) => {
    const x = ((i + 0.5) * lengthMm) / n;
    return { id: `${i}`, from: [x, 0] as const, to: [x, reach] as const };
  });
}
