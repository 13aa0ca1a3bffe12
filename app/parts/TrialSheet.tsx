import '../labels/cut';
import Trash from 'lucide-react-native/icons/trash';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { trialsOf, type Job, type Trial } from '@dormer/core/job/document';
import { FORMS, type FormAnswer, type FormFields } from '@dormer/core/job/forms';
import type { Plan } from '@dormer/core/plan';
import { asTyped } from '@dormer/core/base/quantity';
import { aboutWords, lengthWords } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, NoticeLine, Segmented, Sheet, Txt, useKeptState } from '../ui';
import { guardedSheet } from '../ui/guardedSheet';
import { useKeptForm } from '../ui/useKeptForm';
import { useLabel } from '../labels';
import { editJob, useAppDispatch } from '../store';
import { addTrial } from '../store/stageActions';
import { makeStyles, SPACE } from '../theme';

interface TrialSheetProps {
  readonly board: Plan['parts'][number];
  readonly job: Job;
  /** What the survey makes of the job's notes. */
  readonly checks: Plan['trials'];
  /** The place that was touched. */
  readonly spot?: Pick<Trial, 'end' | 'at'>;
  readonly onClose: () => void;
}

type Fields = FormFields<'trial'>;

/** What a board did when it was tried in its place: one note after another, each a reading of the walls. */
export const TrialSheet = guardedSheet(function TrialSheet({ board, job, checks, spot, onClose }: TrialSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { control, handleSubmit, resetField, formState } = useKeptForm(
    useForm<Fields, unknown, FormAnswer<'trial'>>({
      mode: 'onChange',
      defaultValues: { end: spot?.end ?? 'left', at: spot?.at ?? 'front', kind: 'gap' },
      resolver: zodResolver(FORMS.trial),
    }),
  );
  const kind = useWatch({ control, name: 'kind' });
  const trials = trialsOf(job.trials, board.shelf, board.place.upTo);
  const told = (board.tried?.shaves.length ?? 0) > 0;
  // Who comes back after being told has shaved, as a rule; further notes of one and the same trial have not.
  const [since, setSince] = useKeptState<'shaved' | 'notShaved'>('since', told ? 'shaved' : 'notShaved');
  const keep = handleSubmit((said) => {
    dispatch(addTrial(board, said, told && since === 'shaved'));
    resetField('value');
    setSince('notShaved');
  });
  return (
    <Sheet
      title={label('trial.title', { label: board.label })}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <Button
          title={label('trial.keep')}
          look="lead"
          grow
          disabled={!formState.isValid}
          onPress={() => void keep()}
        />
      }
    >
      <Txt tone="faint">{label('trial.is')}</Txt>
      <Spot control={control} />
      {told ? (
        <Segmented
          titled
          label={label('trial.since')}
          value={since}
          options={(['shaved', 'notShaved'] as const).map((value) => ({ value, title: label(`trial.${value}`) }))}
          onChange={setSince}
        />
      ) : null}
      <Controller
        name="value"
        control={control}
        render={({ field }) => (
          <LengthField
            key={trials.length}
            label={label(kind === 'gap' ? 'trial.gapMm' : 'trial.lifted')}
            value={field.value ?? null}
            units={job.units}
            tape={job.tape}
            sign="notNegative"
            onCommit={field.onChange}
          />
        )}
      />
      <Keypad units={job.units} tape={job.tape} />
      {trials.map((trial) => (
        <Note key={trial.id} note={trial} check={checks.find(({ id }) => id === trial.id)} job={job} />
      ))}
    </Sheet>
  );
});

/** At which end, where along it, and whether there is a gap or it binds. */
function Spot({ control }: { control: Control<Fields, unknown, FormAnswer<'trial'>> }) {
  const label = useLabel();
  return (
    <>
      <Controller
        name="end"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            label={label('trial.end')}
            value={field.value}
            options={(['left', 'right'] as const).map((value) => ({ value, title: label(`fit.end.${value}`) }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        name="at"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            label={label('trial.at')}
            value={field.value}
            options={(['back', 'middle', 'front'] as const).map((value) => ({
              value,
              title: label(`trial.at.${value}`),
            }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        name="kind"
        control={control}
        render={({ field }) => (
          <Segmented
            titled
            label={label('trial.what')}
            value={field.value}
            options={(['gap', 'tight'] as const).map((value) => ({ value, title: label(`trial.${value}`) }))}
            onChange={field.onChange}
          />
        )}
      />
    </>
  );
}

interface NoteProps {
  readonly note: Trial;
  readonly check: Plan['trials'][number] | undefined;
  readonly job: Job;
}

/** One note of a trial; one that contradicts the readings is asked about before it counts. */
function Note({ note, check, job }: NoteProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const change = (how: (all: Job['trials']) => Job['trials']) =>
    void dispatch(editJob((one) => ({ ...one, trials: how(one.trials) })));
  const set = (changed: Partial<Trial>) =>
    change((all) => all.map((one) => (one.id === note.id ? { ...one, ...changed } : one)));
  const value = lengthWords(note.value.mm, job);
  const asked = check?.state === 'asked' ? check : null;
  const meant = asked?.meantMm === null || !asked ? null : asTyped(asked.meantMm, job.units, job.tape);
  return (
    <View style={styles.note}>
      <View style={styles.row}>
        <Txt style={styles.grow}>
          {label(`trial.said.${note.kind}`, {
            end: label(`fit.end.${note.end}`),
            at: label(`trial.at.${note.at}`),
            value,
          })}
        </Txt>
        <Button
          title={label('trial.remove')}
          icon={Trash}
          iconOnly
          look="quiet"
          onPress={() => change((all) => all.filter((one) => one.id !== note.id))}
        />
      </View>
      {asked ? (
        <>
          <NoticeLine
            kind="doubtful"
            word={label('trial.askedWord')}
            words={
              asked.expectedMm !== null && note.kind === 'gap'
                ? label('trial.asked', { expected: aboutWords(asked.expectedMm, job) })
                : label('trial.askedTight')
            }
          />
          <View style={styles.row}>
            <Button title={label('trial.isRight', { value })} onPress={() => set({ verdict: 'kept' })} />
            {meant ? (
              <Button
                title={label('trial.wasMeant', { value: lengthWords(meant.mm, job) })}
                look="lead"
                onPress={() => set({ value: meant })}
              />
            ) : null}
          </View>
        </>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
    note: { gap: SPACE.half },
  }),
);
