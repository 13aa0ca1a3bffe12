import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { materialOf } from '@dormer/core/design/load/materials';
import { words } from '@dormer/core/say/words/first';
import { Button, Txt, useKeptPlace } from '../../../ui';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { MaterialsSheet } from './MaterialsSheet';

/** What boards and sticks are made of. */
export function WoodFields({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useKeptPlace<'boards' | 'sticks' | null>('wood', null);
  return (
    <>
      {(['boards', 'sticks'] as const).map((what) => (
        <View key={what} style={styles.row}>
          <Txt style={styles.grow}>{label(`wood.${what}`)}</Txt>
          <Button title={words(materialOf(job.wood[what], job.wood.own).name, job)} onPress={() => setOpen(what)} />
        </View>
      ))}
      {open ? <MaterialsSheet job={job} what={open} onClose={() => setOpen(null)} /> : null}
    </>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
  }),
);
