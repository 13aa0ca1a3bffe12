import { StyleSheet, View } from 'react-native';
import { durationWords } from '@dormer/core/base/message';
import type { Step, Trips } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { OnPaper } from '../../ui/OnPaper';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';
import { factsOf, fixingsOf } from './facts';
import { KINDS, thingsOf } from './packing';

interface TripsPrintProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly trips: Trips;
}

/**
 * The work on paper: trip by trip what is packed, then each step with a box to tick, its numbers, what is good, what to
 * mind.
 */
export function TripsPrint(props: TripsPrintProps) {
  return (
    <OnPaper>
      <Printed {...props} />
    </OnPaper>
  );
}

function Printed({ job, plan, trips }: TripsPrintProps) {
  const styles = useStyles();
  const label = useLabel();
  const by = new Map(plan.build.steps.map((step) => [step.id, step]));
  return (
    <View style={styles.sheet} testID="trips-sheet">
      <Txt kind="title">{job.name}</Txt>
      {trips.trips.map((trip) => (
        <View key={trip.key} style={styles.trip}>
          <Txt kind="strong" style={styles.head}>
            {label('trips.trip', { number: trip.number, place: label(`build.place.${trip.place}`) })}
          </Txt>
          {KINDS.map((kind) => {
            const things = thingsOf(trip.packing, kind, job, label);
            return things.length === 0 ? null : (
              <Txt key={kind} kind="small">
                {label(`packing.${kind}`)}: {things.map((thing) => `□ ${thing.what}`).join('   ')}
              </Txt>
            );
          })}
          {trip.steps.map(({ step }) => {
            const own = by.get(step);
            return own ? <Line key={step} step={own} job={job} plan={plan} /> : null;
          })}
        </View>
      ))}
    </View>
  );
}

function Line({ step, job, plan }: { step: Step; job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const facts = factsOf(step, plan, label).map(({ name, figure }) => `${name}: ${lengthWords(figure.mm, job)}`);
  const waits = step.after.flatMap(({ wait, leastMin, mostMin }) => {
    if (wait === null || leastMin === 0) return [];
    const time = (minutes: number) => words(durationWords(minutes), job);
    const why = label(`build.wait.${wait}`);
    return [
      mostMin === null
        ? label('paper.wait', { why, least: time(leastMin) })
        : label('paper.window', { why, least: time(leastMin), most: time(mostMin) }),
    ];
  });
  const said = [
    ...waits,
    ...facts,
    ...fixingsOf(step, plan, job, label),
    ...step.how.map((message) => words(message, job)),
  ];
  return (
    <View style={styles.step}>
      <Txt kind="strong">
        □ {words(step.what, job)} · {words(durationWords(step.minutes), job)}
        {step.who === 'help' ? ` · ${label('build.help')}` : ''}
      </Txt>
      {said.length > 0 ? <Txt kind="small">{said.join(' ')}</Txt> : null}
      {step.check.length > 0 ? (
        <Txt kind="small">
          {label('build.check')}: {step.check.map((message) => words(message, job)).join(' ')}
        </Txt>
      ) : null}
      {step.cautions.length > 0 ? (
        <Txt kind="small" style={styles.care}>
          {label('build.care')} {step.cautions.map((caution) => words(caution, job)).join(' ')}
        </Txt>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    sheet: { gap: SPACE.two },
    trip: { gap: SPACE.half },
    head: { borderBottomWidth: 1, borderBottomColor: colours.pencil, paddingBottom: SPACE.small },
    // A step is not torn in two by the end of a page.
    step: { gap: SPACE.hair, paddingVertical: SPACE.small, breakInside: 'avoid' } as object,
    care: { borderLeftWidth: 3, borderLeftColor: colours.pencil, paddingLeft: SPACE.half },
  }),
);
