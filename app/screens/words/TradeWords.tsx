import '../../labels/words';
import { useRouter } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import type { Job } from '@dormer/core/job/document';
import { explanation, type TradeWord } from '@dormer/core/say/words/tradeWords';
import { Button, Sheet } from '../../ui';
import { ExplainedBy, Unexplained } from '../../ui/Explained';
import { guardedSheet } from '../../ui/guardedSheet';
import { language, useLabel } from '../../labels';
import { selectOpenJob, useAppSelector } from '../../store';
import { WordCard } from './WordCard';

/** Explains the trade words in the texts within it. */
export function TradeWords({ id, children }: { id: string; children: ReactNode }) {
  const [word, setWord] = useState<TradeWord | null>(null);
  const job = useAppSelector(selectOpenJob);
  const explaining = useMemo(() => ({ explain: setWord, page: `/job/${id}/words` }), [id]);
  return (
    <ExplainedBy value={explaining}>
      {children}
      {word && job ? <WordSheet word={word} job={job} onClose={() => setWord(null)} /> : null}
    </ExplainedBy>
  );
}

const WordSheet = guardedSheet(function WordSheet(props: { word: TradeWord; job: Job; onClose: () => void }) {
  const { word, job, onClose } = props;
  const label = useLabel();
  const router = useRouter();
  const explained = explanation(word, language());
  const showAll = () => {
    onClose();
    router.navigate({ pathname: '/job/[id]/[stage]', params: { id: job.id, stage: 'words' } });
  };
  return (
    <Unexplained>
      <Sheet title={explained.name} closeTitle={label('close')} onClose={onClose}>
        <WordCard explanation={explained} reader={job} />
        <Button title={label('words.all')} look="quiet" onPress={showAll} />
      </Sheet>
    </Unexplained>
  );
});
