import { fireEvent, render, screen } from '@testing-library/react-native';
import '@dormer/core/say/words/all';
import { Txt } from './Txt';
import { ExplainedBy } from './Explained';
import { Press } from './Press';

const explain = jest.fn();
const shown = (text: string, whole = false) =>
  render(
    <ExplainedBy value={{ explain, page: '/job/1/words' }}>
      {whole ? (
        <Press>
          <Txt>{text}</Txt>
        </Press>
      ) : (
        <Txt>{text}</Txt>
      )}
    </ExplainedBy>,
  );

test('a trade word in a text opens its explanation, once in each text', () => {
  shown('Scribe the board, then scribe the batten.');
  const links = screen.getAllByRole('link');
  expect(links.map((link) => [link.props.children, link.props.href])).toEqual([
    ['Scribe', '/job/1/words?word=scribe'],
    ['batten', '/job/1/words?word=cleat'],
  ]);
  const event = { preventDefault: jest.fn() };
  fireEvent.press(links[1]!, event);
  expect(explain).toHaveBeenCalledWith('cleat');
  expect(event.preventDefault).toHaveBeenCalled();
});

test('on what is pressed as a whole no word is pressed by itself', () => {
  shown('Scribe the board', true);
  expect(screen.queryAllByRole('link')).toEqual([]);
});

test('a number stays on one line with its unit', () => {
  shown('Raises 23 % to 30 %, 41 5/8 in up, shelf 3 inside');
  const kept = screen.getAllByText(/^[\d/]+ (%|in)$/).map((amount) => amount.props.children as string);
  expect(kept).toEqual(['23 %', '30 %', '5/8 in']);
  expect(screen.getByText(/Raises/)).toHaveTextContent('Raises 23 % to 30 %, 41 5/8 in up, shelf 3 inside');
});
