import '../../labels/shelves';
import Columns from 'lucide-react-native/icons/columns-2';
import { useMemo, useState } from 'react';
import { LIMITS, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene, poleOf } from '@dormer/core/scene';
import { lengthWords, words } from '@dormer/core/words';
import { Button, Keypad, PlanNotices, Segmented, StageLayout, Stepper, Txt } from '../../controls';
import { usePrinting } from '../../controls/usePrinting';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import {
  editJob,
  editPlanned,
  newId,
  selectOpenJob,
  selectPlanned,
  settings,
  useAppDispatch,
  useAppSelector,
} from '../../store';
import { ChosenShelf } from './ChosenShelf';
import { CompareSheet } from './CompareSheet';
import { added, locked, markOf, moved, removed } from './edit';
import { HeightsForm } from './HeightsForm';
import { LevelForm } from './LevelForm';
import { MarksPrint } from './MarksPrint';
import { GapsTable } from './GapsTable';
import { PinsForm } from './PinsForm';
import { PoleEditor } from './PoleEditor';
import { DrillingPrint } from './supports/DrillingPrint';
import { SupportsForm } from './supports/SupportsForm';
import { ThingsForm } from './ThingsForm';
import { TiltedForm } from './TiltedForm';
import { Walk, WallMarks } from './WallMarks';

interface ShelvesScreenProps {
  /** Someone wants to see how a shelf's board is cut. */
  readonly onShape: (shelf: number) => void;
}

const TABS = ['heights', 'things', 'supports', 'marks'] as const;
type Tab = (typeof TABS)[number];

/** Where heights are decided, seen, and turned into marks: the pole and the elevation are what one edits. */
export function ShelvesScreen({ onShape }: ShelvesScreenProps) {
  const job = useAppSelector(selectOpenJob);
  return job ? <Shelves job={job} onShape={onShape} /> : null;
}

function Shelves({ job, onShape }: ShelvesScreenProps & { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { plan } = useAppSelector(selectPlanned);
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const [tab, setTab] = useState<Tab>('heights');
  const [number, setNumber] = useState<number | null>(null);
  const [comparing, setComparing] = useState(false);
  const [at, setAt] = useState(0);
  const { printing, print } = usePrinting();
  const stored = tab === 'heights' || tab === 'things';
  const strength = tab === 'supports';
  const scene = useMemo(
    () => (plan ? elevationScene(plan, job, { exaggeration, show: 'shelves', stored, strength }) : null),
    [plan, job, exaggeration, stored, strength],
  );
  const shelves = plan?.shelves ?? [];
  const shelf = shelves.find((one) => one.number === number) ?? null;
  // Shelves whose board has a shape of its own to look at.
  const shapely = plan?.parts.some((part) => part.shelf === number && (part.fit ?? part.corner)) ?? false;
  const set = (how: (one: Job) => Job) => dispatch(editJob(how));
  const byPlan = (how: (one: Job, plan: Plan) => Job) => void dispatch(editPlanned(how));
  const add = () => byPlan((one, all) => added(one, all, newId));
  const problems = plan?.problems.filter(({ about }) => about.is !== 'reading') ?? [];
  return (
    <StageLayout
      name={label('stage.shelves')}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        plan && scene ? (
          <DrawingPane
            scene={scene}
            reader={job}
            exaggeration={exaggeration}
            onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
            description={describe(plan, job, words(scene.title, job))}
            selected={number === null ? null : { is: 'shelf', shelf: number }}
            onPress={(about) => {
              if (about.is === 'shelf') setNumber(about.shelf === number ? null : about.shelf);
            }}
            overlay={(sheet) => (
              <PoleEditor
                plan={plan}
                job={job}
                sheet={sheet}
                pole={poleOf(plan, exaggeration)}
                selected={number}
                onSelect={setNumber}
                onMove={(which, topMm) =>
                  byPlan((one, all) => moved(one, all.shelves, which, markOf(topMm, one), newId))
                }
                onRemove={(which) => byPlan((one, all) => removed(one, all.shelves, which))}
                onLock={(which) =>
                  byPlan((one, { shelves: all }) => {
                    const held = all.find((other) => other.number === which)?.held ?? null;
                    return locked(one, all, which, held === null, newId);
                  })
                }
              />
            )}
          />
        ) : null
      }
      foot={
        tab === 'marks' && plan && plan.marks.length > 0 ? (
          <Walk plan={plan} job={job} at={at} onWalk={setAt} />
        ) : job.shelves.way === 'typed' ? (
          <Button
            title={label('shelves.add')}
            look="lead"
            grow
            disabled={job.shelves.heights.length >= LIMITS.shelves}
            onPress={add}
          />
        ) : (
          <Stepper
            label={label('shelves.count')}
            less={label('shelves.fewer')}
            more={label('shelves.more')}
            value={job.shelves.count}
            least={0}
            most={LIMITS.shelves}
            onChange={(value) => set((one) => ({ ...one, shelves: { ...one.shelves, count: value } }))}
          />
        )
      }
    >
      {shelf && plan ? (
        <ChosenShelf
          shelf={shelf}
          job={job}
          plan={plan}
          work={tab}
          onShape={shapely ? () => onShape(shelf.number) : null}
          onClose={() => setNumber(null)}
        />
      ) : null}
      <Segmented
        label={label('shelves.work')}
        value={tab}
        options={TABS.map((value) => ({ value, title: label(`shelves.tab.${value}`) }))}
        onChange={setTab}
      />
      <PlanNotices reader={job} problems={problems} />
      {tab === 'heights' ? (
        <>
          <HeightsForm job={job} plan={plan} />
          <Compare
            job={job}
            onSet={() => set((one) => ({ ...one, otherShelves: one.shelves }))}
            onLook={() => setComparing(true)}
          />
          <TiltedForm job={job} plan={plan} />
          <PinsForm job={job} plan={plan} />
          <Txt kind="small" tone="faint">
            {label('pole.how')}
          </Txt>
        </>
      ) : null}
      {tab === 'things' ? <ThingsForm job={job} plan={plan} /> : null}
      {tab === 'supports' ? (
        <SupportsForm job={job} plan={plan} selected={number} onSelect={setNumber} onPrint={print} />
      ) : null}
      {tab === 'marks' && plan ? (
        <>
          <WallMarks plan={plan} job={job} at={at} onPrint={print} />
          <LevelForm job={job} plan={plan} />
          <GapsTable plan={plan} job={job} selected={number} onSelect={setNumber} />
        </>
      ) : null}
      {plan ? (
        <PlanNotices reader={job} problems={[]} cautions={plan.cautions.filter((one) => one.stage === 'shelves')} />
      ) : null}
      {comparing && plan ? <CompareSheet job={job} plan={plan} onClose={() => setComparing(false)} /> : null}
      {printing && plan ? (
        tab === 'supports' ? (
          <DrillingPrint job={job} plan={plan} />
        ) : (
          <MarksPrint job={job} plan={plan} />
        )
      ) : null}
    </StageLayout>
  );
}

interface CompareProps {
  readonly job: Job;
  readonly onSet: () => void;
  readonly onLook: () => void;
}

/** A second layout to compare with: this one set beside, then both looked at. */
function Compare({ job, onSet, onLook }: CompareProps) {
  const label = useLabel();
  return job.otherShelves ? (
    <Button title={label('compare.look')} icon={Columns} onPress={onLook} />
  ) : (
    <Button title={label('compare.set')} icon={Columns} onPress={onSet} />
  );
}

/** The shelves in words, for those who do not see the drawing. */
function describe(plan: Plan, job: Job, title: string): string {
  return [title, ...plan.shelves.map((shelf) => `${shelf.number}: ${lengthWords(shelf.top.mm, job)}`)].join('; ');
}
