import '../../labels/conflict';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, NoticeLine } from '../../ui';
import { useLabel } from '../../labels';
import { putBack, records, selectRecord, useAppDispatch, useAppSelector } from '../../store';
import { makeStyles, READING_WIDTH, SPACE, useWide } from '../../theme';
import { StorageFault } from '../../parts/StorageFault';
import { ConflictSheet } from './ConflictSheet';

/** What keeps a job from being saved, and the ways on. */
export function FaultBanner({ id }: { id: string }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const fault = useAppSelector((state) => selectRecord(state, id)?.fault ?? null);
  const storageFault = useAppSelector((state) => state.records.storageFault);
  const wide = useWide();
  const [choosing, setChoosing] = useState(false);
  if (!fault) {
    if (!storageFault) return null;
    return (
      <View style={styles.banner}>
        <StorageFault />
      </View>
    );
  }
  return (
    <View style={styles.banner}>
      {fault.kind === 'stale' ? (
        <>
          <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('stale.banner')} />
          <View style={wide ? styles.narrow : null}>
            <Button title={label('stale.look')} look="lead" onPress={() => setChoosing(true)} />
          </View>
        </>
      ) : null}
      {fault.kind === 'removed' || fault.kind === 'missing' ? (
        <>
          <NoticeLine
            kind="doubtful"
            word={label('problem.doubtful')}
            words={label(fault.kind === 'removed' ? 'removedElsewhere.banner' : 'missing.banner')}
          />
          <View style={[styles.row, wide && styles.narrow]}>
            <Button title={label('removedElsewhere.back')} look="lead" grow onPress={() => dispatch(putBack([id]))} />
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
      {choosing && fault.kind === 'stale' ? <ConflictSheet id={id} onClose={() => setChoosing(false)} /> : null}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    banner: { padding: SPACE.half, gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule },
    row: { flexDirection: 'row', gap: SPACE.half },
    narrow: { width: '100%', maxWidth: READING_WIDTH / 2 },
  }),
);
