import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { clockMinutes, USUAL_HOURS, type CalendarWish } from '@dormer/core/work/steps/forScreens';
import { Button, MomentField, Section, Toggles, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { SPACE } from '../../theme';
import { clockText } from './clockText';

interface FreeHoursProps {
  readonly calendar: CalendarWish;
  readonly onChange: (calendar: CalendarWish | null) => void;
}

const GROUPS = { week: [1, 2, 3, 4, 5], weekend: [6, 7] } as const;

/** When there is time: from which day on, on which days and from when to when; and when nothing loud may be done. */
export function FreeHours({ calendar, onChange }: FreeHoursProps) {
  const label = useLabel();
  const set = (change: Partial<CalendarWish>) => onChange({ ...calendar, ...change });
  const { quiet, from } = calendar;
  return (
    <Section title={label('calendar.free')}>
      <CheckedField
        kind="date"
        label={label('calendar.from')}
        value={from}
        bad={label('calendar.badDay')}
        onCommit={(day) => set({ from: day })}
      />
      {(['week', 'weekend'] as const).map((group) => (
        <Hours key={group} group={group} calendar={calendar} onChange={(free) => set({ free })} />
      ))}
      <Toggles
        label={label('calendar.quiet')}
        chosen={quiet ? ['quiet'] : []}
        options={[{ value: 'quiet', title: label('calendar.quietOn') }]}
        onChange={(chosen) => {
          const { quiet: _quiet, ...rest } = calendar;
          onChange(chosen.length > 0 ? { ...rest, quiet: { from: '20:00', to: '08:00' } } : rest);
        }}
      />
      {quiet ? (
        <FromTo
          from={quiet.from}
          to={quiet.to}
          what={label('calendar.quiet')}
          onChange={(hours) => set({ quiet: hours })}
        />
      ) : null}
      <Txt kind="small" tone="faint">
        {label('calendar.zone', { zone: calendar.zone })}
      </Txt>
      <Button look="quiet" title={label('calendar.remove')} onPress={() => onChange(null)} />
    </Section>
  );
}

interface HoursProps {
  readonly group: keyof typeof GROUPS;
  readonly calendar: CalendarWish;
  readonly onChange: (free: CalendarWish['free']) => void;
}

/** Days of the week, or of its end, and the hours there are on each. */
function Hours({ group, calendar, onChange }: HoursProps) {
  const label = useLabel();
  const mine: readonly number[] = GROUPS[group];
  const others = calendar.free.filter((one) => !mine.includes(one.day));
  const own = calendar.free.filter((one) => mine.includes(one.day));
  const hours = own[0] ?? USUAL_HOURS[group];
  const put = (days: readonly number[], { from, to }: { from: string; to: string }) =>
    onChange([...others, ...days.map((day) => ({ day, from, to }))]);
  const days = own.map((one) => String(one.day));
  return (
    <>
      <Toggles
        label={label(`calendar.${group}`)}
        chosen={days}
        options={mine.map((day) => ({ value: String(day), title: label(`calendar.day.${day}` as 'calendar.day.1') }))}
        onChange={(chosen) => put(chosen.map(Number), hours)}
      />
      {own.length > 0 ? (
        <FromTo
          from={hours.from}
          to={hours.to}
          what={label(`calendar.${group}`)}
          ordered
          onChange={(fresh) =>
            put(
              own.map((one) => one.day),
              fresh,
            )
          }
        />
      ) : null}
    </>
  );
}

interface FromToProps {
  readonly from: string;
  readonly to: string;
  readonly what: string;
  /** Its end is later than its beginning on the same day; midnight is the end of that day. */
  readonly ordered?: boolean;
  readonly onChange: (hours: { from: string; to: string }) => void;
}

function FromTo({ from, to, what, ordered = false, onChange }: FromToProps) {
  const label = useLabel();
  const end = (chosen: string) => (ordered && chosen === '00:00' ? '24:00' : chosen);
  const inOrder = (first: string, then: string) => !ordered || first < then;
  return (
    <View style={styles.pair}>
      <View style={styles.half}>
        <CheckedField
          kind="time"
          label={label('calendar.fromClock', { what })}
          value={from}
          good={(chosen) => inOrder(chosen, to)}
          bad={label('calendar.badHours')}
          onCommit={(chosen) => onChange({ from: chosen, to })}
        />
      </View>
      <View style={styles.half}>
        <CheckedField
          kind="time"
          label={label('calendar.toClock', { what })}
          value={clockText(clockMinutes(to))}
          good={(chosen) => inOrder(from, end(chosen))}
          bad={label('calendar.badHours')}
          onCommit={(chosen) => onChange({ from, to: end(chosen) })}
        />
      </View>
    </View>
  );
}

interface CheckedFieldProps {
  readonly kind: 'date' | 'time';
  readonly label: string;
  readonly value: string;
  readonly good?: (chosen: string) => boolean;
  readonly bad: string;
  readonly onCommit: (chosen: string) => void;
}

/** A date or a time; an unfinished or refused one stays as it is, with the reason. */
function CheckedField({ good = () => true, bad, onCommit, ...field }: CheckedFieldProps) {
  const [fault, setFault] = useState<string | null>(null);
  return (
    <MomentField
      {...field}
      fault={fault}
      onCommit={(chosen) => {
        const taken = chosen !== '' && good(chosen);
        setFault(taken ? null : bad);
        if (taken) onCommit(chosen);
        return taken;
      }}
    />
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.one },
  half: { flex: 1, minWidth: 0 },
});
