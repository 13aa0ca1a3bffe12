import { useState } from 'react';
import { ActivityIndicator } from 'react-native';
import type { RemovedJob } from '@dormer/core/job/document';
import { ActionRow, Button, NoticeLine, Txt } from '../../ui';
import { useNow } from '../../platform/useNow';
import { useLabel } from '../../labels';
import { agoWords } from '../../labels/moments';
import { bringBackRemoved, useAppDispatch, useListJobsQuery } from '../../store';

/** Days for which the server can bring a removed job back. */
const KEPT_DAYS = 30;
const DAY_MS = 86_400_000;

/** Jobs that were removed lately, from any device. */
export function RemovedJobs() {
  const label = useLabel();
  const { data, isFetching, isError } = useListJobsQuery(undefined, { refetchOnMountOrArgChange: true });
  const since = new Date(useNow(DAY_MS) - KEPT_DAYS * DAY_MS).toISOString();
  const removed = (data?.removed ?? []).filter(({ removedAt }) => removedAt > since);
  return (
    <>
      <Txt tone="faint">{label('removed.explained', { count: KEPT_DAYS })}</Txt>
      {isFetching ? <ActivityIndicator aria-label={label('jobs.looking')} /> : null}
      {isError ? (
        <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('removed.unreached')} />
      ) : null}
      {data && removed.length === 0 ? <Txt>{label('removed.none')}</Txt> : null}
      {removed.map((job) => (
        <RemovedRow key={job.id} job={job} />
      ))}
    </>
  );
}

function RemovedRow({ job: { id, name, removedAt } }: { job: RemovedJob }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [outcome, setOutcome] = useState<'asked' | 'failed' | null>(null);
  const bringBack = async () => {
    setOutcome('asked');
    if (!(await dispatch(bringBackRemoved(id)))) setOutcome('failed');
  };
  return (
    <ActionRow
      name={name}
      words={
        <Txt kind="small" tone={outcome === 'failed' ? 'stop' : 'faint'}>
          {outcome === 'failed' ? label('removed.failed') : agoWords(removedAt)}
        </Txt>
      }
    >
      <Button title={label('removed.back')} disabled={outcome === 'asked'} onPress={() => void bringBack()} />
    </ActionRow>
  );
}
