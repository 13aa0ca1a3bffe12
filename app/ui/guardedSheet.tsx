import type { ComponentType } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLabel } from '../labels';
import { DraftScope } from './DraftScope';
import { BrokenWords } from './BrokenWords';
import { Sheet } from './Sheet';

/** Makes a sheet that takes nothing else with it when it fails: the person reads so and closes it. */
export function guardedSheet<Props extends { readonly onClose: () => void }>(
  Contents: ComponentType<Props>,
): ComponentType<Props> {
  return function GuardedSheet(props: Props) {
    return (
      <ErrorBoundary fallbackRender={({ error }) => <BrokenSheet error={error} onClose={props.onClose} />}>
        <DraftScope name="sheet">
          <Contents {...props} />
        </DraftScope>
      </ErrorBoundary>
    );
  };
}

function BrokenSheet({ error, onClose }: { error: unknown; onClose: () => void }) {
  const label = useLabel();
  return (
    <Sheet title={label('broken.sheetTitle')} closeTitle={label('close')} onClose={onClose}>
      <BrokenWords error={error} />
    </Sheet>
  );
}
