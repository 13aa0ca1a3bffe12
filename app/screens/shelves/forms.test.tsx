import '../../labels/shelves';
import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { chimneyAlcove, cloakroomCloset, stairCavity } from '@dormer/core/rigs/demo';
import type { Job } from '@dormer/core/job/document';
import { planJob, type Plan } from '@dormer/core/plan';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { undo, type AppStore } from '../../store';
import { jobIn, planned, press, screen, showPart, type } from '../../test/screen';
import { AlignSheet } from './AlignSheet';
import { CompareSheet } from './CompareSheet';
import { PinsForm } from './PinsForm';
import { TiltedForm } from './TiltedForm';

let store: AppStore;
afterEach(() => store.stop());

const look = async (...of: Parameters<typeof showPart>) => {
  store = await showPart(...of);
};
const alcove = chimneyAlcove();

describe('tilted shelves', () => {
  const form = (job: Job, plan: Plan) => <TiltedForm job={job} plan={plan} />;

  test('the first begins low, each further one above the last and like it', async () => {
    await look(alcove, form);
    screen.getByText(/^None\. A tilted shelf/);
    press('Add a tilted shelf');
    expect(jobIn(store).tilted).toMatchObject([{ front: { mm: 150 }, degrees: 15, depth: { mm: 300 } }]);
    type('Depth of the board', '280');
    press('Add a tilted shelf');
    expect(jobIn(store).tilted?.[1]).toMatchObject({ front: { mm: 400 }, degrees: 15, depth: { mm: 280 } });
  });

  test('its rear edge is told, as the slope has it, and why', async () => {
    await look(cloakroomCloset(), form);
    const laid = planJob(cloakroomCloset()).tilted[0]!;
    const first = within(screen.getByLabelText('Tilted shelf 1'));
    const rear = lengthWords(laid.rear.mm, cloakroomCloset());
    fireEvent.press(first.getByLabelText(`Tilted shelf 1, Rear edge, above the floor mark: ${rear}. Why?`));
    for (const term of laid.rear.terms) screen.getByText(words(term.label, cloakroomCloset()));
  });

  test('one goes and the others stay; all of it is undone step by step', async () => {
    await look(cloakroomCloset(), form);
    press('Remove tilted shelf 1');
    expect(jobIn(store).tilted).toHaveLength(1);
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(cloakroomCloset());
  });
});

describe('pins', () => {
  const form = (job: Job, plan: Plan) => <PinsForm job={job} plan={plan} />;

  test('laid out as is usual for the units, measured from the shelf that is fixed, and gone again', async () => {
    await look(alcove, form);
    press('Lay out pin holes');
    expect(jobIn(store).pins).toMatchObject({ pitch: { mm: 32 }, setBack: { mm: 37 }, diameter: { mm: 5 }, either: 2 });
    await planned(store);
    const { pins } = store.getState().planned.plan!;
    screen.getByText(new RegExp(`^Shelf ${pins!.fixed} is fixed: measure from it`));
    press('One hole more');
    expect(jobIn(store).pins?.either).toBe(3);
    press('No pins');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('every hole has its distance, those for a shelf by its number', async () => {
    const cavity = stairCavity();
    await look(cavity, form);
    const { pins } = planJob(cavity);
    const holes = screen.getAllByLabelText(/^Hole \d+ from the fixed shelf: /);
    expect(holes).toHaveLength(pins!.holes.length);
    const shelves = new Set(pins!.holes.flatMap((hole) => (hole.shelf === null ? [] : [hole.shelf])));
    for (const shelf of shelves) expect(screen.getAllByText(`For shelf ${shelf}`).length).toBeGreaterThan(0);
  });

  test('a pitch of nothing is refused', async () => {
    await look(stairCavity(), form);
    type('Hole to hole', '0');
    screen.getByText(/comes out at nothing/);
    expect(jobIn(store)).toEqual(stairCavity());
  });
});

describe('a shelf lined up with something', () => {
  test('with the level line, by its top or its underside', async () => {
    await look(alcove, (job) => <AlignSheet job={job} onClose={() => undefined} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Its underside' }));
    press('Line it up');
    expect(jobIn(store).shelves.aligned).toMatchObject([{ to: { is: 'level-line' }, face: 'underside' }]);
    await planned(store);
    const lined = store.getState().planned.plan!.shelves.find((one) => one.held !== null);
    expect(lined?.underside.mm).toBe(alcove.levelLine.up.mm);
  });

  test('with anything else, by its name and its height; not before both are said', async () => {
    const closed = jest.fn();
    await look(alcove, (job) => <AlignSheet job={job} onClose={closed} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Something else' }));
    press('Line it up');
    expect(closed).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByLabelText('What it is'), ' Mantel ');
    press('Line it up');
    type('Its height above the floor mark', '1180');
    press('Line it up');
    expect(jobIn(store).shelves.aligned).toMatchObject([
      { to: { is: 'mark', name: 'Mantel', up: { mm: 1180 } }, face: 'top' },
    ]);
    expect(closed).toHaveBeenCalledTimes(1);
  });

  test('what there is at the place is offered, and nothing else', async () => {
    await look(alcove, (job) => <AlignSheet job={job} onClose={() => undefined} />);
    expect(screen.queryByRole('radio', { name: 'The chair rail, above' })).toBeNull();
    const clears = alcove.place.keepClears.length;
    expect(screen.getAllByRole('radio', { name: /, (above|below)$/ })).toHaveLength(2 * clears);
  });
});

describe('two layouts side by side', () => {
  const beside: Job = { ...alcove, otherShelves: { ...alcove.shelves, count: 3 } };
  const sheet = (job: Job, plan: Plan) => <CompareSheet job={job} plan={plan} onClose={() => undefined} />;
  const there = () => waitFor(() => screen.getByText('Spaced'), { timeout: 15_000 });

  test('how many shelves each has stands in one line', async () => {
    await look(beside, sheet);
    await there();
    // The nearest of what the word stands in that holds figures, too, is its line.
    let line = screen.getByText('Shelves');
    while (within(line).queryAllByText(/^\d$/).length < 2) line = line.parent!;
    const said = within(line)
      .getAllByText(/^\d$/)
      .map((one) => one.props.children);
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
    press('Keep this one');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('one goes on with the other, and this one lies beside', async () => {
    await look(beside, sheet);
    await there();
    press('Work on the other');
    expect(jobIn(store)).toEqual({ ...alcove, shelves: beside.otherShelves, otherShelves: alcove.shelves });
  });
});
