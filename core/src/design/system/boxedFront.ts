/**
 * The front of a hollow shelf as one beam: a strip with a flange of each skin behind it. A skin works with the strip
 * over a tenth of the span, and no further than 25 times its own thickness (EN 1995-1-1, 9.1.2, table 9.1: shear lag
 * and buckling of the flanges of thin-flanged beams). Millimetres.
 * @returns width of a rectangle as high as the shelf that is as stiff
 */
export function boxedFront({
  thicknessMm,
  skinMm,
  stripMm,
  spanMm,
}: {
  readonly thicknessMm: number;
  readonly skinMm: number;
  readonly stripMm: number;
  readonly spanMm: number;
}): { readonly widthMm: number } {
  const flange = Math.min(0.1 * spanMm, 25 * skinMm);
  const off = (thicknessMm - skinMm) / 2;
  const flanges = 2 * ((flange * skinMm ** 3) / 12 + flange * skinMm * off * off);
  const strip = (stripMm * thicknessMm ** 3) / 12;
  return { widthMm: ((flanges + strip) * 12) / thicknessMm ** 3 };
}
