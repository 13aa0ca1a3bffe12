import { StyleSheet, View } from 'react-native';
import { wallOf, type Laid, type Step } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import { Button, Press, Section, Txt } from '../../ui';
import { clockWords, dayWords } from '../../labels/moments';
import { useLabel } from '../../labels';
import { makeStyles, SPACE, TARGET } from '../../theme';

interface DaysProps {
  readonly laid: readonly Laid[];
  readonly zone: string;
  readonly by: ReadonlyMap<string, Step>;
  readonly job: Job;
  readonly onLose: (day: string) => void;
  readonly onOpen: (step: string) => void;
}

/** Steps by day. */
export function CalendarDays({ laid, zone, by, job, onLose, onOpen }: DaysProps) {
  const label = useLabel();
  const days = [...new Set(laid.map(({ fromMs }) => wallOf(zone, fromMs).day))];
  return days.map((day) => {
    const entries = laid.filter(({ fromMs }) => wallOf(zone, fromMs).day === day);
    return (
      <Section
        key={day}
        title={dayWords(entries[0]!.fromMs, zone)}
        aside={<Button look="quiet" title={label('calendar.lose')} onPress={() => onLose(day)} />}
      >
        {entries.map((entry) => (
          <Entry
            key={entry.step}
            laid={entry}
            step={by.get(entry.step)}
            zone={zone}
            job={job}
            onOpen={() => onOpen(entry.step)}
          />
        ))}
      </Section>
    );
  });
}

interface EntryProps {
  readonly laid: Laid;
  readonly step: Step | undefined;
  readonly zone: string;
  readonly job: Job;
  readonly onOpen: () => void;
}

function Entry({ laid, step, zone, job, onOpen }: EntryProps) {
  const styles = useStyles();
  const label = useLabel();
  if (!step) return null;
  const what = words(step.what, job);
  return (
    <Press role="button" aria-label={`${clockWords(laid.fromMs, zone)} ${what}`} onPress={onOpen} style={styles.entry}>
      <Txt style={styles.time}>
        {clockWords(laid.fromMs, zone)}–{clockWords(laid.toMs, zone)}
      </Txt>
      <View style={styles.what}>
        <Txt>{what}</Txt>
        <Txt kind="small" tone="faint">
          {label(`build.place.${step.place}`)}
          {laid.moved ? ` · ${label('calendar.movedHere')}` : ''}
          {step.who === 'help' ? ` · ${label('build.help')}` : ''}
        </Txt>
      </View>
    </Press>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    entry: {
      flexDirection: 'row',
      gap: SPACE.one,
      minHeight: TARGET,
      alignItems: 'flex-start',
      paddingVertical: SPACE.small,
    },
    time: { width: 108 },
    what: { flex: 1 },
  }),
);
