import { fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove, stairCavity } from '@dormer/core/rigs/demo';
import { withDone, withLog, type Job } from '@dormer/core/job/document';
import { jobIn, press, screen, show, take, type } from '../../test/screen';
import { LogScreen } from './LogScreen';

const tab = (name: string) => fireEvent.press(screen.getByRole('radio', { name }));
const mistake = (id: string) => ({
  id,
  at: 1,
  kind: 'mistake' as const,
  cause: 'kerf' as const,
  minutes: 20,
  text: '',
});

describe('fit', () => {
  test('a board that went in, with what was said of it, and taken back', async () => {
    const store = await show(<LogScreen />, chimneyAlcove());
    expect(await screen.findByText(/\d+ % chance it fits first time, by the plan/)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: '2S' }));
    press('Went in');
    expect(await screen.findByText('2S went in first time')).toBeTruthy();
    const odds = store.getState().planned.plan!.parts.find((part) => part.id === 'S2-board')!.fit!.odds;
    expect(jobIn(store).log.fits).toMatchObject([{ shelf: 2, went: true, odds: Math.round(odds * 10) / 10 }]);
    press('Delete answer');
    expect(jobIn(store).log.fits).toEqual([]);
  });

  test('where it bound is touched, and becomes a reading of the walls', async () => {
    const store = await show(<LogScreen />, chimneyAlcove());
    press('Left end, at the front');
    expect(
      screen.getByRole('radio', { name: 'Left end' }).props.accessibilityState?.checked ??
        screen.getByRole('radio', { name: 'Left end' }).props['aria-checked'],
    ).toBe(true);
    fireEvent.press(screen.getByRole('radio', { name: 'Too tight' }));
    type('Still too high by', '5');
    await take('Add note');
    expect(jobIn(store).trials).toMatchObject([
      { shelf: 1, end: 'left', at: 'front', kind: 'tight', value: { mm: 5 } },
    ]);
    await waitFor(() => expect(screen.queryAllByText(/shave/).length > 0).toBe(true));
  });

  test('no board between walls, nothing to try', async () => {
    await show(<LogScreen />, stairCavity());
    expect(await screen.findByText(/No board runs from wall to wall yet/)).toBeTruthy();
  });
});

describe('diary', () => {
  test('a note, a mistake with its cause and piece, a real size; taken out again', async () => {
    const store = await show(<LogScreen />, chimneyAlcove());
    tab('Diary');
    expect(screen.getByText(/Nothing noted yet/)).toBeTruthy();
    press('Note');
    await take('Add note');
    expect(screen.getByText('Type a few words to note.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Your words'), 'The plaster crumbles');
    await take('Add note');
    press('Mistake');
    fireEvent.press(screen.getByRole('radio', { name: 'Kerf forgotten' }));
    fireEvent.press(screen.getByRole('radio', { name: '3S' }));
    type('Time lost, minutes', '25');
    await take('Add note');
    press('Real size');
    await take('Add note');
    expect(screen.getByText('Choose a piece.')).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: '2S' }));
    type('Real length', '1121');
    await take('Add note');
    expect(screen.getByText('The plaster crumbles')).toBeTruthy();
    expect(screen.getByText('Kerf forgotten · 25 min')).toBeTruthy();
    expect(screen.getByText(/^2S: 1121 mm, planned 11\d\d(\.\d)? mm$/)).toBeTruthy();
    const { entries } = jobIn(store).log;
    const said = { id: expect.any(String), at: expect.any(Number), text: '' };
    expect(entries).toStrictEqual([
      { ...said, kind: 'note', text: 'The plaster crumbles' },
      { ...said, kind: 'mistake', cause: 'kerf', part: 'S3-board', minutes: 25 },
      { ...said, kind: 'size', part: 'S2-board', length: { mm: 1121, typed: '1121', unit: 'mm' } },
    ]);
    fireEvent.press(screen.getAllByRole('button', { name: 'Delete note' })[0]!);
    expect(jobIn(store).log.entries).toHaveLength(2);
  });

  test('how long steps took, what was paid against the list, what to do otherwise', async () => {
    const store = await show(<LogScreen />, withDone(chimneyAlcove(), 'cut-boards', 1));
    tab('Diary');
    type(/^Cut 5 boards/, '75');
    expect(jobIn(store).build.done).toEqual([
      { step: 'cut-boards', at: 1, took: { minutes: 75, usual: 40, kind: 'cut' } },
    ]);
    type(/^Cut 5 boards/, '');
    expect(jobIn(store).build.done).toEqual([{ step: 'cut-boards', at: 1 }]);
    expect(await screen.findByText(/Planned on the shopping list: £/)).toBeTruthy();
    type('Paid in total', 'much');
    expect(screen.getByText('Type an amount like 148.50.')).toBeTruthy();
    type('Paid in total', '10');
    expect(await screen.findByText(/less than planned/)).toBeTruthy();
    type('What would you do differently?', 'Prime first');
    expect(jobIn(store).log).toMatchObject({ paid: 10, next: 'Prime first' });
  });
});

describe('learned', () => {
  const lived = (): Job =>
    withLog(chimneyAlcove(), {
      entries: [mistake('a'), mistake('b')],
      fits: [{ id: 'f', at: 1, shelf: 1, odds: 97, went: false }],
      next: 'Prime first',
    });

  test('what jobs taught, and a job planned with it', async () => {
    const store = await show(<LogScreen />, lived());
    tab('Learned');
    expect(screen.getByText('From one job on this device.')).toBeTruthy();
    expect(screen.getByText('Kerf forgotten: 2 times, 40 min lost')).toBeTruthy();
    expect(screen.getByText(/Predicted 95 to 99 %: 0 of 1 fitted/)).toBeTruthy();
    press('Use my figures');
    expect(jobIn(store).learned).toEqual({ times: [], mistakes: [{ cause: 'kerf', times: 2 }] });
    await waitFor(() =>
      expect(
        store
          .getState()
          .planned.plan!.build.steps.filter((step) => step.guards.length > 0)
          .map((step) => step.id),
      ).toEqual(['cut-boards', 'cut-sticks']),
    );
    press('Use usual figures');
    expect(jobIn(store).learned).toBeUndefined();
  });

  test('nothing yet', async () => {
    await show(<LogScreen />, chimneyAlcove());
    tab('Learned');
    expect(screen.getByText(/No job has taught anything yet/)).toBeTruthy();
  });
});
