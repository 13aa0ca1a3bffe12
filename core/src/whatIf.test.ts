import { chimneyAlcove } from './rigs/demo';
import { atOnce, loadedSolver } from './work/stock/testing';
import { whatIf } from './whatIf';

test('boards, plywood and MDF side by side: the same shelves, other figures', async () => {
  const job = chimneyAlcove();
  const found = atOnce(whatIf({ job, rack: [] }, await loadedSolver()));
  expect(found.map((one) => [one.material, one.chosen])).toEqual([
    ['pine', true],
    ['birch-ply', false],
    ['mdf', false],
  ]);
  const [pine, ply, mdf] = found;
  // By their densities: 420, 680 and 740 kg/m³ for the boards, the sticks the same.
  expect(pine!.kg).toBeLessThan(ply!.kg);
  expect(ply!.kg).toBeLessThan(mdf!.kg);
  // MDF is a third as stiff and creeps most; its nosing of pine, which carries most of it, is the same.
  expect(mdf!.sagMm!).toBeGreaterThan(1.3 * pine!.sagMm!);
  for (const one of found) {
    expect(one.price).toBeGreaterThan(0);
    expect(one.missing).toBe(0);
    expect(one.wasteShare).toBeGreaterThan(0);
    expect(one.wasteShare).toBeLessThan(1);
  }
});
