import { StyleSheet, View } from 'react-native';
import {
  BACK_STYLES,
  END_STYLES,
  HABITS,
  withBoardChoice,
  type EndStyle,
  type FitChoices,
  type Job,
} from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { aboutWords } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Press, Segmented, Sheet, Txt } from '../../ui';
import { useAnswer } from '../../platform/useAnswer';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { compareStyles } from '../../store/stageActions';
import { makeStyles, RADIUS, SPACE, TARGET } from '../../theme';
import { ODDS, ofHundred } from './ends';

type Board = Plan['parts'][number];
type Fit = NonNullable<Board['fit']>;
type Outcome = Fit['styles'][number];

interface EndsSheetProps {
  readonly board: Board;
  readonly fit: Fit;
  readonly job: Job;
  readonly onClose: () => void;
}

type Own = Omit<FitChoices['boards'][number], 'shelf'>;

/** How one board's ends, back and fit are chosen, with what each style would come to side by side. */
export const EndsSheet = guardedSheet(function EndsSheet({ board, fit, job, onClose }: EndsSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { answer: outcomes, ...work } = useAnswer(job, (watched) => dispatch(compareStyles(board.shelf, watched)));
  const own: Own = job.fit.boards.find((one) => one.shelf === board.shelf) ?? {};
  const choose = (choice: Partial<Own>) => void dispatch(editJob((one) => withBoardChoice(one, board.shelf, choice)));
  const known = (style: EndStyle): Outcome | undefined =>
    outcomes?.find((outcome) => outcome.style === style) ?? fit.styles.find((outcome) => outcome.style === style);
  const chosen = own.ends ?? job.fit.ends ?? null;
  const asks = [null, ...END_STYLES];
  return (
    <Sheet title={label('ends.title', { label: board.label })} closeTitle={label('close')} onClose={onClose}>
      {work.share !== null ? (
        <View style={styles.working} aria-live="polite">
          <Txt tone="faint" style={styles.grow}>
            {label('ends.working', { percent: Math.round(work.share * 100) })}
          </Txt>
          <Button title={label('ends.stop')} onPress={work.stop} />
        </View>
      ) : null}
      {work.failed ? <NoticeLine kind="doubtful" word={label('ends.failed')} words={label('ends.failedWhy')} /> : null}
      <View role="radiogroup" aria-label={label('ends.styles')}>
        {asks.map((style) => {
          const outcome = style ? known(style) : null;
          return (
            <Press
              key={style ?? 'suited'}
              role="radio"
              aria-checked={chosen === style}
              onPress={() => choose({ ends: style ?? undefined })}
              style={[styles.style, chosen === style && styles.chosen]}
            >
              <View style={styles.grow}>
                <Txt kind="strong">
                  {style ? label(`ends.${style}`) : label('ends.suited', { style: label(`ends.${fit.style}`) })}
                </Txt>
                <Txt kind="small" tone="faint">
                  {label(`ends.${style ?? 'suited'}.is`)}
                </Txt>
              </View>
              {outcome ? (
                <View style={styles.outcome}>
                  <Txt kind="strong">{label('ends.gap', { gap: aboutWords(outcome.worst.mm, job) })}</Txt>
                  <Txt kind="small" tone="faint">
                    {label('ends.range', {
                      from: aboutWords(outcome.worst.fromMm, job),
                      to: aboutWords(outcome.worst.toMm, job),
                    })}
                  </Txt>
                  <Txt kind="small" tone="faint">
                    {label('ends.neat', { odds: ofHundred(outcome.neatOdds) })}
                  </Txt>
                </View>
              ) : null}
            </Press>
          );
        })}
      </View>
      <Segmented
        titled
        label={label('ends.habit')}
        look="column"
        value={own.habit ?? job.fit.habit}
        options={HABITS.map((value) => ({ value, title: label(`habit.${value}`) }))}
        onChange={(habit) => choose({ habit })}
      />
      <Segmented
        titled
        label={label('ends.back')}
        value={own.back ?? job.fit.back ?? fit.back?.style ?? 'straight'}
        options={BACK_STYLES.map((value) => ({
          value,
          title: label(`ends.back.${value}`, { gap: aboutWords(fit.back?.[value].mm ?? 0, job) }),
        }))}
        onChange={(back) => choose({ back })}
      />
      <Segmented
        titled
        label={label('ends.odds')}
        value={own.odds ?? job.fit.odds}
        options={ODDS.map((value) => ({ value: value as number, title: `${value} %` }))}
        onChange={(odds) => choose({ odds })}
      />
    </Sheet>
  );
});

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    working: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
    style: {
      minHeight: TARGET,
      flexDirection: 'row',
      gap: SPACE.one,
      padding: SPACE.one,
      borderWidth: 2,
      borderColor: colours.rule,
      borderRadius: RADIUS.usual,
      marginBottom: SPACE.half,
    },
    chosen: { borderColor: colours.action },
    outcome: { alignItems: 'flex-end' },
  }),
);
