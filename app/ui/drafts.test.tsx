import { act, fireEvent, render } from '@testing-library/react-native';
import { drafts } from '../platform/drafts';
import { screen } from '../test/screen';
import { DraftScope, useKeptPlace } from './DraftScope';
import { KeypadProvider } from './KeypadContext';
import { LengthField } from './LengthField';
import { TextField } from './TextField';

/** What the device would have kept. */
const kept = new Map<string, string>();
const keep = (key: string, text: string | null) => void (text === null ? kept.delete(key) : kept.set(key, text));
const begin = (...texts: readonly (readonly [string, string])[]) => drafts.begin(texts, keep);

beforeEach(() => {
  kept.clear();
  begin();
});

const show = (what: React.ReactElement) =>
  render(
    <KeypadProvider>
      <DraftScope name="job">{what}</DraftScope>
    </KeypadProvider>,
  );
const name = (onCommit: (text: string) => boolean | void = () => undefined, label = 'Name') => (
  <TextField label={label} value="Alcove" onCommit={onCommit} />
);

test('what is typed is kept at once, and no longer once it is taken', () => {
  show(name());
  const field = screen.getByLabelText('Name');
  fireEvent(field, 'focus');
  fireEvent.changeText(field, 'Closet');
  expect([...kept]).toEqual([
    ['@focus', 'job|Name'],
    ['job|Name', 'Closet'],
  ]);
  fireEvent(field, 'blur');
  expect([...kept]).toEqual([]);
});

test('a text that is refused stays kept', () => {
  show(name(() => false));
  const field = screen.getByLabelText('Name');
  fireEvent.changeText(field, '');
  fireEvent(field, 'blur');
  expect(kept.get('job|Name')).toBe('');
});

test('what was kept stands in the field again, and its screen hears of it', () => {
  begin(['job|Words', 'half a sen'], ['job|Width', '112']);
  const heard: unknown[] = [];
  show(
    <>
      <TextField label="Words" value="" onChangeText={(text) => heard.push(text)} />
      <LengthField
        label="Width"
        value={null}
        units="mm"
        tape="0.5mm"
        onCommit={() => undefined}
        onDraft={(length) => heard.push(length?.mm)}
      />
    </>,
  );
  expect(screen.getByLabelText('Words').props.value).toBe('half a sen');
  expect(screen.getByLabelText('Width').props.value).toBe('112');
  expect(heard).toEqual(['half a sen', 112]);
});

test('of two fields of one name none is kept, and neither shows what the other has', () => {
  show(
    <>
      {name()}
      {name()}
    </>,
  );
  fireEvent.changeText(screen.getAllByLabelText('Name')[0]!, 'Closet');
  expect([...kept]).toEqual([]);
  expect(screen.getAllByLabelText('Name')[1]!.props.value).toBe('Alcove');
});

test('a screen that is left takes its drafts with it', () => {
  const { unmount } = show(name());
  fireEvent.changeText(screen.getByLabelText('Name'), 'Closet');
  unmount();
  expect([...kept]).toEqual([]);
});

describe('which sheet is open', () => {
  let open: (sheet: string | null) => void = () => undefined;
  function Screen() {
    const [sheet, setSheet] = useKeptPlace<string | null>('sheet', null);
    open = setSheet;
    return <TextField label={sheet ?? 'closed'} value="" />;
  }

  test('is kept until it is closed', () => {
    show(<Screen />);
    act(() => open('notes'));
    expect(kept.get('job|~sheet')).toBe('"notes"');
    act(() => open(null));
    expect(kept.has('job|~sheet')).toBe(false);
  });

  test('is back with what was typed in it', () => {
    begin(['job|~sheet', '"menu"'], ['job|menu', 'half a sen']);
    show(<Screen />);
    expect(screen.getByLabelText('menu').props.value).toBe('half a sen');
  });

  test('is not back where nothing was typed in it', () => {
    begin(['job|~sheet', '"menu"'], ['@focus', 'job|menu'], ['other|menu', 'half a sen']);
    show(<Screen />);
    screen.getByLabelText('closed');
    expect(kept.has('job|~sheet')).toBe(false);
  });
});
