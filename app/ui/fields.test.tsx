import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { typedLength } from '@dormer/core/job/document';
import type { TypedLength, TypedMass } from '@dormer/core/base/quantity';
import { KeypadProvider } from './KeypadContext';
import { LengthFields } from './LengthFields';
import { MassField } from './MassField';
import { Stepper } from './Stepper';
import { TextField } from './TextField';
import { Toggles } from './Toggles';

const field = (label: string) => screen.getByLabelText(label);
function type(label: string, text: string): void {
  fireEvent(field(label), 'focus');
  fireEvent.changeText(field(label), text);
  fireEvent(field(label), 'blur');
}

describe('a field of words', () => {
  test('hands over what stands there once it is left, and only if it is another', () => {
    const onCommit = jest.fn();
    render(<TextField label="Name" value="Pine" onCommit={onCommit} />);
    type('Name', 'Oak');
    expect(onCommit.mock.calls).toEqual([['Oak']]);
    type('Name', 'Pine');
    expect(onCommit).toHaveBeenCalledTimes(1);
  });

  test('what is not taken stays as typed, until it is', () => {
    render(<TextField label="Number" value="12" onCommit={(typed) => /^\d+$/.test(typed)} />);
    type('Number', 'twelve');
    expect(field('Number').props.value).toBe('twelve');
    type('Number', '13');
    expect(field('Number').props.value).toBe('12');
  });

  test('Enter hands over, too; in words over several lines it is a new line', () => {
    const onCommit = jest.fn();
    const { rerender } = render(<TextField label="Note" value="" onCommit={onCommit} />);
    fireEvent.changeText(field('Note'), 'one');
    fireEvent(field('Note'), 'submitEditing', {});
    expect(onCommit).toHaveBeenCalledWith('one');
    rerender(<TextField label="Note" value="" multiline onCommit={onCommit} />);
    fireEvent.changeText(field('Note'), 'two');
    fireEvent(field('Note'), 'submitEditing', {});
    expect(onCommit).toHaveBeenCalledTimes(1);
  });
});

describe('a mass', () => {
  function Form({ units = 'mm', clears = false }: { units?: 'mm' | 'in'; clears?: boolean }) {
    const [value, setValue] = useState<TypedMass | null>(null);
    const reader = { units, tape: units === 'in' ? ('1/16in' as const) : ('0.5mm' as const) };
    return (
      <MassField
        label="Weight"
        value={value}
        units={units}
        reader={reader}
        onCommit={setValue}
        {...(clears ? { onClear: () => setValue(null) } : {})}
      />
    );
  }

  test('in kilograms, with its unit where none was typed', () => {
    render(<Form />);
    type('Weight', '7.5');
    expect(field('Weight').props.value).toBe('7.5 kg');
  });

  test('in pounds for those who measure in inches, and kilograms where they are said', () => {
    render(<Form units="in" />);
    type('Weight', '12');
    expect(field('Weight').props.value).toBe('12 lb');
    type('Weight', '3 kg');
    expect(field('Weight').props.value).toBe('3 kg');
  });

  test('what is none stays as typed, with the reason, which goes once it', () => {
    render(<Form />);
    type('Weight', 'heavy');
    expect(field('Weight').props.value).toBe('heavy');
    screen.getByText(/“heavy”/);
    expect(field('Weight').props['aria-invalid']).toBe(true);
    type('Weight', '4');
    expect(screen.queryByText(/“heavy”/)).toBeNull();
  });

  test('nothing at all is no mass, unless it may be left open', () => {
    const { unmount } = render(<Form />);
    type('Weight', '5');
    type('Weight', '');
    screen.getByRole('alert');
    unmount();
    render(<Form clears />);
    type('Weight', '5');
    type('Weight', '');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(field('Weight').props.value).toBe('');
  });
});

describe('lengths beside one another', () => {
  test('each says its own, and one of nothing is refused where it may not be', () => {
    const onCommit = jest.fn();
    const fields = (['Width', 'Play'] as const).map((label) => ({
      key: label,
      label,
      value: typedLength('20', 'mm') as TypedLength,
      mayBeNothing: label === 'Play',
      onCommit: (value: TypedLength) => onCommit(label, value.mm),
    }));
    render(
      <KeypadProvider>
        <LengthFields units="mm" tape="0.5mm" fields={fields} />
      </KeypadProvider>,
    );
    type('Width', '0');
    screen.getByText(/comes out at zero/);
    type('Play', '0');
    type('Width', '1 1/2 in');
    expect(onCommit.mock.calls).toEqual([
      ['Play', 0],
      ['Width', 38.1],
    ]);
  });
});

describe('a count', () => {
  const stepper = (value: number, onChange: (value: number) => void, step = 1) => (
    <Stepper label="Screws" less="Less" more="More" value={value} least={2} most={30} step={step} onChange={onChange} />
  );

  test('goes up and down by its step, and not beyond its ends', () => {
    const onChange = jest.fn();
    render(stepper(25, onChange, 10));
    fireEvent.press(screen.getByLabelText('More'));
    fireEvent.press(screen.getByLabelText('Less'));
    expect(onChange.mock.calls).toEqual([[30], [15]]);
  });

  test('at an end one way is shut', () => {
    const onChange = jest.fn();
    render(stepper(2, onChange));
    expect(screen.getByLabelText('Less').props.accessibilityState ?? screen.getByLabelText('Less').props).toMatchObject(
      { disabled: true },
    );
    fireEvent.press(screen.getByLabelText('Less'));
    expect(onChange).not.toHaveBeenCalled();
  });
});

test('any of a few: each goes on and off by itself', () => {
  const onChange = jest.fn();
  const options = (['nosing', 'loose'] as const).map((value) => ({ value, title: value }));
  render(<Toggles label="Also" chosen={['nosing']} options={options} onChange={onChange} />);
  expect(
    screen.getByRole('checkbox', { name: 'nosing' }).props['aria-checked'] ??
      screen.getByRole('checkbox', { name: 'nosing' }).props.accessibilityState?.checked,
  ).toBe(true);
  fireEvent.press(screen.getByRole('checkbox', { name: 'loose' }));
  fireEvent.press(screen.getByRole('checkbox', { name: 'nosing' }));
  expect(onChange.mock.calls).toEqual([[['nosing', 'loose']], [[]]]);
});
