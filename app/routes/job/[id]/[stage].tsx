import { Redirect, useLocalSearchParams, useRouter } from 'expo-router';
import { BuildScreen } from '../../../screens/steps/BuildScreen';
import { CutScreen } from '../../../screens/cut/CutScreen';
import { LogScreen } from '../../../screens/log/LogScreen';
import { MeasureScreen } from '../../../screens/measure/MeasureScreen';
import { ShelvesScreen } from '../../../screens/shelves/ShelvesScreen';

/**
 * One stage of a job. All are fetched together: what they share is then no part of what is loaded before the first
 * screen.
 */
export default function StageRoute() {
  const { id, stage, shelf } = useLocalSearchParams<{ id: string; stage: string; shelf?: string }>();
  const router = useRouter();
  switch (stage) {
    case 'measure':
      return <MeasureScreen />;
    case 'shelves':
      return (
        <ShelvesScreen onShape={(one) => router.replace({ pathname: '/job/[id]/cut', params: { id, shelf: one } })} />
      );
    case 'cut':
      return <CutScreen first={Number(shelf) > 0 ? Number(shelf) : 1} />;
    case 'build':
      return <BuildScreen />;
    case 'log':
      return <LogScreen />;
    default:
      return <Redirect href={{ pathname: '/job/[id]/measure', params: { id } }} />;
  }
}
