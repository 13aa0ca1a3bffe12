import '../../labels/menu';
import BookOpen from 'lucide-react-native/icons/book-open';
import Copy from 'lucide-react-native/icons/copy';
import Download from 'lucide-react-native/icons/download';
import History from 'lucide-react-native/icons/rotate-ccw-clock';
import Keyboard from 'lucide-react-native/icons/keyboard';
import Trash from 'lucide-react-native/icons/trash';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { CURRENCIES, LIMITS, REGIONS, withRegion, type Job } from '@dormer/core/job/document';
import { JOB_UNITS, TAPES, tapeStepName } from '@dormer/core/base/quantity';
import { Button, Segmented, Sheet, TextField, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { downloadJob } from '../../platform/files';
import { useLabel } from '../../labels';
import { copyJob, editJob, removeJob, selectOpenJob, settings, useAppDispatch, useAppSelector } from '../../store';
import { withUnits } from './useShortcuts';
import { VersionsSheet } from './VersionsSheet';

interface JobMenuProps {
  readonly id: string;
  readonly onClose: () => void;
  readonly onShortcuts: () => void;
}

/** What concerns the whole job: its name, notes, units and tape; copies, files, earlier versions, removal. */
export const JobMenu = guardedSheet(function JobMenu({ id, onClose, onShortcuts }: JobMenuProps) {
  const label = useLabel();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const job = useAppSelector(selectOpenJob);
  const theme = useAppSelector((state) => state.settings.theme);
  const [versions, setVersions] = useState(false);
  const [nameFault, setNameFault] = useState<string | null>(null);
  if (!job) return null;
  if (versions) return <VersionsSheet id={id} onClose={onClose} />;
  return (
    <Sheet title={label('menu.title')} closeTitle={label('close')} onClose={onClose}>
      <TextField
        label={label('menu.name')}
        value={job.name}
        maxLength={LIMITS.name}
        fault={nameFault}
        onCommit={(name) => {
          const good = name.trim() !== '';
          setNameFault(good ? null : label('menu.nameEmpty'));
          if (good) dispatch(editJob((one) => ({ ...one, name: name.trim() })));
        }}
      />
      <TextField
        label={label('menu.notes')}
        value={job.notes}
        multiline
        maxLength={LIMITS.notes}
        onCommit={(notes) => dispatch(editJob((one) => ({ ...one, notes })))}
      />
      <Measures job={job} />
      <Segmented
        titled
        label={label('menu.theme')}
        value={theme}
        options={(['system', 'light', 'dark'] as const).map((value) => ({ value, title: label(`theme.${value}`) }))}
        onChange={(choice) => dispatch(settings.set({ theme: choice }))}
      />
      <Button title={label('menu.export')} icon={Download} onPress={() => downloadJob(job)} />
      <Button
        title={label('menu.duplicate')}
        icon={Copy}
        onPress={() => {
          const copy = dispatch(copyJob(id, label('jobs.copyName', { name: job.name })));
          onClose();
          router.navigate({ pathname: '/job/[id]/measure', params: { id: copy } });
        }}
      />
      <Button title={label('menu.versions')} icon={History} onPress={() => setVersions(true)} />
      <Button
        title={label('menu.words')}
        icon={BookOpen}
        onPress={() => {
          onClose();
          router.navigate({ pathname: '/job/[id]/[stage]', params: { id, stage: 'words' } });
        }}
      />
      <Button title={label('menu.shortcuts')} icon={Keyboard} onPress={onShortcuts} />
      <Button
        title={label('menu.remove')}
        icon={Trash}
        look="stop"
        onPress={() => {
          onClose();
          router.navigate('/');
          dispatch(removeJob(id));
        }}
      />
    </Sheet>
  );
});

/** Units and tape, and where the work is. */
function Measures({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const tapes = TAPES.filter((tape) => tape.endsWith('in') === (job.units === 'in'));
  return (
    <>
      <Segmented
        titled
        label={label('menu.units')}
        value={job.units}
        options={JOB_UNITS.map((value) => ({ value, title: label(`unit.${value}`) }))}
        onChange={(units) => dispatch(editJob((one) => withUnits(one, units)))}
      />
      <Segmented
        titled
        label={label('menu.tape')}
        value={job.tape}
        options={tapes.map((value) => ({ value, title: tapeStepName(value) }))}
        onChange={(tape) => dispatch(editJob((one) => ({ ...one, tape })))}
      />
      <Segmented
        titled
        label={label('menu.region')}
        value={job.region}
        options={REGIONS.map((value) => ({ value, title: label(`menu.region.${value}`) }))}
        onChange={(region) => dispatch(editJob((one) => withRegion(one, region)))}
      />
      <Txt kind="small" tone="faint">
        {label('menu.regionIs')}
      </Txt>
      <Segmented
        titled
        label={label('menu.currency')}
        value={job.stock.currency}
        options={CURRENCIES.map((value) => ({ value, title: value }))}
        onChange={(currency) => dispatch(editJob((one) => ({ ...one, stock: { ...one.stock, currency } })))}
      />
    </>
  );
}
