import { useState } from 'react';
import { ActivityIndicator, StyleSheet, View } from 'react-native';
import type { RemovedJob } from '@dormer/core/job/document';
import { Button, NoticeLine, Txt } from '../../ui';
import { useNow } from '../../platform/useNow';
import { useLabel } from '../../labels';
import { agoWords } from '../../labels/moments';
import { bringBackRemoved, useAppDispatch, useListJobsQuery } from '../../store';
import { makeStyles, SPACE } from '../../theme';

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
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [outcome, setOutcome] = useState<'asked' | 'failed' | null>(null);
  const bringBack = async () => {
    setOutcome('asked');
    if (!(await dispatch(bringBackRemoved(id)))) setOutcome('failed');
  };
  return (
    <View style={styles.row} role="group" aria-label={name}>
      <View style={styles.words}>
        <Txt kind="strong" numberOfLines={2}>
          {name}
        </Txt>
        <Txt kind="small" tone={outcome === 'failed' ? 'stop' : 'faint'}>
          {outcome === 'failed' ? label('removed.failed') : agoWords(removedAt)}
        </Txt>
      </View>
      <Button title={label('removed.back')} disabled={outcome === 'asked'} onPress={() => void bringBack()} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.one,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingBottom: SPACE.one,
    },
    words: { flex: 1, minWidth: 0 },
  }),
);
