import type { Job } from '@dormer/core/job/document';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { chooseBay } from '../../../store/bayChoice';
import { Segmented } from '../../../ui';
import { bayName } from './bayNames';

/** Which bay is worked on; nothing for a job that is not parted. */
export function BayChoice({ job, chosen }: { job: Job; chosen: string | null }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const bays = job.bays ?? [];
  if (bays.length === 0) return null;
  const known = bays.find(({ id }) => id === chosen) ?? bays.find(({ kind }) => kind === 'main');
  return (
    <Segmented
      label={label('bays.which')}
      value={known?.id ?? ''}
      options={bays.map(({ id }, at) => ({ value: id, title: bayName(bays, at, label) }))}
      onChange={(id) => dispatch(chooseBay(id))}
    />
  );
}
