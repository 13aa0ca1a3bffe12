import ArrowRight from 'lucide-react-native/icons/arrow-right';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import Delete from 'lucide-react-native/icons/delete';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { JobUnit, Tape } from '@dormer/core/base/quantity';
import { useLabel, type PlainLabel } from '../labels';
import { FONT, makeStyles, RADIUS, SPACE, TARGET, useTheme } from '../theme';
import { useKeypad } from './KeypadContext';
import { BACK, DIGITS, FEET, fractionRows, MINUS, NEXT, PLUS, POINT, TIMES, type PadKey } from './keypadKeys';
import { Press } from './Press';
import { Txt } from './Txt';

/** The keypad for lengths: digits, signs, and for inches the fractions as they lie on the tape. */
export function Keypad({ units, tape }: { units: JobUnit; tape: Tape }) {
  const styles = useStyles();
  const { colours } = useTheme();
  const label = useLabel();
  const { active } = useKeypad();
  const [finer, setFiner] = useState(false);
  if (!active) return null;
  const digit = (n: number) => DIGITS[n] as PadKey;
  const rows: readonly (readonly PadKey[])[] = [
    [digit(7), digit(8), digit(9), BACK],
    [digit(4), digit(5), digit(6), PLUS],
    [digit(1), digit(2), digit(3), MINUS],
    [POINT, digit(0), units === 'in' ? FEET : TIMES, NEXT],
  ];
  const press = (key: PadKey) => active.press(key);
  return (
    <View
      style={styles.pad}
      role="group"
      aria-label={label('keypad.name', { field: active.label })}
      // The field keeps the focus while keys are pressed.
      {...({ onMouseDown: (event: Event) => event.preventDefault() } as object)}
    >
      <View style={styles.head}>
        <Txt kind="small" tone="faint" style={styles.shrink}>
          {active.label}
        </Txt>
        <Txt kind="small" tone="faint" testID="keypad-other">
          {active.otherUnit}
        </Txt>
        {tape === '1/32in' && units === 'in' ? (
          <Press role="button" aria-pressed={finer} onPress={() => setFiner(!finer)} style={styles.fold}>
            <Txt kind="strong">{label(finer ? 'keypad.coarser' : 'keypad.finer')}</Txt>
          </Press>
        ) : null}
        <Press role="button" aria-label={label('keypad.close')} onPress={active.leave} style={styles.fold}>
          <ChevronDown size={22} color={colours.pencil} aria-hidden />
        </Press>
      </View>
      {fractionRows(units, tape, finer).map((row, index) => (
        <View key={index} style={styles.strip}>
          {row.map((key) => (
            <Press
              key={key.text}
              role="button"
              aria-label={key.text}
              tabIndex={-1}
              onPress={() => press(key)}
              style={({ pressed }) => [styles.fraction, pressed && styles.pressed]}
            >
              <View style={[styles.tick, { height: tickHeight(key) }]} />
              <Txt style={styles.fractionText}>{key.text}</Txt>
            </Press>
          ))}
        </View>
      ))}
      {rows.map((row, index) => (
        <View key={index} style={styles.row}>
          {row.map((key, place) => {
            const name = NAMES[key.kind === 'digit' ? '' : key.kind === 'sign' ? key.text : key.kind];
            return (
              <Press
                key={place}
                role="button"
                aria-label={name ? label(name) : key.text}
                tabIndex={-1}
                onPress={() => press(key)}
                style={({ pressed }) => [
                  styles.key,
                  key.kind === 'digit' || key.kind === 'point' ? styles.digit : null,
                  key.kind === 'next' && styles.next,
                  pressed && styles.pressed,
                ]}
              >
                {key.kind === 'back' ? (
                  <Delete size={24} color={colours.pencil} aria-hidden />
                ) : key.kind === 'next' ? (
                  <ArrowRight size={26} color={colours.onAction} aria-hidden />
                ) : (
                  <Txt style={styles.keyText}>{key.text}</Txt>
                )}
              </Press>
            );
          })}
        </View>
      ))}
    </View>
  );
}

const NAMES: Readonly<Record<string, PlainLabel>> = {
  back: 'keypad.back',
  next: 'keypad.next',
  feet: 'keypad.feet',
  point: 'keypad.point',
  '+': 'keypad.plus',
  '−': 'keypad.minus',
  '×': 'keypad.times',
};

/** As on a tape: the coarser the mark, the longer. */
function tickHeight(key: PadKey): number {
  if (key.kind !== 'fraction') return 0;
  return { 2: 16, 4: 12, 8: 9, 16: 6, 32: 4 }[key.under] ?? 4;
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    pad: {
      backgroundColor: colours.paper,
      borderTopWidth: 1,
      borderTopColor: colours.rule,
      paddingBottom: SPACE.small,
      gap: SPACE.small,
    },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      justifyContent: 'space-between',
      gap: SPACE.one,
      paddingLeft: SPACE.one,
      minHeight: 36,
    },
    shrink: { flex: 1 },
    fold: { minWidth: TARGET, minHeight: 36, alignItems: 'center', justifyContent: 'center' },
    strip: { flexDirection: 'row', backgroundColor: colours.panel, borderTopWidth: 2, borderTopColor: colours.edge },
    fraction: { flex: 1, minHeight: TARGET, alignItems: 'center', justifyContent: 'flex-end', paddingBottom: 6 },
    tick: { position: 'absolute', top: 0, width: 2, backgroundColor: colours.pencil },
    fractionText: { fontFamily: FONT.condensedBold, fontSize: 17 },
    row: { flexDirection: 'row', gap: SPACE.small, paddingHorizontal: SPACE.small },
    key: {
      flex: 1,
      minHeight: TARGET,
      borderRadius: RADIUS.small,
      alignItems: 'center',
      justifyContent: 'center',
      backgroundColor: colours.rule,
    },
    digit: { backgroundColor: colours.panel },
    next: { backgroundColor: colours.action },
    pressed: { opacity: 0.6 },
    keyText: { fontFamily: FONT.medium, fontSize: 24, lineHeight: 30 },
  }),
);
