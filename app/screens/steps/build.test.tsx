import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { chimneyAlcove, stairCavity } from '@dormer/core/rigs/demo';
import { usualCoats, withBuild, type Job } from '@dormer/core/job/document';
import { choose, gone, jobIn, planned, press, screen, show, take, type } from '../../test/screen';
import { BuildScreen } from './BuildScreen';
import { textOf } from '../../test/textOf';

const card = () => within(screen.getByTestId('step-card'));
const title = (what: string) =>
  waitFor(() => {
    const there = screen.queryByTestId('step-card');
    expect(there !== null && within(there).queryByText(what) !== null).toBe(true);
  });
/** Told by yes and no: what is still there is too large to be printed each time. */
const tab = (name: string) => fireEvent.press(screen.getByRole('radio', { name }));
const done = (job: Job, upTo: string, steps: readonly string[], at: number): Job =>
  withBuild(job, { done: steps.slice(0, steps.indexOf(upTo) + 1).map((step, i) => ({ step, at: at + i })) });
const WORKSHOP = ['buy', 'cut-boards', 'cut-sticks', 'drill', 'sand', 'prime', 'paint-1', 'paint-2'];

describe('today', () => {
  test('the step to do now, in the order of the trips; ticked, taken back', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    await title('Buy what is on the list');
    expect(card().getByText('Step 1 of 27 · Shop · about 45 min')).toBeTruthy();
    press('Done');
    await title('Cut 5 boards');
    expect(card().getByText(/push sticks/)).toBeTruthy();
    expect(jobIn(store).build.done.map((one) => one.step)).toEqual(['buy']);
    press('Undo last tick');
    await title('Buy what is on the list');
    expect(jobIn(store).build.done).toEqual([]);
  });

  test('a support: its height from the level line, its screws, what is good', async () => {
    const at = Date.now() - 9 * 3_600_000;
    const job = done(chimneyAlcove(), 'marks', [...WORKSHOP, 'level-line', 'marks'], at);
    const store = await show(<BuildScreen />, job);
    await title('Put up the supports of shelf 5');
    const mark = store
      .getState()
      .planned.plan!.marks.find((wallMark) => wallMark.shelf === 5 && wallMark.what === 'cleat-top')!;
    expect(card().getByText(`+${mark.fromLevelLine.mm} mm`)).toBeTruthy();
    expect(card().getByText(`${mark.up.mm} mm`)).toBeTruthy();
    expect(card().getByText(/^5B: 4 × Screws \d.*, into wall plugs, at \d.* from the left \(rear\) end$/)).toBeTruthy();
    press('At each wall');
    expect(card().getAllByText('floor here')).toHaveLength(store.getState().planned.plan!.stations.length);
    press('Hide walls');
    expect(card().queryByText('floor here')).toBeNull();
    expect(card().getByText(/Hang on it/)).toBeTruthy();
    expect(card().getByText(/Wires or pipes may run/)).toBeTruthy();
  });

  test('a wait that runs is told, with when it ends', async () => {
    const job = done(chimneyAlcove(), 'prime', WORKSHOP, Date.now() - 30 * 60_000);
    await show(<BuildScreen />, job);
    await title('Paint, coat 1');
    expect(card().getByText(/^Wait until .*\d\d:\d\d.*, 1 h (29|30) min to go$/)).toBeTruthy();
  });

  test('a window that closes is told, and one that is over', async () => {
    const stained = { ...chimneyAlcove(), stock: { ...chimneyAlcove().stock, coats: usualCoats('stain', 2) } };
    const steps = ['buy', 'cut-boards', 'cut-sticks', 'drill', 'sand', 'condition'];
    await show(<BuildScreen />, done(stained, 'condition', steps, Date.now() - 40 * 60_000));
    await title('Stain');
    expect(card().getByText(/^Start by .*, 1 h (19|20) min left$/)).toBeTruthy();
    screen.unmount();
    await show(<BuildScreen />, done(stained, 'condition', steps, Date.now() - 180 * 60_000));
    await waitFor(() =>
      expect(screen.getAllByText(/had to follow “Brush on the stain conditioner” within 2 h/)).toHaveLength(1),
    );
    expect(card().getByText(/Too late: the limit was/)).toBeTruthy();
  });

  test('a step is left out with a reason, and opened again under Trips', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    await title('Buy what is on the list');
    press('Skip step …');
    fireEvent.press(screen.getByRole('radio', { name: 'Already done' }));
    fireEvent.changeText(screen.getByLabelText('Your words'), 'from the last job');
    await take('Skip step');
    await title('Cut 5 boards');
    expect(jobIn(store).build.skipped).toEqual([{ step: 'buy', why: 'was-done', note: 'from the last job' }]);
    tab('Trips');
    expect(await screen.findByText('Already done: from the last job')).toBeTruthy();
    press('Reopen: Buy what is on the list');
    expect(jobIn(store).build.skipped).toEqual([]);
  });

  test('all done is said', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    const steps = store.getState().planned.plan!.build.steps.map((step) => step.id);
    screen.unmount();
    await show(<BuildScreen />, done(chimneyAlcove(), 'look-back', steps, Date.now() - 1000));
    expect(await screen.findByText(/All steps are done/)).toBeTruthy();
  });

  test('no readings, no work', async () => {
    await show(<BuildScreen />, { ...chimneyAlcove(), readings: [] });
    expect(await screen.findByText(/No work yet/)).toBeTruthy();
  });
});

describe('how one goes about it', () => {
  test('schools change the steps; old holes are filled first; a wait is what the tin says', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    await title('Buy what is on the list');
    press('How you work');
    fireEvent.press(screen.getByRole('radio', { name: 'Bottom up' }));
    fireEvent.press(screen.getByRole('radio', { name: 'Measured in place' }));
    type('Old holes to fill', 'many');
    expect(screen.getByText(/whole number of holes/)).toBeTruthy();
    type('Old holes to fill', '55');
    await planned(store);
    type('Filler, at the earliest', '30');
    type('Primer, at the latest', '10');
    expect(screen.getByText('The latest is before the earliest. Swap them.')).toBeTruthy();
    type('Way to the workshop, minutes', 'soon');
    expect(screen.getByText(/whole minutes/)).toBeTruthy();
    await planned(store);
    const { build } = jobIn(store);
    expect(build).toMatchObject({
      supports: 'bottom-up',
      cut: 'in-place',
      waits: [{ wait: 'filler', least: 30 }],
      travel: { workshop: 5 },
    });
    expect(build.prepare.holes).toBe(55);
    const steps = store.getState().planned.plan!.build.steps.map((step) => step.id);
    expect(steps).toEqual(expect.arrayContaining(['fill-2', 'measure-boards', 'boards-cut-boards']));
  });

  test('a wall is offered to be cut open only in a cavity', async () => {
    await show(<BuildScreen />, chimneyAlcove());
    press('How you work');
    expect(screen.queryByRole('checkbox', { name: 'Cut a wall open' })).toBeNull();
    screen.unmount();
    await show(<BuildScreen />, stairCavity());
    press('How you work');
    expect(screen.getByRole('checkbox', { name: 'Cut a wall open' })).toBeTruthy();
  });

  test('a step of one’s own, one that goes round in a circle, and out again', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    await title('Buy what is on the list');
    press('Add step');
    await take('Save step');
    expect(screen.getByText('Type what to do.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('What to do'), 'Move the lamp');
    press('After: choose steps');
    fireEvent.press(screen.getByRole('checkbox', { name: 'Load the shelves' }));
    press('Before: choose steps');
    fireEvent.press(screen.getAllByRole('checkbox', { name: 'Mark the heights of 5 shelves' }).at(-1)!);
    await take('Save step');
    expect(await screen.findByText(/Steps go round in a circle: .*Move the lamp/)).toBeTruthy();
    expect(jobIn(store).build.own).toMatchObject([{ what: 'Move the lamp', after: ['load'], before: ['marks'] }]);
    tab('Trips');
    fireEvent.press(await screen.findByRole('button', { name: 'Move the lamp' }));
    press('Save step');
    press('Delete step');
    await gone(/circle/);
    expect(jobIn(store).build.own).toEqual([]);
  });
});

test('a step of one’s own is changed: a wait that is cleared is gone, and no field is left behind empty', async () => {
  const own = { id: 'lamp', what: 'Move the lamp', place: 'site', minutes: 15, after: ['load'], before: [] } as const;
  const kept = { ...own, after: ['load'], before: [], least: 30, most: 60 };
  const store = await show(<BuildScreen />, withBuild(chimneyAlcove(), { own: [kept] }));
  tab('Trips');
  fireEvent.press(await screen.findByRole('button', { name: 'Move the lamp' }));
  press('Save step');
  type('Latest start after that, minutes', '20');
  screen.getByText('The latest is before the earliest. Swap them.');
  type('Latest start after that, minutes', '');
  type('Earliest start after that, minutes', '');
  expect(screen.getByLabelText('Earliest start after that, minutes').props.value).toBe('');
  await act(async () => fireEvent.press(screen.getAllByRole('button', { name: 'Save step' }).at(-1)!));
  expect(jobIn(store).build.own).toStrictEqual([{ ...own, after: ['load'], before: [] }]);
});

describe('trips and packing', () => {
  test('three trips, the best there is; a step ticked there is done', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    tab('Trips');
    expect(await screen.findByText('3 trips, about 4 days 4 h with drying')).toBeTruthy();
    expect(screen.getByText(/Fewest trips possible/)).toBeTruthy();
    for (const place of ['Trip 1: Shop', 'Trip 2: Workshop', 'Trip 3: On site'])
      expect(screen.getByText(place)).toBeTruthy();
    expect(screen.getAllByText(/^wait /).length).toBeGreaterThan(2);
    fireEvent.press(screen.getByRole('checkbox', { name: 'Buy what is on the list: done' }));
    await screen.findByText('Trip 1: Workshop');
    expect(jobIn(store).build.done).toHaveLength(1);
  });

  test('what is packed is ticked, counted, and unpacked; every trip has its own', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    tab('Packing');
    fireEvent.press(await screen.findByRole('radio', { name: '3 On site' }));
    const left = () => Number(/^(\d+) things/.exec(textOf(screen.getByText(/things still to pack/)))![1]);
    const before = left();
    fireEvent.press(screen.getByRole('checkbox', { name: 'Level' }));
    fireEvent.press(screen.getByRole('checkbox', { name: '2S – Board' }));
    await waitFor(() => expect(left()).toBe(before - 2));
    expect(screen.getAllByRole('checkbox', { name: /^\d+ × Screws/ }).length).toBeGreaterThan(1);
    fireEvent.press(screen.getByRole('radio', { name: '2 Workshop' }));
    expect(screen.queryByRole('checkbox', { name: '2S – Board' })).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: '3 On site' }));
    press('Unpack all');
    expect(jobIn(store).build.packed).toEqual([]);
  });
});

describe('the calendar', () => {
  const wish = {
    zone: 'Europe/Amsterdam',
    from: '2030-05-06',
    free: [{ day: 6, from: '09:00', to: '17:00' }],
    lost: [],
    moved: [],
  };
  const dated = () => withBuild(chimneyAlcove(), { calendar: wish });

  test('is begun with evenings and Saturdays, in the zone one is in', async () => {
    const store = await show(<BuildScreen />, chimneyAlcove());
    tab('Calendar');
    press('Make calendar');
    expect(await screen.findByText(/^Done by /)).toBeTruthy();
    expect(jobIn(store).build.calendar).toMatchObject({
      zone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
      quiet: { from: '20:00', to: '08:00' },
    });
    press('Delete calendar');
    expect(jobIn(store).build.calendar).toBeUndefined();
  });

  test('a lost day says first what it changes, and is found again', async () => {
    const store = await show(<BuildScreen />, dated());
    tab('Calendar');
    expect(await screen.findByText('Saturday 11 May')).toBeTruthy();
    fireEvent.press(screen.getAllByRole('button', { name: 'Skip this day' })[0]!);
    expect(await screen.findByText(/Without this day the work ends on .* instead of /)).toBeTruthy();
    press('Skip day');
    await gone('Saturday 11 May');
    expect(jobIn(store).build.calendar!.lost).toEqual(['2030-05-11']);
    press('Use 2030-05-11 again');
    expect(jobIn(store).build.calendar!.lost).toEqual([]);
  });

  test('a step is moved, and laid as before again; an unfinished date is said', async () => {
    const store = await show(<BuildScreen />, dated());
    tab('Calendar');
    fireEvent.press(await screen.findByRole('button', { name: /Prime the pieces/ }));
    choose('Day', '');
    expect(screen.getByText('Choose a full date.')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Move step' })).toBeDisabled();
    choose('Day', '2030-05-14');
    choose('Starts at', '19:15');
    press('Move step');
    expect(jobIn(store).build.calendar!.moved).toEqual([{ step: 'prime', at: Date.UTC(2030, 4, 14, 17, 15) }]);
    fireEvent.press(await screen.findByRole('button', { name: '19:15 Prime the pieces' }));
    press('Undo move');
    expect(jobIn(store).build.calendar!.moved).toEqual([]);
  });

  test('hours are chosen; an end before the start stays, with the reason; midnight ends the day', async () => {
    const store = await show(<BuildScreen />, dated());
    tab('Calendar');
    await screen.findByText(/^Done by /);
    choose('At weekends, to', '08:00');
    expect(screen.getByText('Choose an end after the start.')).toBeTruthy();
    choose('At weekends, to', '00:00');
    expect(jobIn(store).build.calendar!.free).toEqual([{ day: 6, from: '09:00', to: '24:00' }]);
    choose('At weekends, to', '18:30');
    fireEvent.press(screen.getByRole('checkbox', { name: 'Sun' }));
    expect(jobIn(store).build.calendar!.free).toEqual([6, 7].map((day) => ({ day, from: '09:00', to: '18:30' })));
  });
});
