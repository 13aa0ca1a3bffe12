import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { shapedIn, shapeWords } from '@dormer/core/design/shaping';
import type { Plan } from '@dormer/core/plan';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../ui';
import { Why } from '../../parts/Why';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE } from '../../theme';
import { inOneLine } from './ends';
import { namesIn } from './names';

interface CutGroupProps {
  readonly group: Plan['cutList'][number];
  readonly plan: Plan;
  readonly job: Job;
}

/** Everything of one section, longest first: how many, how long, what to pencil on each. */
export function CutGroupView({ group, plan, job }: CutGroupProps) {
  const styles = useStyles();
  const label = useLabel();
  const pieces = group.rows.reduce((sum, row) => sum + row.count, 0);
  const total =
    job.units === 'in' ? lengthWords(group.totalLengthMm, job) : `${(group.totalLengthMm / 1000).toFixed(2)} m`;
  const first = plan.parts.find((part) => part.id === group.rows[0]?.partIds[0]);
  const shaped = shapedIn(plan.body);
  return (
    <View style={styles.group}>
      <View style={styles.head}>
        <Txt style={styles.section}>{lengthWords(group.thicknessMm, job, false)} ×</Txt>
        {first ? (
          <Why
            figure={first.width}
            name={label('cut.widthOf', { part: words(first.name, job) })}
            reader={job}
            size="large"
          />
        ) : null}
        <Txt kind="small" tone="faint" style={styles.total}>
          {label('cut.total', { count: pieces, total })}
        </Txt>
      </View>
      {group.rows.map((row) => {
        const parts = plan.parts.filter((part) => row.partIds.includes(part.id));
        const figures = parts.map((part) => ({
          name: label('cut.lengthOf', { label: part.label, part: words(part.name, job) }),
          figure: part.length,
        }));
        const [lead, ...also] = distinct(figures);
        const shape = parts[0] ? inOneLine(shapeWords(shaped(parts[0]), job), job) : '';
        return (
          <View key={row.labels.join()} style={styles.piece}>
            <View style={styles.row}>
              <Txt style={styles.count}>{row.count} ×</Txt>
              <View style={styles.length}>
                {lead ? (
                  <Why
                    figure={lead.figure}
                    name={lead.name}
                    also={also}
                    reader={job}
                    readings={plan.readings}
                    size="large"
                  />
                ) : null}
              </View>
              <View style={styles.what}>
                <Txt>{namesIn(parts, job)}</Txt>
                <View style={styles.labels}>
                  {row.labels.map((one) => (
                    <View key={one} style={styles.label}>
                      <Txt style={styles.labelText}>{one}</Txt>
                    </View>
                  ))}
                </View>
              </View>
            </View>
            {shape ? <Txt kind="small">{shape}</Txt> : null}
          </View>
        );
      })}
    </View>
  );
}

/** Figures that came about in different ways, each once. */
function distinct<T extends { readonly figure: Plan['parts'][number]['length'] }>(all: readonly T[]): T[] {
  const seen = new Set<string>();
  return all.filter(({ figure }) => {
    const key = JSON.stringify(figure.terms);
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    group: { borderTopWidth: 2, borderTopColor: colours.pencil },
    head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    section: { fontFamily: FONT.semibold, fontSize: SIZE.figure, lineHeight: 34 },
    total: { flex: 1, textAlign: 'right' },
    piece: { borderTopWidth: 1, borderTopColor: colours.rule, paddingVertical: SPACE.small },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    count: { fontFamily: FONT.medium, fontSize: SIZE.title, width: 44, textAlign: 'right' },
    length: { width: 158 },
    what: { flex: 1, gap: SPACE.small },
    labels: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.small },
    label: { borderWidth: 1, borderColor: colours.edge, borderRadius: RADIUS.small, paddingHorizontal: 6 },
    labelText: { fontFamily: FONT.condensedBold, fontSize: 17, lineHeight: 22 },
  }),
);
