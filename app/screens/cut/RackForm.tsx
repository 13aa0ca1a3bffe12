import Plus from 'lucide-react-native/icons/plus';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lengthOf, type Job, type Offcut } from '@dormer/core/job/document';
import { Button, useKeptPlace } from '../../ui';
import { useLabel } from '../../labels';
import { newId, putOnRack, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { StockPiece } from './StockPiece';

/** A piece that lies about already, put on the rack by hand. */
export function RackForm({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { units, wood, shelves } = job;
  const [open, setOpen] = useKeptPlace<boolean>('rack', false);
  const [piece, setPiece] = useState({
    form: 'board' as Offcut['form'],
    material: wood.boards,
    thickness: shelves.thickness,
    width: shelves.depth,
    length: lengthOf(units === 'in' ? 914.4 : 1000, units),
  });
  const put = () => {
    const { form, material, thickness, width, length } = piece;
    // Of a sheet the longer side is its length.
    const [shorter, longer] = form === 'sheet' ? [width.mm, length.mm].sort((a, b) => a - b) : [width.mm, length.mm];
    const size = { thicknessMm: thickness.mm, widthMm: shorter!, lengthMm: longer! };
    dispatch(putOnRack([{ id: newId(), form, material, ...size, note: '' }]));
    setOpen(false);
  };
  if (!open) return <Button title={label('rack.add')} icon={Plus} onPress={() => setOpen(true)} />;
  return (
    <View style={styles.own} role="group" aria-label={label('rack.add')}>
      <StockPiece
        job={job}
        piece={piece}
        materials={[wood.boards, wood.sticks]}
        onChange={(change) => setPiece((before) => ({ ...before, ...change }))}
      />
      <View style={styles.row}>
        <Button title={label('rack.put')} look="lead" grow onPress={put} />
        <Button title={label('close')} onPress={() => setOpen(false)} />
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    own: { gap: SPACE.half, borderTopWidth: 1, borderTopColor: colours.rule, paddingTop: SPACE.half },
  }),
);
