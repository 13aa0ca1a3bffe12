import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { FONT, makeStyles, RADIUS, SPACE, useTheme } from '../theme';
import { Button } from './Button';
import { Txt } from './Txt';

export interface ToastProps {
  readonly words: string;
  readonly undo?: { readonly title: string; readonly onPress: () => void };
  readonly closeTitle: string;
  readonly onClose: () => void;
}

const SHOWN_MS = 10_000;

/** A short word at the foot of the screen that goes by itself, with a way back. */
export function Toast({ words, undo, closeTitle, onClose }: ToastProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  useEffect(() => {
    const timer = setTimeout(onClose, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [words, onClose]);
  return (
    <View style={styles.place} pointerEvents="box-none">
      <View style={styles.toast} role="status">
        <Txt style={[styles.words, { color: colours.paper }]}>{words}</Txt>
        <Button
          title={undo ? undo.title : closeTitle}
          onPress={() => {
            undo?.onPress();
            onClose();
          }}
        />
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    place: { position: 'absolute', left: 0, right: 0, bottom: 72, alignItems: 'center', paddingHorizontal: SPACE.one },
    toast: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.two,
      maxWidth: 560,
      paddingLeft: SPACE.two,
      paddingRight: SPACE.small,
      paddingVertical: SPACE.small,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.pencil,
    },
    words: { flexShrink: 1, fontFamily: FONT.medium },
  }),
);
