import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { makeStyles, SPACE, useWide } from '../theme';
import { useKeypad } from './KeypadContext';

export interface StageLayoutProps {
  readonly drawing: ReactNode;
  readonly children: ReactNode;
  /** Stays in sight below the work, within reach of the thumb. */
  readonly foot?: ReactNode;
  /** The keypad, which takes the place of the foot while a length is typed. */
  readonly keypad: ReactNode;
  readonly name: string;
  /** The drawing's share of a phone's height; less for one that lies flat. */
  readonly share?: number;
}

const WORK_WIDTH = 420;

/** The one arrangement of every stage: the drawing, the work on it, and what the thumb needs at the foot. */
export function StageLayout({ drawing, children, foot, keypad, name, share = 0.44 }: StageLayoutProps) {
  const styles = useStyles();
  const wide = useWide();
  const { height } = useWindowDimensions();
  const typing = useKeypad().active !== null;
  const work = (
    <ScrollView style={styles.scroll} contentContainerStyle={styles.content} keyboardShouldPersistTaps="handled">
      {children}
    </ScrollView>
  );
  const below = typing ? keypad : foot ? <View style={styles.foot}>{foot}</View> : null;
  if (wide) {
    return (
      <View style={styles.wide} role="main" aria-label={name}>
        <View style={styles.drawingWide}>{drawing}</View>
        <View style={styles.side}>
          {work}
          {below}
        </View>
      </View>
    );
  }
  return (
    <View style={styles.phone} role="main" aria-label={name}>
      <View style={[styles.drawing, { height: height * (typing ? 0.24 : share) }]}>{drawing}</View>
      {work}
      {below}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    phone: { flex: 1 },
    wide: { flex: 1, flexDirection: 'row' },
    // What is still as large as it was for a moment does not lie over the work.
    drawing: { borderBottomWidth: 1, borderBottomColor: colours.rule, overflow: 'hidden' },
    drawingWide: { flex: 1, minWidth: 0, overflow: 'hidden' },
    side: { width: WORK_WIDTH, borderLeftWidth: 1, borderLeftColor: colours.rule },
    scroll: { flex: 1 },
    content: { padding: SPACE.two, gap: SPACE.two },
    foot: {
      flexDirection: 'row',
      gap: SPACE.half,
      padding: SPACE.half,
      borderTopWidth: 1,
      borderTopColor: colours.rule,
      backgroundColor: colours.paper,
    },
  }),
);
