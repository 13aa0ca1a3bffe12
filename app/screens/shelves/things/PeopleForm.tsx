import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import { LIMITS, usualLength, type Job, type Person } from '@dormer/core/job/document';
import { USUAL_PERSON_MM } from '@dormer/core/design/layout/forScreens';
import { lengthWords } from '@dormer/core/say/words/first';
import { Button, LengthField, Section, TextField, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';

/** Who reaches for things: what to call them, and how tall they are. */
export function PeopleForm({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const set = (people: (before: readonly Person[]) => Person[]) =>
    dispatch(editBay((one) => ({ ...one, people: people(one.people) })));
  const change = (id: string, changed: Partial<Person>) =>
    set((before) => before.map((one) => (one.id === id ? { ...one, ...changed } : one)));
  return (
    <Section title={label('people.title')}>
      <Txt kind="small" tone="faint">
        {job.people.length === 0
          ? label('people.none', { height: lengthWords(USUAL_PERSON_MM, job) })
          : label('people.is')}
      </Txt>
      {job.people.map((person) => (
        <View key={person.id} style={styles.row}>
          <View style={styles.grow}>
            <TextField
              label={label('people.name')}
              value={person.name}
              maxLength={LIMITS.name}
              onCommit={(name) => {
                if (name.trim()) change(person.id, { name: name.trim() });
              }}
            />
          </View>
          <View style={styles.grow}>
            <LengthField
              label={label('people.height', { name: person.name })}
              value={person.height}
              units={job.units}
              tape={job.tape}
              sign="positive"
              leastMm={300}
              onCommit={(height) => change(person.id, { height })}
            />
          </View>
          <Button
            title={label('people.remove', { name: person.name })}
            icon={X}
            iconOnly
            look="quiet"
            onPress={() =>
              dispatch(
                editBay((was) => ({
                  ...was,
                  people: was.people.filter((other) => other.id !== person.id),
                  // What only they reached for is everyone's again.
                  things: was.things.map(({ who, ...thing }) => (who && who !== person.id ? { ...thing, who } : thing)),
                })),
              )
            }
          />
        </View>
      ))}
      <Button
        title={label('people.add')}
        disabled={job.people.length >= LIMITS.people}
        onPress={() =>
          set((before) => [
            ...before,
            {
              id: newId(),
              name: label('people.newName', { number: before.length + 1 }),
              height: usualLength(1700, '67', job.units),
            },
          ])
        }
      />
    </Section>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.half },
    grow: { flex: 1, minWidth: 0 },
  }),
);
