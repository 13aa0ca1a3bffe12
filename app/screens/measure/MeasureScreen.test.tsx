import { fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/demo';
import { newJob } from '@dormer/core/job/document';
import type { AppStore } from '../../store';
import { jobIn, screen, show } from '../../test/screen';
import { MeasureScreen } from './MeasureScreen';

let store: AppStore;
afterEach(() => store.stop());

const bare = newJob({ id: 'bare', name: 'Bare', kind: 'alcove', units: 'mm' });
const value = () => screen.getByTestId('reading-value');
function enter(text: string): void {
  fireEvent(value(), 'focus');
  fireEvent.changeText(value(), text);
  fireEvent(value(), 'submitEditing');
}

test('readings are asked for one after another, and land where they were asked for', async () => {
  store = await show(<MeasureScreen />, bare);
  fireEvent.press(screen.getByLabelText('Take the first reading'));
  screen.getByText(/Hook the tape on the left wall at the back, 1200 mm up/);
  enter('1127');
  await waitFor(() => screen.getByText(/Stand the tape on the floor at the left/));
  enter('2400');
  await waitFor(() => screen.getByText(/Push the tape against the back wall/));
  expect(jobIn(store).readings).toMatchObject([
    { kind: 'width', at: 'back', up: { mm: 1200 }, value: { mm: 1127 } },
    { kind: 'height', side: 'left', at: 'front', value: { mm: 2400 } },
  ]);
});

test('one that is passed over is not asked for again, and takes its figure with it', async () => {
  store = await show(<MeasureScreen />, bare);
  fireEvent.press(screen.getByLabelText('Take the first reading'));
  fireEvent.changeText(value(), '1127');
  fireEvent.press(screen.getByLabelText('Skip this one'));
  screen.getByText(/Stand the tape on the floor/);
  expect(value().props.value).toBe('');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings).toEqual([]);
});

test('a figure typed first stays while the tape is held elsewhere', async () => {
  store = await show(<MeasureScreen />, bare);
  fireEvent.press(screen.getByLabelText('Take the first reading'));
  fireEvent.changeText(value(), '1130');
  fireEvent.press(screen.getByLabelText('Hold it elsewhere'));
  fireEvent.press(screen.getByLabelText('Front'));
  expect(value().props.value).toBe('1130');
  fireEvent(value(), 'submitEditing');
  expect(jobIn(store).readings).toMatchObject([{ kind: 'width', at: 'front', value: { mm: 1130 } }]);
});

test('done with a figure in the field keeps it; with one that cannot be read it waits', async () => {
  store = await show(<MeasureScreen />, bare);
  fireEvent.press(screen.getByLabelText('Take the first reading'));
  fireEvent(value(), 'focus');
  fireEvent.changeText(value(), '1127 1/0');
  fireEvent(value(), 'blur');
  fireEvent.press(screen.getByLabelText('Done'));
  screen.getByText(/divides by nothing/);
  fireEvent.changeText(value(), '1127');
  fireEvent(value(), 'blur');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings).toMatchObject([{ kind: 'width', value: { mm: 1127 } }]);
  expect(screen.queryByTestId('reading-value')).toBeNull();
});

test('a reading of the person’s own choosing', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  const before = jobIn(store).readings.length;
  fireEvent.press(screen.getByLabelText('Elsewhere'));
  fireEvent.press(screen.getByLabelText('Depth'));
  fireEvent.press(screen.getByLabelText('Right'));
  fireEvent.changeText(screen.getByTestId('reading-up'), '1500');
  fireEvent(screen.getByTestId('reading-up'), 'submitEditing');
  enter('36.4 cm');
  expect(jobIn(store).readings[before]).toMatchObject({
    kind: 'depth',
    side: 'right',
    up: { mm: 1500, typed: '1500' },
    value: { mm: 364, typed: '36.4 cm' },
  });
});

test('a reading is moved, changed and dropped', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  fireEvent.press(screen.getByLabelText('Width at the back, 420 mm up: 1123. Change'));
  fireEvent.press(screen.getByLabelText('Front'));
  expect(jobIn(store).readings[0]).toMatchObject({ at: 'front', up: { typed: '420' }, value: { typed: '1123' } });
  enter('1124');
  expect(jobIn(store).readings[0]).toMatchObject({ at: 'front', value: { mm: 1124 } });
  fireEvent.press(screen.getByLabelText('Width at the front, 420 mm up: 1124. Change'));
  fireEvent.press(screen.getByLabelText('Drop this reading'));
  expect(jobIn(store).readings).toHaveLength(9);
});

test('a reading that stands out is named', async () => {
  const alcove = chimneyAlcove();
  const slipped = { ...alcove.readings[1]!, value: { mm: 1226, typed: '1226', unit: 'mm' as const } };
  store = await show(<MeasureScreen />, { ...alcove, readings: [alcove.readings[0]!, slipped, ...alcove.readings.slice(2)] });
  screen.getByText(/The width at the back, 1200 mm up reads 1226 mm/);
}); // prettier-ignore
