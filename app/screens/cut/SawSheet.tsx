import { StyleSheet, View } from 'react-native';
import { shapedIn, shapeWords, type Shaped } from '@dormer/core/design/shaping';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { sawScene, SAW_FACTOR } from '@dormer/core/say/scene/cutting';
import { lengthWords } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { SceneView } from '../../drawing';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SPACE } from '../../theme';
import { inOneLine } from './ends';
import { namesIn } from './names';

const DRAWING = { width: 330, height: 150 } as const;

/** The sheet that lies beside the saw: one setting to a block, its numbers large, its cuts drawn. */
export function SawSheet({ job, plan }: { job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const rows = plan.cutList.flatMap((group) => group.rows);
  const shaped = shapedIn(plan.body);
  if (rows.length === 0) return null;
  return (
    <View style={styles.sheet} testID="saw-sheet">
      <Txt kind="title">{label('saw.title')}</Txt>
      <Txt kind="small">{label('saw.is', { factor: SAW_FACTOR })}</Txt>
      {rows.map((row) => (
        <Block
          key={row.labels.join()}
          pieces={plan.parts.filter((part) => row.partIds.includes(part.id)).map(shaped)}
          job={job}
        />
      ))}
    </View>
  );
}

/** @param pieces that are all cut alike */
function Block({ pieces, job }: { pieces: readonly Shaped[]; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const [piece] = pieces;
  if (!piece) return null;
  const parts = pieces.map((one) => one.part);
  const { part } = piece;
  const shape = inOneLine(shapeWords(piece, job), job);
  const { edges } = part;
  return (
    // Not to be torn in two by the end of a page: the page's own style sheet sees to that.
    <View style={styles.block} testID="saw-block">
      <View style={styles.says}>
        <View style={styles.labels}>
          {parts.map((one) => (
            <View key={one.id} style={styles.label}>
              <Txt style={styles.labelText}>{one.label}</Txt>
            </View>
          ))}
        </View>
        <Txt kind="small">
          {namesIn(parts, job)},{' '}
          {label('saw.section', { thick: lengthWords(part.thicknessMm, job), wide: lengthWords(part.width.mm, job) })}
        </Txt>
        <Txt style={styles.length}>
          {parts.length > 1 ? `${label('saw.count', { count: parts.length })} ` : ''}
          {lengthWords(part.length.mm, job)}
        </Txt>
        {part.corner ? (
          <Txt kind="strong">
            {label('corner.back')} {lengthWords(part.corner.backMm, job)} · {label('corner.side')}{' '}
            {lengthWords(part.corner.sideMm, job)}
          </Txt>
        ) : null}
        {edges && edges.back.mm !== edges.front.mm ? (
          <Txt kind="strong">
            {label(part.role === 'board' ? 'fit.back' : 'saw.lower')} {lengthWords(edges.back.mm, job)} ·{' '}
            {label(part.role === 'board' ? 'fit.front' : 'saw.upper')} {lengthWords(edges.front.mm, job)}
          </Txt>
        ) : null}
        {shape ? <Txt>{shape}</Txt> : null}
        {part.fit || part.corner ? (
          <Txt kind="small">{label(part.role === 'board' ? 'saw.board' : 'saw.onEdge')}</Txt>
        ) : null}
      </View>
      <SceneView scene={sawScene(piece, job)} reader={job} size={DRAWING} ground="panel" />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    sheet: { gap: SPACE.one, paddingTop: SPACE.three },
    block: {
      flexDirection: 'row',
      gap: SPACE.two,
      borderTopWidth: 2,
      borderTopColor: colours.pencil,
      paddingVertical: SPACE.one,
    },
    says: { flex: 1, gap: SPACE.small },
    length: { fontFamily: FONT.condensedBold, fontSize: 44, lineHeight: 50 },
    labels: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.small },
    label: { borderWidth: 2, borderColor: colours.pencil, borderRadius: RADIUS.small, paddingHorizontal: 8 },
    labelText: { fontFamily: FONT.condensedBold, fontSize: 26, lineHeight: 32 },
  }),
);
