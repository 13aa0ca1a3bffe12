import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import Ellipsis from 'lucide-react-native/icons/ellipsis-vertical';
import Redo from 'lucide-react-native/icons/redo-2';
import Undo from 'lucide-react-native/icons/undo-2';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { redo, selectCanRedo, selectCanUndo, selectOpenJob, undo, useAppDispatch, useAppSelector } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { SaveStateLine } from './SaveStateLine';

/** The job's name, where it is kept, and the way back from every change. */
export function JobHeader({ id, onMenu }: { id: string; onMenu: () => void }) {
  const styles = useStyles();
  const label = useLabel();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const name = useAppSelector(selectOpenJob)?.name ?? '';
  const canUndo = useAppSelector(selectCanUndo);
  const canRedo = useAppSelector(selectCanRedo);
  return (
    <View style={styles.head} role="banner">
      <Button title={label('job.back')} icon={ArrowLeft} iconOnly look="quiet" onPress={() => router.navigate('/')} />
      <View style={styles.name}>
        <Txt kind="strong" numberOfLines={1} role="heading" aria-level={1}>
          {name}
        </Txt>
        <SaveStateLine id={id} />
      </View>
      <Button
        title={label('job.undo')}
        icon={Undo}
        iconOnly
        look="quiet"
        disabled={!canUndo}
        onPress={() => dispatch(undo())}
      />
      <Button
        title={label('job.redo')}
        icon={Redo}
        iconOnly
        look="quiet"
        disabled={!canRedo}
        onPress={() => dispatch(redo())}
      />
      <Button title={label('job.menu')} icon={Ellipsis} iconOnly look="quiet" onPress={onMenu} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingVertical: SPACE.small,
      minHeight: 56,
    },
    name: { flex: 1, minWidth: 0 },
  }),
);
