import { StyleSheet, View } from 'react-native';
import { Button, NoticeLine, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { useAppDispatch } from '../../store';
import { stopCutting } from '../../store/cuttingActions';
import { makeStyles, SPACE } from '../../theme';
import type { useCutting } from '../../store/useCutting';

/** How far layouts are worked out, with a way to stop; or that they were not. */
export function CuttingWork({
  share,
  stopped,
  again,
}: Pick<ReturnType<typeof useCutting>, 'share' | 'stopped' | 'again'>) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  if (share !== null) {
    return (
      <View style={styles.row} aria-live="polite">
        <Txt tone="faint" style={styles.grow}>
          {label('layout.working', { percent: Math.round(share * 100) })}
        </Txt>
        <Button title={label('ends.stop')} onPress={() => dispatch(stopCutting())} />
      </View>
    );
  }
  if (!stopped) return null;
  return (
    <View style={styles.row}>
      <View style={styles.grow}>
        <NoticeLine
          kind="doubtful"
          word={label(stopped === 'failed' ? 'layout.failed' : 'layout.stopped')}
          words={label(stopped === 'failed' ? 'layout.failedWhy' : 'layout.stoppedWhy')}
        />
      </View>
      <Button title={label('layout.again')} onPress={again} />
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
  }),
);
