import Download from 'lucide-react-native/icons/download';
import Scale from 'lucide-react-native/icons/scale';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { FINISHES, type Job, type StockWish } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/message';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/scene';
import { layoutScene } from '@dormer/core/scene/layout';
import { shoppingFor, type ShoppingLine } from '@dormer/core/stock/shopping';
import { lengthWords, words } from '@dormer/core/words';
import {
  Button,
  Keypad,
  LengthField,
  NoticeLine,
  Section,
  Segmented,
  StageLayout,
  Stepper,
  TextField,
  Txt,
} from '../../controls';
import { BroughtInView } from '../../controls/BroughtIn';
import { download, fileName, pickFile } from '../../controls/files';
import { sheets } from '../../controls/sheets';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { askSupplier, editJob, measuredStock, notify, useAppDispatch, useListSuppliersQuery } from '../../store';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET } from '../../theme';
import { CuttingWork } from './CuttingWork';
import { describe } from './LayoutsTab';
import { money } from '../../controls/money';
import { useCutting } from '../../store/useCutting';
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
  const dispatch = useAppDispatch();
  const { cutting, current, share, stopped, again } = useCutting(job, 'left');
  const [chosen, setChosen] = useState<string | null>(null);
  const [comparing, setComparing] = useState(false);
  const { stock } = job;
  const set = (change: Partial<StockWish>) =>
    void dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, ...change } })));
  const shopping = cutting ? shoppingFor({ job, plan, cutting }) : null;
  const layout =
    cutting?.layouts.find((one) => one.item.id === chosen) ?? cutting?.layouts.find((one) => one.from === 'shop');
  const scene =
    layout && cutting
      ? layoutScene(
          { ...layout, sheet: layout.item.form === 'sheet' },
          { blanks: cutting.blanks, parts: plan.parts, tape: job.tape },
        )
      : elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const open = shopping?.lines.filter((one) => one.packs.length > 0 && !stock.ticked.includes(one.key)).length ?? 0;
  const tick = (key: string) =>
    set({ ticked: stock.ticked.includes(key) ? stock.ticked.filter((one) => one !== key) : [...stock.ticked, key] });
  const have = (key: string, count: number) =>
    set({ have: [...stock.have.filter((one) => one.what !== key), ...(count > 0 ? [{ what: key, count }] : [])] });
  const csv = () =>
    shopping
      ? void sheets()
          .then(({ shoppingCsv }) =>
            download(
              `${fileName(job.name)}-${label('buy.fileName')}.csv`,
              shoppingCsv(shopping, job),
              'text/csv;charset=utf-8',
            ),
          )
          .catch(() => dispatch(notify('cut.failed')))
      : undefined;
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.22}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <DrawingPane
          scene={scene}
          reader={job}
          exaggeration={1}
          figured
          onExaggeration={null}
          description={layout && cutting ? describe(layout, cutting, job) : words(scene.title, job)}
        />
      }
      foot={
        shopping && shopping.lines.length > 0 ? (
          <View style={styles.foot}>
            <View style={styles.grow}>
              <Txt style={styles.total}>{money(shopping.total, stock)}</Txt>
              <Txt kind="small" tone="faint">
                {label('buy.open', { count: open })}
              </Txt>
            </View>
            <Button title={label('whatIf.title')} icon={Scale} disabled={!current} onPress={() => setComparing(true)} />
            <Button title={label('cut.csv')} icon={Download} disabled={!current} onPress={csv} />
          </View>
        ) : null
      }
    >
      {tabs}
      <CuttingWork share={share} stopped={stopped} again={again} />
      {shopping && shopping.lines.length === 0 ? <Txt tone="faint">{label('cut.empty')}</Txt> : null}
      {KINDS.map((kind) => {
        const lines = shopping?.lines.filter((one) => one.kind === kind) ?? [];
        if (lines.length === 0) return null;
        return (
          <View key={kind} style={styles.group}>
            <Txt kind="title">{label(`buy.${kind}`)}</Txt>
            {lines.map((line) => (
              <Line
                key={line.key}
                line={line}
                job={job}
                ticked={stock.ticked.includes(line.key)}
                open={chosen === line.key}
                onTick={() => tick(line.key)}
                onOpen={() => setChosen(chosen === line.key ? null : line.key)}
                onHave={(count) => have(line.key, count)}
                onLeave={() => set({ leave: [...stock.leave, line.key] })}
                measure={cutting?.buy.find((one) => one.item.id === line.key)?.item ?? null}
              />
            ))}
          </View>
        );
      })}
      {shopping && current && cutHere(job) && shopping.lines.every((one) => one.kind !== 'wood') ? (
        <NoticeLine is="sure" word={label('buy.wood')} words={label('buy.woodThere')} />
      ) : null}
      {shopping?.spare ? (
        <Txt kind="small">
          {label('buy.spare', {
            what: words(shopping.spare.item.name, job),
            long: lengthWords(shopping.spare.item.lengthMm, job),
            price: money(shopping.spare.price, stock),
          })}
        </Txt>
      ) : null}
      <Section title={label('buy.finishTitle')}>
        <Segmented
          label={label('buy.finishTitle')}
          look="chips"
          value={stock.finish}
          options={FINISHES.map((value) => ({ value, title: label(`buy.finish.${value}`) }))}
          onChange={(finish) => set({ finish })}
        />
        {stock.finish === 'bare' ? null : (
          <Stepper
            label={label('buy.coats')}
            less={label('buy.coatsLess')}
            more={label('buy.coatsMore')}
            value={stock.coats}
            least={1}
            most={6}
            onChange={(coats) => set({ coats })}
          />
        )}
      </Section>
      {shopping ? <Prices job={job} lines={shopping.lines} /> : null}
      {comparing ? <WhatIfSheet job={job} onClose={() => setComparing(false)} /> : null}
    </StageLayout>
  );
}

/** Whether some of the job is cut, or lies on the saw. */
const cutHere = ({ stock }: Job): boolean => stock.cut.length > 0 || stock.saw !== undefined;

interface LineProps {
  readonly line: ShoppingLine;
  readonly job: Job;
  readonly ticked: boolean;
  readonly open: boolean;
  readonly measure: { readonly section: string; readonly thicknessMm: number; readonly measured: boolean } | null;
  readonly onTick: () => void;
  readonly onOpen: () => void;
  readonly onHave: (count: number) => void;
  readonly onLeave: () => void;
}

function Line({ line, job, ticked, open, measure, onTick, onOpen, onHave, onLeave }: LineProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const what = words(line.what, job);
  const packs = line.packs.map((one) => `${one.count} × ${words(one.what, job)}`).join(' + ');
  const amount = line.unit === 'each' ? String(Math.ceil(line.need)) : `${Math.ceil(line.need)} ${line.unit}`;
  return (
    <View style={styles.line}>
      <View style={styles.row}>
        <Pressable
          role="checkbox"
          aria-checked={ticked}
          aria-label={label('buy.tick', { what })}
          onPress={onTick}
          style={styles.tick}
        >
          <View style={[styles.box, ticked && styles.boxOn]}>{ticked ? <Txt style={styles.mark}>✓</Txt> : null}</View>
        </Pressable>
        <Pressable role="button" aria-expanded={open} onPress={onOpen} style={styles.what}>
          <Txt style={ticked ? styles.done : undefined}>{what}</Txt>
          <Txt kind="small" tone="faint">
            {line.packs.length === 0
              ? label('buy.there')
              : line.kind === 'wood'
                ? label('buy.boards', {
                    count: line.packs[0]?.count ?? 0,
                    price: money(line.packs[0]?.price ?? 0, job.stock),
                  })
                : label('buy.needs', { amount, packs })}
          </Txt>
        </Pressable>
        <Txt kind="strong">{money(line.price, job.stock)}</Txt>
      </View>
      {line.short ? <NoticeLine is="doubtful" word={label('buy.short')} words={label('buy.shortWhy')} /> : null}
      {open ? (
        <View style={styles.more}>
          <TextField
            label={label('buy.have', { unit: line.unit === 'each' ? label('buy.pieces') : line.unit })}
            value={line.have > 0 ? String(line.have) : ''}
            inputMode="decimal"
            onCommit={(typed) => {
              const count = Number(typed.trim().replace(',', '.') || '0');
              const good = Number.isFinite(count) && count >= 0 && count <= 100_000;
              if (good) onHave(count);
              return good;
            }}
          />
          {measure ? (
            <LengthField
              label={label('buy.really')}
              value={job.stock.measured.find((one) => one.item === measure.section)?.thickness ?? null}
              units={job.units}
              tape={job.tape}
              leastMm={1}
              onCommit={(thickness) => dispatch(measuredStock(measure.section, measure.thicknessMm, thickness))}
            />
          ) : null}
          {line.kind === 'wood' ? <Button title={label('buy.leave')} onPress={onLeave} /> : null}
          <Txt kind="small" tone="faint">
            {label(`buy.price.${line.priceIs}`, { from: job.stock.priced ?? '' })}
          </Txt>
        </View>
      ) : null}
    </View>
  );
}

/** Prices from a supplier that is asked, or from a list. */
function Prices({ job, lines }: { job: Job; lines: readonly ShoppingLine[] }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { data } = useListSuppliersQuery();
  const [fault, setFault] = useState<Message | null>(null);
  const [came, setCame] = useState<{ count: number; refused: readonly { line: number; message: Message }[] } | null>(
    null,
  );
  const bring = async () => {
    const contents = await pickFile('.csv,text/csv,text/plain');
    if (contents === null) return;
    const { readPricesCsv } = await sheets();
    const read = readPricesCsv(contents);
    setFault(read.ok ? null : read.error);
    setCame(read.ok ? { count: read.value.prices.length, refused: read.value.refused } : null);
    if (!read.ok || read.value.prices.length === 0) return;
    dispatch(editJob((one) => ({ ...one, stock: withPrices(one.stock, read.value.prices, label('buy.ownList')) })));
  };
  const packs = lines.flatMap((line) => line.packs.map((one) => ({ item: one.key, price: one.price })));
  return (
    <Section title={label('buy.prices')}>
      <Txt kind="small">
        {job.stock.priced ? label('buy.pricedBy', { from: job.stock.priced }) : label('buy.planning')}
      </Txt>
      <View style={styles.buttons}>
        {data?.suppliers.map((one) => (
          <Button
            key={one.id}
            title={label(one.simulated ? 'buy.askSimulated' : 'buy.ask', { name: one.name })}
            disabled={packs.length === 0}
            onPress={() =>
              void dispatch(askSupplier(one, packs)).then((ok) => (ok ? undefined : dispatch(notify('buy.notReached'))))
            }
          />
        ))}
        <Button title={label('buy.list')} onPress={() => void bring()} />
        {job.stock.prices.length > 0 ? (
          <Button
            title={label('buy.forget')}
            onPress={() => dispatch(editJob((one) => ({ ...one, stock: withoutPrices(one.stock) })))}
          />
        ) : null}
      </View>
      <BroughtInView
        reader={job}
        fault={fault}
        came={came}
        words={{
          came: (count) => label('buy.came', { count }),
          refused: (count) => label('things.refused', { count }),
          line: (line, why) => label('things.refusedLine', { line, why }),
        }}
      />
    </Section>
  );
}

/** Prices that came in, over those known before of the same things. */
function withPrices(stock: StockWish, prices: StockWish['prices'], priced: string): StockWish {
  const fresh = new Set(prices.map((one) => one.item));
  return { ...stock, priced, prices: [...stock.prices.filter((one) => !fresh.has(one.item)), ...prices].slice(-600) };
}

function withoutPrices({ priced: _priced, ...stock }: StockWish): StockWish {
  return { ...stock, prices: [] };
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    foot: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
    total: { fontFamily: FONT.semibold, fontSize: SIZE.title },
    group: { borderTopWidth: 2, borderTopColor: colours.pencil, paddingTop: SPACE.half },
    line: { borderTopWidth: 1, borderTopColor: colours.rule },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    tick: { minHeight: TARGET, minWidth: TARGET, alignItems: 'center', justifyContent: 'center' },
    box: {
      width: 26,
      height: 26,
      borderWidth: 2,
      borderColor: colours.pencil,
      borderRadius: RADIUS.small,
      alignItems: 'center',
      justifyContent: 'center',
    },
    boxOn: { backgroundColor: colours.action, borderColor: colours.action },
    mark: { color: colours.panel, fontSize: SIZE.body, lineHeight: 20 },
    what: { flex: 1, minHeight: TARGET, justifyContent: 'center', paddingVertical: SPACE.small },
    done: { textDecorationLine: 'line-through' },
    more: { gap: SPACE.half, paddingBottom: SPACE.one, paddingLeft: SPACE.two },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
