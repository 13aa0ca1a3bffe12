import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Figure } from '@dormer/core/base/figure';
import type { Message } from '@dormer/core/base/message';
import { lengthWords, words, type Reader } from '@dormer/core/say/words/first';
import { useLabel } from '../labels';
import { FONT, makeStyles, SIZE, SPACE, TARGET } from '../theme';
import { Press } from '../ui/Press';
import { Sheet } from '../ui/Sheet';
import { Txt } from '../ui/Txt';

export interface WhyProps {
  readonly figure: Figure;
  /** What the figure is: "Board 2S, length". */
  readonly name: string;
  readonly reader: Reader;
  /** Readings by id, to be named when the figure rests on them. */
  readonly readings?: readonly { readonly id: string; readonly name: Message; readonly said: Message }[];
  readonly size?: 'usual' | 'large';
  readonly signed?: boolean;
  readonly align?: 'left' | 'right';
  /** Further figures of the same size that came about in their own way. */
  readonly also?: readonly { readonly name: string; readonly figure: Figure }[];
}

/** A derived figure. Tapped, it says how it came about: the terms that add up to it and the readings behind them. */
export function Why(props: WhyProps) {
  const { figure, name, reader, readings = [], size = 'usual', signed, align = 'left', also = [] } = props;
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useState(false);
  const shown = lengthWords(figure.mm, reader);
  const all = [{ name, figure }, ...also];
  const behind = new Set(all.flatMap((one) => one.figure.terms.flatMap((term) => term.readings ?? [])));
  return (
    <>
      <Press
        role="button"
        aria-label={label('why.ask', { name, figure: shown })}
        onPress={() => setOpen(true)}
        style={[styles.press, align === 'right' && styles.right]}
      >
        <Txt style={[styles.figure, size === 'large' && styles.large]}>
          {signed && figure.mm > 0 ? `+${shown}` : shown}
        </Txt>
      </Press>
      {open ? (
        <Sheet title={name} closeTitle={label('close')} onClose={() => setOpen(false)}>
          {all.map((one) => (
            <Terms key={one.name} name={one.name} figure={one.figure} reader={reader} />
          ))}
          {behind.size > 0 ? (
            <View style={styles.table}>
              <Txt kind="small" tone="faint">
                {label('why.readings')}
              </Txt>
              {readings
                .filter((reading) => behind.has(reading.id))
                .map((reading) => (
                  <View key={reading.id} style={styles.term}>
                    <Txt style={styles.label}>{words(reading.name, reader)}</Txt>
                    <Txt style={styles.amount}>{words(reading.said, reader)}</Txt>
                  </View>
                ))}
            </View>
          ) : null}
        </Sheet>
      ) : null}
    </>
  );
}

/** The terms of one figure, and their sum. */
function Terms({ name, figure, reader }: Pick<WhyProps, 'name' | 'figure' | 'reader'>) {
  const styles = useStyles();
  return (
    <View style={styles.table}>
      {figure.terms.map((term, index) => (
        <View key={index} style={styles.term}>
          <Txt style={styles.label}>{words(term.label, reader)}</Txt>
          <Txt style={styles.amount}>
            {index > 0 && term.mm > 0 ? '+ ' : ''}
            {lengthWords(term.mm, reader)}
          </Txt>
        </View>
      ))}
      <View style={[styles.term, styles.sum]}>
        <Txt kind="strong" style={styles.label}>
          {name}
        </Txt>
        <Txt kind="strong" style={styles.amount}>
          {lengthWords(figure.mm, reader)}
        </Txt>
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    press: { minHeight: TARGET, minWidth: TARGET, justifyContent: 'center', alignItems: 'flex-start' },
    right: { alignItems: 'flex-end' },
    figure: {
      fontFamily: FONT.semibold,
      fontSize: SIZE.strong,
      lineHeight: 24,
      borderBottomWidth: 2,
      borderBottomColor: colours.edge,
      borderStyle: 'dotted',
    },
    large: { fontSize: SIZE.figure, lineHeight: 34 },
    table: { gap: SPACE.small },
    term: { flexDirection: 'row', gap: SPACE.two, paddingVertical: SPACE.small },
    label: { flex: 1 },
    amount: { textAlign: 'right' },
    sum: { borderTopWidth: 2, borderTopColor: colours.pencil, paddingTop: SPACE.half },
  }),
);
