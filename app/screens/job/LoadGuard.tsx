import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLabel } from '../../labels';
import { Button } from '../../ui';
import { BrokenPage } from '../../ui/BrokenPage';

/**
 * Keeps header and undo in place when a part of the app could not be fetched. A failed import stays failed until the
 * page is reloaded, so the guard offers no other try.
 */
export function LoadGuard({ children }: { children: ReactNode }) {
  return <ErrorBoundary fallbackRender={({ error }) => <NotLoaded error={error} />}>{children}</ErrorBoundary>;
}

function NotLoaded({ error }: { error: unknown }) {
  const label = useLabel();
  return (
    <BrokenPage title={label('broken.load')} words={label('broken.loadWhy')} error={error}>
      <Button title={label('broken.reload')} look="lead" onPress={() => window.location.reload()} />
    </BrokenPage>
  );
}
