import { useMemo } from 'react';
import { durationWords } from '@dormer/core/steps/hand';
import type { Job, Mistake } from '@dormer/core/job/document';
import { AGAIN, learn, waysLearned } from '@dormer/core/log';
import { message } from '@dormer/core/message';
import { words } from '@dormer/core/words';
import { Button, Keypad, NoticeLine, Section, StageLayout, Txt } from '../../controls';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel, type LabelKey } from '../../labels';
import { editJob, selectJobs, useAppDispatch, useAppSelector } from '../../store';
import type { LogTabProps } from './tab';

/** What the jobs on this device taught, and a way to plan this one with it. */
export function LearnedTab({ job, plan, tabs }: LogTabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const records = useAppSelector(selectJobs);
  const lessons = useMemo(() => learn(records.map((one) => (one.id === job.id ? job : one.job))), [records, job]);
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
  const factor = (value: number) => value.toFixed(2);
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
      {used ? <NoticeLine is="sure" word={label('log.used')} words="" /> : null}
      {times.length > 0 ? (
        <Section title={label('log.ownTimes')}>
          {times.map((one) => (
            <Txt key={one.kind}>
              {label('log.ownTime', {
                kind: label(`log.kind.${one.kind}` as LabelKey),
                factor: factor(one.factor),
                count: one.of,
              })}
            </Txt>
          ))}
        </Section>
      ) : null}
      {errors.length > 0 ? (
        <Section title={label('log.ownErrors')}>
          {errors.map((one) => (
            <Txt key={one.instrument}>
              {label('log.ownError', {
                instrument: words({ code: `instrument.${one.instrument}`, params: {} }, job),
                factor: factor(one.factor),
                count: one.repeats,
              })}
            </Txt>
          ))}
        </Section>
      ) : null}
      {odds.length > 0 ? (
        <Section title={label('log.odds')}>
          {odds.map((one) => (
            <Txt key={one.from}>
              {label('log.oddsLine', {
                from: one.from,
                to: one.to,
                went: one.went,
                of: one.of,
                least: one.least.toFixed(0),
                most: one.most.toFixed(0),
              })}
            </Txt>
          ))}
        </Section>
      ) : null}
      {mistakes.length > 0 ? (
        <Section title={label('log.mistakes')}>
          {mistakes.map((one) => (
            <MistakeLine key={one.cause} {...one} job={job} />
          ))}
        </Section>
      ) : null}
      {next.length > 0 ? (
        <Section title={label('log.next')}>
          {next.map((one, i) => (
            <Txt key={i}>{label('log.nextFrom', one)}</Txt>
          ))}
        </Section>
      ) : null}
    </StageLayout>
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
