import { MessagePage } from '../../ui';
import { HomeLink } from '../../ui/HomeLink';
import { useLabel } from '../../labels';

/** An address that leads nowhere. */
export function LostScreen() {
  const label = useLabel();
  return (
    <MessagePage title={label('lost.title')}>
      <HomeLink />
    </MessagePage>
  );
}
