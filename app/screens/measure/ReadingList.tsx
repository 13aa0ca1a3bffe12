import ChevronRight from 'lucide-react-native/icons/chevron-right';
import TriangleAlert from 'lucide-react-native/icons/triangle-alert';
import { StyleSheet, View } from 'react-native';
import type { Job, Reading } from '@dormer/core/job/document';
import type { Plan, PlannedReading } from '@dormer/core/plan';
import { specOf } from '@dormer/core/place/kinds';
import { nameOf, senseWord, senseWords, spotKey, spotOf } from '@dormer/core/place/reading';
import { aboutWords, lengthWords, words } from '@dormer/core/say/words/first';
import { LongList, Press, Txt } from '../../ui';
import { useLabel, type Label } from '../../labels';
import { FONT, makeStyles, SIZE, SPACE, TARGET, useTheme } from '../../theme';

interface ReadingListProps {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly onEdit: (id: string) => void;
}

/** Every reading taken, as typed, kind by kind and from low to high, with what it disagrees by. */
export function ReadingList({ job, plan, onEdit }: ReadingListProps) {
  const styles = useStyles();
  const label = useLabel();
  const { colours } = useTheme();
  const kinds = specOf(job.place).readings;
  const rank = (one: Reading) => (kinds.includes(one.kind) ? kinds.indexOf(one.kind) : kinds.length);
  const sorted = [...job.readings].sort(
    (a, b) => rank(a) - rank(b) || spotKey(spotOf(a)).localeCompare(spotKey(spotOf(b)), 'en', { numeric: true }),
  );
  return (
    <LongList name={label('measure.list')} rows={sorted} keyOf={({ id }) => id}>
      {(reading) => {
        const name = words(nameOf(spotOf(reading)), job);
        const shown = shownValue(reading, job, label);
        const check = plan?.readings.find((plannedReading) => plannedReading.id === reading.id);
        const out = check && check.state !== 'used';
        return (
          <Press
            role="button"
            aria-label={label('measure.edit', { name, value: shown.value })}
            onPress={() => onEdit(reading.id)}
            style={({ pressed }) => [styles.row, pressed && styles.pressed]}
          >
            {out ? <TriangleAlert size={18} color={colours.doubtful} aria-hidden /> : null}
            <View style={styles.name}>
              <Txt>{name}</Txt>
              {check ? (
                <Txt kind="small" tone={out ? 'doubtful' : 'faint'}>
                  {disagrees(check, reading, job, label)}
                </Txt>
              ) : null}
            </View>
            <View style={styles.values}>
              <Txt style={[styles.value, out && styles.out]}>{shown.value}</Txt>
              {shown.beside ? (
                <Txt kind="small" tone="faint">
                  {shown.beside}
                </Txt>
              ) : null}
            </View>
            <ChevronRight size={18} color={colours.faint} aria-hidden />
          </Press>
        );
      }}
    </LongList>
  );
}

/** A reading's figure as typed while the job's unit is the one it was typed in; and what goes with it. */
function shownValue(reading: Reading, job: Job, label: Label): { value: string; beside: string } {
  const { value } = reading;
  const sense = senseWord(reading);
  const said = [sense ? words(senseWords(sense), job) : '', reading.simulated ? label('practice.said') : '']
    .filter(Boolean)
    .join(' · ');
  if ('degrees' in value) return { value: `${value.typed.replace('°', '')}°`, beside: said };
  const other = reading.kind === 'triangle' ? ` · ${reading.other.typed}` : '';
  if (value.unit === job.units) return { value: value.typed + other, beside: said };
  const typed = label('measure.typed', { typed: `${value.typed} ${value.unit}` });
  return { value: lengthWords(value.mm, job, false), beside: [said, typed].filter(Boolean).join(' · ') };
}

/** What the other readings make of one: how far it is off, or why it does not count. */
function disagrees(check: PlannedReading, reading: Reading, job: Job, label: Label): string {
  const size = Math.abs(check.off);
  const unit = (amount: number) => (reading.kind === 'corner' ? `${amount.toFixed(1)}°` : aboutWords(amount, job));
  const off = { way: check.off < 0 ? 'less' : 'more', by: unit(size) } as const;
  const slip = check.slips[0];
  const way = senseWord(reading) !== null && check.expected;
  if (check.state === 'aside' && way) return label('measure.asideWay', { expected: words(way, job) });
  if (check.state === 'aside') {
    return slip ? label('measure.asideSlip', { ...off, slip: words(slip, job) }) : label('measure.aside', off);
  }
  if (check.state === 'dropped') return label('measure.leftOut');
  if (check.state === 'foreign' || check.state === 'outside') return label(`measure.${check.state}`);
  const kept = reading.verdict === 'kept' ? `${label('measure.kept')} · ` : '';
  // What nothing else checks cannot be said to agree.
  if (check.sure > UNCHECKED) return kept + label('measure.unchecked');
  // A figure with a sense is off one way or the other: it is plainer to say what the others have.
  if (way) return kept + label('measure.others', { expected: words(way, job), sure: unit(check.sure) });
  if (size < AGREES) return kept + label('measure.agrees', { sure: unit(check.sure) });
  return kept + label('measure.off', { ...off, sure: unit(check.sure) });
}

// Closer than this (millimetres or degrees) nobody reads a tape or a gauge.
const AGREES = 0.4;
// Beyond this (millimetres or degrees) the others say nothing of a reading.
const UNCHECKED = 60;

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.half,
      minHeight: TARGET,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingVertical: SPACE.small,
    },
    pressed: { backgroundColor: colours.actionWash },
    name: { flex: 1 },
    values: { alignItems: 'flex-end' },
    value: { fontFamily: FONT.semibold, fontSize: SIZE.strong },
    out: { textDecorationLine: 'line-through', color: colours.doubtful },
  }),
);
