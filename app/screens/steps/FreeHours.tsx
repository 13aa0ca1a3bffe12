import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { USUAL_HOURS, type CalendarWish } from '@dormer/core/work/steps/forScreens';
import { Button, Section, TextField, Toggles, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { SPACE } from '../../theme';
import { isClock, isDay } from './typedTimes';

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
      <TypedField
        label={label('calendar.from')}
        value={from}
        good={isDay}
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
  /** Its end is later than its beginning on the same day. */
  readonly ordered?: boolean;
  readonly onChange: (hours: { from: string; to: string }) => void;
}

function FromTo({ from, to, what, ordered = false, onChange }: FromToProps) {
  const label = useLabel();
  const after = (first: string, then: string) => !ordered || first < then;
  const padded = (typed: string) => typed.trim().padStart(5, '0');
  return (
    <View style={styles.pair}>
      <View style={styles.half}>
        <TypedField
          label={label('calendar.fromClock', { what })}
          value={from}
          good={(typed) => isClock(typed) && after(padded(typed), to)}
          bad={label('calendar.badHours')}
          onCommit={(typed) => onChange({ from: padded(typed), to })}
        />
      </View>
      <View style={styles.half}>
        <TypedField
          label={label('calendar.toClock', { what })}
          value={to}
          good={(typed) => isClock(typed) && after(from, padded(typed))}
          bad={label('calendar.badHours')}
          onCommit={(typed) => onChange({ from, to: padded(typed) })}
        />
      </View>
    </View>
  );
}

interface TypedFieldProps {
  readonly label: string;
  readonly value: string;
  readonly good: (typed: string) => boolean;
  readonly bad: string;
  readonly onCommit: (typed: string) => void;
}

/** A date or an hour: what is none stays as typed, with what would be. */
function TypedField({ label, value, good, bad, onCommit }: TypedFieldProps) {
  const [fault, setFault] = useState<string | null>(null);
  return (
    <TextField
      label={label}
      value={value}
      fault={fault}
      onCommit={(typed) => {
        const taken = good(typed);
        setFault(taken ? null : bad);
        if (taken) onCommit(typed.trim());
        return taken;
      }}
    />
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.one },
  half: { flex: 1 },
});
