import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLabel } from '../../labels';
import { selectCanUndo, selectOpenJob, undo, useAppDispatch, useAppSelector } from '../../store';
import { Button, DraftScope } from '../../ui';
import { BrokenPage } from '../../ui/BrokenPage';

/**
 * Keeps a failing stage from taking the header, undo and the other stages with it. The guard tries the stage again
 * after every change of the job and of the stage.
 */
export function StageGuard({ stage, children }: { stage: string; children: ReactNode }) {
  const job = useAppSelector(selectOpenJob);
  return (
    <ErrorBoundary
      resetKeys={[stage, job]}
      fallbackRender={({ error, resetErrorBoundary }) => <BrokenStage error={error} onAgain={resetErrorBoundary} />}
    >
      <DraftScope name={stage}>{children}</DraftScope>
    </ErrorBoundary>
  );
}

function BrokenStage({ error, onAgain }: { error: unknown; onAgain: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const canUndo = useAppSelector(selectCanUndo);
  const words = label(canUndo ? 'broken.stageUndo' : 'broken.stageElse');
  return (
    <BrokenPage title={label('broken.stage')} words={words} error={error}>
      {canUndo ? <Button title={label('broken.undo')} look="lead" onPress={() => void dispatch(undo())} /> : null}
      <Button title={label('broken.again')} onPress={onAgain} />
    </BrokenPage>
  );
}
