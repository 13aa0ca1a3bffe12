import { StyleSheet, View } from 'react-native';
import type { FurtherCut } from '@dormer/core/design/shaping/cut';
import type { Job } from '@dormer/core/job/document';
import { formatAngle, snapToTape } from '@dormer/core/base/quantity';
import type { Blank, SawStep } from '@dormer/core/work/stock';
import type { SawTask } from '@dormer/core/work/stock/sawTasks';
import { stepWords } from '@dormer/core/work/stock/steps';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE } from '../../theme';
import { givesWords } from './sawn';

interface SawCardProps {
  readonly task: SawTask;
  readonly number: number;
  readonly of: number;
  readonly blanks: readonly Pick<Blank, 'id' | 'label'>[];
  /** How many times too far out of square the piece is drawn; 1 where it is drawn as it is. */
  readonly factor: number;
  readonly job: Job;
}

/** One cut: its figure large, how it is made, what is pencilled on the piece. */
export function SawCard({ task, number, of, blanks, factor, job }: SawCardProps) {
  const styles = useStyles();
  return (
    <View style={styles.card} testID="saw-card">
      {task.kind === 'further' ? (
        <Further task={task} number={number} of={of} factor={factor} job={job} />
      ) : (
        <Straight step={task.step} number={number} of={of} blanks={blanks} job={job} />
      )}
    </View>
  );
}

/** A cut that makes a piece of its blank. */
function Further({
  task,
  number,
  of,
  factor,
  job,
}: Pick<SawCardProps, 'number' | 'of' | 'factor' | 'job'> & { task: Extract<SawTask, { kind: 'further' }> }) {
  const styles = useStyles();
  const label = useLabel();
  const { figure, how, kind, label: piece } = task.further;
  const shown = figureWords(figure, job);
  return (
    <>
      <Txt kind="small" tone="faint">
        {label('sawing.furtherOf', { number, of })}
      </Txt>
      <View style={styles.row}>
        <Piece name={piece} />
        <Txt style={[styles.figure, styles.grow, beside(shown)]} testID="saw-figure">
          {shown}
        </Txt>
      </View>
      <Txt kind="small">
        {label(`sawing.further.${kind}`)}
        {factor > 1 ? ` · ${label('sawing.drawn', { factor })}` : ''}
      </Txt>
      {how.map((message) => (
        <Txt key={message.code} kind="strong">
          {words(message, job)}
        </Txt>
      ))}
    </>
  );
}

/** As large as a figure can be beside the name of its piece. */
const beside = (shown: string) => ({ fontSize: Math.min(FIGURE_SIZE, Math.floor(BESIDE_WIDTH / shown.length)) });
const FIGURE_SIZE = 76;
/** What a phone leaves beside the name of a piece, in pixels over the width of a digit. */
const BESIDE_WIDTH = 540;

/** The figure of a cut, without a nought behind the point. */
const figureWords = (figure: FurtherCut['figure'], job: Job): string =>
  figure.kind === 'angle'
    ? formatAngle(figure.degrees, { as: 'degrees' }).replace('.0°', '°')
    : lengthWords(figure.mm, job);

/** A straight cut through what lies on the saw; squaring an end or an edge has no figure that matters. */
function Straight({ step, number, of, blanks, job }: Omit<SawCardProps, 'task' | 'factor'> & { step: SawStep }) {
  const styles = useStyles();
  const label = useLabel();
  const leaves = step.at >= 0 && !step.shop ? step.leaves : null;
  return (
    <>
      <Txt kind="small" tone="faint">
        {label('sawing.of', { number, of, board: step.layout })}
        {step.same ? ` · ${label('sawing.same')}` : ''}
      </Txt>
      {step.at < 0 ? (
        <Txt style={styles.first}>{label(step.kind === 'square' ? 'sawing.squareFirst' : 'sawing.edgeFirst')}</Txt>
      ) : (
        <Txt style={styles.figure} testID="saw-figure">
          {lengthWords(step.settingMm, job)}
        </Txt>
      )}
      <Txt kind="strong">{words(stepWords(step, job.tools), job)}</Txt>
      <View style={styles.row}>
        {step.gives.part !== null ? (
          <Piece name={blanks.find((blank) => blank.id === step.gives.part)?.label ?? step.gives.part} />
        ) : null}
        <Txt style={styles.grow}>{givesWords(step, job, label)}</Txt>
      </View>
      {leaves ? (
        <Txt kind="small" tone="faint">
          {label('sawing.leaves', {
            long: lengthWords(snapToTape(leaves.lengthMm, job.tape, 'down'), job),
            wide: lengthWords(snapToTape(leaves.widthMm, job.tape, 'down'), job),
          })}
        </Txt>
      ) : null}
    </>
  );
}

/** What is pencilled on a piece, in its frame. */
function Piece({ name }: { name: string }) {
  const styles = useStyles();
  return (
    <View style={styles.label}>
      <Txt style={styles.labelText}>{name}</Txt>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: { backgroundColor: colours.panel, borderRadius: RADIUS.usual, padding: SPACE.two, gap: SPACE.half },
    figure: { fontFamily: FONT.condensedBold, fontSize: FIGURE_SIZE, lineHeight: 84, color: colours.pencil },
    first: { fontFamily: FONT.condensedBold, fontSize: SIZE.figure + 10, lineHeight: SIZE.figure + 18 },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
    label: { borderWidth: 2, borderColor: colours.pencil, borderRadius: RADIUS.small, paddingHorizontal: SPACE.one },
    labelText: { fontFamily: FONT.condensedBold, fontSize: 30, lineHeight: 38 },
  }),
);
