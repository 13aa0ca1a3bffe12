import { StyleSheet, View } from 'react-native';
import { message } from '@dormer/core/base/message';
import { KEEP_CLEARS, LIMITS, usualLength, type Job, type KeepClear } from '@dormer/core/job/document';
import { marginOf } from '@dormer/core/place/kinds';
import { asTyped } from '@dormer/core/base/quantity';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, LengthField, Section, Segmented, TextField, Txt, useKeptPlace } from '../../../ui';
import { useLabel, type Label } from '../../../labels';
import { newId } from '../../../store';
import { makeStyles, RADIUS, SPACE } from '../../../theme';
import { wallsIn } from './walls';

interface KeepClearsFormProps {
  readonly job: Job;
  readonly onChange: (keepClears: KeepClear[]) => void;
}

/** Outlets, switches, vents and whatever else must stay clear. */
export function KeepClearsForm({ job, onChange }: KeepClearsFormProps) {
  const styles = useStyles();
  const label = useLabel();
  const { keepClears } = job.place;
  const [open, setOpen] = useKeptPlace<string | null>('keepClear', null);
  const add = () => {
    const length = (mm: number, inches: string) => usualLength(mm, inches, job.units);
    const id = newId();
    onChange([
      ...keepClears,
      {
        id,
        what: 'outlet',
        wall: wallsIn(job)[0] ?? 'back',
        from: length(100, '4'),
        up: length(300, '12'),
        width: length(80, '3'),
        height: length(80, '5'),
        note: '',
      },
    ]);
    setOpen(id);
  };
  return (
    <Section title={label('clear.title')}>
      {keepClears.length === 0 ? <Txt tone="faint">{label('clear.none')}</Txt> : null}
      {keepClears.map((keepClear) =>
        open === keepClear.id ? (
          <One
            key={keepClear.id}
            job={job}
            one={keepClear}
            onChange={(changed) => onChange(keepClears.map((other) => (other.id === keepClear.id ? changed : other)))}
            onRemove={() => onChange(keepClears.filter((other) => other.id !== keepClear.id))}
            onDone={() => setOpen(null)}
          />
        ) : (
          <View key={keepClear.id} style={styles.row}>
            <Txt style={styles.name}>
              {whereIs(keepClear, job, label)}
              {keepClear.note ? ` · ${keepClear.note}` : ''}
            </Txt>
            <Button
              title={label('clear.change', { what: words(message(`clear.${keepClear.what}`), job) })}
              look="quiet"
              onPress={() => setOpen(keepClear.id)}
            />
          </View>
        ),
      )}
      <Button title={label('clear.add')} disabled={keepClears.length >= LIMITS.keepClears} onPress={add} />
    </Section>
  );
}

/** "Outlet, left wall, 40 mm from the back corner, 300 mm up". */
function whereIs({ what, wall, from, up }: KeepClear, job: Job, label: Label): string {
  return label('clear.at', {
    what: words(message(`clear.${what}`), job),
    wall: label(`choice.${wall}`).toLocaleLowerCase(),
    from: lengthWords(from.mm, job),
    end: label(`wall.begins.${wall}`),
    up: lengthWords(up.mm, job),
  });
}

interface OneProps {
  readonly job: Job;
  readonly one: KeepClear;
  readonly onChange: (one: KeepClear) => void;
  readonly onRemove: () => void;
  readonly onDone: () => void;
}

function One({ job, one, onChange, onRemove, onDone }: OneProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.card}>
      <Segmented
        titled
        look="chips"
        label={label('clear.what')}
        value={one.what}
        options={KEEP_CLEARS.map((value) => ({ value, title: words(message(`clear.${value}`), job) }))}
        onChange={(what) => onChange({ ...one, what })}
      />
      <Segmented
        titled
        label={label('field.wall')}
        value={one.wall}
        options={wallsIn(job).map((value) => ({ value, title: label(`choice.${value}`) }))}
        onChange={(wall) => onChange({ ...one, wall })}
      />
      {(['from', 'up', 'width', 'height'] as const).map((name) => (
        <LengthField
          key={name}
          label={label(`clear.${name}`, { end: label(`wall.begins.${one.wall}`) })}
          value={one[name]}
          units={job.units}
          tape={job.tape}
          sign={name === 'width' || name === 'height' ? 'positive' : 'notNegative'}
          onCommit={(value) => onChange({ ...one, [name]: value })}
        />
      ))}
      <LengthField
        label={label('clear.margin')}
        value={one.margin ?? asTyped(marginOf(one), job.units, job.tape)}
        units={job.units}
        tape={job.tape}
        sign="notNegative"
        onCommit={(margin) => onChange({ ...one, margin })}
      />
      <TextField
        label={label('clear.note')}
        value={one.note}
        maxLength={LIMITS.name}
        onCommit={(note) => onChange({ ...one, note })}
      />
      <View style={styles.row}>
        <Button title={label('clear.remove')} look="stop" onPress={onRemove} />
        <Button title={label('measure.done')} onPress={onDone} />
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    name: { flex: 1 },
    card: {
      gap: SPACE.one,
      paddingLeft: SPACE.one,
      borderLeftWidth: 3,
      borderLeftColor: colours.edge,
      borderRadius: RADIUS.small,
    },
  }),
);
