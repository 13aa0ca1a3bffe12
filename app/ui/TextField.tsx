import { useRef } from 'react';
import { StyleSheet, TextInput, View, type TextInputProps } from 'react-native';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET, useTheme } from '../theme';
import { Txt } from './Txt';
import { useDraft } from './useDraft';

export interface TextFieldProps extends Omit<TextInputProps, 'onChange' | 'style'> {
  readonly label: string;
  readonly value: string;
  /**
   * Called when the person leaves the field or presses Enter, with what stands there. What is answered with false is
   * not taken, and stays as typed.
   */
  readonly onCommit?: (text: string) => boolean | void;
  readonly fault?: string | null;
}

/** A line or more of words. */
export function TextField({
  label,
  value,
  onCommit,
  onChangeText,
  fault,
  multiline,
  onSubmitEditing,
  ...rest
}: TextFieldProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  const input = useRef<TextInput>(null);
  const { text, focused, change, enter, leave, commit } = useDraft({
    label,
    value,
    onCommit,
    onKept: onChangeText,
    input,
  });
  return (
    <View style={styles.field}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      <TextInput
        {...rest}
        ref={input}
        aria-label={label}
        aria-invalid={fault ? true : undefined}
        multiline={multiline}
        value={text}
        onChangeText={(typed) => {
          change(typed);
          onChangeText?.(typed);
        }}
        onFocus={enter}
        onBlur={() => leave()}
        onSubmitEditing={(event) => {
          if (multiline) return;
          commit();
          onSubmitEditing?.(event);
        }}
        placeholderTextColor={colours.faint}
        style={[styles.input, multiline && styles.tall, focused && styles.focused, fault ? styles.bad : null]}
      />
      {fault ? (
        <Txt kind="small" tone="stop" role="alert">
          {fault}
        </Txt>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    field: { gap: SPACE.small },
    input: {
      minHeight: TARGET,
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      paddingHorizontal: SPACE.one,
      paddingVertical: SPACE.half,
      backgroundColor: colours.panel,
      color: colours.pencil,
      fontFamily: FONT.regular,
      fontSize: SIZE.body,
    },
    tall: { minHeight: 110, textAlignVertical: 'top' },
    focused: { borderColor: colours.chalk, borderWidth: 2, margin: -1 },
    bad: { borderColor: colours.stop, borderWidth: 2 },
  }),
);
