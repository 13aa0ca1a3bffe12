import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lengthOf, LIMITS, REGIONS, type Job, type Offcut, type StockWish } from '@dormer/core/job/document';
import { materialWords } from '@dormer/core/stock/catalogue';
import { lengthWords, words } from '@dormer/core/words';
import { Button, LengthField, Section, Segmented, TextField, Toggles, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { editJob, newId, putOnRack, selectRack, takeFromRack, useAppDispatch, useAppSelector } from '../../store';
import { makeStyles, SPACE } from '../../theme';

const SAW = ['kerf', 'squaring', 'edges', 'keep'] as const;

/** What the saw takes, what can be carried, what is sold where one is, what is on the rack. */
export function StockForm({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const rack = useAppSelector(selectRack);
  const { stock, units, tape } = job;
  const set = (change: Partial<StockWish>) =>
    void dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, ...change } })));
  const { carry } = stock;
  const setCarry = (next: StockWish['carry']) =>
    void dispatch(
      editJob((one) => {
        const { carry: _before, ...rest } = one.stock;
        return { ...one, stock: next ? { ...rest, carry: next } : rest };
      }),
    );
  return (
    <>
      <Section title={label('stock.saw')}>
        {SAW.map((key) => (
          <LengthField
            key={key}
            label={label(`stock.${key}`)}
            value={stock[key]}
            units={units}
            tape={tape}
            sign={key === 'kerf' || key === 'keep' ? 'positive' : 'any'}
            leastMm={0}
            onCommit={(value) => set({ [key]: value })}
          />
        ))}
      </Section>
      <Section title={label('stock.carry')}>
        <Toggles
          label={label('stock.carry')}
          chosen={carry ? ['limit'] : []}
          options={[{ value: 'limit', title: label('stock.carryLimit') }]}
          onChange={(chosen) =>
            setCarry(
              chosen.length > 0
                ? {
                    length: lengthOf(units === 'in' ? 1828.8 : 1800, units),
                    width: lengthOf(units === 'in' ? 914.4 : 900, units),
                  }
                : undefined,
            )
          }
        />
        {carry ? (
          <>
            <LengthField
              label={label('stock.carryLong')}
              value={carry.length}
              units={units}
              tape={tape}
              onCommit={(length) => setCarry({ ...carry, length })}
            />
            <LengthField
              label={label('stock.carryWide')}
              value={carry.width}
              units={units}
              tape={tape}
              onCommit={(width) => setCarry({ ...carry, width })}
            />
          </>
        ) : null}
      </Section>
      <Section title={label('stock.sold')}>
        <Segmented
          label={label('stock.region')}
          value={stock.region}
          options={REGIONS.map((value) => ({ value, title: label(`stock.region.${value}`) }))}
          onChange={(region) => set({ region })}
        />
        <OwnStock job={job} onChange={(own) => set({ own })} />
        {stock.leave.length > 0 ? (
          <>
            <Txt kind="small">{label('stock.left', { count: stock.leave.length })}</Txt>
            <Button title={label('stock.leftBack')} onPress={() => set({ leave: [] })} />
          </>
        ) : null}
      </Section>
      <Section title={label('rack.title')}>
        <Toggles
          label={label('rack.title')}
          chosen={stock.useRack ? ['use'] : []}
          options={[{ value: 'use', title: label('rack.use') }]}
          onChange={(chosen) => set({ useRack: chosen.length > 0 })}
        />
        <RackForm job={job} />
        {rack.length === 0 ? <Txt tone="faint">{label('rack.empty')}</Txt> : null}
        {rack.map((one) => (
          <View key={one.id} style={styles.row}>
            <Txt style={styles.grow}>
              {`${lengthWords(one.thicknessMm, job, false)} × ${lengthWords(Math.floor(one.widthMm), job, false)} × ${lengthWords(Math.floor(one.lengthMm), job)}`}
              {one.note ? ` · ${one.note}` : ''}
            </Txt>
            <Button
              title={label('rack.take')}
              icon={Trash}
              iconOnly
              look="quiet"
              onPress={() => dispatch(takeFromRack([one.id]))}
            />
          </View>
        ))}
      </Section>
    </>
  );
}

/** A piece that lies about already, put on the rack by hand. */
function RackForm({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { units, tape, wood, shelves } = job;
  const [open, setOpen] = useState(false);
  const [form, setForm] = useState<Offcut['form']>('board');
  const [material, setMaterial] = useState(wood.boards);
  const [sizes, setSizes] = useState({
    thickness: shelves.thickness,
    width: shelves.depth,
    length: lengthOf(units === 'in' ? 914.4 : 1000, units),
  });
  const put = () => {
    const { thickness, width, length } = sizes;
    // Of a sheet the longer side is its length.
    const [longer, shorter] =
      form === 'sheet' ? [Math.max(length.mm, width.mm), Math.min(length.mm, width.mm)] : [length.mm, width.mm];
    dispatch(
      putOnRack([
        { id: newId(), form, material, thicknessMm: thickness.mm, widthMm: shorter, lengthMm: longer, note: '' },
      ]),
    );
    setOpen(false);
  };
  if (!open) return <Button title={label('rack.add')} icon={Plus} onPress={() => setOpen(true)} />;
  return (
    <View style={styles.own} role="group" aria-label={label('rack.add')}>
      <Segmented
        label={label('stock.form')}
        look="chips"
        value={form}
        options={(['board', 'strip', 'timber', 'sheet', 'rod'] as const).map((value) => ({
          value,
          title: label(`stock.form.${value}`),
        }))}
        onChange={setForm}
      />
      <Segmented
        label={label('stock.material')}
        look="chips"
        value={material}
        options={[...new Set([wood.boards, wood.sticks])].map((value) => ({
          value,
          title: words(materialWords(value, wood.own), job),
        }))}
        onChange={setMaterial}
      />
      {(['thickness', 'width', 'length'] as const).map((key) => (
        <LengthField
          key={key}
          label={label(`stock.own.${key}`)}
          value={sizes[key]}
          units={units}
          tape={tape}
          onCommit={(value) => setSizes((before) => ({ ...before, [key]: value }))}
        />
      ))}
      <View style={styles.row}>
        <Button title={label('rack.put')} look="lead" grow onPress={put} />
        <Button title={label('close')} onPress={() => setOpen(false)} />
      </View>
    </View>
  );
}

/** Things one can buy that the catalogue does not have. */
function OwnStock({ job, onChange }: { job: Job; onChange: (own: StockWish['own']) => void }) {
  const styles = useStyles();
  const label = useLabel();
  const { stock, wood, units, tape } = job;
  const [fault, setFault] = useState<string | null>(null);
  const change = (id: string, more: Partial<StockWish['own'][number]>) =>
    onChange(stock.own.map((one) => (one.id === id ? { ...one, ...more } : one)));
  const add = () =>
    onChange([
      ...stock.own,
      {
        id: newId(),
        name: label('stock.ownName', { number: stock.own.length + 1 }),
        form: 'board',
        material: wood.boards,
        thickness: job.shelves.thickness,
        width: job.shelves.depth,
        length: lengthOf(units === 'in' ? 2438.4 : 2400, units),
      },
    ]);
  return (
    <View style={styles.list}>
      {stock.own.map((one) => (
        <View key={one.id} style={styles.own} role="group" aria-label={one.name}>
          <TextField
            label={label('stock.name')}
            value={one.name}
            maxLength={LIMITS.name}
            onCommit={(typed) => (typed.trim() ? change(one.id, { name: typed.trim() }) : undefined)}
          />
          <Segmented
            label={label('stock.form')}
            look="chips"
            value={one.form}
            options={(['board', 'strip', 'timber', 'sheet', 'rod'] as const).map((value) => ({
              value,
              title: label(`stock.form.${value}`),
            }))}
            onChange={(form) => change(one.id, { form })}
          />
          <Segmented
            label={label('stock.material')}
            look="chips"
            value={one.material}
            options={[...new Set([wood.boards, wood.sticks, one.material])].map((value) => ({
              value,
              title: words(materialWords(value, wood.own), job),
            }))}
            onChange={(material) => change(one.id, { material })}
          />
          {(['thickness', 'width', 'length'] as const).map((key) => (
            <LengthField
              key={key}
              label={label(`stock.own.${key}`)}
              value={one[key]}
              units={units}
              tape={tape}
              onCommit={(value) => change(one.id, { [key]: value })}
            />
          ))}
          <TextField
            label={label('stock.price', { currency: stock.currency })}
            value={one.price === undefined ? '' : String(one.price)}
            inputMode="decimal"
            fault={fault}
            onCommit={(typed) => {
              const price = Number(typed.trim().replace(',', '.'));
              const good = typed.trim() === '' || (Number.isFinite(price) && price >= 0 && price <= 1_000_000);
              setFault(good ? null : label('stock.badPrice', { typed }));
              if (good && typed.trim() !== '') change(one.id, { price });
              return good;
            }}
          />
          <TextField
            label={label('stock.source')}
            value={one.source ?? ''}
            maxLength={LIMITS.name}
            onCommit={(typed) => (typed.trim() ? change(one.id, { source: typed.trim() }) : undefined)}
          />
          <Button
            title={label('stock.remove', { name: one.name })}
            icon={Trash}
            look="stop"
            onPress={() => onChange(stock.own.filter((other) => other.id !== one.id))}
          />
        </View>
      ))}
      <Button title={label('stock.add')} icon={Plus} disabled={stock.own.length >= LIMITS.ownStock} onPress={add} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
    list: { gap: SPACE.one },
    own: { gap: SPACE.half, borderTopWidth: 1, borderTopColor: colours.rule, paddingTop: SPACE.half },
  }),
);
