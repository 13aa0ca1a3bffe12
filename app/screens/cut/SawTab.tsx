import Check from 'lucide-react-native/icons/check';
import Undo from 'lucide-react-native/icons/undo-2';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job, Saw } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { snapToTape, type TypedLength } from '@dormer/core/quantity';
import { elevationScene } from '@dormer/core/scene';
import { layoutScene, pieceInElevation } from '@dormer/core/scene/layout';
import type { Blank, Cutting, SawStep } from '@dormer/core/stock';
import { afterWrong, madeBlanks, restsToKeep, sawAgain, sawBegun, sawSteps } from '@dormer/core/stock/saw';
import type { CutNode } from '@dormer/core/stock/sheets/layout';
import { stepWords } from '@dormer/core/stock/steps';
import { lengthWords, words } from '@dormer/core/words';
import { Button, Keypad, LengthField, NoticeLine, Sheet, StageLayout, Txt } from '../../controls';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { cutFromBench, editJob, newId, notify, putOnRack, takeFromRack, useAppDispatch } from '../../store';
import { FONT, makeStyles, RADIUS, SPACE } from '../../theme';
import { CuttingWork } from './CuttingWork';
import { useCutting } from '../../store/useCutting';

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
  const { cutting, current, share, stopped } = useCutting(job);
  const none = !cutting || cutting.layouts.length === 0;
  const begin = () => {
    if (!cutting) return;
    const rack = cutting.layouts.flatMap((one) => (one.from === 'rack' ? [one.item.id.replace(/^rack:/, '')] : []));
    dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, saw: sawBegun(cutting) as Saw } })));
    dispatch(takeFromRack(rack));
  };
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
      <CuttingWork share={share} stopped={stopped} />
      <Txt>{label('sawing.before')}</Txt>
      {cutting?.buy.map(({ item, count }) => (
        <Txt key={item.id}>
          {count} × {words(item.name, job)}, {lengthWords(item.lengthMm, job)}
        </Txt>
      ))}
      {none && share === null ? <Txt tone="faint">{label('cut.empty')}</Txt> : null}
      <Button title={label('sawing.layouts')} onPress={onLayouts} />
      <NoticeLine is="doubtful" word={label('sawing.careWord')} words={label('sawing.care')} />
    </StageLayout>
  );
}

function Sawing({ job, plan, tabs, saw }: Omit<SawTabProps, 'onLayouts'> & { saw: Saw }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const kerf = job.stock.kerf.mm;
  const steps = sawSteps(saw, kerf);
  const done = new Set(saw.done);
  const at = steps.findIndex((one) => !done.has(one.id));
  const step = steps[at] ?? null;
  const made = madeBlanks(saw, kerf);
  const [wrong, setWrong] = useState(false);
  const setSaw = (how: (one: Saw) => Saw) =>
    void dispatch(editJob((one) => (one.stock.saw ? { ...one, stock: { ...one.stock, saw: how(one.stock.saw) } } : one)));
  const tick = (one: SawStep) => setSaw((before) => ({ ...before, done: [...before.done, one.id] }));
  const undo = () => setSaw((before) => ({ ...before, done: before.done.slice(0, -1) }));
  const close = () =>
    void dispatch(
      editJob((one) => {
        const { saw: _over, ...stock } = one.stock;
        return { ...one, stock };
      }),
    );
  const finish = () => {
    const rests = restsToKeep(saw, job.stock).map((one) => ({ ...one, id: newId(), note: job.name }));
    dispatch(putOnRack(rests));
    close();
    dispatch(notify(rests.length > 0 ? 'sawing.racked' : 'sawing.finished'));
  };
  const layout = saw.layouts.find((one) => one.id === step?.layout) ?? saw.layouts[0];
  const blanks = blanksIn(saw, plan);
  const part = step?.gives.part ? partOf(step.gives.part) : null;
  const elevation = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const place = part === null ? null : pieceInElevation(plan, part);
  const scene = step && layout
    ? layoutScene(
        { item: layout, trimMm: layout.trimMm, sheet: layout.form === 'sheet', tree: layout.tree as CutNode },
        { blanks, made, tape: job.tape, ...(step.at >= 0 ? { piece: step.piece, gives: step.gives } : {}) },
      )
    : place ? { ...elevation, shapes: [...elevation.shapes, place] } : elevation;
  const changed = changedSince(saw, plan, made);
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.26}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <DrawingPane scene={scene} reader={job} exaggeration={1} figured onExaggeration={null} description={words(scene.title, job)} />
      }
      foot={
        step ? (
          <>
            <Button title={label('sawing.undo')} icon={Undo} iconOnly disabled={saw.done.length === 0} onPress={undo} />
            <Button title={label('sawing.wrong')} onPress={() => setWrong(true)} disabled={step.at < 0} />
            <Button title={label('sawing.done')} icon={Check} look="lead" grow onPress={() => tick(step)} />
          </>
        ) : (
          <>
            <Button title={label('sawing.undo')} icon={Undo} iconOnly disabled={saw.done.length === 0} onPress={undo} />
            <Button title={label('sawing.finish')} look="lead" grow onPress={finish} />
          </>
        )
      }
    >
      {tabs}
      {changed ? <NoticeLine is="doubtful" word={label('sawing.changedWord')} words={label('sawing.changed')} /> : null}
      {step && layout ? (
        <View style={styles.card} testID="saw-card">
          <Txt kind="small" tone="faint">
            {label('sawing.of', { number: at + 1, of: steps.length, board: step.layout })}
            {step.same ? ` · ${label('sawing.same')}` : ''}
          </Txt>
          <Txt style={styles.figure} testID="saw-figure">
            {lengthWords(step.settingMm, job)}
          </Txt>
          <Txt kind="strong">{words(stepWords(step, job.tools), job)}</Txt>
          <View style={styles.row}>
            {step.gives.part !== null ? (
              <View style={styles.label}>
                <Txt style={styles.labelText}>{blanks.find((one) => one.id === step.gives.part)?.label ?? step.gives.part}</Txt>
              </View>
            ) : null}
            <Txt style={styles.grow}>{givesWords(step, job, label)}</Txt>
          </View>
          {step.leaves && step.at >= 0 && !step.shop ? (
            <Txt kind="small" tone="faint">
              {label('sawing.leaves', { long: lengthWords(snapToTape(step.leaves.lengthMm, job.tape, 'down'), job), wide: lengthWords(snapToTape(step.leaves.widthMm, job.tape, 'down'), job) })}
            </Txt>
          ) : null}
        </View>
      ) : (
        <View style={styles.card}>
          <Txt kind="title">{label('sawing.over')}</Txt>
          <Txt>{label('sawing.overIs', { count: restsToKeep(saw, job.stock).length })}</Txt>
        </View>
      )}
      <Txt kind="small" tone="faint">
        {label('sawing.made', { made: [...made].length, of: allBlanks(saw).length + saw.made.length })}
      </Txt>
      <Button title={label('sawing.stop')} onPress={close} />
      <NoticeLine is="doubtful" word={label('sawing.careWord')} words={label('sawing.care')} />
      {wrong && step ? <WrongSheet job={job} saw={saw} step={step} onClose={() => setWrong(false)} onTaken={(next) => setSaw(() => next)} /> : null}
    </StageLayout>
  );
} // prettier-ignore

interface WrongProps {
  readonly job: Job;
  readonly saw: Saw;
  readonly step: SawStep;
  readonly onClose: () => void;
  readonly onTaken: (next: Saw) => void;
}

/** A cut that went wrong: how long is the piece now, and what becomes of the rest. */
function WrongSheet({ job, saw, step, onClose, onTaken }: WrongProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<TypedLength | null>(null);
  const size = typed?.mm ?? null;
  const [answer, setAnswer] = useState<Cutting | null | 'working' | 'failed'>(null);
  const ask = (now: TypedLength) => {
    const { mm } = now;
    setTyped(now);
    const { again, bench, made } = afterWrong(saw, step, mm, job.stock);
    setAnswer(again ? null : 'working');
    if (again) return;
    dispatch(cutFromBench(bench, [...made]))
      .then(setAnswer)
      .catch(() => setAnswer('failed'));
  };
  const cutting = answer !== null && typeof answer === 'object' ? answer : null;
  return (
    <Sheet
      title={label('wrong.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        cutting && size !== null ? (
          <Button
            title={label('wrong.take')}
            look="lead"
            grow
            onPress={() => {
              onTaken(sawAgain(saw, step, size, cutting, job.stock.kerf.mm) as Saw);
              onClose();
            }}
          />
        ) : null
      }
    >
      <Txt>{label(step.is === 'rip' ? 'wrong.askWide' : 'wrong.askLong', { was: lengthWords(step.settingMm, job) })}</Txt>
      <LengthField
        label={label(step.is === 'rip' ? 'wrong.wide' : 'wrong.long')}
        value={typed}
        units={job.units}
        tape={job.tape}
        sign="any"
        leastMm={0}
        large
        autoFocus
        onCommit={ask}
      />
      <Keypad units={job.units} tape={job.tape} />
      {size !== null && size > step.settingMm + 0.5 ? (
        <NoticeLine is="sure" word={label('wrong.againWord')} words={label('wrong.again', { by: lengthWords(size - step.settingMm, job) })} />
      ) : null}
      {answer === 'working' ? <Txt tone="faint">{label('wrong.working')}</Txt> : null}
      {answer === 'failed' ? <NoticeLine is="doubtful" word={label('layout.failed')} words={label('layout.failedWhy')} /> : null}
      {cutting ? (
        <View style={styles.answer} testID="wrong-answer">
          {cutting.buy.length === 0 && cutting.problems.every((one) => one.severity !== 'stop') ? (
            <NoticeLine is="sure" word={label('wrong.fitsWord')} words={label('wrong.fits')} />
          ) : (
            <NoticeLine
              is="doubtful"
              word={label('wrong.needsWord')}
              words={label('wrong.needs', { what: cutting.buy.map(({ item, count }) => `${count} × ${words(item.name, job)}, ${lengthWords(item.lengthMm, job)}`).join('; ') })}
            />
          )}
        </View>
      ) : null}
    </Sheet>
  );
} // prettier-ignore

/** The part a blank is of: its id without what piece of it. */
const partOf = (blank: string) => blank.replace(/~\d+$/, '').split('+')[0] ?? blank;

const allBlanks = (saw: Saw): string[] => {
  const walk = (node: Saw['layouts'][number]['tree']): string[] =>
    node.is === 'part' ? [node.part ?? ''] : (node.pieces ?? []).flatMap(walk);
  return saw.layouts.flatMap((one) => walk(one.tree));
};

/** What the pieces of a cutting that has begun are called. */
function blanksIn(saw: Saw, plan: Plan): Pick<Blank, 'id' | 'label' | 'parts' | 'widthMm'>[] {
  return allBlanks(saw).map((id) => {
    const ids = id.replace(/~\d+$/, '').split('+');
    const piece = /~(\d+)$/.exec(id)?.[1];
    const names = ids.map((one) => plan.parts.find((part) => part.id === one)?.label ?? one).join(' ');
    return { id, parts: ids, widthMm: 0, label: piece ? `${names}-${piece}` : names };
  });
}

/** Whether pieces that are still to be cut have another length in the plan than in the layouts that are being cut. */
function changedSince(saw: Saw, plan: Plan, made: ReadonlySet<string>): boolean {
  const walk = (node: Saw['layouts'][number]['tree']): boolean => {
    if (node.is !== 'part') return (node.pieces ?? []).some(walk);
    const id = node.part ?? '';
    if (made.has(id) || /[~+]/.test(id)) return false;
    const part = plan.parts.find((one) => one.id === id);
    return !part || Math.abs((node.turned ? node.widthMm : node.lengthMm) - part.length.mm) > 0.3;
  };
  return saw.layouts.some((one) => walk(one.tree));
}

function givesWords(step: SawStep, job: Job, label: ReturnType<typeof useLabel>): string {
  const size = { long: lengthWords(step.gives.lengthMm, job), wide: lengthWords(step.gives.widthMm, job) };
  if (step.at < 0) return label(step.is === 'edges' ? 'sawing.edges' : 'sawing.trims');
  if (step.shop) return label('sawing.shop', size);
  if (step.gives.part !== null) return label('sawing.part', size);
  return label(step.gives.is === 'rest' ? 'sawing.rest' : 'sawing.piece', size);
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: { backgroundColor: colours.panel, borderRadius: RADIUS.usual, padding: SPACE.two, gap: SPACE.half },
    figure: { fontFamily: FONT.condensedBold, fontSize: 76, lineHeight: 84, color: colours.pencil },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
    label: { borderWidth: 2, borderColor: colours.pencil, borderRadius: RADIUS.small, paddingHorizontal: SPACE.one },
    labelText: { fontFamily: FONT.condensedBold, fontSize: 30, lineHeight: 38 },
    answer: { gap: SPACE.half },
  }),
);
