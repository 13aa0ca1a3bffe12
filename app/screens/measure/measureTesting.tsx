import { fireEvent } from '@testing-library/react-native';
import { newJob } from '@dormer/core/job/document';
import { screen } from '../../test/screen';

export const bare = newJob({ id: 'bare', name: 'Bare', kind: 'alcove', units: 'mm' });

export const value = () => screen.getByTestId('reading-value');

export function enter(text: string): void {
  fireEvent(value(), 'focus');
  fireEvent.changeText(value(), text);
  fireEvent(value(), 'submitEditing');
}

export const start = () => fireEvent.press(screen.getByLabelText('Take first reading'));
