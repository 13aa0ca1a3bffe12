import { act, fireEvent } from '@testing-library/react-native';
import { usePathname } from 'expo-router';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { editJob, selectOpenJob, useAppSelector, type AppStore } from '../../store';
import { jobIn, press, screen, show } from '../../test/screen';
import { Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { JobFrame } from './JobFrame';
import { StageGuard } from './StageGuard';

/** Stands in for the router's address. */
const mockAddress = {
  path: '',
  hearers: new Set<() => void>(),
  hear: (hearer: () => void) => {
    mockAddress.hearers.add(hearer);
    return () => mockAddress.hearers.delete(hearer);
  },
};
const goTo = (stage: string) => {
  mockAddress.path = `/job/chimney/${stage}`;
  mockAddress.hearers.forEach((hearer) => hearer());
};
jest.mock('expo-router', () => {
  const { createElement, useSyncExternalStore } = jest.requireActual<typeof import('react')>('react');
  return {
    useRouter: () => ({ navigate: () => undefined, replace: () => undefined }),
    usePathname: () => useSyncExternalStore(mockAddress.hear, () => mockAddress.path),
    Link: ({ children }: { children: unknown }) => createElement('View', null, children as never),
  };
});

// The frame sets the page title and listens to keys.
const ignore = () => undefined;
Object.assign(globalThis, { document: { title: '', addEventListener: ignore, removeEventListener: ignore } });

const alcove = chimneyAlcove();
let store: AppStore;
let complain: jest.SpyInstance;
beforeEach(() => {
  goTo('measure');
  // React logs these errors although a guard catches them.
  complain = jest.spyOn(console, 'error').mockImplementation(ignore);
});
afterEach(() => {
  complain.mockRestore();
  store.stop();
});

/** A stage that throws on Measure when the job is named “Too much”. */
function Stage() {
  const name = useAppSelector(selectOpenJob)?.name;
  const measuring = usePathname().endsWith('measure');
  if (measuring && name === 'Too much') throw new Error('no room for a name');
  return <Txt>{measuring ? 'The readings' : 'The boards'}</Txt>;
}

function GuardedStage() {
  return (
    <StageGuard stage={usePathname()}>
      <Stage />
    </StageGuard>
  );
}

const frame = () => (
  <JobFrame id={alcove.id}>
    <GuardedStage />
  </JobFrame>
);

describe('a stage that throws', () => {
  beforeEach(async () => {
    store = await show(frame(), alcove);
    await screen.findByText('The readings');
    act(() => void store.dispatch(editJob((job) => ({ ...job, name: 'Too much' }))));
    screen.getByText('Something went wrong on this screen.');
    screen.getByText('no room for a name');
  });

  test('keeps header, undo and stages; undone, it is there again', () => {
    screen.getByRole('heading', { name: 'Too much' });
    screen.getByLabelText('Stages');
    press('Undo last change');
    screen.getByText('The readings');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('is undone by the header, too, and kept as history', () => {
    fireEvent.press(screen.getByRole('button', { name: 'Undo' }));
    screen.getByText('The readings');
    fireEvent.press(screen.getByRole('button', { name: 'Redo' }));
    screen.getByText('Something went wrong on this screen.');
  });

  test('leaves the other stages working', () => {
    act(() => goTo('cut'));
    screen.getByText('The boards');
    expect(jobIn(store).name).toBe('Too much');
    act(() => goTo('measure'));
    screen.getByText('Something went wrong on this screen.');
  });
});

test('a sheet that throws says so, is closed, and the screen below it stays', async () => {
  const Bad = guardedSheet(function Bad({ onClose }: { onClose: () => void }) {
    if (typeof onClose === 'function') throw new Error('no such board');
    return null;
  });
  const Worse = () => {
    throw new Error('no such hole');
  };
  const closed = jest.fn();
  store = await show(
    <>
      <Txt>Below</Txt>
      <Bad onClose={closed} />
      <Sheet title="Holes" closeTitle="Close the holes" onClose={closed}>
        <Worse />
      </Sheet>
    </>,
  );
  screen.getByText('no such board');
  screen.getByText('no such hole');
  screen.getByText('Below');
  press('Close');
  press('Close the holes');
  expect(closed).toHaveBeenCalledTimes(2);
});
