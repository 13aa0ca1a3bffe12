import { choice, message } from '../../../base/message';
import { namedIn, otherOf, saidOf, toCheck, type Checked, type Finding } from './finding';

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
          : [toCheck(message('body.noRestLoose', { ...saidOf(board), side: choice(pins) }), 0, board)];
      }
      const other = namedIn(built, by);
      // Carried by screws through a wall: these are checked themselves.
      if (!other) return [];
      if (decksOf(built, hold.shelf).some((id) => touches(built, id, by))) return [];
      const code = isHoused(built, by) ? 'body.shortOfHousing' : 'body.noRest';
      return [toCheck(message(code, { ...saidOf(board), ...otherOf(other) }), 0, board, other)];
    }),
  );
}

const FLAT: ReadonlySet<string> = new Set(['board', 'skin', 'slat', 'mesh']);

/** All that lies flat on one shelf: its board, both its skins, its slats. */
const decksOf = ({ body }: Checked, shelf: number): string[] =>
  body.pieces.filter((piece) => piece.shelf === shelf && FLAT.has(piece.role)).map(({ id }) => id);

/** Whether boards are let into a piece. */
const isHoused = ({ standing }: Checked, id: string): boolean =>
  (standing.get(id)?.solid.cuts ?? []).some(({ kind }) => kind === 'housing');

/** Whether two touch; or, of a bracket that is made, whether the board lies on the arm that is on its leg. */
function touches({ body }: Checked, one: string, other: string): boolean {
  const meet = (a: string, b: string) =>
    body.contacts.some((contact) => (contact.a === a && contact.b === b) || (contact.a === b && contact.b === a));
  const arm = other.replace('bracket-leg', 'bracket-arm');
  return meet(one, other) || (arm !== other && meet(one, arm) && meet(arm, other));
}
