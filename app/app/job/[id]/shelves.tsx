import { useLocalSearchParams, useRouter } from 'expo-router';
import { ShelvesScreen } from '../../../screens/shelves/ShelvesScreen';

export default function Shelves() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  return <ShelvesScreen onShape={(shelf) => router.replace({ pathname: '/job/[id]/cut', params: { id, shelf } })} />;
}
