import '../../../labels/access';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PAIRING, type HomeAddresses } from '@dormer/core/job/document';
import { Button, NoticeLine, TextField, Txt } from '../../../ui';
import { openAddress } from '../../../platform/openAddress';
import { useLabel } from '../../../labels';
import { notify, selectJobs, useAppDispatch, useAppSelector } from '../../../store';
import { pairDevice, useGetAccessQuery } from '../../../store/access';
import { SPACE, useWide } from '../../../theme';

/** What a device sees that is not paired: how it comes in. */
export function Unpaired() {
  const label = useLabel();
  const hasJobs = useAppSelector(selectJobs).length > 0;
  const { data: access } = useGetAccessQuery(undefined, { refetchOnMountOrArgChange: true });
  const isPlain = access?.isEncrypted === false;
  return (
    <View style={styles.part}>
      <Txt kind="title" role="heading" aria-level={2}>
        {label('pair.title')}
      </Txt>
      <Txt>{label('pair.why')}</Txt>
      {hasJobs ? <Txt>{label(isPlain ? 'pair.keptPlain' : 'pair.kept')}</Txt> : null}
      {isPlain ? <NotEncrypted addresses={access.addresses} /> : <PairForm />}
    </View>
  );
}

/** Over plain HTTP: what does not work there, and where it does. */
function NotEncrypted({ addresses }: { addresses: HomeAddresses | null }) {
  const label = useLabel();
  const [encrypted] = addresses?.addresses ?? [];
  const trust = addresses?.trust;
  return (
    <View style={styles.part}>
      <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('pair.plain')} />
      {encrypted ? null : <Txt>{label('pair.noHome')}</Txt>}
      {trust ? (
        <>
          <Txt>{label('pair.trustWhy')}</Txt>
          <Button title={label('pair.trust')} look="lead" onPress={() => openAddress(trust)} />
        </>
      ) : null}
      {encrypted ? <Button title={label('pair.encrypted')} onPress={() => openAddress(encrypted)} /> : null}
    </View>
  );
}

function PairForm() {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const usual = label(useWide() ? 'pair.computer' : 'pair.phone');
  const [code, setCode] = useState('');
  const [name, setName] = useState(usual);
  const [state, setState] = useState<'asked' | string | null>(null);
  const isAsked = state === 'asked';
  const fault = isAsked ? null : state;
  const pair = async () => {
    if (code.replace(/\D/g, '').length !== PAIRING.digits) return setState(label('pair.noCode'));
    if (name.trim() === '') return setState(label('pair.noName'));
    setState('asked');
    const outcome = await dispatch(pairDevice(code, name.trim()));
    if (outcome.kind === 'paired') dispatch(notify('pair.paired'));
    else setState(outcome.kind === 'refused' ? outcome.reason : label('pair.unreached'));
  };
  return (
    <View style={styles.part}>
      <TextField
        label={label('pair.code')}
        value={code}
        inputMode="numeric"
        autoComplete="one-time-code"
        maxLength={PAIRING.digits + 4}
        onChangeText={setCode}
        onSubmitEditing={() => void pair()}
      />
      <TextField label={label('pair.name')} value={name} maxLength={PAIRING.name} onChangeText={setName} />
      {fault ? <NoticeLine kind="stop" word={label('problem.stop')} words={fault} /> : null}
      <Button title={label('pair.pair')} look="lead" disabled={isAsked} onPress={() => void pair()} />
      <Txt tone="faint">{label('pair.how', { list: label('jobs.all'), phone: label('phone.title') })}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({ part: { gap: SPACE.one } });
