import { fireEvent, render, screen } from '@testing-library/react-native';
import { about, count, message } from '@dormer/core/base/message';
import { doubtful, stop } from '@dormer/core/base/problem';
import { PlanNotices } from './PlanNotices';

const reader = { units: 'mm', tape: '0.5mm' } as const;
const gap = (shelf: number) =>
  doubtful({ kind: 'shelf', shelf }, message('problem.fitUnsure', { shelf: count(shelf), gap: about(12) }));
const noWidth = stop({ kind: 'place' }, message('problem.noWidth'));

test('what stops the work is always in sight; of many doubts one, and the rest when asked for', () => {
  render(<PlanNotices reader={reader} problems={[gap(1), gap(2), gap(3), noWidth]} />);
  expect(screen.getByText(/No width has been measured/)).toBeTruthy();
  expect(screen.queryByText(/Shelf 1:/)).toBeNull();
  fireEvent.press(screen.getByText('Show 3 more'));
  for (const shelf of [1, 2, 3])
    expect(screen.getByText(new RegExp(`Shelf ${shelf}: too little is measured`))).toBeTruthy();
  fireEvent.press(screen.getByText('Show fewer'));
  expect(screen.queryByText(/Shelf 2:/)).toBeNull();
});

test('nothing wrong says nothing', () => {
  render(<PlanNotices reader={reader} problems={[]} />);
  expect(screen.toJSON()).toBeNull();
});
