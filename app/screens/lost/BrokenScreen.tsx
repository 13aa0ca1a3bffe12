import { useLabel } from '../../labels';
import { Button } from '../../ui';
import { BrokenPage } from '../../ui/BrokenPage';

interface BrokenScreenProps {
  readonly error: Error;
  readonly retry: () => Promise<void>;
}

/** Shown when the whole app fails: everything that has no nearer guard. */
export function BrokenScreen({ error, retry }: BrokenScreenProps) {
  const label = useLabel();
  return (
    <BrokenPage title={label('broken.title')} words={label('broken.safe')} error={error}>
      <Button title={label('broken.again')} look="lead" onPress={() => void retry()} />
    </BrokenPage>
  );
}
