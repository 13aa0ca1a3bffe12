import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job, StockWish } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import type { ShoppingLine } from '@dormer/core/work/stock/shopping';
import { Button, Section, Txt } from '../../ui';
import { BroughtInView } from '../../parts/BroughtIn';
import { pickFile } from '../../platform/files';
import { listWriters } from '../../platform/writers';
import { useLabel } from '../../labels';
import { editJob, notify, useAppDispatch, useListSuppliersQuery } from '../../store';
import { askSupplier } from '../../store/cuttingActions';
import { SPACE } from '../../theme';

/** Prices from a supplier that is asked, or from a list. */
export function Prices({ job, lines }: { job: Job; lines: readonly ShoppingLine[] }) {
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
    const { readPricesCsv } = await listWriters();
    const read = readPricesCsv(contents);
    setFault(read.ok ? null : read.error);
    setCame(read.ok ? { count: read.value.prices.length, refused: read.value.refused } : null);
    if (!read.ok || read.value.prices.length === 0) return;
    dispatch(editJob((one) => ({ ...one, stock: withPrices(one.stock, read.value.prices, label('buy.ownList')) })));
  };
  const packs = lines.flatMap((line) => line.packs.map((pack) => ({ item: pack.key, price: pack.price })));
  return (
    <Section title={label('buy.prices')}>
      <Txt kind="small">
        {job.stock.priced ? label('buy.pricedBy', { from: job.stock.priced }) : label('buy.planning')}
      </Txt>
      <View style={styles.buttons}>
        {data?.suppliers.map((supplier) => (
          <Button
            key={supplier.id}
            title={label(supplier.simulated ? 'buy.askSimulated' : 'buy.ask', { name: supplier.name })}
            disabled={packs.length === 0}
            onPress={() =>
              void dispatch(askSupplier(supplier, packs)).then((ok) =>
                ok ? undefined : dispatch(notify('buy.notReached')),
              )
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
  const fresh = new Set(prices.map((price) => price.item));
  return {
    ...stock,
    priced,
    prices: [...stock.prices.filter((price) => !fresh.has(price.item)), ...prices].slice(-600),
  };
}

function withoutPrices({ priced: _priced, ...stock }: StockWish): StockWish {
  return { ...stock, prices: [] };
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
});
