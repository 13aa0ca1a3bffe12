import { Pressable, StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Section, Txt, Why } from '../../controls';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET } from '../../theme';

interface MarksTableProps {
  readonly plan: Plan;
  readonly job: Job;
  readonly selected: number | null;
  readonly onSelect: (shelf: number | null) => void;
}

/** What to mark on the wall, the highest shelf first, as one stands before it. */
export function MarksTable({ plan, job, selected, onSelect }: MarksTableProps) {
  const styles = useStyles();
  const label = useLabel();
  const { readings } = plan;
  const shelves = [...plan.shelves].reverse();
  if (shelves.length === 0) return null;
  return (
    <Section title={label('marks.title')}>
      <Txt kind="small" tone="faint">
        {label('marks.how')}
      </Txt>
      {shelves.map((shelf) => {
        const { number } = shelf;
        const marks = plan.marks.filter((mark) => mark.shelf === number);
        const gap = plan.gaps.find((one) => one.above === number);
        return (
          <View key={number} style={[styles.shelf, selected === number && styles.selected]}>
            <Pressable
              role="button"
              aria-pressed={selected === number}
              aria-label={label('marks.show', { shelf: number })}
              onPress={() => onSelect(selected === number ? null : number)}
              style={styles.number}
            >
              <Txt style={styles.numberText}>{number}</Txt>
            </Pressable>
            <View style={styles.marks}>
              {marks.map((mark) => {
                const what = label(`mark.${mark.what}`);
                const name = label('marks.name', { shelf: number, what });
                return (
                  <View key={mark.what} style={styles.mark}>
                    <Txt style={styles.what}>{what}</Txt>
                    <Why figure={mark.up} name={name} reader={job} readings={readings} align="right" />
                    <View style={styles.fromLine}>
                      <Why
                        figure={mark.fromLevelLine}
                        name={label('marks.fromLine', { name })}
                        reader={job}
                        readings={readings}
                        align="right"
                        signed
                      />
                    </View>
                  </View>
                );
              })}
              {gap ? (
                <View style={styles.mark}>
                  <Txt tone="faint" style={styles.what}>
                    {label('marks.gap')}
                  </Txt>
                  <Why figure={gap.clear} name={label('marks.gapName', { shelf: number })} reader={job} align="right" />
                  <View style={styles.fromLine}>
                    {gap.reachIn ? (
                      <Why
                        figure={gap.reachIn}
                        name={label('marks.reachName', { shelf: number })}
                        reader={job}
                        align="right"
                      />
                    ) : null}
                  </View>
                </View>
              ) : null}
            </View>
          </View>
        );
      })}
    </Section>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    shelf: { flexDirection: 'row', gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule },
    selected: { backgroundColor: colours.actionWash },
    number: {
      width: TARGET,
      minHeight: TARGET,
      alignItems: 'center',
      justifyContent: 'center',
      borderRadius: RADIUS.usual,
    },
    numberText: { fontFamily: FONT.condensedBold, fontSize: SIZE.figure, lineHeight: 32 },
    marks: { flex: 1 },
    mark: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    what: { flex: 1 },
    fromLine: { width: 110, alignItems: 'flex-end' },
  }),
);
