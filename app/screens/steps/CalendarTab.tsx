import CalendarPlus from 'lucide-react-native/icons/calendar-plus';
import Download from 'lucide-react-native/icons/download';
import Upload from 'lucide-react-native/icons/upload';
import { useState } from 'react';
import { usualCalendar, wallOf, type CalendarWish, type Laid, type Step } from '@dormer/core/work/steps/forScreens';
import { withBuild, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, Section, StageLayout, Txt, useKeptPlace } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { download, fileName, pickFile } from '../../platform/files';
import { listWriters } from '../../platform/writers';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel } from '../../labels';
import { editJob, notify, useAppDispatch } from '../../store';
import { CalendarDays } from './CalendarDays';
import { FreeHours } from './FreeHours';
import { LostDaySheet } from './LostDaySheet';
import { MoveSheet } from './MoveSheet';
import type { TabProps } from './tabProps';
import { clockWords, dayWords } from '../../labels/moments';
import { useCalendar } from './useTrips';

/** The work in real dates: what is done on which day, when all is done, and what a lost day changes. */
export function CalendarTab({ job, plan, tabs }: TabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { calendar } = job.build;
  const set = (change: CalendarWish | null) =>
    void dispatch(
      editJob((one) => {
        const { calendar: _before, ...build } = one.build;
        return { ...one, build: change ? { ...build, calendar: change } : build };
      }),
    );
  const begin = () => {
    const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
    set(usualCalendar(timeZone, wallOf(timeZone, Date.now()).day));
  };
  const drawing = <StepDrawing plan={plan} job={job} />;
  const shared = {
    name: label('stage.build'),
    share: 0.18,
    keypad: <Keypad units={job.units} tape={job.tape} />,
    drawing,
  };
  if (!calendar) {
    return (
      <StageLayout
        {...shared}
        foot={<Button title={label('calendar.begin')} icon={CalendarPlus} look="lead" grow onPress={begin} />}
      >
        {tabs}
        <Txt>{label('calendar.none')}</Txt>
      </StageLayout>
    );
  }
  return <Agenda job={job} plan={plan} calendar={calendar} onChange={set} shared={{ ...shared, tabs }} />;
}

interface AgendaProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly calendar: CalendarWish;
  readonly onChange: (calendar: CalendarWish | null) => void;
  readonly shared: Pick<Parameters<typeof StageLayout>[0], 'name' | 'share' | 'keypad' | 'drawing'> &
    Pick<TabProps, 'tabs'>;
}

function Agenda({ job, plan, calendar, onChange, shared: { tabs, ...layout } }: AgendaProps) {
  const label = useLabel();
  const { answer, current, failed } = useCalendar(job, plan, null);
  const [losing, setLosing] = useKeptPlace<string | null>('losing', null);
  const [moving, setMoving] = useKeptPlace<string | null>('moving', null);
  const { zone } = calendar;
  const by = new Map(plan.build.steps.map((step) => [step.id, step]));
  const laid = answer?.laid ?? [];
  const file = useCalendarFile({ job, plan, calendar, laid, onChange });
  const moved = laid.find(({ step }) => step === moving);
  return (
    <StageLayout {...layout} foot={<FileButtons {...file} current={current} empty={laid.length === 0} />}>
      {tabs}
      {!answer ? <Txt tone="faint">{label(failed ? 'build.failed' : 'build.ordering')}</Txt> : null}
      {answer?.doneMs ? (
        <Txt kind="title">
          {label('calendar.doneBy', { at: `${dayWords(answer.doneMs, zone)}, ${clockWords(answer.doneMs, zone)}` })}
        </Txt>
      ) : null}
      {answer && laid.length === 0 && answer.problems.length === 0 ? (
        <NoticeLine kind="sure" word={label('build.allDone')} words="" />
      ) : null}
      {file.said.map((line, i) => (
        <Txt key={i} role="status">
          {line}
        </Txt>
      ))}
      <PlanNotices reader={job} problems={[...plan.build.problems, ...(answer?.problems ?? [])]} />
      <CalendarDays laid={laid} zone={zone} by={by} job={job} onLose={setLosing} onOpen={setMoving} />
      <LostDays calendar={calendar} onChange={onChange} />
      <FreeHours calendar={calendar} onChange={onChange} />
      {losing !== null ? (
        <LostDaySheet
          job={job}
          plan={plan}
          day={losing}
          doneMs={answer?.doneMs ?? null}
          zone={zone}
          onClose={() => setLosing(null)}
          onLose={() => {
            onChange({ ...calendar, lost: [...calendar.lost, losing] });
            setLosing(null);
          }}
        />
      ) : null}
      {moved ? (
        <MovedStep
          job={job}
          step={by.get(moved.step)!}
          laid={moved}
          calendar={calendar}
          onChange={onChange}
          onClose={() => setMoving(null)}
        />
      ) : null}
    </StageLayout>
  );
}

interface CalendarFile extends Pick<AgendaProps, 'job' | 'plan' | 'calendar' | 'onChange'> {
  readonly laid: readonly Laid[];
}

/** Exports the steps to a calendar file and reads one back. */
function useCalendarFile({ job, plan, calendar, laid, onChange }: CalendarFile) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [said, setSaid] = useState<readonly string[]>([]);
  const { steps } = plan.build;
  const failed = () => void dispatch(notify('cut.failed'));
  const placeNames = {
    workshop: label('build.place.workshop'),
    site: label('build.place.site'),
    shop: label('build.place.shop'),
  };
  const write = async () => {
    const { calendarIcs } = await listWriters();
    const contents = calendarIcs({ job, laid, steps, placeNames, nowMs: Date.now() });
    await download(`${fileName(job.name)}.ics`, contents, 'text/calendar;charset=utf-8');
  };
  const read = async () => {
    const contents = await pickFile('.ics,text/calendar');
    if (contents === null) return;
    const { readCalendarIcs } = await listWriters();
    const result = readCalendarIcs(contents, { job, laid, steps, zone: calendar.zone });
    if (!result.ok) return setSaid([words(result.error, job)]);
    const { moved: fresh, unknown } = result.value;
    const others = calendar.moved.filter(({ step }) => !fresh.some((each) => each.step === step));
    if (fresh.length > 0) onChange({ ...calendar, moved: [...others, ...fresh] });
    setSaid([label('calendar.read', { count: fresh.length }), ...unknown.map((line) => words(line, job))]);
  };
  return { said, write: () => void write().catch(failed), read: () => void read().catch(failed) };
}

interface FileButtonsProps extends Pick<ReturnType<typeof useCalendarFile>, 'write' | 'read'> {
  readonly current: boolean;
  readonly empty: boolean;
}

function FileButtons({ write, read, current, empty }: FileButtonsProps) {
  const label = useLabel();
  return (
    <>
      <Button title={label('calendar.write')} icon={Download} grow disabled={!current || empty} onPress={write} />
      <Button title={label('calendar.readBack')} icon={Upload} grow disabled={!current} onPress={read} />
    </>
  );
}

/** Lost days, each with a button to restore it. */
function LostDays({ calendar, onChange }: Pick<AgendaProps, 'calendar' | 'onChange'>) {
  const label = useLabel();
  if (calendar.lost.length === 0) return null;
  return (
    <Section title={label('calendar.lostDays')}>
      {calendar.lost.map((day) => (
        <Button
          key={day}
          title={label('calendar.found', { day })}
          onPress={() => onChange({ ...calendar, lost: calendar.lost.filter((other) => other !== day) })}
        />
      ))}
    </Section>
  );
}

interface MovedStepProps extends Pick<AgendaProps, 'job' | 'calendar' | 'onChange'> {
  readonly step: Step;
  readonly laid: Laid;
  readonly onClose: () => void;
}

/** Sheet to move a step or change its minutes. */
function MovedStep({ job, step, laid, calendar, onChange, onClose }: MovedStepProps) {
  const dispatch = useAppDispatch();
  return (
    <MoveSheet
      job={job}
      step={step}
      laid={laid}
      zone={calendar.zone}
      onClose={onClose}
      onMove={(at) => {
        const others = calendar.moved.filter((moved) => moved.step !== laid.step);
        onChange({ ...calendar, moved: at === null ? others : [...others, { step: laid.step, at }] });
        onClose();
      }}
      onMinutes={(minutes) => {
        const others = job.build.minutes.filter((own) => own.step !== laid.step);
        dispatch(editJob((before) => withBuild(before, { minutes: [...others, { step: laid.step, minutes }] })));
      }}
    />
  );
}
