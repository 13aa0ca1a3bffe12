import HourglassIcon from 'lucide-react-native/icons/hourglass';
import Users from 'lucide-react-native/icons/users';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { durationWords } from '@dormer/core/base/message';
import { windowOf, type Step } from '@dormer/core/work/steps/forScreens';
import type { Figure } from '@dormer/core/base/figure';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Txt } from '../../ui';
import { Why } from '../../parts/Why';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, useTheme } from '../../theme';
import { atWalls, factsOf, fixingsOf, type AtWall } from './facts';
import { momentWords } from '../../labels/moments';

interface StepCardProps {
  readonly step: Step;
  readonly job: Job;
  readonly plan: Plan;
  readonly nowMs: number;
  /** Which of how many it is: nothing where that is not asked. */
  readonly above?: string;
}

/** One step: what is done and with which numbers, when it may be begun, how, what is good, what to mind. */
export function StepCard({ step, job, plan, nowMs, above }: StepCardProps) {
  const styles = useStyles();
  const label = useLabel();
  const { colours } = useTheme();
  const facts = factsOf(step, plan, label);
  const fixings = fixingsOf(step, plan, job, label);
  const opens = useWindowWords(step, job, nowMs);
  return (
    <View style={styles.card} testID="step-card">
      {above ? (
        <Txt kind="small" tone="faint">
          {above}
        </Txt>
      ) : null}
      <Txt kind="title" role="heading" aria-level={2} style={styles.what}>
        {words(step.what, job)}
      </Txt>
      {opens ? (
        <View style={styles.row} role="status">
          <HourglassIcon size={20} color={opens.grave ? colours.stop : colours.doubtful} aria-hidden />
          <Txt kind="strong" style={[styles.grow, { color: opens.grave ? colours.stop : colours.doubtful }]}>
            {opens.words}
          </Txt>
        </View>
      ) : null}
      {facts.length > 0 ? (
        <View style={styles.facts}>
          {facts.map(({ name, figure, signed }, i) => (
            <View key={name}>
              <Txt kind="small" tone="faint">
                {name}
              </Txt>
              <Why
                figure={figure}
                name={name}
                reader={job}
                readings={plan.readings}
                size={i === 0 ? 'large' : 'usual'}
                signed={signed}
              />
            </View>
          ))}
        </View>
      ) : null}
      <Walls all={atWalls(step, plan, job)} job={job} plan={plan} />
      {step.who === 'help' ? (
        <View style={styles.row}>
          <Users size={20} color={colours.pencil} aria-hidden />
          <Txt style={styles.grow}>
            <Txt kind="strong">{label('build.help')}. </Txt>
            {job.build.help ? '' : label('build.alone')}
          </Txt>
        </View>
      ) : null}
      {step.cautions.map((caution) => (
        <NoticeLine key={caution.code} kind="caution" word={label('build.care')} words={words(caution, job)} />
      ))}
      {step.guards.map((guard) => (
        <NoticeLine key={guard.code} kind="doubtful" word={label('build.again')} words={words(guard, job)} />
      ))}
      {[...step.how.map((message) => words(message, job)), ...fixings].map((line) => (
        <View key={line} style={styles.row}>
          <Txt tone="faint" aria-hidden>
            –
          </Txt>
          <Txt style={styles.grow}>{line}</Txt>
        </View>
      ))}
      {step.check.map((message) => (
        <NoticeLine key={message.code} kind="sure" word={`${label('build.check')}:`} words={words(message, job)} />
      ))}
      {step.tools.length > 0 ? (
        <Txt kind="small" tone="faint">
          {label('build.tools')}: {step.tools.map((tool) => label(`tool.${tool}`)).join(' · ')}
        </Txt>
      ) : null}
      {step.materials.length > 0 ? (
        <Txt kind="small" tone="faint">
          {label('build.materials')}: {step.materials.map((material) => words(material, job)).join(' · ')}
        </Txt>
      ) : null}
    </View>
  );
}

/** The same mark at every wall, from floor and ceiling there: for who measures from them. */
function Walls({ all, job, plan }: { all: readonly AtWall[]; job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useState(false);
  if (all.length === 0) return null;
  const figure = (name: string, there: 'step.floorThere' | 'step.ceilingThere', is: Figure | null) =>
    is ? (
      <View style={styles.there}>
        <Txt kind="small" tone="faint">
          {label(there)}
        </Txt>
        <Why figure={is} name={`${name}, ${label(there)}`} reader={job} readings={plan.readings} />
      </View>
    ) : null;
  return (
    <View>
      <Button look="quiet" title={label(open ? 'step.hideWalls' : 'step.atWalls')} onPress={() => setOpen(!open)} />
      {open
        ? all.map(({ name, fromFloor, fromCeiling }, i) => (
            <View key={i} style={styles.wall}>
              <Txt style={styles.grow}>{name}</Txt>
              {figure(name, 'step.floorThere', fromFloor)}
              {figure(name, 'step.ceilingThere', fromCeiling)}
            </View>
          ))
        : null}
    </View>
  );
}

/** When the step may be begun, in words; null where nothing is waited for. */
function useWindowWords(step: Step, job: Job, nowMs: number): { words: string; grave: boolean } | null {
  const label = useLabel();
  const { opensMs, closesMs } = windowOf(step, job.build);
  const time = (ms: number) => words(durationWords(Math.max(1, Math.ceil(ms / 60_000))), job);
  if (opensMs !== null && opensMs > nowMs)
    return {
      words: label('build.opensHere', { at: momentWords(opensMs, nowMs), in: time(opensMs - nowMs) }),
      grave: false,
    };
  if (closesMs === null) return null;
  const at = momentWords(closesMs, nowMs);
  if (closesMs < nowMs) return { words: label('build.closedHere', { at }), grave: true };
  return { words: label('build.closesHere', { at, in: time(closesMs - nowMs) }), grave: false };
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: { backgroundColor: colours.panel, borderRadius: RADIUS.usual, padding: SPACE.two, gap: SPACE.one },
    what: { fontFamily: FONT.semibold, fontSize: SIZE.figure - 4, lineHeight: SIZE.figure + 2 },
    facts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.three },
    row: { flexDirection: 'row', gap: SPACE.half, alignItems: 'flex-start' },
    grow: { flex: 1 },
    wall: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.one,
      borderTopWidth: 1,
      borderTopColor: colours.rule,
    },
    there: { width: 92 },
  }),
);
