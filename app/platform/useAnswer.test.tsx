import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { Pressable, Text } from 'react-native';
import { useAnswer, type Watched } from './useAnswer';

/** A question whose answers the test gives. */
class Question {
  readonly asked: { watched: Watched; answer: (words: string) => void; fail: () => void }[] = [];
  readonly ask = (watched: Watched) =>
    new Promise<string>((resolve, reject) => {
      this.asked.push({ watched, answer: resolve, fail: () => reject(new Error('no')) });
    });
  last() {
    const last = this.asked.at(-1);
    if (!last) throw new Error('nothing was asked');
    return last;
  }
}

let question: Question;
beforeEach(() => {
  question = new Question();
});

function View({ of }: { of: string | null }) {
  const { answer, of: key, share, failed, stop, again } = useAnswer(of, question.ask);
  return (
    <>
      <Text>{`${answer ?? 'none'} of ${key ?? 'none'}, ${share ?? 'still'}${failed ? ', failed' : ''}`}</Text>
      <Pressable role="button" aria-label="Stop" onPress={stop} />
      <Pressable role="button" aria-label="Again" onPress={again} />
    </>
  );
}

const press = (name: string) => fireEvent.press(screen.getByRole('button', { name }));

test('is asked once for a key, tells how far it is, and shows the answer', async () => {
  const { rerender } = render(<View of="a" />);
  screen.getByText('none of none, 0');
  act(() => question.last().watched.heard(0.5));
  screen.getByText('none of none, 0.5');
  rerender(<View of="a" />);
  expect(question.asked).toHaveLength(1);
  question.last().answer('yes');
  await screen.findByText('yes of a, still');
});

test('another key stops the question before; its late answer is not shown, the last good one stays', async () => {
  const { rerender } = render(<View of="a" />);
  question.last().answer('first');
  await screen.findByText('first of a, still');
  rerender(<View of="b" />);
  const second = question.last();
  rerender(<View of="c" />);
  expect(second.watched.stop.aborted).toBe(true);
  second.answer('late');
  screen.getByText('first of a, 0');
  question.last().answer('third');
  await screen.findByText('third of c, still');
});

test('a question that fails says so until it is asked again', async () => {
  render(<View of="a" />);
  question.last().fail();
  await screen.findByText('none of none, still, failed');
  press('Again');
  screen.getByText('none of none, 0');
  question.last().answer('now');
  await screen.findByText('now of a, still');
});

test('a question that was stopped is no failure', async () => {
  render(<View of="a" />);
  press('Stop');
  expect(question.last().watched.stop.aborted).toBe(true);
  question.last().fail();
  await screen.findByText('none of none, still');
});

test('without a key nothing is asked; when the view goes, the question is stopped', () => {
  const { rerender, unmount } = render(<View of={null} />);
  screen.getByText('none of none, still');
  expect(question.asked).toHaveLength(0);
  rerender(<View of="a" />);
  unmount();
  expect(question.last().watched.stop.aborted).toBe(true);
});
