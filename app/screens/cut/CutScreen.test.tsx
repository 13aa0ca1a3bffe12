import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { setStringAsync } from 'expo-clipboard';
import { chimneyAlcove, stairCavity, windowCorner } from '@dormer/core/rigs/demo';
import type { Job } from '@dormer/core/job/document';
import { planJob } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/say/words/first';
import { download } from '../../platform/files';
import { editJob, undo, type AppStore } from '../../store';
import { gone, jobIn, planned, press, screen, show, take, type } from '../../test/screen';
import { CutScreen } from './CutScreen';

jest.mock('expo-clipboard', () => ({ setStringAsync: jest.fn() }));
jest.mock('../../platform/files', () => ({ ...jest.requireActual('../../platform/files'), download: jest.fn() }));
const copied = setStringAsync as jest.MockedFunction<typeof setStringAsync>;
const given = download as jest.MockedFunction<typeof download>;

let store: AppStore;
beforeEach(() => {
  copied.mockReset().mockResolvedValue(true);
  given.mockReset();
});
afterEach(() => store.stop());

const alcove = chimneyAlcove();
const cut = async (job: Job, first = 1) => {
  store = await show(<CutScreen first={first} />, job);
};
const board = (job: Job, shelf: number) => planJob(job).parts.find((part) => part.id === `S${shelf}-board`)!;

describe('one board', () => {
  test('its numbers are those of the plan, and each says why', async () => {
    await cut(alcove, 3);
    const { edges } = board(alcove, 3);
    screen.getByText('Board 3S');
    const back = screen.getByRole('button', { name: `3S Back edge: ${lengthWords(edges!.back.mm, alcove)}. Why?` });
    fireEvent.press(back);
    expect(screen.getAllByText(/^Clearance at both ends, for a/).length).toBeGreaterThan(0);
  });

  test('another shelf is shown by its number', async () => {
    await cut(alcove);
    screen.getByText('Board 1S');
    fireEvent.press(screen.getByRole('radio', { name: 'Shelf 4' }));
    screen.getByText('Board 4S');
  });

  test('how surely it goes in is said, and is a wish of the job', async () => {
    await cut(alcove);
    screen.getByText(/^9\d % chance it fits first time/);
    fireEvent.press(screen.getByRole('radio', { name: '90 %' }));
    expect(jobIn(store).fit.odds).toBe(90);
    await planned(store);
    // What may fail more often is cut longer.
    expect(store.getState().planned.plan!.parts.find((part) => part.id === 'S1-board')!.length.mm).toBeGreaterThan(
      board(alcove, 1).length.mm - 0.01,
    );
    fireEvent.press(screen.getByRole('radio', { name: 'Short and loose' }));
    type('Play, both ends together', '6');
    expect(jobIn(store).fit).toMatchObject({ habit: 'loose', play: { mm: 6 } });
  });

  test('with hand tools no angle is told, but what to mark', async () => {
    const crooked = { ...alcove, fit: { ...alcove.fit, ends: 'angled' as const } };
    await cut(crooked, 5);
    expect(screen.getAllByText(/at the front \(\d.*° off square\)/).length).toBeGreaterThan(0);
    act(() => void store.dispatch(editJob((one) => ({ ...one, tools: 'hand' }))));
    await gone(/at the front \(\d.*° off square\)/);
    screen.getByText(/^Mark both corners of each end/);
    expect(screen.getAllByText(/, to a knife line/).length).toBeGreaterThan(0);
  });
});

describe('ends and fit of one board', () => {
  test('every style side by side; one that is chosen is for this board alone, and can be left to what suits', async () => {
    await cut(alcove, 2);
    press('Choose ends');
    await gone(/Working out every style/);
    const styles = within(screen.getByLabelText('End style')).getAllByRole('radio');
    expect(styles).toHaveLength(5);
    fireEvent.press(styles[1]!);
    expect(jobIn(store).fit.boards).toEqual([{ shelf: 2, ends: 'square' }]);
    fireEvent.press(within(screen.getByLabelText('End style')).getAllByRole('radio')[0]!);
    expect(jobIn(store).fit.boards).toEqual([]);
  });

  test('its back may be scribed', async () => {
    await cut(alcove, 2);
    press('Choose ends');
    fireEvent.press(screen.getByRole('radio', { name: /^Scribed, / }));
    expect(jobIn(store).fit.boards).toEqual([{ shelf: 2, back: 'scribed' }]);
  });
});

describe('a board that was tried', () => {
  test('where it binds, what to shave, and the note may go again', async () => {
    await cut(alcove, 1);
    press('Try in place');
    fireEvent.press(screen.getByRole('radio', { name: 'Left end' }));
    fireEvent.press(screen.getByRole('radio', { name: 'at the front' }));
    fireEvent.press(screen.getByRole('radio', { name: 'Too tight' }));
    type('Still too high by', '12');
    await take('Add note');
    expect(jobIn(store).trials).toMatchObject([
      { shelf: 1, end: 'left', at: 'front', kind: 'tight', value: { mm: 12 } },
    ]);
    // What was cut is kept with the note: it is that board which is shaved.
    expect(jobIn(store).trials[0]?.cut.back).toBeCloseTo(board(alcove, 1).edges!.back.mm, 6);
    await planned(store);
    screen.getByText(/Left end, at the front: shave/);
    press('Delete note');
    expect(jobIn(store)).toEqual(alcove);
  });
});

describe('the list goes out', () => {
  test('as text, and says so; a browser that forbids it says that', async () => {
    await cut(alcove);
    press('Copy list');
    await waitFor(() => expect(copied).toHaveBeenCalled());
    expect(copied.mock.calls[0]?.[0]).toContain('1S');
    await waitFor(() => expect(store.getState().notice).not.toBeNull());
    copied.mockRejectedValue(new Error('no'));
    press('Copy list');
    await waitFor(() => expect(JSON.stringify(store.getState().notice)).toContain('cut.notCopied'));
  });

  test('as CSV, under the name of the job', async () => {
    await cut(alcove);
    press('Save CSV');
    await waitFor(() => expect(given).toHaveBeenCalled());
    const [name, contents] = given.mock.calls[0]!;
    expect(name).toBe('Chimney-alcove-reading-room-cut-list.csv');
    expect(String(contents)).toContain('Back batten');
  });

  test('not while the plan is still of the job before the last change', async () => {
    await cut(alcove);
    act(() => void store.dispatch(editJob((one) => ({ ...one, shelves: { ...one.shelves, count: 3 } }))));
    press('Save CSV');
    press('Copy list');
    await planned(store);
    expect(given).not.toHaveBeenCalled();
    expect(copied).not.toHaveBeenCalled();
    press('Save CSV');
    await waitFor(() => expect(given).toHaveBeenCalledTimes(1));
    expect(String(given.mock.calls[0]![1])).not.toContain('5S');
  });

  test('with nothing to cut there is nothing to hand out', async () => {
    await cut({ ...alcove, shelves: { ...alcove.shelves, count: 0 } });
    screen.getByText('Nothing to cut yet.');
    expect(screen.queryByRole('button', { name: 'Save CSV' })).toBeNull();
  });
});

describe('places of their own kind', () => {
  test('a corner: its angle and its legs, and another shape is one touch', async () => {
    const corner = windowCorner();
    await cut(corner);
    const { cutDegrees } = board(corner, 1).corner!;
    screen.getByText(`${cutDegrees.toFixed(1)}°`);
    fireEvent.press(screen.getByRole('radio', { name: 'L-shaped' }));
    type('Depth of both arms', '140');
    expect(jobIn(store).corner).toMatchObject({ shape: 'ell', arm: { mm: 140 } });
    await planned(store);
    expect(store.getState().planned.plan!.parts.find((part) => part.id === 'S1-board')!.corner!.shape).toBe('ell');
    act(() => void store.dispatch(undo()));
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(corner);
  });

  test('the hole for a cable is on the list', async () => {
    await cut(windowCorner());
    screen.getByText(/hole 60 mm wide, centre 230 mm from the left end and 75 mm from the back edge/);
  });

  test('a cavity: its trim to the long point', async () => {
    const cavity = stairCavity();
    await cut(cavity);
    const upright = planJob(cavity).parts.find((part) => part.id === 'trim-left')!;
    expect(screen.getAllByText(lengthWords(upright.length.mm, cavity)).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/both ends mitered 45° to the long point/).length).toBeGreaterThan(0);
  });

  test('a template says what it is and hands out its offsets', async () => {
    await cut(windowCorner());
    press('Show template');
    screen.getByText('The corner is cut to ' + board(windowCorner(), 1).corner!.cutDegrees.toFixed(1) + '°.');
    screen.getByRole('button', { name: 'Save SVG' });
  });
});
