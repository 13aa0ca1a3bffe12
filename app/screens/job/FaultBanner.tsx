import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { summarise, type Job } from '@dormer/core/job/document';
import { Button, NoticeLine, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { agoWords } from '../../labels/moments';
import { keepBoth, keepMine, keepTheirs, records, selectRecord, useAppDispatch, useAppSelector } from '../../store';
import { makeStyles, RADIUS, SPACE } from '../../theme';

/** What keeps a job from being saved, and the ways on. */
export function FaultBanner({ id }: { id: string }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const fault = useAppSelector((state) => selectRecord(state, id)?.fault ?? null);
  const storageFault = useAppSelector((state) => state.records.storageFault);
  const [choosing, setChoosing] = useState(false);
  if (!fault) {
    if (!storageFault) return null;
    return (
      <View style={styles.banner}>
        <NoticeLine
          kind="stop"
          word={label('problem.stop')}
          words={label('save.storageFault', { reason: storageFault })}
        />
      </View>
    );
  }
  return (
    <View style={styles.banner}>
      {fault.kind === 'stale' ? (
        <>
          <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('stale.banner')} />
          <Button title={label('stale.look')} look="lead" onPress={() => setChoosing(true)} />
        </>
      ) : null}
      {fault.kind === 'removed' ? (
        <>
          <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('removedElsewhere.banner')} />
          <View style={styles.row}>
            <Button title={label('removedElsewhere.back')} look="lead" grow onPress={() => dispatch(keepMine(id))} />
            <Button
              title={label('removedElsewhere.letGo')}
              look="stop"
              grow
              onPress={() => dispatch(records.removed(id))}
            />
          </View>
        </>
      ) : null}
      {fault.kind === 'refused' ? (
        <NoticeLine
          kind="stop"
          word={label('problem.stop')}
          words={label('save.refusedWhy', { reasons: fault.reasons.slice(0, 3).join(' ') })}
        />
      ) : null}
      {choosing && fault.kind === 'stale' ? <BothVersions id={id} onClose={() => setChoosing(false)} /> : null}
    </View>
  );
}

const BothVersions = guardedSheet(function BothVersions({ id, onClose }: { id: string; onClose: () => void }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const record = useAppSelector((state) => selectRecord(state, id));
  if (record?.fault?.kind !== 'stale') return null;
  const { current } = record.fault;
  const settle = (how: () => void) => () => {
    how();
    onClose();
  };
  return (
    <Sheet title={label('stale.title')} closeTitle={label('close')} onClose={onClose}>
      <Txt>{label('stale.explained')}</Txt>
      <Version title={label('stale.here')} job={record.job} at={record.changedAt} />
      <Version title={label('stale.there')} job={current.job} at={current.changedAt} />
      <View style={styles.choices}>
        <Button
          title={label('stale.keepBoth')}
          look="lead"
          onPress={settle(() => dispatch(keepBoth(id, label('jobs.copyName', { name: record.job.name }))))}
        />
        <Button title={label('stale.keepMine')} onPress={settle(() => dispatch(keepMine(id)))} />
        <Button title={label('stale.keepTheirs')} onPress={settle(() => dispatch(keepTheirs(id)))} />
      </View>
    </Sheet>
  );
});

function Version({ title, job, at }: { title: string; job: Job; at: string }) {
  const styles = useStyles();
  const label = useLabel();
  const { readings, shelves } = summarise(job);
  return (
    <View style={styles.version}>
      <Txt kind="strong">{title}</Txt>
      <Txt>{job.name}</Txt>
      <Txt tone="faint">
        {label('jobs.readings', { count: readings })} · {label('jobs.shelves', { count: shelves })} · {agoWords(at)}
      </Txt>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    banner: { padding: SPACE.half, gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule },
    row: { flexDirection: 'row', gap: SPACE.half },
    choices: { gap: SPACE.half },
    version: { borderWidth: 1, borderColor: colours.edge, borderRadius: RADIUS.usual, padding: SPACE.one },
  }),
);
