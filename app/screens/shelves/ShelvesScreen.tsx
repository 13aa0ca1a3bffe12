import Scissors from 'lucide-react-native/icons/scissors-line-dashed';
import { useMemo, useState } from 'react';
import { LIMITS, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/scene';
import { lengthWords, words } from '@dormer/core/words';
import { Button, Keypad, PlanNotices, StageLayout, Stepper } from '../../controls';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { editJob, newId, selectOpenJob, selectPlanned, settings, useAppDispatch, useAppSelector } from '../../store';
import { BoardForm } from './BoardForm';
import { HeightsForm } from './HeightsForm';
import { MarksTable } from './MarksTable';
import { oneMore } from './heights';

interface ShelvesScreenProps {
  /** Someone wants to see how a shelf's board is cut. */
  readonly onShape: (shelf: number) => void;
}

/** How many shelves, how high, how thick and how deep, what holds them; and what to mark on the wall. */
export function ShelvesScreen({ onShape }: ShelvesScreenProps) {
  const job = useAppSelector(selectOpenJob);
  return job ? <Shelves job={job} onShape={onShape} /> : null;
}

function Shelves({ job, onShape }: ShelvesScreenProps & { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { plan } = useAppSelector(selectPlanned);
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const [shelf, setShelf] = useState<number | null>(null);
  const reader = job;
  const scene = useMemo(
    () => (plan ? elevationScene(plan, job, { exaggeration, show: 'shelves' }) : null),
    [plan, job, exaggeration],
  );
  const { way, count } = job.shelves;
  // Shelves whose board has a shape of its own to look at.
  const shapely = plan?.parts.flatMap((part) => ((part.fit ?? part.corner) ? [part.shelf] : [])) ?? [];
  return (
    <StageLayout
      name={label('stage.shelves')}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        plan && scene ? (
          <DrawingPane
            scene={scene}
            reader={reader}
            exaggeration={exaggeration}
            onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
            description={describe(plan, job, words(scene.title, job))}
            below={
              shelf !== null && shapely.includes(shelf) ? (
                <Button title={label('shelves.shape', { shelf })} icon={Scissors} onPress={() => onShape(shelf)} />
              ) : null
            }
            selected={shelf === null ? null : { is: 'shelf', shelf }}
            onPress={(about) => {
              if (about.is === 'shelf') setShelf(about.shelf === shelf ? null : about.shelf);
            }}
          />
        ) : null
      }
      foot={
        way === 'equal-gaps' ? (
          <Stepper
            label={label('shelves.count')}
            less={label('shelves.fewer')}
            more={label('shelves.more')}
            value={count}
            least={0}
            most={LIMITS.shelves}
            onChange={(value) => dispatch(editJob((one) => ({ ...one, shelves: { ...one.shelves, count: value } })))}
          />
        ) : (
          <Button
            title={label('shelves.add')}
            look="lead"
            grow
            disabled={job.shelves.heights.length >= LIMITS.shelves}
            onPress={() => dispatch(editJob((one) => oneMore(one, newId(), plan?.opening.nominal.heightMm ?? 0)))}
          />
        )
      }
    >
      {plan ? (
        <PlanNotices reader={reader} problems={plan.problems.filter(({ about }) => about.is !== 'reading')} />
      ) : null}
      <HeightsForm job={job} plan={plan} />
      <BoardForm job={job} />
      {plan ? <MarksTable plan={plan} job={job} selected={shelf} onSelect={setShelf} /> : null}
      {plan ? (
        <PlanNotices reader={reader} problems={[]} cautions={plan.cautions.filter((one) => one.stage === 'shelves')} />
      ) : null}
    </StageLayout>
  );
}

/** The shelves in words, for those who do not see the drawing. */
function describe(plan: Plan, job: Job, title: string): string {
  return [title, ...plan.shelves.map((shelf) => `${shelf.number}: ${lengthWords(shelf.top.mm, job)}`)].join('; ');
}
