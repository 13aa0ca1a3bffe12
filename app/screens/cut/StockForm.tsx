import { StyleSheet, View } from 'react-native';
import Trash from 'lucide-react-native/icons/trash';
import { lengthOf, type Job, type StockWish } from '@dormer/core/job/document';
import { lengthWords } from '@dormer/core/say/words/first';
import { Button, LengthField, Section, Toggles, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { editJob, selectRack, takeFromRack, useAppDispatch, useAppSelector } from '../../store';
import { SPACE } from '../../theme';
import { OwnStock } from './OwnStock';
import { RackForm } from './RackForm';
import { useStock } from './useStock';

const SAW = ['kerf', 'squaring', 'edges', 'keep'] as const;
/** Size that fits a car with its seats down, until someone measures. Millimetres (assumed). */
const USUAL_CARRY = { metric: { long: 1800, wide: 900 }, inch: { long: 1828.8, wide: 914.4 } };

interface SectionProps {
  readonly job: Job;
  readonly onChange: (change: Partial<StockWish>) => void;
}

/** What the saw takes, what can be carried, what is sold where one is, what is on the rack. */
export function StockForm({ job }: { job: Job }) {
  const change = useStock();
  return (
    <>
      <SawSection job={job} onChange={change} />
      <CarrySection job={job} />
      <SoldSection job={job} onChange={change} />
      <RackSection job={job} onChange={change} />
    </>
  );
}

function SawSection({ job: { stock, units, tape }, onChange }: SectionProps) {
  const label = useLabel();
  return (
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
          onCommit={(value) => onChange({ [key]: value })}
        />
      ))}
    </Section>
  );
}

function CarrySection({ job: { stock, units, tape } }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { carry } = stock;
  const setCarry = (next: StockWish['carry']) =>
    void dispatch(
      editJob((before) => {
        const { carry: _before, ...rest } = before.stock;
        return { ...before, stock: next ? { ...rest, carry: next } : rest };
      }),
    );
  const usual = units === 'in' ? USUAL_CARRY.inch : USUAL_CARRY.metric;
  const usualCarry = () => ({ length: lengthOf(usual.long, units), width: lengthOf(usual.wide, units) });
  return (
    <Section title={label('stock.carry')}>
      <Toggles
        label={label('stock.carry')}
        chosen={carry ? ['limit'] : []}
        options={[{ value: 'limit', title: label('stock.carryLimit') }]}
        onChange={(chosen) => setCarry(chosen.length > 0 ? usualCarry() : undefined)}
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
  );
}

function SoldSection({ job, onChange }: SectionProps) {
  const label = useLabel();
  const { stock } = job;
  return (
    <Section title={label('stock.sold')}>
      <OwnStock job={job} onChange={(own) => onChange({ own })} />
      {stock.leave.length > 0 ? (
        <>
          <Txt kind="small">{label('stock.left', { count: stock.leave.length })}</Txt>
          <Button title={label('stock.leftBack')} onPress={() => onChange({ leave: [] })} />
        </>
      ) : null}
    </Section>
  );
}

function RackSection({ job, onChange }: SectionProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const rack = useAppSelector(selectRack);
  const size = (mm: number, withUnit = false) => lengthWords(Math.floor(mm), job, withUnit);
  return (
    <Section title={label('rack.title')}>
      <Toggles
        label={label('rack.title')}
        chosen={job.stock.useRack ? ['use'] : []}
        options={[{ value: 'use', title: label('rack.use') }]}
        onChange={(chosen) => onChange({ useRack: chosen.length > 0 })}
      />
      <RackForm job={job} />
      {rack.length === 0 ? <Txt tone="faint">{label('rack.empty')}</Txt> : null}
      {rack.map(({ id, thicknessMm, widthMm, lengthMm, note }) => (
        <View key={id} style={styles.row}>
          <Txt style={styles.grow}>
            {`${lengthWords(thicknessMm, job, false)} × ${size(widthMm)} × ${size(lengthMm, true)}`}
            {note ? ` · ${note}` : ''}
          </Txt>
          <Button
            title={label('rack.take')}
            icon={Trash}
            iconOnly
            look="quiet"
            onPress={() => dispatch(takeFromRack([id]))}
          />
        </View>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
  grow: { flex: 1 },
});
