import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import { lengthWords } from '@dormer/core/say/words/first';
import { Button, Sheet, Txt } from '../../../ui';
import { useAnswer } from '../../../platform/useAnswer';
import { guardedSheet } from '../../../ui/guardedSheet';
import { SceneView } from '../../../drawing';
import { useLabel, type Label } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { planOther } from '../../../store/stageActions';
import { makeStyles, SPACE } from '../../../theme';

interface CompareSheetProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** Two layouts side by side, by their drawings and by what they come to; either can be kept. */
export const CompareSheet = guardedSheet(function CompareSheet({ job, plan, onClose }: CompareSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const asked = useAnswer(job, () => dispatch(planOther()));
  const answered = asked.of === job;
  const other = answered ? asked.answer : null;
  const failed = asked.failed || (answered && !other);
  const otherJob = job.otherShelves ? { ...job, shelves: job.otherShelves } : null;
  const keep = (how: (one: Job) => Job) => {
    dispatch(editBay(how));
    onClose();
  };
  const side = (which: 'this' | 'other', one: Plan, of: Job) => (
    <View style={styles.side}>
      <Txt kind="strong">{label(`compare.${which}`)}</Txt>
      <View style={styles.drawing}>
        <SceneView
          scene={elevationScene(one, of, { exaggeration: 1, show: 'shelves', stored: true })}
          reader={of}
          ground="panel"
          terse
        />
      </View>
    </View>
  );
  return (
    <Sheet
      title={label('compare.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <>
          <Button title={label('compare.keepThis')} grow onPress={() => keep(withoutOther)} />
          <Button
            title={label('compare.keepOther')}
            grow
            disabled={!other}
            onPress={() => keep((one) => withoutOther(swapped(one)))}
          />
        </>
      }
    >
      <Txt tone="faint">{label('compare.is')}</Txt>
      {failed ? <Txt tone="stop">{label('compare.failed')}</Txt> : null}
      <View style={styles.row}>
        {side('this', plan, job)}
        {other && otherJob ? (
          side('other', other, otherJob)
        ) : (
          <Txt style={styles.side}>{failed ? '' : label('compare.working')}</Txt>
        )}
      </View>
      {other && otherJob ? (
        <View role="table" aria-label={label('compare.title')}>
          {rowsOf(plan, job, label).map(([name, mine], i) => (
            <View role="row" key={name} style={styles.line}>
              <View role="rowheader" style={styles.cell}>
                <Txt tone="faint">{name}</Txt>
              </View>
              <View role="cell" style={styles.cell}>
                <Txt>{mine}</Txt>
              </View>
              <View role="cell" style={styles.cell}>
                <Txt>{rowsOf(other, otherJob, label)[i]?.[1] ?? ''}</Txt>
              </View>
            </View>
          ))}
        </View>
      ) : null}
      <Button title={label('compare.swap')} disabled={!other} onPress={() => keep(swapped)} />
    </Sheet>
  );
});

/** The layout that is worked on and the one beside, in each other's place. */
function swapped(job: Job): Job {
  return job.otherShelves ? { ...job, shelves: job.otherShelves, otherShelves: job.shelves } : job;
}

function withoutOther(job: Job): Job {
  const { otherShelves: _before, ...rest } = job;
  return rest;
}

function rowsOf(plan: Plan, job: Job, label: Label): (readonly [string, string])[] {
  const gaps = plan.gaps.filter((gap) => gap.below !== null).map((gap) => gap.clear.mm);
  const length = (mm: number) => lengthWords(mm, job);
  const stored = plan.contents?.stored ?? [];
  const shelves = [...new Set(stored.map((one) => one.shelf))];
  // On each shelf the least room above anything: what no thing there makes use of.
  const spare = shelves.reduce(
    (sum, shelf) => sum + Math.min(...stored.filter((one) => one.shelf === shelf).map((one) => one.spareMm)),
    0,
  );
  const out = plan.contents?.leftOut.reduce((sum, one) => sum + one.count, 0) ?? 0;
  return [
    [label('compare.way'), label(`way.${job.shelves.way}`)],
    [label('compare.shelves'), String(plan.shelves.length)],
    [
      label('compare.gaps'),
      gaps.length > 0
        ? label('compare.gapRange', { from: length(Math.min(...gaps)), to: length(Math.max(...gaps)) })
        : '–',
    ],
    ...(plan.contents
      ? ([
          [label('compare.out'), String(out)],
          [label('compare.spare'), length(spare)],
          [label('compare.trouble'), out > 0 ? '–' : String(Math.round(plan.contents.worth.cost))],
        ] as const)
      : []),
    [label('compare.problems'), String(plan.problems.filter(({ about }) => about.kind !== 'reading').length)],
  ];
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', gap: SPACE.one },
    side: { flex: 1, minWidth: 0, gap: SPACE.half },
    drawing: { height: 320 },
    line: {
      flexDirection: 'row',
      gap: SPACE.one,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingVertical: 6,
    },
    cell: { flex: 1, minWidth: 0 },
  }),
);
