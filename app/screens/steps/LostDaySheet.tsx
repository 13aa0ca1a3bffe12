import { momentOf } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { clockWords, dayWords } from '../../labels/moments';
import { useCalendar } from './useTrips';

interface LostDaySheetProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly day: string;
  /** When all is done as it stands. */
  readonly doneMs: number | null;
  readonly zone: string;
  readonly onClose: () => void;
  readonly onLose: () => void;
}

/** What a lost day would change, before it is lost. */
export const LostDaySheet = guardedSheet(function LostDaySheet({
  job,
  plan,
  day,
  doneMs,
  zone,
  onClose,
  onLose,
}: LostDaySheetProps) {
  const label = useLabel();
  const { answer, current } = useCalendar(job, plan, day);
  const at = (ms: number | null) =>
    ms === null ? label('calendar.never') : `${dayWords(ms, zone)}, ${clockWords(ms, zone)}`;
  return (
    <Sheet
      title={label('calendar.loseTitle', { day: dayWords(momentOf(zone, day, 720), zone) })}
      closeTitle={label('close')}
      onClose={onClose}
      footer={<Button title={label('calendar.loseDo')} look="lead" grow onPress={onLose} />}
    >
      <Txt role="status">
        {current && answer
          ? label(answer.withoutMs === doneMs ? 'calendar.loseSame' : 'calendar.loseMoves', {
              from: at(doneMs),
              to: at(answer.withoutMs),
            })
          : label('build.ordering')}
      </Txt>
    </Sheet>
  );
});
