import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Press, Section, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { useLabel } from '../../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET } from '../../../theme';

interface GapsTableProps {
  readonly plan: Plan;
  readonly job: Job;
  readonly selected: number | null;
  readonly onSelect: (shelf: number | null) => void;
}

/** Heights of a gap, as they are told one below another. */
const LINES = [
  { what: 'clear', label: 'marks.gap', name: 'marks.gapName' },
  { what: 'reachIn', label: 'marks.front', name: 'marks.frontName' },
  { what: 'behind', label: 'marks.back', name: 'marks.backName' },
] as const;

/** What is clear below each shelf, at the front and at the back too where something hangs there; the highest first. */
export function GapsTable({ plan, job, selected, onSelect }: GapsTableProps) {
  const styles = useStyles();
  const label = useLabel();
  const below = ({ number }: Plan['shelves'][number]) => plan.gaps.find(({ above }) => above === number);
  // Nothing is clear below a shelf that lies on a rail.
  const shelves = plan.shelves.filter(below).reverse();
  if (shelves.length === 0) return null;
  return (
    <Section title={label('marks.gaps')}>
      {shelves.map((shelf) => {
        const { number } = shelf;
        const gap = below(shelf);
        return (
          <View key={number} style={[styles.shelf, selected === number && styles.selected]}>
            <Press
              role="button"
              aria-pressed={selected === number}
              aria-label={label('marks.show', { shelf: number })}
              onPress={() => onSelect(selected === number ? null : number)}
              style={styles.number}
            >
              <Txt style={styles.numberText}>{number}</Txt>
            </Press>
            <View style={styles.marks}>
              {LINES.map(({ what, label: said, name }) => {
                const figure = gap?.[what];
                return figure ? (
                  <View key={what} style={styles.mark}>
                    <Txt tone="faint" style={styles.what}>
                      {label(said)}
                    </Txt>
                    <Why figure={figure} name={label(name, { shelf: number })} reader={job} align="right" />
                  </View>
                ) : null;
              })}
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
  }),
);
