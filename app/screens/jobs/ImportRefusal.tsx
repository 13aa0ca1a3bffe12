import { StyleSheet, View } from 'react-native';
import type { Refusal } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

const READER = { units: 'mm', tape: '0.5mm' } as const;
const MOST_SHOWN = 5;

/** Why a file was not taken in: what is wrong with it, place by place. */
export function ImportRefusal({ refusal, onClose }: { refusal: Refusal; onClose: () => void }) {
  const styles = useStyles();
  const label = useLabel();
  const more = refusal.faults.length - MOST_SHOWN;
  return (
    <View style={styles.refusal} role="alert">
      <NoticeLine kind="stop" word={label('problem.stop')} words={words(refusal.message, READER)} />
      {refusal.faults.slice(0, MOST_SHOWN).map((fault) => (
        <Txt key={`${fault.path}-${fault.message.code}`} kind="small">
          {words(fault.message, READER)}
        </Txt>
      ))}
      {more > 0 ? <Txt kind="small">{label('jobs.moreFaults', { count: more })}</Txt> : null}
      <Button title={label('notice.close')} onPress={onClose} />
    </View>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ refusal: { gap: SPACE.half } }));
