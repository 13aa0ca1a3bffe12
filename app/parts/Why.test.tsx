import { fireEvent, render, screen } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { Why } from './Why';

const job = chimneyAlcove();
const plan = planJob(job);
const board = plan.parts.find((part) => part.id === 'S1-board')!;

test('a figure opens into the terms that add up to it, and the readings behind it', () => {
  render(<Why figure={board.length} name="Board 1S, length" reader={job} readings={plan.readings} />);
  expect(screen.queryByText('Readings behind it')).toBeNull();
  fireEvent.press(screen.getByLabelText(`Board 1S, length: ${board.length.mm} mm. Why?`));
  expect(screen.getByText('Wall to wall along its back edge, as surveyed')).toBeTruthy();
  expect(screen.getByText('Clearance, both ends, so that it goes in with odds of 97 %')).toBeTruthy();
  expect(screen.getByText('The left end runs out past square')).toBeTruthy();
  expect(screen.getByText(`+ ${board.fit!.left.outMm} mm`)).toBeTruthy();
  expect(screen.getByText('Readings behind it')).toBeTruthy();
  // A reading it rests on, as it was said.
  expect(screen.getByText('width at the back, 420 mm up')).toBeTruthy();
  expect(screen.getByText('1123 mm')).toBeTruthy();
  fireEvent.press(screen.getByLabelText('Close'));
  expect(screen.queryByText('Readings behind it')).toBeNull();
});

test('a signed figure says on which side it lies', () => {
  const up = plan.marks[0]!.fromLevelLine;
  render(<Why figure={{ mm: 71.5, terms: up.terms }} name="Mark" reader={job} signed />);
  expect(screen.getByText('+71.5 mm')).toBeTruthy();
});
