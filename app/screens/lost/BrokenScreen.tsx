import { Button, MessagePage, Txt } from '../../ui';
import { useLabel } from '../../labels';

interface BrokenScreenProps {
  readonly error: Error;
  readonly retry: () => Promise<void>;
}

/** A screen that fell over. What was typed is on the device; the person is told so and can go on. */
export function BrokenScreen({ error, retry }: BrokenScreenProps) {
  const label = useLabel();
  return (
    <MessagePage title={label('broken.title')} words={label('broken.safe')}>
      <Txt kind="small" tone="faint">
        {error.message}
      </Txt>
      <Button title={label('broken.again')} look="lead" onPress={() => void retry()} />
    </MessagePage>
  );
}
