import { act, fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove, windowCorner } from '@dormer/core/rigs/demo';
import { type Job } from '@dormer/core/job/document';
import { nameOf, spotOf } from '@dormer/core/place/reading';
import { planJob } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { type AppStore } from '../../store';
import { planDropped, planReady } from '../../store/planned';
import { gone, jobIn, planned, screen, show } from '../../test/screen';
import { MeasureScreen } from './MeasureScreen';
import { bare, value, enter, start } from './measureTesting';
import { textOf } from '../../test/textOf';

let store: AppStore;

afterEach(() => store.stop());

const taken = (count: number) => waitFor(() => expect(jobIn(store).readings).toHaveLength(count));

/** The alcove with its second width misread by an inch, and more readings around it to tell by. */
function slipped(): Job {
  const alcove = chimneyAlcove();
  const misread = { ...alcove.readings[1]!, value: { mm: 1151.4, typed: '1151.4', unit: 'mm' as const } };
  const near = [1000, 1400].map((up, i) => ({
    kind: 'width' as const,
    id: `near-${i}`,
    at: 'back' as const,
    up: { mm: up, typed: String(up), unit: 'mm' as const },
    value: { mm: 1126, typed: '1126', unit: 'mm' as const },
  }));
  return {
    ...alcove,
    readings: [alcove.readings[0]!, misread, ...alcove.readings.slice(2), ...near] as Job['readings'],
  };
}

test('readings are asked for one after another, and land where they were asked for', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  screen.getByText(/Push the tape against the left wall at the back, 1200 mm up/);
  enter('1127');
  await taken(1);
  await screen.findByText(/Push the tape against the (back wall|middle of the back wall)/);
  enter('365');
  await taken(2);
  expect(jobIn(store).readings).toMatchObject([
    { kind: 'width', at: 'back', up: { mm: 1200 }, value: { mm: 1127 } },
    { kind: 'depth', side: 'middle', up: { mm: 1200 }, value: { mm: 365 } },
  ]);
});

test('begun before the advice is there, the card waits for it and does not make up a spot of its own', async () => {
  store = await show(<MeasureScreen />, bare);
  act(() => void store.dispatch(planDropped()));
  start();
  screen.getByText('Choosing the best next reading …');
  expect(screen.queryByTestId('reading-value')).toBeNull();
  act(() => void store.dispatch(planReady({ plan: planJob(jobIn(store)), job: jobIn(store) })));
  screen.getByText(/Push the tape against the left wall at the back, 1200 mm up/);
});

test('why this one is said in words', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  screen.getByText(/^Width .*: not measured yet/);
  enter('1127');
  await taken(1);
  enter('365');
  await taken(2);
  await screen.findByText(/^.*: sure to within .* now, within .* after this reading\./);
});

test('one that is passed over is not asked for again, and takes its figure with it', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  const asked = textOf(screen.getByText(/Push the tape/));
  fireEvent.changeText(value(), '1127');
  fireEvent.press(screen.getByLabelText('Skip reading'));
  expect(screen.queryByText(asked)).toBeNull();
  expect(value().props.value).toBe('');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings).toEqual([]);
});

test('a figure typed first stays while the tape is held elsewhere', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  fireEvent.changeText(value(), '1130');
  fireEvent.press(screen.getByLabelText('Change the spot'));
  fireEvent.press(screen.getByLabelText('Front'));
  expect(value().props.value).toBe('1130');
  fireEvent(value(), 'submitEditing');
  expect(jobIn(store).readings).toMatchObject([{ kind: 'width', at: 'front', value: { mm: 1130 } }]);
});

test('a figure entered before the advice has caught up is kept, though Done is pressed at once', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  enter('1127');
  enter('365');
  fireEvent.press(screen.getByLabelText('Done'));
  // It still waits for its spot; then the card is put away.
  expect(jobIn(store).readings).toHaveLength(1);
  await taken(2);
  expect(jobIn(store).readings).toMatchObject([{ value: { mm: 1127 } }, { kind: 'depth', value: { mm: 365 } }]);
  expect(screen.queryByTestId('reading-value')).toBeNull();
});

test('a figure entered before the advice has caught up is taken once, not again by Done', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  enter('1127');
  // The advice is still of the readings before.
  enter('365');
  expect(jobIn(store).readings).toHaveLength(1);
  await taken(2);
  await planned(store);
  fireEvent.press(screen.getByLabelText('Done'));
  expect(screen.queryByTestId('reading-value')).toBeNull();
  expect(jobIn(store).readings).toMatchObject([{ kind: 'width' }, { kind: 'depth', value: { mm: 365 } }]);
});

test('done with a figure in the field keeps it; with one that cannot be read it waits', async () => {
  store = await show(<MeasureScreen />, bare);
  start();
  fireEvent(value(), 'focus');
  fireEvent.changeText(value(), '1127 1/0');
  fireEvent(value(), 'blur');
  fireEvent.press(screen.getByLabelText('Done'));
  screen.getByText(/divides by zero/);
  fireEvent.changeText(value(), '1127');
  fireEvent(value(), 'blur');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings).toMatchObject([{ kind: 'width', value: { mm: 1127 } }]);
  expect(screen.queryByTestId('reading-value')).toBeNull();
});

test('a reading of the person’s own choosing, with the way it goes', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  const before = jobIn(store).readings.length;
  fireEvent.press(screen.getByLabelText('Measure something else'));
  fireEvent.press(screen.getByLabelText('Square in a corner'));
  fireEvent.press(screen.getByLabelText('Right'));
  fireEvent.press(screen.getByLabelText('At the heel'));
  fireEvent.changeText(screen.getByTestId('reading-up'), '1500');
  fireEvent(screen.getByTestId('reading-up'), 'submitEditing');
  enter('0.2 cm');
  expect(jobIn(store).readings[before]).toMatchObject({
    kind: 'square',
    corner: 'right',
    gap: 'heel',
    up: { mm: 1500, typed: '1500' },
    value: { mm: 2, typed: '0.2 cm' },
  });
});

test('a corner is read in degrees, a triangle by two distances', async () => {
  store = await show(<MeasureScreen />, windowCorner());
  const before = jobIn(store).readings.length;
  fireEvent.press(screen.getByLabelText('Measure something else'));
  fireEvent.press(screen.getByLabelText('Corner angle'));
  fireEvent.changeText(value(), '180');
  fireEvent(value(), 'submitEditing');
  screen.getByText(/“180” is outside 20° to 160°/);
  enter('92.8');
  await taken(before + 1);
  fireEvent.press(screen.getByLabelText('Done'));
  fireEvent.press(screen.getByLabelText('Measure something else'));
  fireEvent.press(screen.getByLabelText('Tape triangle'));
  fireEvent.changeText(value(), '300');
  fireEvent(value(), 'submitEditing');
  fireEvent.changeText(screen.getByTestId('reading-other'), '512');
  fireEvent(screen.getByTestId('reading-other'), 'submitEditing');
  await taken(before + 2);
  expect(jobIn(store).readings.slice(before)).toMatchObject([
    { kind: 'corner', value: { degrees: 92.8, typed: '92.8' } },
    { kind: 'triangle', value: { mm: 300 }, other: { mm: 512 } },
  ]);
});

test('the two distances of a triangle are kept by Done, entered or not', async () => {
  store = await show(<MeasureScreen />, windowCorner());
  const before = jobIn(store).readings.length;
  fireEvent.press(screen.getByLabelText('Measure something else'));
  fireEvent.press(screen.getByLabelText('Tape triangle'));
  fireEvent.changeText(value(), '300');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings).toHaveLength(before);
  fireEvent.changeText(screen.getByTestId('reading-other'), '512');
  fireEvent.press(screen.getByLabelText('Done'));
  expect(jobIn(store).readings[before]).toMatchObject({ kind: 'triangle', value: { mm: 300 }, other: { mm: 512 } });
});

test('a figure with a sense is compared with what the others have, and which way', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  expect(screen.getAllByText(/^the others predict .* (at the tip|at the heel) \(sure to within/).length).toBe(3);
  expect(screen.getAllByText(/^the others predict .* leaning (out|in) \(sure to within/).length).toBe(2);
});

test('a reading is moved, changed and dropped', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  const before = jobIn(store).readings.length;
  fireEvent.press(screen.getByLabelText('Width at the back, 420 mm up: 1123. Change'));
  fireEvent.press(screen.getByLabelText('Front'));
  expect(jobIn(store).readings[0]).toMatchObject({ at: 'front', up: { typed: '420' }, value: { typed: '1123' } });
  enter('1124');
  expect(jobIn(store).readings[0]).toMatchObject({ at: 'front', value: { mm: 1124 } });
  fireEvent.press(screen.getByLabelText('Width at the front, 420 mm up: 1124. Change'));
  fireEvent.press(screen.getByLabelText('Delete reading'));
  expect(jobIn(store).readings).toHaveLength(before - 1);
});

test('the opening is told in a line of words, with what is not known', async () => {
  store = await show(<MeasureScreen />, chimneyAlcove());
  screen.getByText(
    /right wall leans out .*left corner opens 0\.8° past square\. .*Sure to within .* where the shelves go\./,
  );
});

describe('a misread value', () => {
  const name = () => {
    const one = slipped().readings[1]!;
    const plain = words(nameOf(spotOf(one)), bare);
    return plain.charAt(0).toUpperCase() + plain.slice(1);
  };

  test('is set aside with the slip it looks like, in the list and above it', async () => {
    store = await show(<MeasureScreen />, slipped());
    screen.getByText(/“Width at the back, 1200 mm up” is set aside\. Reads: 1151\.4 mm\. .*started at 1/);
    screen.getByText(/set aside: 2\d\.?\d* mm more than the others predict\. Perhaps the tape started at 1/);
  });

  test('is asked for again without its value, and the new one counts', async () => {
    store = await show(<MeasureScreen />, slipped());
    const before = jobIn(store).readings.length;
    fireEvent.press(screen.getByLabelText('Take next reading'));
    screen.getByText('Measure again: the first figure stays hidden.');
    expect(value().props.value).toBe('');
    // Nor does the drawing tell it, to those who see it or to those who have it read out.
    expect(screen.queryByText('1151.4')).toBeNull();
    const drawing = screen.getByLabelText(/^Opening from the front, with the readings/);
    expect(drawing.props['aria-label'] ?? drawing.props.accessibilityLabel).not.toContain('1151.4');
    enter('1126');
    await taken(before + 1);
    expect(jobIn(store).readings.at(-1)).toMatchObject({ kind: 'width', blind: true, value: { mm: 1126 } });
    fireEvent.press(screen.getByLabelText('Done'));
    await gone(/Set aside: the width/);
  });

  test('can be kept, or left out, by the person’s own word', async () => {
    store = await show(<MeasureScreen />, slipped());
    const verdict = () => jobIn(store).readings[1]?.verdict;
    fireEvent.press(screen.getByLabelText(`${name()}: 1151.4. Change`));
    fireEvent.press(screen.getByLabelText('Keep reading'));
    expect(verdict()).toBe('kept');
    fireEvent.press(await screen.findByLabelText('Ignore reading'));
    expect(verdict()).toBe('dropped');
    fireEvent.press(await screen.findByLabelText('Use reading again'));
    expect(verdict()).toBeUndefined();
  });
});
