import { fireEvent, render, screen } from '@testing-library/react-native';
import { Segmented } from './Segmented';

const options = (['mm', 'cm', 'in'] as const).map((value) => ({ value, title: value, name: `in ${value}` }));

test('one is chosen, and only that one is in the way of the Tab key', () => {
  render(<Segmented label="Units" value="cm" options={options} onChange={() => undefined} />);
  const radios = screen.getAllByRole('radio');
  expect(radios.map((radio) => radio.props['aria-checked'] ?? radio.props.accessibilityState?.checked)).toEqual([
    false,
    true,
    false,
  ]);
  expect(radios.map((radio) => radio.props.tabIndex)).toEqual([-1, 0, -1]);
});

test('pressed, or reached by the arrows round and round', () => {
  const onChange = jest.fn();
  render(<Segmented label="Units" value="in" options={options} onChange={onChange} />);
  fireEvent.press(screen.getByLabelText('in cm'));
  const key = (name: string) =>
    fireEvent(screen.getByLabelText('Units'), 'keyDown', { key: name, preventDefault: () => undefined });
  key('ArrowRight');
  key('ArrowLeft');
  key('a');
  expect(onChange.mock.calls).toEqual([['cm'], ['mm'], ['cm']]);
});
