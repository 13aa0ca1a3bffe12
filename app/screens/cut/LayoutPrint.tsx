import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { layoutScene } from '@dormer/core/say/scene/layout';
import type { Cutting } from '@dormer/core/work/stock';
import { sawBegun } from '@dormer/core/work/stock/saw';
import { sawTasks, type SawTask } from '@dormer/core/work/stock/sawTasks';
import { stepWords } from '@dormer/core/work/stock/steps';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { OnPaper, PaperLine } from '../../ui/OnPaper';
import { SceneView } from '../../drawing';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

const DRAWING = { width: 640, height: 190 } as const;
const SHEET = { width: 640, height: 340 } as const;
/** Of the list of cuts: its number, the board, how it is made, what it gives. */
const COLUMNS = [1, 1, 9, 2] as const;

interface LayoutPrintProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly cutting: Cutting;
}

/** Layouts on paper, and every cut in its order. */
export function LayoutPrint(props: LayoutPrintProps) {
  return (
    <OnPaper>
      <Printed {...props} />
    </OnPaper>
  );
}

function Printed({ job, plan, cutting }: LayoutPrintProps) {
  const styles = useStyles();
  const label = useLabel();
  const tasks = sawTasks(sawBegun(cutting), plan, job);
  const nameOf = (id: string | null) => cutting.blanks.find((blank) => blank.id === id)?.label ?? '';
  const cells = (task: SawTask): [board: string, how: string, gives: string] =>
    task.kind === 'cut'
      ? [task.step.layout, words(stepWords(task.step, job.tools), job), nameOf(task.step.gives.part)]
      : ['', task.further.how.map((message) => words(message, job)).join(' '), task.further.label];
  return (
    <View style={styles.sheet} testID="layout-sheet">
      <Txt kind="title">{label('layout.printTitle', { job: job.name })}</Txt>
      {cutting.layouts.map((layout) => (
        <View key={layout.id} testID="saw-block">
          <Txt kind="strong">
            {`${layout.id}: ${words(layout.item.name, job)}, ${lengthWords(layout.item.lengthMm, job)}`}
          </Txt>
          <SceneView
            scene={layoutScene(
              { ...layout, sheet: layout.item.form === 'sheet' },
              { blanks: cutting.blanks, parts: plan.parts, tape: job.tape },
            )}
            reader={job}
            size={layout.item.form === 'sheet' ? SHEET : DRAWING}
            ground="panel"
          />
        </View>
      ))}
      <Txt kind="strong">{label('layout.printCuts')}</Txt>
      <PaperLine
        head
        shares={COLUMNS}
        cells={[
          label('layout.printNumber'),
          label('layout.printBoard'),
          label('layout.printHow'),
          label('layout.printGives'),
        ]}
      />
      {tasks.map((task, i) => (
        <PaperLine key={task.id} shares={COLUMNS} cells={[String(i + 1), ...cells(task)]} />
      ))}
    </View>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ sheet: { padding: SPACE.two, gap: SPACE.one } }));
