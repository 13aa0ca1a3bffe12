import fc from 'fast-check';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { mayPull } from './records';
import {
  mergeRecords,
  newRecord,
  nextStep,
  recordFromDevice,
  recordFromServer,
  sameJob,
  saveState,
  withJob,
  type JobRecord,
  type OnDevice,
  type ServerState,
} from './record';

const job = chimneyAlcove();
const fresh = newRecord(job, 'now');
const settled = recordFromServer({ job, version: 3, changedAt: 'then' }, 'home');
const stale = { kind: 'stale', current: { job, version: 4, changedAt: 'later' } } as const;
const sending = { saveId: 'sent', job, basedOn: 3 };
const id = () => 'new';

describe('what is to be done next towards the server', () => {
  test.each<[string, JobRecord, unknown]>([
    ['a new job is made', fresh, { kind: 'send', sending: { saveId: 'new', job, basedOn: null } }],
    ['a settled one is left alone', settled, null],
    [
      'a changed one is saved over its version',
      { ...settled, dirty: true },
      { kind: 'send', sending: { saveId: 'new', job, basedOn: 3 } },
    ],
    ['a save on its way goes again as the same save', { ...settled, dirty: true, sending }, { kind: 'send', sending }],
    ['two versions wait for a person', { ...settled, dirty: true, fault: stale }, null],
    ['a removed one is removed', { ...settled, removed: true }, { kind: 'remove' }],
    ['also when it waited for a decision', { ...settled, removed: true, fault: stale }, { kind: 'remove' }],
    [
      'what the person decided against goes with the save',
      { ...settled, dirty: true, aside: job },
      { kind: 'send', sending: { saveId: 'new', job, basedOn: 3, aside: job } },
    ],
    ['once is enough', { ...settled, removed: true, removedOnServer: true }, null],
    ['what the server never had need not be removed', { ...fresh, removed: true }, null],
    [
      'brought back, it is restored before it is saved',
      { ...settled, dirty: true, removedOnServer: true },
      { kind: 'restore' },
    ],
  ])('%s', (_, record, step) => expect(nextStep(record, id)).toEqual(step));
});

describe('what a person is told', () => {
  test.each<[string, JobRecord, ServerState, OnDevice, string]>([
    ['settled', settled, 'takes', 'kept', 'saved'],
    ['settled, without a signal', settled, 'unreached', 'kept', 'saved'],
    ['changed', { ...settled, dirty: true }, 'takes', 'kept', 'saving'],
    ['changed, without a signal', { ...settled, dirty: true }, 'unreached', 'kept', 'device'],
    ['changed, without a signal, still being written', { ...settled, dirty: true }, 'unreached', 'beingKept', 'saving'],
    ['changed, and the server’s disk is full', { ...settled, dirty: true }, 'full', 'kept', 'full'],
    ['changed, and this device is not paired', { ...settled, dirty: true }, 'unpaired', 'kept', 'unpaired'],
    ['settled, and the server’s disk is full', settled, 'full', 'kept', 'saved'],
    ['changed, without a signal or storage', { ...settled, dirty: true }, 'unreached', 'notTaken', 'notKept'],
    ['on its way', { ...settled, sending }, 'takes', 'kept', 'saving'],
    ['two versions', { ...settled, dirty: true, fault: stale }, 'takes', 'kept', 'stale'],
    ['refused', { ...settled, dirty: true, fault: { kind: 'refused', reasons: [] } }, 'takes', 'kept', 'refused'],
    ['removed elsewhere', { ...settled, fault: { kind: 'removed' } }, 'takes', 'kept', 'removed'],
    ['of another server', settled, 'another', 'kept', 'device'],
    ['gone from its server', { ...settled, fault: { kind: 'missing' } }, 'takes', 'kept', 'missing'],
    ['removed here, not yet there', { ...settled, removed: true }, 'unreached', 'kept', 'device'],
  ])('%s', (_, record, server, onDevice, state) => expect(saveState(record, server, onDevice)).toBe(state));
});

test('a version from elsewhere never comes in over what waits to go out', () => {
  const anyRecord = fc.record({
    dirty: fc.boolean(),
    sending: fc.constantFrom(null, sending),
    removed: fc.boolean(),
    fault: fc.constantFrom(null, stale),
    base: fc.constantFrom(null, 1, 3),
  });
  fc.assert(
    fc.property(anyRecord, fc.integer({ min: 1, max: 6 }), (change, version) => {
      const record = { ...settled, ...change };
      const waits = record.dirty || record.sending !== null || record.removed || record.fault !== null;
      expect(mayPull(record, version, 'home')).toBe(!waits && version > (record.base ?? 0));
    }),
  );
  expect(mayPull(undefined, 1, 'home')).toBe(true);
});

describe('a record that two tabs changed', () => {
  const renamed = (record: JobRecord, name: string) => withJob(record, { ...record.job, name });
  const noted = (record: JobRecord, notes: string) => withJob(record, { ...record.job, notes });

  test('has what each of them changed, and the later name where both changed it', () => {
    const merged = mergeRecords(settled, renamed(settled, 'Mine'), noted(renamed(settled, 'Theirs'), 'Theirs'));
    expect(merged.job).toMatchObject({ name: 'Mine', notes: 'Theirs' });
    expect(merged).toMatchObject({ base: 3, dirty: true });
  });

  test('an unchanged side gives way, with all that the server said', () => {
    const sent = { ...renamed(settled, 'Sent'), base: 4, baseJob: { ...job, name: 'Sent' }, dirty: false };
    expect(mergeRecords(settled, settled, sent)).toEqual(sent);
    expect(mergeRecords(settled, sent, settled)).toEqual(sent);
  });

  test('one was saved, the other typed on: nothing is taken as saved that is not', () => {
    const saved = { ...renamed(settled, 'Sent'), base: 4, baseJob: { ...job, name: 'Sent' }, dirty: false };
    const merged = mergeRecords(settled, noted(settled, 'typed'), saved);
    expect(merged).toMatchObject({ base: 4, dirty: true, job: { name: 'Sent', notes: 'typed' } });
    expect(merged.baseJob?.notes).toBe(job.notes);
  });

  test('removed in one, changed in the other: it is removed, and the change is in it', () => {
    const merged = mergeRecords(settled, { ...settled, removed: true }, noted(settled, 'typed'));
    expect(merged).toMatchObject({ removed: true, job: { notes: 'typed' } });
  });
});

test('a record kept by an earlier version knows its base where nothing was changed', () => {
  const { server: _server, apart: _apart, baseJob: _baseJob, aside: _aside, ...old } = settled;
  expect(recordFromDevice(old as JobRecord)).toEqual({ ...settled, server: null });
  expect(recordFromDevice({ ...old, dirty: true } as JobRecord).baseJob).toBeNull();
});

test('jobs that say the same are the same', () => {
  expect(sameJob(job, structuredClone(job))).toBe(true);
  expect(sameJob(job, { ...job, notes: 'more' })).toBe(false);
});
