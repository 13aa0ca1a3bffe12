import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { makeStyles, SPACE } from '../theme';
import { Txt } from './Txt';

/** A titled part of a stage's work. */
export function Section({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  const styles = useStyles();
  return (
    <View style={styles.section}>
      <View style={styles.head}>
        <Txt kind="strong" role="heading" aria-level={2} style={styles.title}>
          {title}
        </Txt>
        {aside}
      </View>
      {children}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    section: { gap: SPACE.one, borderTopWidth: 1, borderTopColor: colours.rule, paddingTop: SPACE.one },
    head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    title: { flex: 1 },
  }),
);
