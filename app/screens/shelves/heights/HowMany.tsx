import { LIMITS, type Job } from '@dormer/core/job/document';
import { Button, Stepper } from '../../../ui';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay, editPlanned } from '../../../store/bay';
import { added } from './edit';

/**
 * Stepper for the number of shelves, or Add shelf when heights are typed.
 * @param others how many shelves the other bays have
 */
export function HowMany({ job, others }: { job: Job; others: number }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const most = LIMITS.shelves - others;
  if (job.shelves.way === 'typed') {
    return (
      <Button
        title={label('shelves.add')}
        look="lead"
        grow
        disabled={job.shelves.heights.length >= most}
        onPress={() => void dispatch(editPlanned((before, plan) => added(before, plan, newId)))}
      />
    );
  }
  return (
    <Stepper
      label={label('shelves.count')}
      less={label('shelves.fewer')}
      more={label('shelves.more')}
      value={job.shelves.count}
      least={0}
      most={most}
      onChange={(count) => dispatch(editBay((before) => ({ ...before, shelves: { ...before.shelves, count } })))}
    />
  );
}
