import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lengthOf, LIMITS, type Job, type StockWish } from '@dormer/core/job/document';
import { Button, TextField } from '../../ui';
import { useLabel } from '../../labels';
import { newId } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { StockPiece } from './StockPiece';

type Own = StockWish['own'][number];

/** Highest price accepted for one piece. */
const MOST_PRICE = 1_000_000;

/** Things one can buy that the catalogue does not have. */
export function OwnStock({ job, onChange }: { job: Job; onChange: (own: StockWish['own']) => void }) {
  const styles = useStyles();
  const label = useLabel();
  const { stock, wood, units } = job;
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
      {stock.own.map((own) => (
        <OwnItem
          key={own.id}
          job={job}
          own={own}
          onChange={(change) =>
            onChange(stock.own.map((other) => (other.id === own.id ? { ...other, ...change } : other)))
          }
          onRemove={() => onChange(stock.own.filter((other) => other.id !== own.id))}
        />
      ))}
      <Button title={label('stock.add')} icon={Plus} disabled={stock.own.length >= LIMITS.ownStock} onPress={add} />
    </View>
  );
}

interface OwnItemProps {
  readonly job: Job;
  readonly own: Own;
  readonly onChange: (change: Partial<Own>) => void;
  readonly onRemove: () => void;
}

function OwnItem({ job, own, onChange, onRemove }: OwnItemProps) {
  const styles = useStyles();
  const label = useLabel();
  const { stock, wood } = job;
  const [fault, setFault] = useState<string | null>(null);
  const priced = (typed: string) => {
    const price = Number(typed.trim().replace(',', '.'));
    const good = typed.trim() === '' || (Number.isFinite(price) && price >= 0 && price <= MOST_PRICE);
    setFault(good ? null : label('stock.badPrice', { typed }));
    if (good && typed.trim() !== '') onChange({ price });
    return good;
  };
  return (
    <View style={styles.own} role="group" aria-label={own.name}>
      <TextField
        label={label('stock.name')}
        value={own.name}
        maxLength={LIMITS.name}
        onCommit={(typed) => (typed.trim() ? onChange({ name: typed.trim() }) : undefined)}
      />
      <StockPiece job={job} piece={own} materials={[wood.boards, wood.sticks, own.material]} onChange={onChange} />
      <TextField
        label={label('stock.price', { currency: stock.currency })}
        value={own.price === undefined ? '' : String(own.price)}
        inputMode="decimal"
        fault={fault}
        onCommit={priced}
      />
      <TextField
        label={label('stock.source')}
        value={own.source ?? ''}
        maxLength={LIMITS.name}
        onCommit={(typed) => (typed.trim() ? onChange({ source: typed.trim() }) : undefined)}
      />
      <Button title={label('stock.remove', { name: own.name })} icon={Trash} look="stop" onPress={onRemove} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    list: { gap: SPACE.one },
    own: { gap: SPACE.half, borderTopWidth: 1, borderTopColor: colours.rule, paddingTop: SPACE.half },
  }),
);
