import { length, message } from '../../../base/message';
import { broken, namedIn, otherOf, saidOf, type Checked, type Finding } from './finding';

/** Pieces and fittings that are in one another. */
export function overlapsFound(built: Checked): Finding[] {
  return built.overlaps.flatMap(({ a, b, deepMm }): Finding[] => {
    const [first, second] = [namedIn(built, a), namedIn(built, b)];
    if (!first || !second) return [];
    const said = { ...saidOf(first), ...otherOf(second), deep: length(deepMm) };
    return [broken(message('body.inOneAnother', said), deepMm, first, second)];
  });
}
