import Download from 'lucide-react-native/icons/download';
import Scale from 'lucide-react-native/icons/scale';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import type { Cutting } from '@dormer/core/work/stock';
import { shoppingFor, type Shopping, type ShoppingLine } from '@dormer/core/work/stock/shopping';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, StageLayout, Txt, useKeptPlace } from '../../ui';
import { download, fileName } from '../../platform/files';
import { money } from '../../labels/money';
import { listWriters } from '../../platform/writers';
import { useLabel } from '../../labels';
import { notify, useAppDispatch } from '../../store';
import { useCutting } from '../../store/useCutting';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';
import { CuttingWork } from './CuttingWork';
import { FinishSection } from './FinishSection';
import { LayoutDrawing } from './LayoutDrawing';
import { Prices } from './Prices';
import { ShoppingRow } from './ShoppingRow';
import { useStock } from './useStock';
import { WhatIfSheet } from './WhatIfSheet';

interface BuyTabProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly tabs: ReactNode;
}

const KINDS = ['wood', 'hardware', 'glue', 'finish'] as const;

/**
 * What is brought home once: boards by the cutting, hardware in packs, what it is finished with; ticked as it goes into
 * the basket.
 */
export function BuyTab({ job, plan, tabs }: BuyTabProps) {
  const styles = useStyles();
  const label = useLabel();
  const { cutting, current, share, stopped, again } = useCutting(job, 'left');
  const [chosen, setChosen] = useKeptPlace<string | null>('buying', null);
  const [comparing, setComparing] = useState(false);
  const shopping = cutting ? shoppingFor({ job, plan, cutting }) : null;
  const lines = shopping?.lines ?? [];
  // The chosen board's cuts, or those of the first board to buy.
  const layout =
    cutting?.layouts.find(({ item }) => item.id === chosen) ?? cutting?.layouts.find(({ from }) => from === 'shop');
  const woodCut = current && cutHere(job) && lines.every(({ kind }) => kind !== 'wood');
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.22}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <LayoutDrawing
          job={job}
          plan={plan}
          cutting={cutting}
          layout={layout ?? null}
          otherwise={() => elevationScene(plan, job, { exaggeration: 1, show: 'shelves' })}
        />
      }
      foot={
        shopping && lines.length > 0 ? (
          <BuyFoot shopping={shopping} job={job} current={current} onCompare={() => setComparing(true)} />
        ) : null
      }
    >
      {tabs}
      <CuttingWork share={share} stopped={stopped} again={again} />
      {shopping && lines.length === 0 ? <Txt tone="faint">{label('cut.empty')}</Txt> : null}
      {KINDS.filter((kind) => lines.some((line) => line.kind === kind)).map((kind) => (
        <View key={kind} style={styles.group}>
          <Txt kind="title">{label(`buy.${kind}`)}</Txt>
          <Lines
            lines={lines.filter((line) => line.kind === kind)}
            job={job}
            buy={cutting?.buy ?? []}
            chosen={chosen}
            onChoose={setChosen}
          />
        </View>
      ))}
      {shopping && woodCut ? <NoticeLine kind="sure" word={label('buy.wood')} words={label('buy.woodThere')} /> : null}
      {shopping?.spare ? (
        <Txt kind="small">
          {label('buy.spare', {
            what: words(shopping.spare.item.name, job),
            long: lengthWords(shopping.spare.item.lengthMm, job),
            price: money(shopping.spare.price, job),
          })}
        </Txt>
      ) : null}
      <FinishSection job={job} plan={plan} />
      {shopping ? <Prices job={job} lines={lines} /> : null}
      {comparing ? <WhatIfSheet job={job} onClose={() => setComparing(false)} /> : null}
    </StageLayout>
  );
}

interface BuyFootProps {
  readonly shopping: Shopping;
  readonly job: Job;
  readonly current: boolean;
  readonly onCompare: () => void;
}

/** Total price, and buttons to compare materials and save the list. */
function BuyFoot({ shopping, job, current, onCompare }: BuyFootProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const open = shopping.lines.filter(({ packs, key }) => packs.length > 0 && !job.stock.ticked.includes(key)).length;
  const write = async () => {
    const { shoppingCsv } = await listWriters();
    const name = `${fileName(job.name)}-${label('buy.fileName')}.csv`;
    await download(name, shoppingCsv(shopping, job), 'text/csv;charset=utf-8');
  };
  return (
    <View style={styles.foot}>
      <View style={styles.grow}>
        <Txt style={styles.total}>{money(shopping.total, job)}</Txt>
        <Txt kind="small" tone="faint">
          {label('buy.open', { count: open })}
        </Txt>
      </View>
      <Button title={label('buy.compare')} icon={Scale} disabled={!current} onPress={onCompare} />
      <Button
        title={label('cut.csv')}
        icon={Download}
        disabled={!current}
        onPress={() => void write().catch(() => dispatch(notify('cut.failed')))}
      />
    </View>
  );
}

interface LinesProps {
  readonly lines: readonly ShoppingLine[];
  readonly job: Job;
  readonly buy: Cutting['buy'];
  readonly chosen: string | null;
  readonly onChoose: (key: string | null) => void;
}

/** Shopping lines of one kind, with their actions. */
function Lines({ lines, job, buy, chosen, onChoose }: LinesProps) {
  const set = useStock();
  const { ticked, have, leave } = job.stock;
  const tick = (key: string) =>
    set({ ticked: ticked.includes(key) ? ticked.filter((other) => other !== key) : [...ticked, key] });
  const owned = (key: string, count: number) =>
    set({ have: [...have.filter(({ what }) => what !== key), ...(count > 0 ? [{ what: key, count }] : [])] });
  return lines.map((line) => (
    <ShoppingRow
      key={line.key}
      line={line}
      job={job}
      ticked={ticked.includes(line.key)}
      open={chosen === line.key}
      onTick={() => tick(line.key)}
      onOpen={() => onChoose(chosen === line.key ? null : line.key)}
      onHave={(count) => owned(line.key, count)}
      onLeave={() => set({ leave: [...leave, line.key] })}
      measure={buy.find(({ item }) => item.id === line.key)?.item ?? null}
    />
  ));
}

/** Whether some of the job is cut, or lies on the saw. */
const cutHere = ({ stock }: Job): boolean => stock.cut.length > 0 || stock.saw !== undefined;

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    foot: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
    total: { flexShrink: 0, fontFamily: FONT.semibold, fontSize: SIZE.title },
    group: { borderTopWidth: 2, borderTopColor: colours.pencil, paddingTop: SPACE.half },
  }),
);
