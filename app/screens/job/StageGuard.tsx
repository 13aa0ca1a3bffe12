import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLabel } from '../../labels';
import { selectCanUndo, selectOpenJob, undo, useAppDispatch, useAppSelector } from '../../store';
import { Button, MessagePage, Txt } from '../../ui';
import { reasonOf } from '../../ui/BrokenWords';

/**
 * A stage that fails takes nothing else away: the header, undo and the other stages stay. Another stage or any change
 * of the job shows it anew.
 */
export function StageGuard({ stage, children }: { stage: string; children: ReactNode }) {
  const job = useAppSelector(selectOpenJob);
  return (
    <ErrorBoundary
      resetKeys={[stage, job]}
      fallbackRender={({ error, resetErrorBoundary }) => (
        <BrokenStage reason={reasonOf(error)} onAgain={resetErrorBoundary} />
      )}
    >
      {children}
    </ErrorBoundary>
  );
}

function BrokenStage({ reason, onAgain }: { reason: string; onAgain: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const canUndo = useAppSelector(selectCanUndo);
  return (
    <MessagePage title={label('broken.stage')} words={label(canUndo ? 'broken.stageUndo' : 'broken.stageElse')}>
      {canUndo ? <Button title={label('broken.undo')} look="lead" onPress={() => void dispatch(undo())} /> : null}
      <Button title={label('broken.again')} onPress={onAgain} />
      <Txt kind="small" tone="faint">
        {reason}
      </Txt>
    </MessagePage>
  );
}
