import '../../labels/words';
import { useState } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import { explanation, explanations, TRADE_WORDS, type TradeWord } from '@dormer/core/say/words/tradeWords';
import { Section, TextField, Txt } from '../../ui';
import { Unexplained } from '../../ui/Explained';
import { language, useLabel } from '../../labels';
import { selectOpenJob, useAppSelector } from '../../store';
import { READING_WIDTH, SPACE } from '../../theme';
import { WordCard } from './WordCard';

/**
 * Every trade word with its picture and sentence.
 * @param first word to look at first
 */
export function WordsScreen({ first }: { first: string | undefined }) {
  const label = useLabel();
  const job = useAppSelector(selectOpenJob);
  const [sought, setSought] = useState(() => (isTradeWord(first) ? explanation(first, language()).name : ''));
  if (!job) return null;
  const text = sought.trim().toLowerCase();
  const found = explanations(language()).filter(({ name, is }) => `${name} ${is}`.toLowerCase().includes(text));
  return (
    <Unexplained>
      <ScrollView contentContainerStyle={styles.page} role="main" aria-label={label('words.title')}>
        <Txt kind="title">{label('words.title')}</Txt>
        <TextField label={label('words.search')} value={sought} onChangeText={setSought} />
        <Txt kind="small" tone="faint" role="status">
          {found.length > 0
            ? label('words.found', { count: found.length })
            : label('words.none', { text: sought.trim() })}
        </Txt>
        {found.map((explained) => (
          <Section key={explained.word} title={explained.name}>
            <WordCard explanation={explained} reader={job} />
          </Section>
        ))}
      </ScrollView>
    </Unexplained>
  );
}

const isTradeWord = (text: string | undefined): text is TradeWord => (TRADE_WORDS as string[]).includes(text ?? '');

const styles = StyleSheet.create({
  page: { padding: SPACE.two, gap: SPACE.two, width: '100%', maxWidth: READING_WIDTH, alignSelf: 'center' },
});
