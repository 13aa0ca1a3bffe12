import { useMemo } from 'react';
import type { Job, Mistake } from '@dormer/core/job/document';
import { AGAIN, learn, waysLearned, type Lessons } from '@dormer/core/work/log';
import { durationWords, message } from '@dormer/core/base/message';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, Section, StageLayout, Txt } from '../../ui';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel, type PlainLabel } from '../../labels';
import { editJob, selectJobs, useAppDispatch, useAppSelector } from '../../store';
import type { LogTabProps } from './tabProps';

/** What the jobs on this device taught, and a way to plan this one with it. */
export function LearnedTab({ job, plan, tabs }: LogTabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const records = useAppSelector(selectJobs);
  const lessons = useMemo(
    () => learn(records.map((record) => (record.id === job.id ? job : record.job))),
    [records, job],
  );
  const { times, errors, odds, mistakes, next, jobs } = lessons;
  const fresh = waysLearned(lessons);
  const some = times.length + errors.length + odds.length + mistakes.length + next.length > 0;
  const usable = fresh.times.length + fresh.mistakes.length > 0;
  const used = job.learned !== undefined && JSON.stringify(job.learned) === JSON.stringify(fresh);
  const set = (learned: Job['learned'] | null) =>
    dispatch(
      editJob((one) => {
        const { learned: _before, ...rest } = one;
        return learned ? { ...rest, learned } : rest;
      }),
    );
  return (
    <StageLayout
      name={label('stage.log')}
      share={0.18}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<StepDrawing plan={plan} job={job} />}
      foot={
        usable || job.learned ? (
          <>
            {job.learned ? <Button title={label('log.unuse')} onPress={() => set(null)} /> : null}
            <Button title={label('log.use')} look="lead" grow disabled={used || !usable} onPress={() => set(fresh)} />
          </>
        ) : null
      }
    >
      {tabs}
      {some ? (
        <Txt tone="faint">{label('log.from', { count: jobs })}</Txt>
      ) : (
        <Txt tone="faint">{label('log.nothing')}</Txt>
      )}
      {used ? <NoticeLine kind="sure" word={label('log.used')} words="" /> : null}
      <LessonSections lessons={lessons} job={job} />
    </StageLayout>
  );
}

/** Lessons by kind: times, errors, odds, mistakes, next time. */
function LessonSections({ lessons, job }: { lessons: Lessons; job: Job }) {
  const label = useLabel();
  const { times, errors, odds, mistakes, next } = lessons;
  const factor = (value: number) => value.toFixed(2);
  return (
    <>
      <Lines
        title={label('log.ownTimes')}
        lines={times.map((time) =>
          label('log.ownTime', {
            kind: label(`log.kind.${time.kind}` as PlainLabel),
            factor: factor(time.factor),
            count: time.of,
          }),
        )}
      />
      <Lines
        title={label('log.ownErrors')}
        lines={errors.map((error) =>
          label('log.ownError', {
            instrument: words({ code: `instrument.${error.instrument}`, params: {} }, job),
            factor: factor(error.factor),
            count: error.repeats,
          }),
        )}
      />
      <Lines
        title={label('log.odds')}
        lines={odds.map(({ from, to, went, of, least, most }) =>
          label('log.oddsLine', { from, to, went, of, least: least.toFixed(0), most: most.toFixed(0) }),
        )}
      />
      {mistakes.length > 0 ? (
        <Section title={label('log.mistakes')}>
          {mistakes.map((mistake) => (
            <MistakeLine key={mistake.cause} {...mistake} job={job} />
          ))}
        </Section>
      ) : null}
      <Lines title={label('log.next')} lines={next.map((job) => label('log.nextFrom', job))} />
    </>
  );
}

/** A titled list of lines; hidden when empty. */
function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <Section title={title}>
      {lines.map((line, i) => (
        <Txt key={i}>{line}</Txt>
      ))}
    </Section>
  );
}

function MistakeLine({ cause, times, minutes, job }: { cause: Mistake; times: number; minutes: number; job: Job }) {
  const label = useLabel();
  const time = words(durationWords(minutes), job);
  return (
    <>
      <Txt>{label('log.mistakeLine', { cause: words(message(`mistake.${cause}`), job), count: times, time })}</Txt>
      {times >= AGAIN && cause !== 'other' ? (
        <Txt kind="small" tone="faint">
          {label('log.guarded')}
        </Txt>
      ) : null}
    </>
  );
}
