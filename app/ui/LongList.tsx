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

/** As high as most rows, until it has been in sight once. What has the focus may be ringed outside of its row. */
const ROW = {
  display: 'flex',
  flexDirection: 'column',
  contentVisibility: 'auto',
  containIntrinsicSize: 'auto 64px',
  overflowClipMargin: '6px',
} as const;

/**
 * A list that may be long. The browser lays out and paints the rows that are in sight; to a screen reader, and to a
 * search in the page, all of them are there.
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
