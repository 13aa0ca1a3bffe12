import { choice, message } from '../../../base/message';
import { namedIn, nameOf, toCheck, type Checked, type Finding } from './finding';

/** Boards that do not lie on what their strength is reckoned by. */
export function restsFound(built: Checked): Finding[] {
  return built.holds.flatMap((hold) =>
    hold.rests.flatMap(({ by }): Finding[] => {
      const board = namedIn(built, hold.board);
      if (!board) return [];
      const pins = by === 'pins-left' ? 'left' : by === 'pins-right' ? 'right' : null;
      if (pins) {
        const carried = built.body.fittings.some(
          ({ id, shelf }) => shelf === hold.shelf && id.startsWith(`pin-${shelf}-${pins}`),
        );
        return carried
          ? []
          : [toCheck(message('body.noRestLoose', { piece: nameOf(board), side: choice(pins) }), 0, board)];
      }
      const other = namedIn(built, by);
      // Carried by screws through a wall: these are checked themselves.
      if (!other) return [];
      const boards = [hold.board, `S${hold.shelf}-skin`];
      if (boards.some((id) => touches(built, id, by))) return [];
      const code = isHoused(built, by) ? 'body.shortOfHousing' : 'body.noRest';
      return [toCheck(message(code, { piece: nameOf(board), other: nameOf(other) }), 0, board, other)];
    }),
  );
}

/** Whether boards are let into a piece. */
const isHoused = ({ standing }: Checked, id: string): boolean =>
  (standing.get(id)?.solid.cuts ?? []).some(({ kind }) => kind === 'housing');

/** Whether two touch, or both touch a third: a board on the arm of a bracket whose leg is on the wall. */
function touches({ body }: Checked, one: string, other: string): boolean {
  const beside = (id: string) => new Set(body.contacts.flatMap(({ a, b }) => (a === id ? [b] : b === id ? [a] : [])));
  const first = beside(one);
  if (first.has(other)) return true;
  const second = beside(other);
  return [...first].some((id) => second.has(id));
}
