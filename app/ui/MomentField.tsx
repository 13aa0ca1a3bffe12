import { useRef, type CSSProperties } from 'react';
import { StyleSheet, View } from 'react-native';
import { FONT, RADIUS, SIZE, SPACE, TARGET, useTheme, type Theme } from '../theme';
import { Txt } from './Txt';
import { useDraft } from './useDraft';

interface MomentFieldProps {
  /** A date as `2026-05-09`, or a time of day as `18:30`. */
  readonly kind: 'date' | 'time';
  readonly label: string;
  readonly value: string;
  readonly fault?: string | null;
  /** At every change: the date or time, or '' while it is unfinished. */
  readonly onChangeText?: (value: string) => void;
  /** When the person leaves the field or presses Enter, with the date or time, or '' while it is unfinished. */
  readonly onCommit?: (value: string) => boolean | void;
}

/** The date or time in a field, or '' while it is unfinished or out of bounds. */
const chosenIn = ({ validity, value }: HTMLInputElement): string => (validity.valid ? value : '');

/** While a year is typed, the field holds 0002, 0020 and 0202: these bounds keep such dates out. */
const DATES = { min: '2000-01-01', max: '2999-12-31' };

/** A date or a time of day in the browser's own field, with day, month and hour in the reader's own order. */
export function MomentField({ kind, label, value, fault, onChangeText, onCommit }: MomentFieldProps) {
  const theme = useTheme();
  const { colours } = theme;
  const field = useRef<HTMLInputElement>(null);
  const { text, focused, change, enter, leave, commit } = useDraft({
    label,
    value,
    onCommit,
    onKept: onChangeText,
    input: field,
  });
  return (
    <View style={styles.field}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      <input
        ref={field}
        type={kind}
        aria-label={label}
        aria-invalid={fault ? true : undefined}
        {...(kind === 'date' ? DATES : {})}
        value={text}
        onChange={({ target }) => {
          change(target.value);
          onChangeText?.(chosenIn(target));
        }}
        onFocus={enter}
        onBlur={({ target }) => leave(chosenIn(target))}
        onKeyDown={({ key, currentTarget }) => {
          if (key === 'Enter') commit(chosenIn(currentTarget));
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

/** The look of TextField. The browser draws the picker in the theme's colours. */
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
