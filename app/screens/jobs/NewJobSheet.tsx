import { useState } from 'react';
import { LIMITS, PLACE_KINDS, usualRegion, type PlaceKind } from '@dormer/core/job/document';
import { JOB_UNITS, type JobUnit } from '@dormer/core/base/quantity';
import { Button, Segmented, Sheet, TextField, Txt, useKeptState } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { isAmerican } from '../../platform/local';
import { createJob, selectJobs, useAppDispatch, useAppSelector } from '../../store';

interface NewJobSheetProps {
  readonly onClose: () => void;
  readonly onMade: (id: string) => void;
}

/** A new job: what kind of place, what it is called, and the units it is kept in. */
export const NewJobSheet = guardedSheet(function NewJobSheet({ onClose, onMade }: NewJobSheetProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const last = useAppSelector(selectJobs)[0]?.job;
  const usual = isAmerican() ? 'in' : 'mm';
  const [kind, setKind] = useKeptState<PlaceKind>('kind', 'alcove');
  const [name, setName] = useState('');
  const [units, setUnits] = useKeptState<JobUnit>('units', last?.units ?? usual);
  // The region of the last job counts for the same units only.
  const region = last?.units === units ? last.region : usualRegion(units);
  const make = () => onMade(dispatch(createJob({ kind, name: name.trim() || label(`place.${kind}`), units, region })));
  return (
    <Sheet
      title={label('new.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('new.make')} look="lead" grow onPress={make} />}
    >
      <Segmented
        titled
        label={label('new.kind')}
        value={kind}
        look="chips"
        options={PLACE_KINDS.map((value) => ({ value, title: label(`place.${value}`) }))}
        onChange={setKind}
      />
      <Txt tone="faint">{label(`place.${kind}.is`)}</Txt>
      <TextField
        label={label('new.name')}
        value={name}
        placeholder={label('new.namePlaceholder')}
        maxLength={LIMITS.name}
        onChangeText={setName}
        onSubmitEditing={make}
      />
      <Segmented
        titled
        label={label('menu.units')}
        value={units}
        options={JOB_UNITS.map((value) => ({ value, title: label(`unit.${value}`) }))}
        onChange={setUnits}
      />
    </Sheet>
  );
});
