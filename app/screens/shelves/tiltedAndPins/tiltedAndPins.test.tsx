import '../../../labels/shelves';
import { act, fireEvent, within } from '@testing-library/react-native';
import { chimneyAlcove, cloakroomCloset, stairCavity } from '@dormer/core/rigs/demo';
import type { Job } from '@dormer/core/job/document';
import { planJob, type Plan } from '@dormer/core/plan';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { undo, type AppStore } from '../../../store';
import { jobIn, planned, press, screen, showPart, type } from '../../../test/screen';
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
    screen.getByText(/^No tilted shelves\. A tilted shelf/);
    press('Add tilted shelf');
    expect(jobIn(store).tilted).toMatchObject([{ front: { mm: 150 }, degrees: 15, depth: { mm: 300 } }]);
    type('Depth of the board', '280');
    press('Add tilted shelf');
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
    press('Delete tilted shelf 1');
    expect(jobIn(store).tilted).toHaveLength(1);
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(cloakroomCloset());
  });
});

describe('pins', () => {
  const form = (job: Job, plan: Plan) => <PinsForm job={job} plan={plan} />;

  test('laid out as is usual for the units, measured from the shelf that is fixed, and gone again', async () => {
    await look(alcove, form);
    press('Add pin holes');
    expect(jobIn(store).pins).toMatchObject({ pitch: { mm: 32 }, setBack: { mm: 37 }, diameter: { mm: 5 }, either: 2 });
    await planned(store);
    const { pins } = store.getState().planned.plan!;
    screen.getByText(new RegExp(`^Shelf ${pins!.fixed} is fixed. Measure from it`));
    press('Add one hole');
    expect(jobIn(store).pins?.either).toBe(3);
    press('Delete pin holes');
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
    type('Spacing of the holes', '0');
    screen.getByText(/comes out at zero/);
    expect(jobIn(store)).toEqual(stairCavity());
  });
});
