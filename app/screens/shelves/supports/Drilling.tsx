import Download from 'lucide-react-native/icons/download';
import Printer from 'lucide-react-native/icons/printer';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Section, Sheet, Txt, useKeptPlace } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { download, fileName } from '../../../platform/files';
import { FullSize } from '../../../parts/FullSize';
import { listWriters } from '../../../platform/writers';
import { useLabel } from '../../../labels';
import { notify, selectFresh, useAppDispatch, useAppSelector } from '../../../store';
import { makeStyles, SPACE } from '../../../theme';
import { drillGroups, type DrillGroup } from './drilling';
import { DrillGroupView } from './DrillSheet';

interface DrillingProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly onPrint: () => void;
}

const DRAWING_PX = 330;

/** Every piece with its holes, alike ones once: to look at, to print, and as files. */
export function Drilling({ job, plan, onPrint }: DrillingProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  // Holes of the job before the last change are not handed out.
  const fresh = useAppSelector(selectFresh);
  const [open, setOpen] = useKeptPlace<boolean>('drilling', false);
  const [full, setFull] = useState<DrillGroup | null>(null);
  const groups = useMemo(() => drillGroups(plan), [plan]);
  if (groups.length === 0) return null;
  const csv = () =>
    void listWriters()
      .then(({ drillingCsv }) =>
        download(`${fileName(job.name)}-drilling.csv`, drillingCsv(plan, job), 'text/csv;charset=utf-8'),
      )
      .catch(() => dispatch(notify('drill.failed')));
  return (
    <Section title={label('drill.title')}>
      <Txt kind="small" tone="faint">
        {label('drill.how')}
      </Txt>
      <Button
        title={label(open ? 'drill.hide' : 'drill.show', { count: groups.length })}
        onPress={() => setOpen(!open)}
      />
      {open
        ? groups.map((group) => (
            <DrillGroupView
              key={group.fixing.id}
              group={group}
              job={job}
              wide={DRAWING_PX}
              onFullSize={group.part?.corner ? undefined : () => setFull(group)}
            />
          ))
        : null}
      <View style={styles.buttons}>
        <Button title={label('drill.print')} icon={Printer} disabled={!fresh} onPress={onPrint} />
        <Button title={label('drill.csv')} icon={Download} disabled={!fresh} onPress={csv} />
      </View>
      {full?.part ? <FullSizeSheet group={full} job={job} onClose={() => setFull(null)} /> : null}
    </Section>
  );
}

const FullSizeSheet = guardedSheet(function FullSizeSheet({
  group,
  job,
  onClose,
}: {
  group: DrillGroup;
  job: Job;
  onClose: () => void;
}) {
  const label = useLabel();
  const { part, fixing, labels } = group;
  return (
    <Sheet title={label('drill.fullSizeOf', { label: labels.join(' ') })} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('drill.fullSizeIs')}</Txt>
      <FullSize
        template={({ screwTemplate }) => (part ? screwTemplate(part, fixing, job.tape) : null)}
        job={job}
        name={`drilling-${fixing.label}`}
      />
    </Sheet>
  );
});

const useStyles = makeStyles(() =>
  StyleSheet.create({ buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } }),
);
