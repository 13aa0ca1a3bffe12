import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { chimneyAlcove, stairCavity, windowCorner } from '@dormer/core/rigs/demo';
import { createJob, openJob, type AppStore } from '../../store';
import { jobIn, screen, show } from '../../test/screen';
import { MeasureScreen } from './MeasureScreen';
import { bare, value, enter, start } from './measureTesting';

let store: AppStore;

afterEach(() => store.stop());

const taken = (count: number) => waitFor(() => expect(jobIn(store).readings).toHaveLength(count));

/** A stream of the server's that sends what it is told to. */
class PretendStream {
  static open: PretendStream[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor(readonly url: string) {
    PretendStream.open.push(this);
  }
  close() {
    PretendStream.open = PretendStream.open.filter((stream) => stream !== this);
  }
  send(value: number, settled: boolean, unit = 'mm') {
    act(() => this.onmessage?.({ data: JSON.stringify({ value, unit, settled }) }));
  }
}

describe('practice instruments', () => {
  beforeEach(() => {
    PretendStream.open = [];
    Object.assign(globalThis, { EventSource: PretendStream });
  });
  const stream = () => PretendStream.open.at(-1)!;

  test('what one comes to rest at stands in the card as if typed, and is marked as simulated', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Start practice'));
    await waitFor(() => expect(jobIn(store).kit).toEqual(['laser', 'gauge', 'digital-level']));
    screen.getByText(/made-up room \d+, not your place/);
    start();
    expect(stream().url).toMatch(/^\/api\/devices\/practice-laser\/values\?spot=/);
    stream().send(998.9, false);
    screen.getByText(/Laser meter, simulated: 998\.9 mm …/);
    expect(value().props.value).toBe('');
    stream().send(1003.4, true);
    expect(value().props.value).toBe('1003.4');
    fireEvent(value(), 'submitEditing');
    await taken(1);
    expect(jobIn(store).readings[0]).toMatchObject({ with: 'laser', simulated: true, value: { mm: 1003.4 } });
  });

  test('a figure typed over it is the person’s own', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Start practice'));
    await waitFor(() => expect(jobIn(store).kit).toContain('laser'));
    start();
    stream().send(1003.4, true);
    enter('1000');
    await taken(1);
    expect(jobIn(store).readings[0]).toMatchObject({ value: { mm: 1000 } });
    expect(jobIn(store).readings[0]?.simulated).toBeUndefined();
  });

  test('one that is moved stays marked; one given another figure is the person’s own', async () => {
    const [first] = chimneyAlcove().readings;
    store = await show(<MeasureScreen />, { ...bare, readings: [{ ...first!, simulated: true }] });
    fireEvent.press(screen.getByLabelText('Width at the back, 420 mm up: 1123. Change'));
    fireEvent.press(screen.getByLabelText('Front'));
    expect(jobIn(store).readings[0]).toMatchObject({ at: 'front', simulated: true });
    enter('1124');
    expect(jobIn(store).readings[0]?.simulated).toBeUndefined();
  });

  test('they read for the job they were taken up for, not for the next one', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Start practice'));
    await screen.findByLabelText('Stop practice');
    const other = store.dispatch(createJob({ name: 'Other', kind: 'alcove', units: 'mm' }));
    await act(() => store.dispatch(openJob(other)));
    screen.getByLabelText('Start practice');
    start();
    expect(PretendStream.open).toEqual([]);
  });

  test('put away, the kit is what it was', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Start practice'));
    fireEvent.press(await screen.findByLabelText('Stop practice'));
    expect(jobIn(store).kit).toEqual(bare.kit);
  });
});

describe('the place', () => {
  test('walls, kit and skirting are noted', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Place'));
    fireEvent.press(screen.getByLabelText('Plaster on masonry'));
    fireEvent.press(screen.getByLabelText('Sliding bevel'));
    fireEvent.press(screen.getByLabelText('Add skirting'));
    expect(jobIn(store).place).toMatchObject({ walls: 'plaster', skirting: { height: { mm: 100 } } });
    expect(jobIn(store).kit).toContain('bevel');
    fireEvent.press(screen.getByLabelText('Delete skirting'));
    expect(jobIn(store).place.skirting).toBeUndefined();
  });

  test('one wall may be something else than the rest, and be as the rest again', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Place'));
    fireEvent.press(screen.getByLabelText('Add different wall'));
    const left = within(screen.getByLabelText('Left wall'));
    fireEvent.press(left.getByLabelText('Cabinet sides'));
    expect(jobIn(store).place.own).toEqual({ left: 'panel' });
    fireEvent.press(left.getByLabelText('As the rest'));
    expect(jobIn(store).place.own).toEqual({});
  });

  test('a stud is added, moved and removed; where the next should be is said', async () => {
    store = await show(<MeasureScreen />, bare);
    fireEvent.press(screen.getByLabelText('Place'));
    screen.getByText(/No studs yet/);
    fireEvent.press(screen.getByLabelText('Add stud'));
    expect(jobIn(store).place.studs).toMatchObject([{ wall: 'back', from: { mm: 400 }, found: 'magnet' }]);
    await screen.findByText(/Only one stud is known\. Try 800 mm/);
    fireEvent.press(screen.getByLabelText('Add stud'));
    await waitFor(() => expect(jobIn(store).place.studs).toHaveLength(2));
    fireEvent.press(screen.getByLabelText('Delete stud 1'));
    expect(jobIn(store).place.studs).toHaveLength(1);
  });

  test('where the side wall of a corner is', async () => {
    store = await show(<MeasureScreen />, windowCorner());
    fireEvent.press(screen.getByLabelText('Place'));
    fireEvent.press(screen.getByLabelText('Right'));
    expect(jobIn(store).place.side).toBe('right');
    // Its readings speak of the left wall, which is no longer there.
    fireEvent.press(screen.getByLabelText('Readings'));
    await waitFor(() =>
      expect(screen.getAllByText('about a wall that this place does not have').length).toBeGreaterThan(0),
    );
  });
});

test('the box of a cavity is told with its odds and its shims', async () => {
  store = await show(<MeasureScreen />, stairCavity());
  screen.getByText(/^9\d % chance it fits first time/);
  screen.getByLabelText(/^Box, width: 1[34].* in\. Why\?$/);
  fireEvent.press(screen.getByLabelText('90 %'));
  expect(jobIn(store).box?.odds).toBe(90);
});
