import '../../../labels/shelves';
import { act, fireEvent, within } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import type { Job } from '@dormer/core/job/document';
import { type Plan } from '@dormer/core/plan';
import { undo, type AppStore } from '../../../store';
import { jobIn, planned, press, screen, showPart, take, type } from '../../../test/screen';
import { AlignSheet } from './AlignSheet';
import { CompareSheet } from './CompareSheet';
import { textOf } from '../../../test/textOf';

let store: AppStore;
afterEach(() => store.stop());

const look = async (...of: Parameters<typeof showPart>) => {
  store = await showPart(...of);
};
const alcove = chimneyAlcove();

describe('a shelf lined up with something', () => {
  test('with the level line, by its top or its underside', async () => {
    await look(alcove, (job) => <AlignSheet job={job} onClose={() => undefined} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Underside' }));
    await take('Line up');
    expect(jobIn(store).shelves.aligned).toMatchObject([{ to: { kind: 'level-line' }, face: 'underside' }]);
    await planned(store);
    const lined = store.getState().planned.plan!.shelves.find((shelf) => shelf.held !== null);
    expect(lined?.underside.mm).toBe(alcove.levelLine.up.mm);
  });

  test('with anything else, by its name and its height; not before both are said', async () => {
    const closed = jest.fn();
    await look(alcove, (job) => <AlignSheet job={job} onClose={closed} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Something else' }));
    await take('Line up');
    expect(closed).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('Name'), ' Mantel ');
    await take('Line up');
    type('Height above the floor mark', '1180');
    await take('Line up');
    expect(jobIn(store).shelves.aligned).toMatchObject([
      { to: { kind: 'mark', name: 'Mantel', up: { mm: 1180 } }, face: 'top' },
    ]);
    expect(closed).toHaveBeenCalledTimes(1);
  });

  test('what there is at the place is offered, and nothing else', async () => {
    await look(alcove, (job) => <AlignSheet job={job} onClose={() => undefined} />);
    expect(screen.queryByRole('radio', { name: 'Dado rail, top' })).toBeNull();
    const clears = alcove.place.keepClears.length;
    expect(screen.getAllByRole('radio', { name: /, (top|bottom)$/ })).toHaveLength(2 * clears);
  });
});

describe('two layouts side by side', () => {
  const beside: Job = { ...alcove, otherShelves: { ...alcove.shelves, count: 3 } };
  const sheet = (job: Job, plan: Plan) => <CompareSheet job={job} plan={plan} onClose={() => undefined} />;
  const there = () => screen.findByText('Spacing');

  test('how many shelves each has stands in one line', async () => {
    await look(beside, sheet);
    await there();
    // The nearest of what the word stands in that holds figures, too, is its line.
    let line = screen.getByText('Shelves');
    while (within(line).queryAllByText(/^\d$/).length < 2) line = line.parent!;
    const said = within(line).getAllByText(/^\d$/).map(textOf);
    expect(said).toEqual(['5', '3']);
  });

  test('either is kept, and undo has the other again', async () => {
    await look(beside, sheet);
    await there();
    press('Keep the other');
    expect(jobIn(store).shelves.count).toBe(3);
    expect(jobIn(store)).not.toHaveProperty('otherShelves');
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(beside);
    press('Keep this layout');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('one goes on with the other, and this one lies beside', async () => {
    await look(beside, sheet);
    await there();
    press('Swap layouts');
    expect(jobIn(store)).toEqual({ ...alcove, shelves: beside.otherShelves, otherShelves: alcove.shelves });
  });
});
