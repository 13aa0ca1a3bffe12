import { StyleSheet, View } from 'react-native';
import { Button, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { notify, takeExample, useAppDispatch } from '../../store';
import { SPACE } from '../../theme';

/** What a list without jobs says: how to begin, and an example to look at. */
export function EmptyJobs({ onOpened }: { onOpened: (id: string) => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const openExample = async () => {
    const id = await dispatch(takeExample());
    if (id) onOpened(id);
    else dispatch(notify('jobs.exampleNot'));
  };
  return (
    <View style={styles.empty}>
      <Txt kind="title">{label('jobs.empty')}</Txt>
      <Txt tone="faint" style={styles.words}>
        {label('jobs.emptyWhy')}
      </Txt>
      <Button title={label('jobs.example')} onPress={() => void openExample()} />
    </View>
  );
}

const styles = StyleSheet.create({
  empty: { alignItems: 'center', gap: SPACE.one, paddingVertical: 64 },
  words: { textAlign: 'center', maxWidth: 420 },
});
