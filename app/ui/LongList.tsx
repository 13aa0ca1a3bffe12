import type { ReactElement } from 'react';
import { View } from 'react-native';

interface LongListProps<Row> {
  readonly name: string;
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  /** Space between rows (px). */
  readonly gap?: number;
  readonly children: (row: Row) => ReactElement;
}

/** Guesses 64 px for a row that was never in sight. A focus ring may reach 6 px beyond its row. */
const ROW = {
  display: 'flex',
  flexDirection: 'column',
  contentVisibility: 'auto',
  containIntrinsicSize: 'auto 64px',
  overflowClipMargin: '6px',
} as const;

/**
 * A list that may be long. The browser lays out and paints only the rows in sight. Screen readers and searches in the
 * page still find every row.
 */
export function LongList<Row>({ name, rows, keyOf, gap = 0, children }: LongListProps<Row>) {
  return (
    <View role="list" aria-label={name} style={{ gap }}>
      {rows.map((row) => (
        <div key={keyOf(row)} role="listitem" style={ROW}>
          {children(row)}
        </div>
      ))}
    </View>
  );
}
