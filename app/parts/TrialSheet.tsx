import '../labels/cut';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { trialsOf, type Job, type Trial } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { asTyped, type TypedLength } from '@dormer/core/base/quantity';
import { aboutWords, lengthWords } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, NoticeLine, Segmented, Sheet, Txt } from '../ui';
import { guardedSheet } from '../ui/guardedSheet';
import { useLabel } from '../labels';
import { addTrial, editJob, useAppDispatch } from '../store';
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

/** What a board did when it was tried in its place: one note after another, each a reading of the walls. */
export const TrialSheet = guardedSheet(function TrialSheet({ board, job, checks, spot, onClose }: TrialSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [end, setEnd] = useState<Trial['end']>(spot?.end ?? 'left');
  const [at, setAt] = useState<Trial['at']>(spot?.at ?? 'front');
  const [kind, setKind] = useState<Trial['kind']>('gap');
  const [value, setValue] = useState<TypedLength | null>(null);
  const trials = trialsOf(job.trials, board.shelf, board.place.upTo);
  const told = (board.tried?.shaves.length ?? 0) > 0;
  // Who comes back after being told has shaved, as a rule; further notes of one and the same trial have not.
  const [since, setSince] = useState<'shaved' | 'notShaved'>(told ? 'shaved' : 'notShaved');
  const option = <T extends string>(all: readonly T[], word: (one: T) => string) =>
    all.map((one) => ({ value: one, title: word(one) }));
  const keep = () => {
    if (!value) return;
    dispatch(addTrial(board, { end, at, kind, value }, told && since === 'shaved'));
    setValue(null);
    setSince('notShaved');
  };
  return (
    <Sheet
      title={label('trial.title', { label: board.label })}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('trial.keep')} look="lead" grow disabled={!value} onPress={keep} />}
    >
      <Txt tone="faint">{label('trial.is')}</Txt>
      <Segmented
        titled
        label={label('trial.end')}
        value={end}
        options={option(['left', 'right'] as const, (one) => label(`fit.end.${one}`))}
        onChange={setEnd}
      />
      <Segmented
        titled
        label={label('trial.at')}
        value={at}
        options={option(['back', 'middle', 'front'] as const, (one) => label(`trial.at.${one}`))}
        onChange={setAt}
      />
      <Segmented
        titled
        label={label('trial.what')}
        value={kind}
        options={option(['gap', 'tight'] as const, (one) => label(`trial.${one}`))}
        onChange={setKind}
      />
      {told ? (
        <Segmented
          titled
          label={label('trial.since')}
          value={since}
          options={option(['shaved', 'notShaved'] as const, (one) => label(`trial.${one}`))}
          onChange={setSince}
        />
      ) : null}
      <LengthField
        key={trials.length}
        label={label(kind === 'gap' ? 'trial.gapMm' : 'trial.lifted')}
        value={value}
        units={job.units}
        tape={job.tape}
        sign="notNegative"
        onCommit={setValue}
      />
      <Keypad units={job.units} tape={job.tape} />
      {trials.map((trial) => (
        <Note key={trial.id} note={trial} check={checks.find(({ id }) => id === trial.id)} job={job} />
      ))}
    </Sheet>
  );
});

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
