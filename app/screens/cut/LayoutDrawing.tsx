import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { Scene } from '@dormer/core/say/scene';
import { layoutScene } from '@dormer/core/say/scene/layout';
import { lengthWords, listWords, words } from '@dormer/core/say/words/first';
import type { Cutting, Layout } from '@dormer/core/work/stock';
import { partsOn } from '@dormer/core/work/stock/sheets/layout';
import { DrawingPane } from '../../drawing';
import type { DrawingPaneProps } from '../../drawing/DrawingPane';

interface LayoutDrawingProps extends Pick<DrawingPaneProps, 'selected' | 'onPress' | 'below'> {
  readonly job: Job;
  readonly plan: Plan;
  readonly cutting: Cutting | null;
  readonly layout: Layout | null;
  /** Drawn while there is no layout. */
  readonly otherwise: () => Scene;
}

/** Draws the cuts of one board or sheet. */
export function LayoutDrawing({ job, plan, cutting, layout, otherwise, ...rest }: LayoutDrawingProps) {
  const scene =
    layout && cutting
      ? layoutScene(
          { ...layout, sheet: layout.item.form === 'sheet' },
          { blanks: cutting.blanks, parts: plan.parts, tape: job.tape },
        )
      : otherwise();
  return (
    <DrawingPane
      scene={scene}
      reader={job}
      exaggeration={1}
      figured
      onExaggeration={null}
      description={layout && cutting ? describeLayout(layout, cutting, job) : words(scene.title, job)}
      {...rest}
    />
  );
}

/** A layout in words, for people who do not see it. */
export function describeLayout(layout: Layout, { blanks }: Pick<Cutting, 'blanks'>, job: Job): string {
  const parts = partsOn(layout.tree).map(({ part, lengthMm, widthMm }) => {
    const name = blanks.find((blank) => blank.id === part)?.label ?? part;
    return `${name} ${lengthWords(lengthMm, job)} × ${lengthWords(widthMm, job)}`;
  });
  return `${words(layout.item.name, job)}, ${lengthWords(layout.item.lengthMm, job)}: ${listWords(parts, job)}`;
}
