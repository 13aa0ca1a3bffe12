import Check from 'lucide-react-native/icons/check';
import Plus from 'lucide-react-native/icons/plus';
import Sliders from 'lucide-react-native/icons/sliders-horizontal';
import Undo from 'lucide-react-native/icons/undo-2';
import { StyleSheet, View } from 'react-native';
import { durationWords } from '@dormer/core/base/message';
import { windowOf, type Step } from '@dormer/core/work/steps/forScreens';
import { withDone, withOpen, type Job } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, StageLayout, Txt, useKeptPlace } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel, type Label } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { OwnStepSheet } from './OwnStepSheet';
import { SkipSheet } from './SkipSheet';
import { StepCard } from './StepCard';
import { stepsLeft, type TabProps } from './tabProps';
import { momentWords } from '../../labels/moments';
import { useAwake } from './useAwake';
import { useNow } from '../../platform/useNow';
import { WaysSheet } from './WaysSheet';

/** How often times are told anew, milliseconds. */
const EVERY_MS = 15_000;
/** How many of the steps that come then are told. */
const THEN = 4;

/** The step to do now, as a card with its drawing, number and check; what waits, and what comes then. */
export function TodayTab({ job, plan, found, tabs }: TabProps) {
  const styles = useStyles();
  const label = useLabel();
  const nowMs = useNow(EVERY_MS);
  const [sheet, setSheet] = useKeptPlace<'skip' | 'ways' | 'own' | null>('sheet', null);
  useAwake();
  const { steps } = plan.build;
  const left = stepsLeft({ plan, found, job });
  // Which is first is known when the order is.
  const step = (found.trips || found.failed ? left[0] : null) ?? null;
  const close = () => setSheet(null);
  return (
    <StageLayout
      name={label('stage.build')}
      share={0.26}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<StepDrawing plan={plan} job={job} step={step} />}
      foot={<TodayFoot job={job} step={step} onSkip={() => setSheet('skip')} />}
    >
      {tabs}
      {found.failed ? (
        <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('build.failed')} />
      ) : null}
      <PlanNotices reader={job} problems={[...plan.build.problems, ...(found.trips?.problems ?? [])]} />
      {steps.length === 0 ? <Txt tone="faint">{label('build.empty')}</Txt> : null}
      {left.length > 0 && !found.trips && !found.failed ? <Txt tone="faint">{label('build.ordering')}</Txt> : null}
      {step ? (
        <StepCard
          key={step.id}
          step={step}
          job={job}
          plan={plan}
          nowMs={nowMs}
          above={aboveStep(step, job, steps, label)}
        />
      ) : null}
      {left.length === 0 && steps.length > 0 ? <AllDone skipped={job.build.skipped.length} /> : null}
      <Waiting steps={left.slice(1)} job={job} nowMs={nowMs} />
      <Then steps={left.slice(1, 1 + THEN)} job={job} />
      <View style={styles.buttons}>
        <Button title={label('build.ways')} icon={Sliders} grow onPress={() => setSheet('ways')} />
        <Button title={label('build.own')} icon={Plus} grow onPress={() => setSheet('own')} />
      </View>
      {sheet === 'skip' && step ? <SkipSheet step={step} job={job} onClose={close} /> : null}
      {sheet === 'ways' ? <WaysSheet job={job} plan={plan} onClose={close} /> : null}
      {sheet === 'own' ? <OwnStepSheet job={job} plan={plan} own={null} onClose={close} /> : null}
    </StageLayout>
  );
}

const timeWords = (minutes: number, job: Job) => words(durationWords(minutes), job);

/** Number of the step, its place and its time. */
function aboveStep(step: Step, job: Job, steps: readonly Step[], label: Label): string {
  const known = new Set(steps.map(({ id }) => id));
  const over = [...job.build.done, ...job.build.skipped].filter((tick) => known.has(tick.step)).length;
  return label('build.of', {
    number: over + 1,
    of: steps.length,
    place: label(`build.place.${step.place}`),
    time: timeWords(step.minutes, job),
  });
}

/** Buttons for the current step: undo the last tick, skip, done. */
function TodayFoot({ job, step, onSkip }: { job: Job; step: Step | null; onSkip: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const last = [...job.build.done].sort((a, b) => a.at - b.at).at(-1);
  if (!step && !last) return null;
  const undo = (
    <Button
      title={label('build.undo')}
      icon={Undo}
      iconOnly
      disabled={!last}
      onPress={() => last && dispatch(editJob((before) => withOpen(before, last.step)))}
    />
  );
  if (!step) return undo;
  return (
    <>
      {undo}
      <Button title={label('build.skip')} onPress={onSkip} />
      <Button
        title={label('build.done')}
        icon={Check}
        look="lead"
        grow
        onPress={() => dispatch(editJob((before) => withDone(before, step.id, Date.now())))}
      />
    </>
  );
}

function AllDone({ skipped }: { skipped: number }) {
  const label = useLabel();
  const why = skipped > 0 ? label('build.allDoneWhy', { count: skipped }) : '';
  return <NoticeLine kind="sure" word={label('build.allDone')} words={why} />;
}

/** List of the next steps. */
function Then({ steps, job }: { steps: readonly Step[]; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  if (steps.length === 0) return null;
  return (
    <View style={styles.list}>
      <Txt kind="strong" role="heading" aria-level={2}>
        {label('build.next')}
      </Txt>
      {steps.map((step) => (
        <View key={step.id} style={styles.line}>
          <Txt style={styles.grow}>{words(step.what, job)}</Txt>
          <Txt kind="small" tone="faint">
            {label(`build.place.${step.place}`)} · {timeWords(step.minutes, job)}
          </Txt>
        </View>
      ))}
    </View>
  );
}

/** Waits that run for steps that come later: when each may be begun, and by when. */
function Waiting({ steps, job, nowMs }: { steps: readonly Step[]; job: TabProps['job']; nowMs: number }) {
  const styles = useStyles();
  const label = useLabel();
  const time = (ms: number) => words(durationWords(Math.max(1, Math.ceil(ms / 60_000))), job);
  const lines = steps.flatMap((step) => {
    const { opensMs, closesMs, wait } = windowOf(step, job.build);
    const what = words(step.what, job);
    const why = wait ? ` (${label(`build.wait.${wait}`)})` : '';
    const at = (ms: number) => momentWords(ms, nowMs);
    if (opensMs !== null && opensMs > nowMs)
      return [label('build.opens', { what: what + why, at: at(opensMs), in: time(opensMs - nowMs) })];
    if (closesMs !== null && closesMs > nowMs)
      return [label('build.closes', { what, at: at(closesMs), in: time(closesMs - nowMs) })];
    return closesMs === null ? [] : [label('build.closed', { what, at: at(closesMs) })];
  });
  if (lines.length === 0) return null;
  return (
    <View style={styles.list} role="status" aria-label={label('build.waiting')}>
      <Txt kind="strong">{label('build.waiting')}</Txt>
      {lines.map((line, i) => (
        <Txt key={i}>{line}</Txt>
      ))}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    list: { gap: SPACE.half },
    line: {
      gap: SPACE.hair,
      borderTopWidth: 1,
      borderTopColor: colours.rule,
      paddingTop: SPACE.half,
    },
    grow: { flexShrink: 1 },
    buttons: { flexDirection: 'row', gap: SPACE.half },
  }),
);
