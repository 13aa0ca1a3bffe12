import { length, message } from '../../../base/message';
import { broken, namedIn, otherOf, saidOf, type Checked, type Finding } from './finding';

/** A post is scribed to a wall that bows; here it is straight. Boards in its housings follow the wall. Millimetres. */
const SCRIBED_MM = 3;

const isPost = (one: ReturnType<typeof namedIn>): boolean =>
  one !== null && 'role' in one && (one.role === 'post-left' || one.role === 'post-right');
const isScribed = (a: ReturnType<typeof namedIn>, b: ReturnType<typeof namedIn>): boolean => isPost(a) !== isPost(b);

/** Pieces and fittings that are in one another. */
export function overlapsFound(built: Checked): Finding[] {
  return built.overlaps.flatMap(({ a, b, deepMm }): Finding[] => {
    const [first, second] = [namedIn(built, a), namedIn(built, b)];
    if (!first || !second || (deepMm <= SCRIBED_MM && isScribed(first, second))) return [];
    const said = { ...saidOf(first), ...otherOf(second), deep: length(deepMm) };
    return [broken(message('body.inOneAnother', said), deepMm, first, second)];
  });
}
