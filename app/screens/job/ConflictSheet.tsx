import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { mergeJobs } from '@dormer/core/job/merge';
import { Button, Segmented, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { selectRecord, useAppDispatch, useAppSelector, type JobRecord } from '../../store';
import { keepBoth, keepWhole, settle, type Choices } from '../../store/conflicts';
import { SPACE } from '../../theme';
import { placeWords, sideWords } from './conflictWords';

/** What this device and another one say differently of a job, one thing after another, and what shall stand. */
export const ConflictSheet = guardedSheet(function ConflictSheet({ id, onClose }: { id: string; onClose: () => void }) {
  const record = useAppSelector((state) => selectRecord(state, id));
  return record?.fault?.kind === 'stale' ? <Conflict record={record} onClose={onClose} /> : null;
});

function Conflict({ record, onClose }: { record: JobRecord; onClose: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { id, job: mine, baseJob, fault } = record;
  const theirs = fault?.kind === 'stale' ? fault.current.job : mine;
  const device = (fault?.kind === 'stale' && fault.current.savedBy) || label('conflict.otherDevice');
  const contradictions = useMemo(() => mergeJobs(baseJob, mine, theirs).contradictions, [baseJob, mine, theirs]);
  const [choices, setChoices] = useState<Choices>({});
  const isDecided = contradictions.every(({ path }) => path in choices);
  const end = (how: () => void) => () => {
    how();
    onClose();
  };
  const copy = () => dispatch(keepBoth(id, label('jobs.copyName', { name: mine.name })));
  return (
    <Sheet
      title={label('conflict.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        contradictions.length > 0 ? (
          <Button
            title={label('conflict.save')}
            look="lead"
            grow
            disabled={!isDecided}
            onPress={end(() => dispatch(settle(id, choices)))}
          />
        ) : undefined
      }
    >
      <Txt>
        {contradictions.length > 0
          ? label('conflict.explained', { count: contradictions.length })
          : label('conflict.whole')}
      </Txt>
      {contradictions.map((contradiction) => (
        <View key={contradiction.path} style={styles.one}>
          <Txt kind="strong">{placeWords(contradiction, mine, theirs, label)}</Txt>
          <Segmented
            label={placeWords(contradiction, mine, theirs, label)}
            look="column"
            value={choices[contradiction.path] ?? ''}
            options={[
              {
                value: 'mine',
                title: label('conflict.here', { value: sideWords(contradiction, contradiction.mine, mine, label) }),
              },
              {
                value: 'theirs',
                title: label('conflict.there', {
                  device,
                  value: sideWords(contradiction, contradiction.theirs, theirs, label),
                }),
              },
            ]}
            onChange={(whose) => setChoices({ ...choices, [contradiction.path]: whose as 'mine' | 'theirs' })}
          />
        </View>
      ))}
      {contradictions.length > 0 ? (
        <Txt tone="faint">{isDecided ? label('conflict.kept') : label('conflict.chooseAll')}</Txt>
      ) : (
        <>
          <Button title={label('conflict.keepMine')} onPress={end(() => dispatch(keepWhole(id, 'mine')))} />
          <Button title={label('conflict.keepTheirs')} onPress={end(() => dispatch(keepWhole(id, 'theirs')))} />
        </>
      )}
      <Button title={label('conflict.copy')} look="quiet" onPress={end(copy)} />
    </Sheet>
  );
}

const styles = StyleSheet.create({ one: { gap: SPACE.half } });
