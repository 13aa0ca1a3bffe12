import { broomCloset, deepShelves, washroomCloset } from '.';
import { worked } from './wholeTesting';

test('a washroom closet: boards, battens and front strips are all cut from sheets, no more than one', async () => {
  const { cut, plan } = await worked(washroomCloset());
  const kinds = cut.buy.map(({ item }) => [item.form, item.material, item.thicknessMm].join());
  expect([...new Set(kinds)]).toEqual(['sheet,birch-ply,18']);
  // Cut sizes of a sheet may be cheaper together; they are never more than the whole one.
  const areaM2 = cut.buy.reduce((sum, { item, count }) => sum + (count * item.lengthMm * item.widthMm) / 1e6, 0);
  expect(areaM2).toBeLessThanOrEqual(2.5 * 1.25);
  expect(cut.blanks).toHaveLength(plan.parts.length);
  // By hand: a side batten is 400 less the back batten and the front strip, 18 each; the strip hides 18 + 27.
  for (const part of plan.parts.filter(({ role }) => role.startsWith('side-cleat')))
    expect([part.length.mm, part.width.mm]).toEqual([364, 27]);
  const fronts = plan.parts.filter(({ role }) => role === 'nosing');
  expect(fronts.map(({ width }) => width.mm)).toEqual([45, 45, 45]);
});

test('two deep shelves: conditioner, stain and clear coat are bought by the surface they go on', async () => {
  const { bought, plan } = await worked(deepShelves());
  const m2 = plan.parts.reduce((sum, { length, width, thicknessMm: t }) => {
    const [l, w] = [length.mm, width.mm];
    return sum + (2 * l * w + 2 * (l + w) * t) / 1e6;
  }, 0);
  expect(m2).toBeGreaterThan(3);
  expect(bought('conditioner')).toBe(Math.ceil((m2 * 1000) / 12));
  expect(bought('stain')).toBe(Math.ceil((m2 * 1000) / 12));
  expect(bought('clear')).toBe(Math.ceil((2 * m2 * 1000) / 11));
});

test('a broom closet: 55 old holes are filled twice, sanded, primed and painted, and all of that is bought', async () => {
  const { bought, plan } = await worked(broomCloset());
  const ids = plan.build.steps.map(({ id }) => id);
  const place = ['clear', 'measure-behind', 'fill-1', 'fill-2', 'sand-place', 'prime-place', 'paint-place-1'];
  const at = place.map((id) => ids.indexOf(id));
  expect(at).not.toContain(-1);
  expect(at).toEqual([...at].sort((a, b) => a - b));
  // Two millilitres of filler a hole, both times together, besides what covers screw heads.
  expect(bought('filler')).toBeGreaterThanOrEqual(110);
  for (const key of ['primer', 'paint', 'sand-120']) expect(bought(key)).toBeGreaterThan(0);
});
