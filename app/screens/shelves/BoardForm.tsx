import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/quantity';
import { LengthField, Section } from '../../controls';
import { useLabel, type LabelKey } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';

interface Field {
  readonly label: LabelKey;
  readonly of: (job: Job) => TypedLength;
  readonly to: (job: Job, value: TypedLength) => Job;
  /** Whether nothing at all is a length here. */
  readonly mayBeNothing?: boolean;
}

const shelf = (key: 'thickness' | 'depth'): Pick<Field, 'of' | 'to'> => ({
  of: (job) => job.shelves[key],
  to: (job, value) => ({ ...job, shelves: { ...job.shelves, [key]: value } }),
});
const stick = (piece: 'cleat' | 'nosing', key: 'thickness' | 'height'): Pick<Field, 'of' | 'to'> => ({
  of: (job) => job.support[piece][key],
  to: (job, value) => ({
    ...job,
    support: { ...job.support, [piece]: { ...job.support[piece], [key]: value } },
  }),
});

const BOARD: readonly Field[] = [
  { label: 'board.thickness', ...shelf('thickness') },
  { label: 'board.depth', ...shelf('depth') },
];
const CLEATS: readonly Field[] = [
  { label: 'cleat.thickness', ...stick('cleat', 'thickness') },
  { label: 'cleat.height', ...stick('cleat', 'height') },
  {
    label: 'cleat.clearance',
    of: (job) => job.support.cleatClearance,
    to: (job, value) => ({ ...job, support: { ...job.support, cleatClearance: value } }),
    mayBeNothing: true,
  },
  { label: 'nosing.thickness', ...stick('nosing', 'thickness') },
  { label: 'nosing.height', ...stick('nosing', 'height') },
];
/** Sizes of boards, cleats and nosing as they really are. */
export function BoardForm({ job }: { job: Job }) {
  const label = useLabel();
  return (
    <>
      <Section title={label('board.title')}>
        <Fields fields={BOARD} job={job} />
      </Section>
      <Section title={label('cleat.title')}>
        <Fields fields={CLEATS} job={job} />
      </Section>
    </>
  );
}

function Fields({ fields, job }: { fields: readonly Field[]; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  return (
    <View style={styles.fields}>
      {fields.map((field) => (
        <View key={field.label} style={styles.field}>
          <LengthField
            label={label(field.label)}
            value={field.of(job)}
            units={job.units}
            tape={job.tape}
            {...(field.mayBeNothing ? {} : { sign: 'positive' as const, leastMm: 0.1 })}
            onCommit={(value) => dispatch(editJob((one) => field.to(one, value)))}
          />
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.one },
    field: { flexGrow: 1, flexBasis: 130, minWidth: 120 },
  }),
);
