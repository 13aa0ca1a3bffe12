import { act, configure, fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import type { Job } from '@dormer/core/job/document';
import { KeypadProvider } from '../ui';
import type { Plan } from '@dormer/core/plan';
import { begin, openJob, selectOpenJob, selectPlanned, useAppSelector } from '../store';
import { recordFromServer } from '../store/record';
import { createStore, type AppStore } from '../store/store';
import { directCore, MapDevice, PretendServer, until } from './setup';

configure({ asyncUtilTimeout: 15_000 });

// Plans and answers arrive by themselves, as in life; that they do is no fault of a test.
const complain = console.error;
console.error = (...all: unknown[]) => {
  if (!String(all[0]).includes('not wrapped in act')) complain(...all);
};

/** A screen with a store behind it, and a job before the person when one is given. */
export async function show(what: ReactElement, job?: Job): Promise<AppStore> {
  const device = new MapDevice();
  const server = new PretendServer();
  globalThis.fetch = server.fetch as typeof fetch;
  if (job) {
    server.savedElsewhere(job);
    await device.keep(
      recordFromServer({ job, version: 1, changedAt: '2026-01-01T00:00:00.000Z' }, server.identity),
      undefined,
    );
  }
  const quiet = { tell: () => undefined, hear: () => undefined, close: () => undefined };
  const store = createStore({ core: directCore, device, settleMs: 1, retryMs: 1000, tabs: quiet });
  await store.dispatch(begin());
  if (job) {
    await store.dispatch(openJob(job.id));
    await until(() => store.getState().planned.plan !== null);
  }
  render(
    <Provider store={store}>
      <KeypadProvider>{what}</KeypadProvider>
    </Provider>,
  );
  return store;
}

/** A part of a screen with the open job and its plan, as they change. */
function Part({ of }: { of: (job: Job, plan: Plan) => ReactElement }) {
  const job = useAppSelector(selectOpenJob);
  const { plan } = useAppSelector(selectPlanned);
  return job && plan ? of(job, plan) : null;
}

/** A part of a screen, with a store behind it and a job before the person. */
export const showPart = (job: Job, of: (job: Job, plan: Plan) => ReactElement): Promise<AppStore> =>
  show(<Part of={of} />, job);

// Wait for a bare true. A failing matcher would print whole jobs and elements many times a second.

/** Waits until the plan is of the job as it stands. */
export const planned = (store: AppStore): Promise<void> =>
  waitFor(() => expect(store.getState().planned.job === jobIn(store)).toBe(true));

/** Waits until a text is no longer there. */
export const gone = (text: string | RegExp): Promise<void> =>
  waitFor(() => expect(screen.queryByText(text) === null).toBe(true));

/** What a person does: types into a field and leaves it; presses a button. */
export function type(label: string | RegExp, text: string): void {
  const field = screen.getByLabelText(label);
  fireEvent(field, 'focus');
  fireEvent.changeText(field, text);
  fireEvent(field, 'blur');
}

/** Chooses in a date or time field of the browser and leaves it; '' is one that is unfinished. */
export function choose(label: string | RegExp, value: string): void {
  const field = screen.getByLabelText(label);
  const target = { value, validity: { valid: true } };
  fireEvent(field, 'change', { target });
  fireEvent(field, 'blur', { target });
}
export const press = (name: string | RegExp) => fireEvent.press(screen.getByRole('button', { name }));

/** The job as it stands. */
export function jobIn(store: AppStore): Job {
  const job = selectOpenJob(store.getState());
  if (!job) throw new Error('no job is open');
  return job;
}

/** Presses the button that takes a sheet's fields, and waits for the check of the fields before and after. */
export async function take(name: string | RegExp): Promise<void> {
  await act(async () => undefined);
  await act(async () => press(name));
}

export { screen };
