import Columns from 'lucide-react-native/icons/columns-2';
import { useState } from 'react';
import { mayBeParted } from '@dormer/core/job/bayEdits';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { BaysForm } from '../bays/BaysForm';
import { PinsForm } from '../tiltedAndPins/PinsForm';
import { TiltedForm } from '../tiltedAndPins/TiltedForm';
import { CompareSheet } from './CompareSheet';
import { HeightsForm } from './HeightsForm';

/** Tab for heights: how to decide them, a second layout, tilted shelves, pins. */
export function HeightsTab({ whole, job, plan }: { whole: Job; job: Job; plan: Plan | null }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [comparing, setComparing] = useState(false);
  return (
    <>
      <HeightsForm job={job} plan={plan} />
      {mayBeParted(whole) ? <BaysForm job={whole} plan={plan} /> : null}
      {job === whole ? (
        <Compare
          job={job}
          onSet={() => dispatch(editBay((before) => ({ ...before, otherShelves: before.shelves })))}
          onLook={() => setComparing(true)}
        />
      ) : null}
      {job === whole ? <TiltedForm job={job} plan={plan} /> : null}
      <PinsForm job={job} plan={plan} />
      <Txt kind="small" tone="faint">
        {label('pole.how')}
      </Txt>
      {comparing && plan ? <CompareSheet job={job} plan={plan} onClose={() => setComparing(false)} /> : null}
    </>
  );
}

interface CompareProps {
  readonly job: Job;
  readonly onSet: () => void;
  readonly onLook: () => void;
}

/** A second layout to compare with: this one set beside, then both looked at. */
function Compare({ job, onSet, onLook }: CompareProps) {
  const label = useLabel();
  return job.otherShelves ? (
    <Button title={label('compare.look')} icon={Columns} onPress={onLook} />
  ) : (
    <Button title={label('compare.set')} icon={Columns} onPress={onSet} />
  );
}
