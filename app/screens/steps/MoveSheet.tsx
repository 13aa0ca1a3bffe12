import { clockMinutes, momentOf, wallOf, type Laid, type Step } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import { Button, MomentField, Sheet, Txt, useKeptState } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { MinutesField } from '../../parts/MinutesField';
import { clockText } from './clockText';

interface MoveSheetProps {
  readonly job: Job;
  readonly step: Step;
  readonly laid: Laid;
  readonly zone: string;
  readonly onClose: () => void;
  /** Null: it is laid like any other again. */
  readonly onMove: (atMs: number | null) => void;
  readonly onMinutes: (minutes: number) => void;
}

/** A step is begun at a time of one's own, or takes a time of one's own. */
export const MoveSheet = guardedSheet(function MoveSheet({
  job,
  step,
  laid,
  zone,
  onClose,
  onMove,
  onMinutes,
}: MoveSheetProps) {
  const label = useLabel();
  const there = wallOf(zone, laid.fromMs);
  const [day, setDay] = useKeptState('day', there.day);
  const [clock, setClock] = useKeptState('clock', clockText(there.minutes));
  return (
    <Sheet
      title={words(step.what, job)}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <>
          {laid.moved ? <Button title={label('calendar.unmove')} onPress={() => onMove(null)} /> : null}
          <Button
            title={label('calendar.move')}
            look="lead"
            grow
            disabled={day === '' || clock === ''}
            onPress={() => onMove(momentOf(zone, day, clockMinutes(clock)))}
          />
        </>
      }
    >
      <MomentField
        kind="date"
        label={label('calendar.day')}
        value={day}
        fault={day === '' ? label('calendar.badDay') : null}
        onChangeText={setDay}
      />
      <MomentField
        kind="time"
        label={label('calendar.clock')}
        value={clock}
        fault={clock === '' ? label('calendar.badClock') : null}
        onChangeText={setClock}
      />
      <MinutesField
        label={label('calendar.takes')}
        value={step.minutes}
        onCommit={(minutes) => onMinutes(minutes ?? step.minutes)}
      />
      <Txt kind="small" tone="faint">
        {label('calendar.moveWhy')}
      </Txt>
    </Sheet>
  );
});
