import '../../../labels/access';
import { ActivityIndicator, StyleSheet, View } from 'react-native';
import type { HomeAddresses } from '@dormer/core/job/document';
import { Button, NoticeLine, Txt } from '../../../ui';
import { useNow } from '../../../platform/useNow';
import { useLabel } from '../../../labels';
import { momentWords } from '../../../labels/moments';
import { useGetAccessQuery, useMakeCodeMutation } from '../../../store/access';
import { SPACE } from '../../../theme';
import { PairedDevices } from './PairedDevices';
import { QrCode } from './QrCode';

/** How a phone comes in, and which ones are. */
export function PhonePage() {
  const label = useLabel();
  const { data: access, isError } = useGetAccessQuery(undefined, { refetchOnMountOrArgChange: true });
  if (isError) {
    return <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('phone.unreached')} />;
  }
  if (!access) return <ActivityIndicator aria-label={label('more.working')} />;
  const { addresses, device } = access;
  // Behind a proxy of the person's own, devices are paired without addresses of ours.
  const mayPair = addresses !== null || access.as === 'paired';
  return (
    <>
      {addresses ? <Addresses addresses={addresses} /> : null}
      {mayPair ? <NewCode step={addresses && (addresses.trust ? 3 : 2)} /> : <Txt>{label('phone.noHome')}</Txt>}
      <PairedDevices own={device} />
    </>
  );
}

function Addresses({ addresses: { addresses, trust, fingerprint } }: { addresses: HomeAddresses }) {
  const label = useLabel();
  const [first = '', ...others] = addresses;
  const begin = trust ?? first;
  return (
    <>
      <View style={styles.step}>
        <Txt kind="strong">{label('phone.first')}</Txt>
        <QrCode text={begin} name={label('phone.qr', { address: begin })} />
        <Txt selectable style={styles.address}>
          {begin}
        </Txt>
        {trust && fingerprint ? (
          <>
            <Txt tone="faint">{label('phone.trustWhat')}</Txt>
            <Txt kind="small" selectable>
              {fingerprint}
            </Txt>
          </>
        ) : null}
      </View>
      {trust ? (
        <View style={styles.step}>
          <Txt kind="strong">{label('phone.then')}</Txt>
          <Txt selectable style={styles.address}>
            {first}
          </Txt>
          {others.length > 0 ? <Txt tone="faint">{label('phone.or', { others: others.join(', ') })}</Txt> : null}
        </View>
      ) : null}
    </>
  );
}

const SECOND_MS = 1000;

/** @param step number of this step; null where no step comes before */
function NewCode({ step }: { step: number | null }) {
  const label = useLabel();
  const [make, { data, isLoading, isError }] = useMakeCodeMutation();
  const now = useNow(SECOND_MS);
  const isGood = data && Date.parse(data.until) > now;
  return (
    <View style={styles.step}>
      {step === null ? null : <Txt kind="strong">{label('phone.last', { number: step })}</Txt>}
      {isGood ? (
        <>
          <Txt style={styles.code} role="status" aria-label={label('phone.code', { code: data.code })}>
            {`${data.code.slice(0, 3)} ${data.code.slice(3)}`}
          </Txt>
          <Txt tone="faint" style={styles.address}>
            {label('phone.until', { time: momentWords(Date.parse(data.until), now) })}
          </Txt>
        </>
      ) : null}
      {isError ? <NoticeLine kind="stop" word={label('problem.stop')} words={label('phone.failed')} /> : null}
      <Button title={label('phone.make')} disabled={isLoading} onPress={() => void make()} />
    </View>
  );
}

const styles = StyleSheet.create({
  step: { gap: SPACE.one },
  address: { textAlign: 'center' },
  code: { fontSize: 40, lineHeight: 48, textAlign: 'center', fontVariant: ['tabular-nums'] },
});
