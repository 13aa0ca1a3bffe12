import Check from 'lucide-react-native/icons/check';
import Undo from 'lucide-react-native/icons/undo-2';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job, Saw } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene, type Scene } from '@dormer/core/say/scene';
import { shapedIn } from '@dormer/core/design/shaping';
import { sawScene, SAW_FACTOR } from '@dormer/core/say/scene/cutting';
import { layoutScene } from '@dormer/core/say/scene/layout';
import { madeBlanks, restsToKeep, sawBegun, withCut } from '@dormer/core/work/stock/saw';
import { finishedParts, partsOfBlank, sawTasks, type SawTask } from '@dormer/core/work/stock/sawTasks';
import type { CutNode } from '@dormer/core/work/stock/sheets/layout';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, StageLayout, Txt, useKeptPlace } from '../../ui';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { editJob, newId, notify, putOnRack, takeFromRack, useAppDispatch } from '../../store';
import { useCutting } from '../../store/useCutting';
import { makeStyles, RADIUS, SPACE } from '../../theme';
import { CuttingWork } from './CuttingWork';
import { SawCard } from './SawCard';
import { blanksIn, changedSince } from './sawn';
import { WrongSheet } from './WrongSheet';

interface SawTabProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly tabs: ReactNode;
  readonly onLayouts: () => void;
}

/** Beside the saw: one cut at a time in figures that are read from a step away. */
export function SawTab({ job, plan, tabs, onLayouts }: SawTabProps) {
  return job.stock.saw ? (
    <Sawing job={job} plan={plan} tabs={tabs} saw={job.stock.saw} />
  ) : (
    <Before job={job} plan={plan} tabs={tabs} onLayouts={onLayouts} />
  );
}

/** Before the first cut: what has to be there. From then on the layouts stay as they are. */
function Before({ job, plan, tabs, onLayouts }: SawTabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { cutting, current, share, stopped, again } = useCutting(job, 'left');
  const none = !cutting || cutting.layouts.length === 0;
  const cut = job.stock.cut.length;
  const begin = () => {
    if (!cutting) return;
    const rack = cutting.layouts.flatMap((layout) =>
      layout.from === 'rack' ? [layout.item.id.replace(/^rack:/, '')] : [],
    );
    dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, saw: sawBegun(cutting) as Saw } })));
    dispatch(takeFromRack(rack));
  };
  const forget = () => void dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, cut: [] } })));
  const allCut = none && current && cut > 0;
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.3}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <DrawingPane
          scene={elevationScene(plan, job, { exaggeration: 1, show: 'shelves' })}
          reader={job}
          exaggeration={1}
          figured
          onExaggeration={null}
        />
      }
      foot={<Button title={label('sawing.begin')} look="lead" grow disabled={none || !current} onPress={begin} />}
    >
      {tabs}
      <CuttingWork share={share} stopped={stopped} again={again} />
      {allCut ? (
        <NoticeLine kind="sure" word={label('sawing.over')} words={label('sawing.allCut', { count: cut })} />
      ) : (
        <Txt>{label('sawing.before')}</Txt>
      )}
      {cutting?.buy.map(({ item, count }) => (
        <Txt key={item.id}>
          {count} × {words(item.name, job)}, {lengthWords(item.lengthMm, job)}
        </Txt>
      ))}
      {none && share === null && cut === 0 ? <Txt tone="faint">{label('cut.empty')}</Txt> : null}
      <Button title={label('sawing.layouts')} onPress={onLayouts} />
      {cut > 0 ? <Button title={label('sawing.cutAgain')} onPress={forget} /> : null}
      <NoticeLine kind="doubtful" word={label('sawing.careWord')} words={label('sawing.care')} />
    </StageLayout>
  );
}

function Sawing({ job, plan, tabs, saw }: Omit<SawTabProps, 'onLayouts'> & { saw: Saw }) {
  const styles = useStyles();
  const label = useLabel();
  const kerf = job.stock.kerf.mm;
  const tasks = sawTasks(saw, plan, job);
  const done = new Set(saw.done);
  const at = tasks.findIndex(({ id }) => !done.has(id));
  const task = tasks[at] ?? null;
  const step = task?.kind === 'cut' ? task.step : null;
  const made = madeBlanks(saw, kerf);
  const [wrong, setWrong] = useKeptPlace<boolean>('wrong', false);
  const { tick, undo, close, replan, finish } = useSaw(job, saw);
  const scene = sceneOf({ job, plan, saw, task, made });
  const parts = new Set(tasks.flatMap((cut) => (cut.kind === 'further' ? [cut.further.part] : [])));
  const finished = finishedParts(saw, tasks, kerf);
  const undoing = (
    <Button title={label('sawing.undo')} icon={Undo} iconOnly disabled={saw.done.length === 0} onPress={undo} />
  );
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.26}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <DrawingPane
          scene={scene}
          reader={job}
          exaggeration={1}
          figured
          onExaggeration={null}
          description={words(scene.title, job)}
        />
      }
      foot={
        task ? (
          <>
            {undoing}
            <Button title={label('sawing.wrong')} onPress={() => setWrong(true)} disabled={!step || step.at < 0} />
            <Button title={label('sawing.done')} icon={Check} look="lead" grow onPress={() => tick(task)} />
          </>
        ) : (
          <>
            {undoing}
            <Button title={label('sawing.finish')} look="lead" grow onPress={finish} />
          </>
        )
      }
    >
      {tabs}
      {changedSince(saw, plan, made, tasks) ? (
        <NoticeLine kind="doubtful" word={label('sawing.changedWord')} words={label('sawing.changed')} />
      ) : null}
      {task ? (
        <SawCard
          task={task}
          number={at + 1}
          of={tasks.length}
          blanks={blanksIn(saw, plan)}
          factor={drawnFactor(task, plan)}
          job={job}
        />
      ) : (
        <View style={styles.card}>
          <Txt kind="title">{label('sawing.over')}</Txt>
          <Txt>{label('sawing.overIs', { count: restsToKeep(saw, job.stock).length })}</Txt>
        </View>
      )}
      <Txt kind="small" tone="faint">
        {label('sawing.made', { made: finished.size, of: partsOnSaw(saw, plan).size })}
        {parts.size > 0 ? ` · ${label('sawing.shaped', { count: parts.size })}` : ''}
      </Txt>
      <Button title={label('sawing.stop')} onPress={close} />
      <NoticeLine kind="doubtful" word={label('sawing.careWord')} words={label('sawing.care')} />
      {wrong && step ? (
        <WrongSheet job={job} saw={saw} step={step} onClose={() => setWrong(false)} onTaken={replan} />
      ) : null}
    </StageLayout>
  );
}

/** Actions at the saw, and what they keep in the job. */
function useSaw({ name, stock }: Job, saw: Saw) {
  const dispatch = useAppDispatch();
  const kerf = stock.kerf.mm;
  const setStock = (how: (stock: Job['stock'], saw: Saw) => Job['stock']) =>
    void dispatch(
      editJob((before) => (before.stock.saw ? { ...before, stock: how(before.stock, before.stock.saw) } : before)),
    );
  const setSaw = (how: (before: Saw) => Saw) => setStock((now, before) => ({ ...now, saw: how(before) }));
  // What is cut stays cut, whatever becomes of the layouts.
  const close = () =>
    setStock(({ saw: _over, ...rest }, before) => ({ ...rest, cut: withCut(rest.cut, before, kerf) }));
  return {
    tick: ({ id }: SawTask) => setSaw((before) => ({ ...before, done: [...before.done, id] })),
    undo: () => setSaw((before) => ({ ...before, done: before.done.slice(0, -1) })),
    close,
    replan: (next: Saw) => setStock((now, before) => ({ ...now, cut: withCut(now.cut, before, kerf), saw: next })),
    finish: () => {
      const rests = restsToKeep(saw, stock).map((rest) => ({ ...rest, id: newId(), note: name }));
      dispatch(putOnRack(rests));
      close();
      dispatch(notify(rests.length > 0 ? 'sawing.racked' : 'sawing.finished'));
    },
  };
}

/** The parts whose pieces are cut, or lie on the saw. */
function partsOnSaw(saw: Saw, plan: Plan): Set<string> {
  return new Set([...blanksIn(saw, plan).flatMap((blank) => blank.parts), ...saw.made.flatMap(partsOfBlank)]);
}

/** How many times too far out of square a piece is drawn. */
const drawnFactor = (task: SawTask, plan: Plan): number =>
  task.kind === 'further' && plan.parts.some((part) => part.id === task.further.part && part.fit) ? SAW_FACTOR : 1;

interface Seen {
  readonly job: Job;
  readonly plan: Plan;
  readonly saw: Saw;
  readonly task: SawTask | null;
  readonly made: ReadonlySet<string>;
}

/** The board on the saw; the piece itself while its ends are cut; the whole when all is cut. */
function sceneOf({ job, plan, saw, task, made }: Seen): Scene {
  if (task?.kind === 'further') {
    const part = plan.parts.find((one) => one.id === task.further.part);
    if (part) return sawScene(shapedIn(plan.body)(part), job);
  }
  const layout = task?.kind === 'cut' ? saw.layouts.find((one) => one.id === task.step.layout) : undefined;
  if (task?.kind !== 'cut' || !layout) return elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const { step } = task;
  return layoutScene(
    { item: layout, trimMm: layout.trimMm, sheet: layout.form === 'sheet', tree: layout.tree as CutNode },
    {
      blanks: blanksIn(saw, plan),
      made,
      tape: job.tape,
      ...(step.at >= 0 ? { piece: step.piece, gives: step.gives } : {}),
    },
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: { backgroundColor: colours.panel, borderRadius: RADIUS.usual, padding: SPACE.two, gap: SPACE.half },
  }),
);
