import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLabel } from '../../labels';
import { Button, MessagePage, Txt } from '../../ui';
import { reasonOf } from '../../ui/BrokenWords';

/**
 * What could not be fetched takes the header and undo not away. It is not fetched again before the page is reloaded,
 * since what failed once is remembered as failed.
 */
export function LoadGuard({ children }: { children: ReactNode }) {
  return (
    <ErrorBoundary fallbackRender={({ error }) => <NotLoaded reason={reasonOf(error)} />}>{children}</ErrorBoundary>
  );
}

function NotLoaded({ reason }: { reason: string }) {
  const label = useLabel();
  return (
    <MessagePage title={label('broken.load')} words={label('broken.loadWhy')}>
      <Button title={label('broken.reload')} look="lead" onPress={() => window.location.reload()} />
      <Txt kind="small" tone="faint">
        {reason}
      </Txt>
    </MessagePage>
  );
}
