import '../../labels/cut';
import ClipboardCopy from 'lucide-react-native/icons/clipboard-copy';
import Download from 'lucide-react-native/icons/download';
import Printer from 'lucide-react-native/icons/printer';
import { setStringAsync } from 'expo-clipboard';
import { useState, type ReactNode } from 'react';
import type { Job } from '@dormer/core/job/document';
import type { Part } from '@dormer/core/design/fit';
import type { Plan } from '@dormer/core/plan';
import { sectionScene } from '@dormer/core/say/scene';
import { boardScene, boxScene, cornerScene } from '@dormer/core/say/scene/cutting';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, Segmented, StageLayout, Txt, useKeptPlace } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { download, fileName } from '../../platform/files';
import { listWriters } from '../../platform/writers';
import { usePrinting } from '../../platform/usePrinting';
import { DrawingPane } from '../../drawing';
import { useLabel, type PlainLabel } from '../../labels';
import {
  notify,
  selectFresh,
  selectOpenJob,
  selectPlanned,
  settings,
  useAppDispatch,
  useAppSelector,
} from '../../store';
import { BoardSection } from './BoardSection';
import { BuyTab } from './BuyTab';
import { BoxCutSection } from './BoxCutSection';
import { CornerForm, CornerSection } from './CornerSection';
import { CutGroupView } from './CutGroupView';
import { HabitSection } from './HabitSection';
import { LayoutsTab } from './LayoutsTab';
import { PrintSheet } from './PrintSheet';
import { SawTab } from './SawTab';

interface CutScreenProps {
  /** The shelf whose board is shown at first. */
  readonly first: number;
}

/** The list to cut: what, how long, how many, what to pencil on each. */
export function CutScreen({ first }: CutScreenProps) {
  const job = useAppSelector(selectOpenJob);
  const { plan } = useAppSelector(selectPlanned);
  return job && plan ? <Cut job={job} plan={plan} first={first} /> : null;
}

const TABS = ['pieces', 'layouts', 'buy', 'saw'] as const;
type Tab = (typeof TABS)[number];

/** The stage in four: what is cut, from what and how, what is bought for it, and one cut at a time. */
function Cut({ job, plan, first }: CutScreenProps & { job: Job; plan: Plan }) {
  const label = useLabel();
  // Who has begun to cut wants the next cut.
  const [tab, setTab] = useKeptPlace<Tab>('tab', job.stock.saw ? 'saw' : 'pieces');
  const [part, setPart] = useState<string | null>(null);
  const tabs = (
    <Segmented
      label={label('cut.tabs')}
      value={tab}
      options={TABS.map((value) => ({ value, title: label(`cut.tab.${value}`) }))}
      onChange={setTab}
    />
  );
  switch (tab) {
    case 'pieces':
      return <Pieces job={job} plan={plan} first={first} tabs={tabs} />;
    case 'layouts':
      return <LayoutsTab job={job} plan={plan} tabs={tabs} part={part} onPart={setPart} />;
    case 'buy':
      return <BuyTab job={job} plan={plan} tabs={tabs} />;
    case 'saw':
      return <SawTab job={job} plan={plan} tabs={tabs} onLayouts={() => setTab('layouts')} />;
  }
}

function Pieces({ job, plan, first, tabs }: CutScreenProps & { job: Job; plan: Plan; tabs: ReactNode }) {
  const label = useLabel();
  const { printing, print } = usePrinting();
  const numbers = plan.shelves
    .map(({ number }) => number)
    .filter((number) => plan.parts.some((part) => part.shelf === number));
  const [chosen, setChosen] = useState(first);
  const shelf = numbers.includes(chosen) ? chosen : (numbers[0] ?? 1);
  const board = plan.parts.find((part) => part.shelf === shelf && part.role === 'board') ?? null;
  const empty = plan.cutList.length === 0;
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.3}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<PieceDrawing job={job} plan={plan} shelf={shelf} board={board} />}
      foot={empty ? null : <ListButtons job={job} plan={plan} onPrint={print} />}
    >
      {tabs}
      {numbers.length > 1 ? (
        <Segmented
          label={label('cut.whichShelf')}
          look="chips"
          value={shelf}
          options={numbers.map((number) => ({
            value: number,
            title: String(number),
            name: label('cut.shelf', { shelf: number }),
          }))}
          onChange={setChosen}
        />
      ) : null}
      <ShapeSections board={board} job={job} plan={plan} />
      <PlanNotices
        reader={job}
        problems={plan.problems.filter(
          ({ about }) => about.kind !== 'reading' && (about.kind !== 'shelf' || about.shelf === shelf || empty),
        )}
      />
      {empty ? <Txt tone="faint">{label('cut.empty')}</Txt> : null}
      {plan.cutList.map((group) => (
        <CutGroupView key={`${group.thicknessMm}-${group.widthMm}`} group={group} plan={plan} job={job} />
      ))}
      {board?.corner ? <CornerForm job={job} /> : null}
      {board?.fit ? <HabitSection job={job} /> : null}
      <PlanNotices reader={job} problems={[]} cautions={plan.cautions.filter(({ stage }) => stage === 'cut')} />
      {printing ? <PrintSheet job={job} plan={plan} /> : null}
    </StageLayout>
  );
}

interface BoardProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly board: Part | null;
}

/** Shapes of the chosen board and of a box. */
function ShapeSections({ job, plan, board }: BoardProps) {
  return (
    <>
      {board?.fit ? <BoardSection key={board.id} board={board} job={job} plan={plan} /> : null}
      {boxScene(plan, job) ? <BoxCutSection job={job} plan={plan} /> : null}
      {board?.corner ? <CornerSection key={board.id} board={board} job={job} plan={plan} /> : null}
    </>
  );
}

/** Draws the box, the chosen board, or a section at its height. */
function PieceDrawing({ job, plan, shelf, board }: BoardProps & { shelf: number }) {
  const dispatch = useAppDispatch();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const upMm = plan.shelves.find(({ number }) => number === shelf)?.top.mm ?? plan.opening.extent.height / 2;
  const box = boxScene(plan, job);
  const scene =
    box ??
    boardScene(plan, shelf, exaggeration) ??
    cornerScene(plan, shelf, exaggeration) ??
    sectionScene(plan, job, { upMm, exaggeration, built: true });
  const size = board ? `: ${lengthWords(board.length.mm, job)} × ${lengthWords(board.width.mm, job)}` : '';
  return (
    <DrawingPane
      scene={scene}
      reader={job}
      exaggeration={box ? 1 : exaggeration}
      // Box and trim are drawn in their true shape.
      onExaggeration={box ? null : (factor) => dispatch(settings.set({ exaggeration: factor }))}
      description={words(scene.title, job) + size}
    />
  );
}

/** Buttons to copy, save and print the cut list. */
function ListButtons({ job, plan, onPrint }: { job: Job; plan: Plan; onPrint: () => void }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  // A list of the job before the last change is not handed out.
  const fresh = useAppSelector(selectFresh);
  const tell = (words: PlainLabel) => void dispatch(notify(words));
  // The writers of sheets are fetched when they are asked for; a page older than the server may not find them.
  const withSheets = (write: (sheets: typeof import('@dormer/core/say/exchange')) => Promise<void> | void) => () =>
    void listWriters()
      .then(write)
      .catch(() => tell('cut.failed'));
  const copy = withSheets(async ({ cutListText }) => {
    // A browser may forbid it: no secure address, or the person said no.
    const copied = await setStringAsync(cutListText(plan, job)).catch(() => false);
    tell(copied ? 'cut.copied' : 'cut.notCopied');
  });
  const csv = withSheets(({ cutListCsv }) =>
    download(`${fileName(job.name)}-cut-list.csv`, cutListCsv(plan, job), 'text/csv;charset=utf-8'),
  );
  return (
    <>
      <Button title={label('cut.copy')} icon={ClipboardCopy} grow disabled={!fresh} onPress={copy} />
      <Button title={label('cut.csv')} icon={Download} grow disabled={!fresh} onPress={csv} />
      <Button title={label('cut.print')} icon={Printer} grow disabled={!fresh} onPress={onPrint} />
    </>
  );
}
