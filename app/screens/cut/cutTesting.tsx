import { fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { typedLength, type Job } from '@dormer/core/job/document';
import { download } from '../../platform/files';
import type { AppStore } from '../../store';
import { screen, show } from '../../test/screen';
import { CutScreen } from './CutScreen';

export const given = download as jest.MockedFunction<typeof download>;

export const alcove = chimneyAlcove();

export const mm = (typed: string) => typedLength(typed, 'mm');

export type Tab = 'Layouts' | 'Buy' | 'At the saw' | 'Pieces';

export const turn = (tab: Tab) => fireEvent.press(screen.getByRole('radio', { name: tab }));

/** Waits until the cutting of a store is worked out. */
export const laidOut = (store: AppStore) =>
  waitFor(() => {
    const { key, working } = store.getState().cutting;
    expect([key === null, working]).toEqual([false, null]);
  });

/** Opens a job on a tab of Cut, with its cutting worked out. */
export async function openCut(tab: Tab, job: Job): Promise<AppStore> {
  const store = await show(<CutScreen first={1} />, job);
  turn(tab);
  await laidOut(store);
  return store;
}
