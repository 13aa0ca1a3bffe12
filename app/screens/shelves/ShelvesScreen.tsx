import '../../labels/shelves';
import { useMemo, useState } from 'react';
import { viewOfBay } from '@dormer/core/job/bayEdits';
import { shelvesOfAll, shelvesWanted, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene, poleOf } from '@dormer/core/say/scene';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Keypad, Segmented, StageLayout, useKeptPlace } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { usePrinting } from '../../platform/usePrinting';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { newId, selectOpenJob, selectPlanned, settings, useAppDispatch, useAppSelector } from '../../store';
import { editPlanned, planOfBay } from '../../store/bay';
import { chooseBay } from '../../store/bayChoice';
import { BayChoice } from './bays/BayChoice';
import { ChosenShelf } from './heights/ChosenShelf';
import { locked, markOf, moved, removed } from './heights/edit';
import { HeightsTab } from './heights/HeightsTab';
import { HowMany } from './heights/HowMany';
import { LevelForm } from './marks/LevelForm';
import { MarksPrint } from './marks/MarksPrint';
import { GapsTable } from './heights/GapsTable';
import { PoleEditor } from './heights/PoleEditor';
import { DrillingPrint } from './supports/DrillingPrint';
import { SupportsForm } from './supports/SupportsForm';
import { ThingsForm } from './things/ThingsForm';
import { Walk, WallMarks } from './marks/WallMarks';

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

/** The chosen bay of the open job: the job and its plan as seen from there; null in place of a plan that is not yet. */
function useBay(whole: Job) {
  const { plan: all } = useAppSelector(selectPlanned);
  const { id } = useAppSelector((state) => state.bay);
  const job = useMemo(() => viewOfBay(whole, id), [whole, id]);
  const plan = useMemo(() => all && planOfBay(all, id), [all, id]);
  return { bay: id, job, plan, all };
}

function Shelves({ job: whole, onShape }: ShelvesScreenProps & { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { bay, job, plan, all } = useBay(whole);
  const main = job === whole;
  const [kept, setTab] = useKeptPlace<Tab>('tab', 'heights');
  // Things stand in the main bay.
  const tab = kept === 'things' && !main ? 'heights' : kept;
  const [number, choose] = useState<number | null>(null);
  const setNumber = (shelf: number | null) => {
    const there = all?.bays.find(({ shelves }) => shelf !== null && shelves.includes(shelf));
    if (there && whole.bays) dispatch(chooseBay(there.id));
    choose(shelf);
  };
  const [at, setAt] = useState(0);
  const { printing, print } = usePrinting();
  const shelf = plan?.shelves.find((laid) => laid.number === number) ?? null;
  // Shelves whose board has a shape of its own to look at.
  const shapely = plan?.parts.some((part) => part.shelf === number && (part.fit ?? part.corner)) ?? false;
  const problems = plan?.problems.filter(({ about }) => about.kind !== 'reading') ?? [];
  return (
    <StageLayout
      name={label('stage.shelves')}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        plan && all ? (
          <ShelvesDrawing job={job} plan={plan} all={all} tab={tab} selected={number} onSelect={setNumber} />
        ) : null
      }
      foot={
        tab === 'marks' && all && all.marks.length > 0 ? (
          <Walk plan={all} job={job} at={at} onWalk={setAt} />
        ) : (
          <HowMany job={job} others={shelvesOfAll(whole) - shelvesWanted(job.shelves)} />
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
      <BayChoice job={whole} chosen={bay} />
      <Segmented
        label={label('shelves.work')}
        value={tab}
        options={TABS.filter((value) => main || value !== 'things').map((value) => ({
          value,
          title: label(`shelves.tab.${value}`),
        }))}
        onChange={setTab}
      />
      <PlanNotices reader={job} problems={problems} />
      <Work
        tab={tab}
        whole={whole}
        job={job}
        plan={plan}
        at={at}
        selected={number}
        onSelect={setNumber}
        onPrint={print}
      />
      {plan ? <PlanNotices reader={job} problems={[]} cautions={cautionsHere(plan, tab)} /> : null}
      {printing && all ? <Printed tab={tab} job={whole} plan={all} /> : null}
    </StageLayout>
  );
}

/** Cautions of this stage. Supports say the one about strength beside the figures. */
const cautionsHere = ({ cautions }: Plan, tab: Tab): Plan['cautions'] =>
  cautions.filter(
    ({ stage, message }) => stage === 'shelves' && !(tab === 'supports' && message.code === 'caution.strength'),
  );

interface WorkProps {
  readonly tab: Tab;
  /** The job with all its bays. */
  readonly whole: Job;
  /** The job as seen from the chosen bay. */
  readonly job: Job;
  readonly plan: Plan | null;
  /** Index of the current mark. */
  readonly at: number;
  readonly selected: number | null;
  readonly onSelect: (shelf: number | null) => void;
  readonly onPrint: () => void;
}

/** Content of the chosen tab. */
function Work({ tab, whole, job, plan, at, selected, onSelect, onPrint }: WorkProps) {
  switch (tab) {
    case 'heights':
      return <HeightsTab whole={whole} job={job} plan={plan} />;
    case 'things':
      return <ThingsForm job={job} plan={plan} />;
    case 'supports':
      return <SupportsForm job={job} plan={plan} selected={selected} onSelect={onSelect} onPrint={onPrint} />;
    case 'marks':
      return plan ? (
        <>
          <WallMarks plan={plan} job={job} at={at} onPrint={onPrint} />
          <LevelForm job={job} plan={plan} />
          <GapsTable plan={plan} job={job} selected={selected} onSelect={onSelect} />
        </>
      ) : null;
  }
}

/** Printed sheet: drilling on the Supports tab, else the marks. */
function Printed({ tab, job, plan }: { tab: Tab; job: Job; plan: Plan }) {
  return tab === 'supports' ? <DrillingPrint job={job} plan={plan} /> : <MarksPrint job={job} plan={plan} />;
}

interface ShelvesDrawingProps {
  readonly job: Job;
  /** What can be moved: the shelves of the chosen bay. */
  readonly plan: Plan;
  /** What is drawn: those of all bays. */
  readonly all: Plan;
  readonly tab: Tab;
  readonly selected: number | null;
  readonly onSelect: (shelf: number | null) => void;
}

/** The elevation with the pole to drag shelves on. */
function ShelvesDrawing({ job, plan, all, tab, selected, onSelect }: ShelvesDrawingProps) {
  const dispatch = useAppDispatch();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const stored = tab === 'heights' || tab === 'things';
  const strength = tab === 'supports';
  const scene = useMemo(
    () => elevationScene(all, job, { exaggeration, show: 'shelves', stored, strength }),
    [all, job, exaggeration, stored, strength],
  );
  const byPlan = (how: (before: Job, plan: Plan) => Job) => void dispatch(editPlanned(how));
  return (
    <DrawingPane
      scene={scene}
      reader={job}
      exaggeration={exaggeration}
      onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
      description={describe(all, job, words(scene.title, job))}
      selected={selected === null ? null : { kind: 'shelf', shelf: selected }}
      onPress={(about) => {
        if (about.kind === 'shelf') onSelect(about.shelf === selected ? null : about.shelf);
      }}
      overlay={(sheet) => (
        <PoleEditor
          plan={plan}
          job={job}
          sheet={sheet}
          pole={poleOf(all, exaggeration)}
          selected={selected}
          onSelect={onSelect}
          onMove={(which, topMm) =>
            byPlan((before, { shelves }) => moved(before, shelves, which, markOf(topMm, before), newId))
          }
          onRemove={(which) => byPlan((before, { shelves }) => removed(before, shelves, which))}
          onLock={(which) =>
            byPlan((before, { shelves }) => {
              const held = shelves.find((other) => other.number === which)?.held ?? null;
              return locked(before, shelves, which, held === null, newId);
            })
          }
        />
      )}
    />
  );
}

/** The shelves in words, for those who do not see the drawing. */
function describe(plan: Plan, job: Job, title: string): string {
  return [title, ...plan.shelves.map((shelf) => `${shelf.number}: ${lengthWords(shelf.top.mm, job)}`)].join('; ');
}
