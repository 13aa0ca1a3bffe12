import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job, Saw } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/base/quantity';
import type { Cutting, SawStep } from '@dormer/core/work/stock';
import { afterWrong, sawAgain } from '@dormer/core/work/stock/saw';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, NoticeLine, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { useAppDispatch } from '../../store';
import { cutFromBench } from '../../store/cuttingActions';
import { makeStyles, SPACE } from '../../theme';

interface WrongProps {
  readonly job: Job;
  readonly saw: Saw;
  readonly step: SawStep;
  readonly onClose: () => void;
  readonly onTaken: (next: Saw) => void;
}

/** A cut that went wrong: how long is the piece now, and what becomes of the rest. */
export const WrongSheet = guardedSheet(function WrongSheet({ job, saw, step, onClose, onTaken }: WrongProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<TypedLength | null>(null);
  const size = typed?.mm ?? null;
  const [answer, setAnswer] = useState<Cutting | null | 'working' | 'failed'>(null);
  const ask = (now: TypedLength) => {
    const { mm } = now;
    setTyped(now);
    const { again, bench, made } = afterWrong(saw, step, mm, job.stock);
    setAnswer(again ? null : 'working');
    if (again) return;
    dispatch(cutFromBench(bench, [...made]))
      .then(setAnswer)
      .catch(() => setAnswer('failed'));
  };
  const cutting = answer !== null && typeof answer === 'object' ? answer : null;
  return (
    <Sheet
      title={label('wrong.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        cutting && size !== null ? (
          <Button
            title={label('wrong.take')}
            look="lead"
            grow
            onPress={() => {
              onTaken(sawAgain(saw, step, size, cutting, job.stock.kerf.mm) as Saw);
              onClose();
            }}
          />
        ) : null
      }
    >
      <Txt>
        {label(step.kind === 'rip' ? 'wrong.askWide' : 'wrong.askLong', { was: lengthWords(step.settingMm, job) })}
      </Txt>
      <LengthField
        label={label(step.kind === 'rip' ? 'wrong.wide' : 'wrong.long')}
        value={typed}
        units={job.units}
        tape={job.tape}
        sign="any"
        leastMm={0}
        large
        autoFocus
        onCommit={ask}
      />
      <Keypad units={job.units} tape={job.tape} />
      {size !== null && size > step.settingMm + 0.5 ? (
        <NoticeLine
          kind="sure"
          word={label('wrong.againWord')}
          words={label('wrong.again', { by: lengthWords(size - step.settingMm, job) })}
        />
      ) : null}
      {answer === 'working' ? <Txt tone="faint">{label('wrong.working')}</Txt> : null}
      {answer === 'failed' ? (
        <NoticeLine kind="doubtful" word={label('layout.failed')} words={label('layout.failedWhy')} />
      ) : null}
      {cutting ? (
        <View style={styles.answer} testID="wrong-answer">
          {cutting.buy.length === 0 && cutting.problems.every((problem) => problem.severity !== 'stop') ? (
            <NoticeLine kind="sure" word={label('wrong.fitsWord')} words={label('wrong.fits')} />
          ) : (
            <NoticeLine
              kind="doubtful"
              word={label('wrong.needsWord')}
              words={label('wrong.needs', {
                what: cutting.buy
                  .map(({ item, count }) => `${count} × ${words(item.name, job)}, ${lengthWords(item.lengthMm, job)}`)
                  .join('; '),
              })}
            />
          )}
        </View>
      ) : null}
    </Sheet>
  );
});

const useStyles = makeStyles(() => StyleSheet.create({ answer: { gap: SPACE.half } }));
