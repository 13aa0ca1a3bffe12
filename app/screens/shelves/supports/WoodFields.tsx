import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lotOf } from '@dormer/core/design/load/lots';
import { materialOf } from '@dormer/core/design/load/materials';
import { words } from '@dormer/core/say/words/first';
import { Button, Txt, useKeptPlace } from '../../../ui';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { MaterialsSheet, woodOf, type WoodOf } from './MaterialsSheet';

const ROLES: Readonly<Partial<Record<WoodOf, (role: Plan['parts'][number]['role']) => boolean>>> = {
  case: (role) => lotOf(role) === 'case' && role !== 'back-panel',
  back: (role) => role === 'back-panel',
  trim: (role) => lotOf(role) === 'trim',
};

/** Boards and sticks, and what else the job has pieces of. */
const woodsIn = (plan: Plan | null): WoodOf[] =>
  WOODS.filter((what) => ROLES[what] === undefined || plan?.parts.some(({ role }) => ROLES[what]?.(role)));

const WOODS: readonly WoodOf[] = ['boards', 'case', 'back', 'sticks', 'trim'];

/** What boards, sticks, and the other pieces the job has are made of. */
export function WoodFields({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useKeptPlace<WoodOf | null>('wood', null);
  return (
    <>
      {woodsIn(plan).map((what) => (
        <View key={what} style={styles.row}>
          <Txt style={styles.grow}>{label(`wood.${what}`)}</Txt>
          <Button
            title={words(materialOf(woodOf(job.wood, what), job.wood.own).name, job)}
            onPress={() => setOpen(what)}
          />
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
