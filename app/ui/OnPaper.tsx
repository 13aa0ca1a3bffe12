import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { StyleSheet, View } from 'react-native';
import { FONT, makeStyles, SPACE, ThemeProvider } from '../theme';
import { Unexplained } from './Explained';
import { Txt } from './Txt';

/** What goes on paper: apart from the screen, in black on white. */
export function OnPaper({ children }: { children: ReactNode }) {
  const place = document.getElementById('print-sheet');
  if (!place) return null;
  return createPortal(
    <ThemeProvider choice="light">
      <Unexplained>{children}</Unexplained>
    </ThemeProvider>,
    place,
  );
}

interface PaperLineProps {
  readonly cells: readonly string[];
  readonly head?: boolean;
  readonly small?: boolean;
  /** How wide the columns are for one another; alike when it is not said. */
  readonly shares?: readonly number[];
}

/** A line of a table on paper. */
export function PaperLine({ cells, head, small, shares }: PaperLineProps) {
  const styles = useStyles();
  return (
    <View style={[styles.line, head && styles.head]}>
      {cells.map((cell, index) => (
        <Txt
          key={index}
          kind={small ? 'small' : 'body'}
          style={[styles.cell, { flex: shares?.[index] ?? 1 }, head && styles.headCell]}
        >
          {cell}
        </Txt>
      ))}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    line: {
      flexDirection: 'row',
      gap: SPACE.one,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingVertical: 3,
    },
    head: { borderBottomColor: colours.pencil },
    cell: { minWidth: 0 },
    headCell: { fontFamily: FONT.semibold },
  }),
);
