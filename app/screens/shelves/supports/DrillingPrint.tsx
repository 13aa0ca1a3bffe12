import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Txt } from '../../../ui';
import { OnPaper } from '../../../ui/OnPaper';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { drillGroups } from './drilling';
import { DrillGroupView } from './DrillSheet';

const PAPER_PX = 640;

/** The sheet for the drill: every piece with its holes, and how it goes together. */
export function DrillingPrint({ job, plan }: { job: Job; plan: Plan }) {
  return (
    <OnPaper>
      <Printed job={job} plan={plan} />
    </OnPaper>
  );
}

function Printed({ job, plan }: { job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.sheet} testID="drilling-sheet">
      <Txt kind="title">{job.name}</Txt>
      <Txt>{label('drill.how')}</Txt>
      {drillGroups(plan).map((group) => (
        <View key={group.fixing.id} style={styles.whole}>
          <DrillGroupView group={group} job={job} wide={PAPER_PX} />
        </View>
      ))}
      <Txt kind="strong">{label('needed.title')}</Txt>
      <Txt>{plan.needed.map((one) => `${one.count} × ${words(one.what, job)}`).join(' · ')}</Txt>
      {plan.order.map(({ system, steps }) =>
        steps.map((step, index) => (
          <Txt key={`${system}-${step.code}`} kind="small">
            {index + 1}. {words(step, job)}
          </Txt>
        )),
      )}
      {plan.cautions
        .filter((caution) => caution.stage === 'shelves')
        .map((caution) => (
          <Txt key={caution.message.code} kind="small">
            {words(caution.message, job)}
          </Txt>
        ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    sheet: { padding: SPACE.two, gap: SPACE.half },
    whole: { breakInside: 'avoid' } as object,
  }),
);
