import { useState, type CSSProperties } from 'react';
import { StyleSheet, View } from 'react-native';
import { FONT, RADIUS, SIZE, SPACE, TARGET, useTheme, type Theme } from '../theme';
import { Txt } from './Txt';

interface MomentFieldProps {
  /** A date as `2026-05-09`, or a time of day as `18:30`. */
  readonly kind: 'date' | 'time';
  readonly label: string;
  readonly value: string;
  readonly fault?: string | null;
  /** At every change: the date or time, or '' while it is unfinished. */
  readonly onChangeText?: (value: string) => void;
  /** When the person leaves the field or presses Enter. What is answered with false is not taken, and stays. */
  readonly onCommit?: (value: string) => boolean | void;
}

const chosenIn = ({ validity, value }: HTMLInputElement): string => (validity.valid ? value : '');

/** Years that a browser's date field takes; a year is typed digit by digit, from 0002 on. */
const DATES = { min: '2000-01-01', max: '2999-12-31' };

/** A date or a time of day, by the browser's own field and in the order the reader's browser has it. */
export function MomentField({ kind, label, value, fault, onChangeText, onCommit }: MomentFieldProps) {
  const theme = useTheme();
  const { colours } = theme;
  const [draft, setDraft] = useState<string | null>(null);
  const [focused, setFocused] = useState(false);
  const commit = (field: HTMLInputElement) => {
    if (draft !== null && draft !== value && onCommit?.(chosenIn(field)) === false) return;
    setDraft(null);
  };
  return (
    <View style={styles.field}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      <input
        type={kind}
        aria-label={label}
        aria-invalid={fault ? true : undefined}
        {...(kind === 'date' ? DATES : {})}
        value={draft ?? value}
        onChange={({ target }) => {
          setDraft(target.value);
          onChangeText?.(chosenIn(target));
        }}
        onFocus={() => setFocused(true)}
        onBlur={({ target }) => {
          setFocused(false);
          commit(target);
        }}
        onKeyDown={({ key, currentTarget }) => {
          if (key === 'Enter') commit(currentTarget);
        }}
        style={{ ...input(theme), ...(fault ? border(colours.stop) : focused ? border(colours.chalk) : {}) }}
      />
      {fault ? (
        <Txt kind="small" tone="stop" role="alert">
          {fault}
        </Txt>
      ) : null}
    </View>
  );
}

const border = (colour: string): CSSProperties => ({ border: `2px solid ${colour}`, margin: -1 });

/** Like a field of words. The browser draws the inside, by the theme's colours. */
function input({ colours, scheme }: Theme): CSSProperties {
  return {
    minHeight: TARGET,
    border: `1px solid ${colours.edge}`,
    borderRadius: RADIUS.usual,
    padding: `${SPACE.half}px ${SPACE.one}px`,
    backgroundColor: colours.panel,
    color: colours.pencil,
    colorScheme: scheme,
    fontFamily: FONT.regular,
    fontSize: SIZE.body,
    boxSizing: 'border-box',
    minWidth: 0,
    width: '100%',
    outline: 'none',
  };
}

const styles = StyleSheet.create({ field: { gap: SPACE.small, minWidth: 0 } });
