import Ruler from 'lucide-react-native/icons/ruler';
import { StyleSheet, View } from 'react-native';
import { message } from '@dormer/core/base/message';
import type { Job } from '@dormer/core/job/document';
import { holeRows, liesFlat } from '@dormer/core/design/fixing/marks';
import { drillScene } from '@dormer/core/say/scene/support';
import { lengthWords, listWords, words } from '@dormer/core/say/words/first';
import { Button, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { SceneView } from '../../../drawing';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { holeWords, screwWords, type DrillGroup } from './drilling';

interface DrillGroupProps {
  readonly group: DrillGroup;
  readonly job: Job;
  /** How wide the drawing may be, pixels. */
  readonly wide: number;
  /** Leads to its template at full size; left away on paper. */
  readonly onFullSize?: (() => void) | undefined;
}

const LEAST_PX = 70;

/** One piece with its holes: a drawing, running dimensions from one end, what to drill, what to drive. */
export function DrillGroupView({ group, job, wide, onFullSize }: DrillGroupProps) {
  const styles = useStyles();
  const label = useLabel();
  const { fixing, part, labels, names } = group;
  const long = part?.length.mm ?? 0;
  const breadth = part ? (fixing.edge ? part.thicknessMm : part.width.mm) : 0;
  const high = Math.min(breadth, long);
  const drawn = part && fixing.through.kind === 'piece' && long > 0;
  const name = listWords(
    names.map((piece) => words(piece, job)),
    job,
  );
  const face =
    fixing.through.kind === 'wall' ? label(`drill.wall.${fixing.through.wall}`, { shelf: fixing.shelf }) : '';
  const title = name ? [labels.join(' '), name].filter(Boolean).join(' · ') : face;
  return (
    <View style={styles.group} role="group" aria-label={name ? `${name} ${labels.join(' ')}`.trim() : face}>
      <Txt kind="strong">{title}</Txt>
      {drawn ? (
        <View aria-hidden>
          <SceneView
            scene={drillScene(fixing, long, breadth, job.tape, liesFlat(part))}
            reader={job}
            size={{ width: wide, height: Math.max(LEAST_PX, Math.min((wide * high) / long + 60, 190)) }}
            ground="panel"
          />
        </View>
      ) : null}
      <Txt>
        {screwWords(fixing, job, label)}{' '}
        <Why figure={fixing.length} name={label('drill.whyLong', { label: labels.join(' ') })} reader={job} />
      </Txt>
      <Txt kind="small">{holeWords(fixing, job, label)}</Txt>
      {fixing.heads === 'below' ? <Txt kind="small">{words(message('template.headsBelow'), job)}</Txt> : null}
      {holeRows(fixing, job.tape).map(({ acrossMm, alongs }) => (
        <Txt key={acrossMm} kind="small">
          {label(rowLabel(group), {
            across: lengthWords(acrossMm, job),
            alongs: alongs.map((mm, i) => lengthWords(mm, job, i === alongs.length - 1)).join(' · '),
          })}
        </Txt>
      ))}
      {fixing.holes.some((hole) => hole.into === 'anchor') ? (
        <Txt kind="small">
          {label('drill.anchors', { count: fixing.holes.filter((hole) => hole.into === 'anchor').length })}
        </Txt>
      ) : null}
      {drawn && onFullSize ? (
        <View style={styles.row}>
          <Button title={label('drill.fullSize')} icon={Ruler} look="quiet" onPress={onFullSize} />
        </View>
      ) : null}
    </View>
  );
}

function rowLabel({ fixing, part, item }: DrillGroup) {
  if (fixing.through.kind === 'wall') return 'drill.rowFace' as const;
  if (!part) return item?.what === 'socket' ? ('drill.rowSocket' as const) : ('drill.rowBracket' as const);
  if (part.upright) return 'drill.rowUp' as const;
  return liesFlat(part)
    ? ('drill.rowBoard' as const)
    : part.role.startsWith('side-cleat') || part.role === 'rail-side'
      ? ('drill.rowSide' as const)
      : ('drill.row' as const);
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    group: { gap: SPACE.small, borderTopWidth: 1, borderTopColor: colours.rule, paddingVertical: SPACE.half },
    row: { flexDirection: 'row' },
  }),
);
