import { Redirect, useLocalSearchParams, useRouter } from 'expo-router';
import { BuildScreen } from '../../../screens/steps/BuildScreen';
import { CutScreen } from '../../../screens/cut/CutScreen';
import { FaultBanner } from '../../../screens/job/FaultBanner';
import { StageGuard } from '../../../screens/job/StageGuard';
import { LogScreen } from '../../../screens/log/LogScreen';
import { MeasureScreen } from '../../../screens/measure/MeasureScreen';
import { ShelvesScreen } from '../../../screens/shelves/ShelvesScreen';
import { TradeWords } from '../../../screens/words/TradeWords';
import { WordsScreen } from '../../../screens/words/WordsScreen';

/**
 * One stage of a job. All are fetched together: what they share is then no part of what is loaded before the first
 * screen.
 */
export default function StageRoute() {
  const { id, stage } = useLocalSearchParams<{ id: string; stage: string }>();
  return (
    <>
      <FaultBanner id={id} />
      <StageGuard stage={stage}>
        <TradeWords id={id}>
          <StageScreen />
        </TradeWords>
      </StageGuard>
    </>
  );
}

function StageScreen() {
  const { id, stage, shelf, word } = useLocalSearchParams<{
    id: string;
    stage: string;
    shelf?: string;
    word?: string;
  }>();
  const router = useRouter();
  switch (stage) {
    case 'measure':
      return <MeasureScreen />;
    case 'shelves':
      return (
        <ShelvesScreen
          onShape={(chosen) => router.replace({ pathname: '/job/[id]/cut', params: { id, shelf: chosen } })}
        />
      );
    case 'cut':
      return <CutScreen first={Number(shelf) > 0 ? Number(shelf) : 1} />;
    case 'build':
      return <BuildScreen />;
    case 'log':
      return <LogScreen />;
    case 'words':
      return <WordsScreen first={word} />;
    default:
      return <Redirect href={{ pathname: '/job/[id]/measure', params: { id } }} />;
  }
}
