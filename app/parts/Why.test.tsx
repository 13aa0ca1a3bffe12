import { fireEvent, render, screen } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { Why } from './Why';

const job = chimneyAlcove();
const plan = planJob(job);
const board = plan.parts.find((part) => part.id === 'S1-board')!;

test('a figure opens into the terms that add up to it, and the readings behind it', () => {
  render(<Why figure={board.length} name="Board 1S, length" reader={job} readings={plan.readings} />);
  expect(screen.queryByText('Readings used')).toBeNull();
  fireEvent.press(screen.getByLabelText(`Board 1S, length: ${board.length.mm} mm. Why?`));
  expect(screen.getByText('Wall to wall along the back edge, as surveyed')).toBeTruthy();
  expect(screen.getByText('Clearance at both ends, for a 97 % chance it fits first time')).toBeTruthy();
  expect(screen.getByText('Left end, past square')).toBeTruthy();
  expect(screen.getByText(`+ ${board.fit!.left.outMm} mm`)).toBeTruthy();
  expect(screen.getByText('Readings used')).toBeTruthy();
  // A reading it rests on, as it was said.
  expect(screen.getByText('Width at the back, 420 mm up')).toBeTruthy();
  expect(screen.getByText('1123 mm')).toBeTruthy();
  fireEvent.press(screen.getByLabelText('Close'));
  expect(screen.queryByText('Readings used')).toBeNull();
});

test('a signed figure says on which side it lies', () => {
  const up = plan.marks[0]!.fromLevelLine;
  render(<Why figure={{ mm: 71.5, terms: up.terms }} name="Mark" reader={job} signed />);
  expect(screen.getByText('+71.5 mm')).toBeTruthy();
});
