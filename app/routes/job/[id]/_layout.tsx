import { Slot, useLocalSearchParams } from 'expo-router';
import { JobFrame } from '../../../screens/job/JobFrame';

export default function JobLayout() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <JobFrame id={id}>
      <Slot />
    </JobFrame>
  );
}
