import { NoticeLine } from '../ui';
import { useLabel } from '../labels';
import { DEVICE_FULL, useAppSelector } from '../store';

/** Why this device does not keep the jobs, and what to do; nothing while it does. */
export function StorageFault() {
  const label = useLabel();
  const reason = useAppSelector((state) => state.records.storageFault);
  if (reason === null) return null;
  const words = reason === DEVICE_FULL ? label('save.deviceFull') : label('save.storageFault', { reason });
  return <NoticeLine kind="stop" word={label('problem.stop')} words={words} />;
}
