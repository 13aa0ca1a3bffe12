import type { Step } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import { pieceInElevation } from '@dormer/core/say/scene/layout';
import { words } from '@dormer/core/say/words/first';
import { DrawingPane } from './DrawingPane';

interface StepDrawingProps {
  readonly plan: Plan;
  readonly job: Job;
  /** What is put in at a step of the work stands out. */
  readonly step?: Step | null;
}

/** The opening with its shelves, in its true shape, and what a step puts into it. */
export function StepDrawing({ plan, job, step = null }: StepDrawingProps) {
  const elevation = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const pieces = step ? step.parts.flatMap((id) => pieceInElevation(plan, id) ?? []) : [];
  const title = words(elevation.title, job);
  return (
    <DrawingPane
      scene={{ ...elevation, shapes: [...elevation.shapes, ...pieces] }}
      reader={job}
      exaggeration={1}
      figured
      onExaggeration={null}
      description={step ? `${title}: ${words(step.what, job)}` : title}
    />
  );
}
