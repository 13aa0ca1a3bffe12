import { StyleSheet, View } from 'react-native';
import { LIMITS, OFTEN, type Job, type Thing } from '@dormer/core/job/document';
import { Button, Keypad, LengthField, Segmented, Sheet, Stepper, TextField, Toggles } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { MassField } from '../../../ui/MassField';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';

interface ThingSheetProps {
  readonly job: Job;
  readonly thing: Thing;
  readonly onClose: () => void;
}

const MOST_OF_A_KIND = 999;
const HIGHEST_STACK = 20;
const EVERYONE = '';

/** One kind of thing: its sizes, its weight, how many, how often, who, and how it may stand. */
export const ThingSheet = guardedSheet(function ThingSheet({ job, thing, onClose }: ThingSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const set = (change: Partial<Thing>) =>
    dispatch(
      editBay((one) => ({
        ...one,
        things: one.things.map((other) => (other.id === thing.id ? { ...other, ...change } : other)),
      })),
    );
  return (
    <Sheet
      title={thing.name}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <>
          <Button
            title={label('things.remove')}
            look="stop"
            grow
            onPress={() => {
              dispatch(editBay((one) => ({ ...one, things: one.things.filter((other) => other.id !== thing.id) })));
              onClose();
            }}
          />
          <Button title={label('close')} look="lead" grow onPress={onClose} />
        </>
      }
    >
      <TextField
        label={label('things.name')}
        value={thing.name}
        maxLength={LIMITS.name}
        onCommit={(name) => {
          if (name.trim()) set({ name: name.trim() });
        }}
      />
      <Stepper
        label={label('things.count')}
        less={label('things.fewer')}
        more={label('things.more')}
        value={thing.count}
        least={1}
        most={MOST_OF_A_KIND}
        onChange={(count) => set({ count })}
      />
      <Sizes job={job} thing={thing} onChange={set} />
      <Keypad units={job.units} tape={job.tape} />
      <MassField
        label={label('things.weight')}
        value={thing.weight}
        units={job.units}
        reader={job}
        onCommit={(weight) => set({ weight })}
      />
      <Segmented
        titled
        label={label('things.often')}
        value={thing.often}
        options={OFTEN.map((value) => ({ value, title: label(`often.${value}`) }))}
        onChange={(often) => set({ often })}
      />
      <Who job={job} thing={thing} />
      <Stepper
        label={label('things.stack')}
        less={label('things.stackLess')}
        more={label('things.stackMore')}
        value={thing.stack}
        least={1}
        most={HIGHEST_STACK}
        onChange={(stack) => set({ stack })}
      />
      <Toggles<'flat'>
        label={label('things.flat')}
        chosen={thing.flat ? ['flat'] : []}
        options={[{ value: 'flat', title: label('things.mayFlat') }]}
        onChange={(chosen) => set({ flat: chosen.includes('flat') })}
      />
    </Sheet>
  );
});

interface SizesProps {
  readonly job: Job;
  readonly thing: Thing;
  readonly onChange: (change: Partial<Thing>) => void;
}

/** Size fields of a thing, and the room a hand needs above. */
function Sizes({ job, thing, onChange: set }: SizesProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.fields}>
      {(['width', 'height', 'depth', 'lift'] as const).map((name) => (
        <View key={name} style={styles.field}>
          <LengthField
            label={label(`things.${name}`)}
            value={thing[name]}
            units={job.units}
            tape={job.tape}
            {...(name === 'lift' ? { sign: 'notNegative' as const } : { sign: 'positive' as const, leastMm: 0.1 })}
            onCommit={(value) => set({ [name]: value })}
          />
        </View>
      ))}
    </View>
  );
}

/** Person who reaches for a thing; hidden until people are named. */
function Who({ job, thing }: { job: Job; thing: Thing }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  if (job.people.length === 0) return null;
  return (
    <Segmented
      titled
      look="chips"
      label={label('things.who')}
      value={thing.who ?? EVERYONE}
      options={[
        { value: EVERYONE, title: label('things.everyone') },
        ...job.people.map((person) => ({ value: person.id, title: person.name })),
      ]}
      onChange={(who) => dispatch(editBay((one) => withWho(one, thing.id, who)))}
    />
  );
}

/** The job with someone who reaches for a thing; for nobody's name it is everyone. */
function withWho(job: Job, id: string, who: string): Job {
  const things = job.things.map((thing) => {
    if (thing.id !== id) return thing;
    const { who: _before, ...rest } = thing;
    return who === EVERYONE ? rest : { ...rest, who };
  });
  return { ...job, things };
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.one },
    field: { flexGrow: 1, flexBasis: 130, minWidth: 120 },
  }),
);
