import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PAIRING, type PairedDevice } from '@dormer/core/job/document';
import { ActionRow, Button, NoticeLine, TextField, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { agoWords } from '../../../labels/moments';
import { useListPairedQuery, useRemovePairedMutation, useRenamePairedMutation } from '../../../store/access';
import { SPACE } from '../../../theme';

const LOOK_MS = 5000;

/** Devices that may come in. @param own id of the one that asks; null on the computer itself */
export function PairedDevices({ own }: { own: string | null }) {
  const label = useLabel();
  // A phone that is paired while one looks appears.
  const { data } = useListPairedQuery(undefined, { refetchOnMountOrArgChange: true, pollingInterval: LOOK_MS });
  return (
    <View style={styles.list}>
      <Txt kind="strong">{label('phone.devices')}</Txt>
      {data && data.devices.length === 0 ? <Txt tone="faint">{label('phone.none')}</Txt> : null}
      {data?.devices.map((device) => (
        <DeviceRow key={device.id} device={device} isThis={device.id === own} />
      ))}
    </View>
  );
}

function DeviceRow({ device, isThis }: { device: PairedDevice; isThis: boolean }) {
  const label = useLabel();
  const { id, name, lastUsedAt } = device;
  const [open, setOpen] = useState<'rename' | 'remove' | null>(null);
  const [rename, renaming] = useRenamePairedMutation();
  const [remove, removing] = useRemovePairedMutation();
  const toggle = (part: 'rename' | 'remove') => () => setOpen(open === part ? null : part);
  const takeName = (typed: string) => {
    setOpen(null);
    if (typed.trim() !== '') void rename({ id, name: typed.trim() });
  };
  return (
    <View style={styles.device}>
      <ActionRow
        name={name}
        words={
          <Txt kind="small" tone="faint">
            {isThis ? label('phone.this') : label('phone.used', { ago: agoWords(lastUsedAt) })}
          </Txt>
        }
      >
        <Button title={label('phone.rename')} look="quiet" onPress={toggle('rename')} />
        <Button title={label('phone.remove')} look="quiet" onPress={toggle('remove')} />
      </ActionRow>
      {open === 'rename' ? (
        <TextField label={label('phone.name', { name })} value={name} maxLength={PAIRING.name} onCommit={takeName} />
      ) : null}
      {open === 'remove' ? (
        <>
          <Txt>{label('phone.removeWhy', { name })}</Txt>
          <Button title={label('phone.removeNamed', { name })} look="stop" onPress={() => void remove(id)} />
          <Button title={label('phone.keep')} onPress={() => setOpen(null)} />
        </>
      ) : null}
      {renaming.isError || removing.isError ? (
        <NoticeLine kind="stop" word={label('problem.stop')} words={label('phone.failed')} />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: SPACE.one }, device: { gap: SPACE.half } });
