import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { shapedIn, shapeWords } from '@dormer/core/design/shaping';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { OnPaper, PaperLine } from '../../ui/OnPaper';
import { SceneView } from '../../drawing';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';
import { inOneLine } from './ends';
import { namesIn } from './names';
import { SawSheet } from './SawSheet';

const DRAWING = { width: 420, height: 520 } as const;

/** The sheet for the saw and the wall: drawing, marks, cut list, cautions, in black on white. */
export function PrintSheet({ job, plan }: { job: Job; plan: Plan }) {
  return (
    <OnPaper>
      <Printed job={job} plan={plan} />
    </OnPaper>
  );
}

function Printed({ job, plan }: { job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const shaped = shapedIn(plan.body);
  const scene = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const mark = (shelf: number, what: 'shelf-top' | 'cleat-top') =>
    plan.marks.find((wallMark) => wallMark.shelf === shelf && wallMark.what === what);
  // Where what carries a board is not planned there is no cleat to mark.
  const cleats = plan.marks.some((wallMark) => wallMark.what === 'cleat-top');
  return (
    <View style={styles.sheet} testID="print-sheet">
      <Txt kind="title">{job.name}</Txt>
      <View style={styles.top}>
        <SceneView scene={scene} reader={job} size={DRAWING} ground="panel" />
        <View style={styles.marks}>
          <Txt kind="strong">{label('marks.title')}</Txt>
          <PaperLine cells={['', label('mark.shelf-top'), label(cleats ? 'mark.cleat-top' : 'print.underside')]} head />
          {[...plan.shelves].reverse().map((shelf) => (
            <PaperLine
              key={shelf.number}
              cells={[
                String(shelf.number),
                lengthWords(shelf.top.mm, job),
                lengthWords(mark(shelf.number, 'cleat-top')?.up.mm ?? shelf.underside.mm, job),
              ]}
            />
          ))}
          <Txt kind="small">{label('print.levelLine', { up: lengthWords(plan.levelLineUpMm, job) })}</Txt>
        </View>
      </View>
      <Txt kind="strong">{label('print.cutList')}</Txt>
      <PaperLine
        head
        cells={[
          label('print.section'),
          label('print.count'),
          label('print.length'),
          label('print.labels'),
          label('print.part'),
        ]}
      />
      {plan.cutList.flatMap((group) =>
        group.rows.map((row) => (
          <PaperLine
            key={row.labels.join()}
            cells={[
              `${lengthWords(group.thicknessMm, job, false)} × ${lengthWords(group.widthMm, job)}`,
              String(row.count),
              lengthWords(row.lengthMm, job),
              row.labels.join(' '),
              [
                namesIn(
                  plan.parts.filter((part) => row.partIds.includes(part.id)),
                  job,
                ),
                ...plan.parts
                  .filter((part) => part.id === row.partIds[0])
                  .map((part) => inOneLine(shapeWords(shaped(part), job), job)),
              ]
                .filter(Boolean)
                .join(': '),
            ]}
          />
        )),
      )}
      {plan.problems.map((problem, index) => (
        <Txt key={index} kind="small">
          {label(problem.severity === 'stop' ? 'problem.stop' : 'problem.doubtful')} {words(problem.message, job)}
        </Txt>
      ))}
      {plan.cautions.map((caution) => (
        <Txt key={caution.message.code} kind="small">
          {words(caution.message, job)}
        </Txt>
      ))}
      <SawSheet job={job} plan={plan} />
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    sheet: { padding: SPACE.two, gap: SPACE.one },
    top: { flexDirection: 'row', gap: SPACE.three },
    marks: { flex: 1, gap: SPACE.small },
  }),
);
