import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { StyleSheet, View } from 'react-native';
import { NEW_SHELVES, withBayAdded, withBayName, withBayWidth, withoutBay } from '@dormer/core/job/bayEdits';
import { LIMITS, shelvesOfAll, type Bay, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/say/words/first';
import { useLabel } from '../../../labels';
import { editJob, newId, useAppDispatch } from '../../../store';
import { makeStyles, SPACE } from '../../../theme';
import { Button, LengthField, Section, TextField, Txt } from '../../../ui';
import { bayName } from './bayNames';

/** The bays of the opening from left to right: more of them, fewer, their names and widths. */
export function BaysForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const label = useLabel();
  const styles = useStyles();
  const dispatch = useAppDispatch();
  const bays = job.bays ?? [];
  const more = (side: 'left' | 'right') => () => dispatch(editJob((one) => withBayAdded(one, side, newId)));
  const full = bays.length >= LIMITS.bays || shelvesOfAll(job) + NEW_SHELVES > LIMITS.shelves;
  return (
    <Section title={label('bays.title')}>
      {bays.length === 0 ? <Txt tone="faint">{label('bays.none')}</Txt> : null}
      {bays.map((bay, at) => (
        <OneBay key={bay.id} bay={bay} name={bayName(bays, at, label)} job={job} plan={plan} />
      ))}
      <View style={styles.buttons}>
        <Button title={label('bays.addLeft')} icon={Plus} disabled={full} onPress={more('left')} />
        <Button title={label('bays.addRight')} icon={Plus} disabled={full} onPress={more('right')} />
      </View>
    </Section>
  );
}

interface OneBayProps {
  readonly bay: Bay;
  readonly name: string;
  readonly job: Job;
  readonly plan: Plan | null;
}

/** One bay: its name, its width, and whether it goes. */
function OneBay({ bay, name, job, plan }: OneBayProps) {
  const label = useLabel();
  const styles = useStyles();
  const dispatch = useAppDispatch();
  const { id, width } = bay;
  const laid = plan?.bays.find((one) => one.id === id);
  return (
    <View style={styles.bay} role="group" aria-label={name}>
      <Txt kind="strong">{name}</Txt>
      {bay.kind === 'beside' ? (
        <TextField
          label={label('bays.name', { bay: name })}
          value={bay.name}
          maxLength={LIMITS.name}
          onCommit={(text) => dispatch(editJob((one) => withBayName(one, id, text)))}
        />
      ) : null}
      <LengthField
        label={label('bays.width', { bay: name })}
        value={width ?? null}
        units={job.units}
        tape={job.tape}
        sign="positive"
        leastMm={0.1}
        onCommit={(typed) => dispatch(editJob((one) => withBayWidth(one, id, typed)))}
      />
      {!width && laid ? (
        <Txt kind="small" tone="faint">
          {label('bays.shares', { width: lengthWords(laid.toMm - laid.fromMm, job) })}
        </Txt>
      ) : null}
      <View style={styles.buttons}>
        {width ? (
          <Button
            title={label('bays.share')}
            onPress={() => dispatch(editJob((one) => withBayWidth(one, id, undefined)))}
          />
        ) : null}
        {bay.kind === 'beside' ? (
          <Button
            title={label('bays.remove', { bay: name })}
            icon={Trash}
            onPress={() => dispatch(editJob((one) => withoutBay(one, id)))}
          />
        ) : null}
      </View>
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    bay: { gap: SPACE.half },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.one },
  }),
);
