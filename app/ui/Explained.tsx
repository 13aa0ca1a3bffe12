import { Children, createContext, Fragment, useContext, type ReactNode } from 'react';
import { StyleSheet, Text } from 'react-native';
import { findTradeWords, type TradeWord } from '@dormer/core/say/words/tradeWords';
import { language } from '../labels';

/** Where trade words are explained. */
interface Explaining {
  readonly explain: (word: TradeWord) => void;
  /** Address of the page that explains all of them. */
  readonly page: string;
}

const Explains = createContext<Explaining | null>(null);

/** Texts within it open the explanation of the trade words in them. */
export const ExplainedBy = Explains.Provider;

/** Texts within it are as they are: on what is pressed as a whole, and on paper. */
export const Unexplained = ({ children }: { children: ReactNode }) => <Explains value={null}>{children}</Explains>;

/** A number with its unit, which stay on one line. */
const AMOUNT = /([\d.,/]+ (?:%|mm|cm|m|in|ft|kg|lb|min|h)(?![\p{L}\d]))/u;

/** A stretch of text whose numbers stay beside their units. */
const unbroken = (text: string): ReactNode[] =>
  text.split(AMOUNT).map((part, i) =>
    i % 2 === 0 ? (
      part
    ) : (
      <Text key={i} style={styles.amount}>
        {part}
      </Text>
    ),
  );

/** A text with the trade words in it to press, each at its first place; its numbers stay beside their units. */
export function Explained({ children }: { children: ReactNode }) {
  const explaining = useContext(Explains);
  const known = new Set<TradeWord>();
  return Children.map(children, (part) => {
    if (typeof part !== 'string') return part;
    if (!explaining) return unbroken(part);
    return findTradeWords(part, language(), known).map(({ text, word }, i) =>
      word ? (
        <Text
          key={i}
          role="link"
          style={styles.word}
          {...({ href: `${explaining.page}?word=${word}` } as object)}
          onPress={(event) => {
            event.preventDefault();
            explaining.explain(word);
          }}
        >
          {text}
        </Text>
      ) : (
        <Fragment key={i}>{unbroken(text)}</Fragment>
      ),
    );
  });
}

const styles = StyleSheet.create({
  // Room for a thumb above and below, without moving the lines apart.
  word: { textDecorationLine: 'underline', textDecorationStyle: 'dotted', paddingVertical: 8 },
  amount: { whiteSpace: 'nowrap' } as object,
});
