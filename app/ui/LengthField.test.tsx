import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { typedLength } from '@dormer/core/job/document';
import type { JobUnit, TypedLength } from '@dormer/core/base/quantity';
import { Keypad } from './Keypad';
import { KeypadProvider } from './KeypadContext';
import { LengthField } from './LengthField';

function Form({
  units,
  start,
  onCommit,
}: {
  units: JobUnit;
  start?: TypedLength;
  onCommit?: (v: TypedLength) => void;
}) {
  const [value, setValue] = useState<TypedLength | null>(start ?? null);
  return (
    <KeypadProvider>
      <LengthField
        label="Depth"
        units={units}
        tape={units === 'in' ? '1/16in' : '0.5mm'}
        sign="positive"
        value={value}
        onCommit={(next) => {
          setValue(next);
          onCommit?.(next);
        }}
      />
      <Keypad units={units} tape={units === 'in' ? '1/16in' : '0.5mm'} />
    </KeypadProvider>
  );
}
const field = () => screen.getByLabelText('Depth');
const press = (...names: string[]) => names.forEach((name) => fireEvent.press(screen.getByLabelText(name)));

test('four touches write 41 5/8 and keep it as typed', () => {
  const onCommit = jest.fn();
  render(<Form units="in" onCommit={onCommit} />);
  fireEvent(field(), 'focus');
  press('4', '1', '5/8');
  expect(screen.getByTestId('keypad-other')).toHaveTextContent('= 1057.3 mm');
  press('Next');
  expect(onCommit).toHaveBeenCalledWith({ mm: 1057.275, typed: '41 5/8', unit: 'in' });
  expect(field().props.value).toBe('41 5/8');
});

test('what cannot be read stays, with the reason, and nothing is committed', () => {
  const onCommit = jest.fn();
  render(<Form units="mm" start={typedLength('300', 'mm')} onCommit={onCommit} />);
  fireEvent(field(), 'focus');
  fireEvent.changeText(field(), '30 5/0');
  fireEvent(field(), 'submitEditing');
  expect(screen.getByRole('alert')).toHaveTextContent(/divides by zero/);
  expect(field().props.value).toBe('30 5/0');
  expect(onCommit).not.toHaveBeenCalled();
});

test('left empty, the standing value stands', () => {
  const onCommit = jest.fn();
  render(<Form units="mm" start={typedLength('300', 'mm')} onCommit={onCommit} />);
  fireEvent(field(), 'focus');
  fireEvent.changeText(field(), '');
  fireEvent(field(), 'blur');
  expect(field().props.value).toBe('300');
  expect(onCommit).not.toHaveBeenCalled();
});

test('left with a figure, it is kept; a figure of nothing is refused where nothing makes no sense', () => {
  const onCommit = jest.fn();
  render(<Form units="mm" start={typedLength('300', 'mm')} onCommit={onCommit} />);
  fireEvent(field(), 'focus');
  fireEvent.changeText(field(), '0');
  fireEvent(field(), 'blur');
  expect(screen.getByRole('alert')).toHaveTextContent(/more than zero/);
  fireEvent.changeText(field(), '310 - 2');
  fireEvent(field(), 'blur');
  expect(onCommit).toHaveBeenCalledWith({ mm: 308, typed: '310 - 2', unit: 'mm' });
});

test('a length typed in another unit is shown in the unit of now', () => {
  render(<Form units="mm" start={typedLength('12 1/2', 'in')} />);
  expect(field().props.value).toBe('317.5');
});
