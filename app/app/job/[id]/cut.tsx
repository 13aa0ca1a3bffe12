import { useLocalSearchParams } from 'expo-router';
import { CutScreen } from '../../../screens/cut/CutScreen';

export default function Cut() {
  const { shelf } = useLocalSearchParams<{ shelf?: string }>();
  return <CutScreen first={Number(shelf) > 0 ? Number(shelf) : 1} />;
}
