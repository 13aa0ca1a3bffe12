import CalendarPlus from 'lucide-react-native/icons/calendar-plus';
import Download from 'lucide-react-native/icons/download';
import Upload from 'lucide-react-native/icons/upload';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { usualCalendar, wallOf, type CalendarWish, type Laid, type Step } from '@dormer/core/steps/hand';
import { withBuild, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { sentence, words } from '@dormer/core/words';
import { Button, Keypad, NoticeLine, PlanNotices, Section, StageLayout, Txt } from '../../controls';
import { download, fileName, pickFile } from '../../controls/files';
import { sheets } from '../../controls/sheets';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel } from '../../labels';
import { editJob, notify, useAppDispatch } from '../../store';
import { makeStyles, SPACE, TARGET } from '../../theme';
import { FreeHours } from './FreeHours';
import { LostDaySheet } from './LostDaySheet';
import { MoveSheet } from './MoveSheet';
import type { TabProps } from './tab';
import { clockWords, dayWords } from '../../controls/moments';
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
  const dispatch = useAppDispatch();
  const { answer, current, failed } = useCalendar(job, plan, null);
  const [losing, setLosing] = useState<string | null>(null);
  const [moving, setMoving] = useState<string | null>(null);
  const [said, setSaid] = useState<readonly string[]>([]);
  const { zone } = calendar;
  const by = new Map(plan.build.steps.map((one) => [one.id, one]));
  const laid = answer?.laid ?? [];
  const days = [...new Set(laid.map((one) => wallOf(zone, one.fromMs).day))];
  const moved = laid.find((one) => one.step === moving);
  const places = {
    workshop: label('build.place.workshop'),
    site: label('build.place.site'),
    shop: label('build.place.shop'),
  };
  const write = () =>
    void sheets()
      .then(({ calendarIcs }) =>
        download(
          `${fileName(job.name)}.ics`,
          calendarIcs({ job, laid, steps: plan.build.steps, placeNames: places, nowMs: Date.now() }),
          'text/calendar;charset=utf-8',
        ),
      )
      .catch(() => dispatch(notify('cut.failed')));
  const read = async () => {
    const contents = await pickFile('.ics,text/calendar');
    if (contents === null) return;
    const { readCalendarIcs } = await sheets();
    const result = readCalendarIcs(contents, { job, laid, steps: plan.build.steps, zone });
    if (!result.ok) return setSaid([words(result.error, job)]);
    const { moved: fresh, unknown } = result.value;
    const others = calendar.moved.filter((one) => !fresh.some((each) => each.step === one.step));
    if (fresh.length > 0) onChange({ ...calendar, moved: [...others, ...fresh] });
    setSaid([label('calendar.read', { count: fresh.length }), ...unknown.map((one) => words(one, job))]);
  };
  return (
    <StageLayout
      {...layout}
      foot={
        <>
          <Button
            title={label('calendar.write')}
            icon={Download}
            grow
            disabled={!current || laid.length === 0}
            onPress={write}
          />
          <Button
            title={label('calendar.readBack')}
            icon={Upload}
            grow
            disabled={!current}
            onPress={() => void read().catch(() => dispatch(notify('cut.failed')))}
          />
        </>
      }
    >
      {tabs}
      {!answer ? <Txt tone="faint">{label(failed ? 'build.failed' : 'build.ordering')}</Txt> : null}
      {answer?.doneMs ? (
        <Txt kind="title">
          {label('calendar.doneBy', { at: `${dayWords(answer.doneMs, zone)}, ${clockWords(answer.doneMs, zone)}` })}
        </Txt>
      ) : null}
      {answer && laid.length === 0 && answer.problems.length === 0 ? (
        <NoticeLine is="sure" word={label('build.allDone')} words="" />
      ) : null}
      {said.map((one, i) => (
        <Txt key={i} role="status">
          {one}
        </Txt>
      ))}
      <PlanNotices reader={job} problems={[...plan.build.problems, ...(answer?.problems ?? [])]} />
      {days.map((day) => {
        const own = laid.filter((one) => wallOf(zone, one.fromMs).day === day);
        return (
          <Section
            key={day}
            title={dayWords(own[0]!.fromMs, zone)}
            aside={<Button look="quiet" title={label('calendar.lose')} onPress={() => setLosing(day)} />}
          >
            {own.map((one) => (
              <Entry
                key={one.step}
                laid={one}
                step={by.get(one.step)}
                zone={zone}
                job={job}
                onOpen={() => setMoving(one.step)}
              />
            ))}
          </Section>
        );
      })}
      {calendar.lost.length > 0 ? (
        <Section title={label('calendar.lostDays')}>
          {calendar.lost.map((day) => (
            <Button
              key={day}
              title={label('calendar.found', { day })}
              onPress={() => onChange({ ...calendar, lost: calendar.lost.filter((one) => one !== day) })}
            />
          ))}
        </Section>
      ) : null}
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
        <MoveSheet
          job={job}
          step={by.get(moved.step)!}
          laid={moved}
          zone={zone}
          onClose={() => setMoving(null)}
          onMove={(at) => {
            const others = calendar.moved.filter((one) => one.step !== moved.step);
            onChange({ ...calendar, moved: at === null ? others : [...others, { step: moved.step, at }] });
            setMoving(null);
          }}
          onMinutes={(minutes) => {
            const others = job.build.minutes.filter((one) => one.step !== moved.step);
            dispatch(editJob((one) => withBuild(one, { minutes: [...others, { step: moved.step, minutes }] })));
          }}
        />
      ) : null}
    </StageLayout>
  );
}

interface EntryProps {
  readonly laid: Laid;
  readonly step: Step | undefined;
  readonly zone: string;
  readonly job: Job;
  readonly onOpen: () => void;
}

function Entry({ laid, step, zone, job, onOpen }: EntryProps) {
  const styles = useStyles();
  const label = useLabel();
  if (!step) return null;
  const what = sentence(step.what, job);
  return (
    <Pressable
      role="button"
      aria-label={`${clockWords(laid.fromMs, zone)} ${what}`}
      onPress={onOpen}
      style={styles.entry}
    >
      <Txt style={styles.time}>
        {clockWords(laid.fromMs, zone)}–{clockWords(laid.toMs, zone)}
      </Txt>
      <View style={styles.what}>
        <Txt>{what}</Txt>
        <Txt kind="small" tone="faint">
          {label(`build.place.${step.place}`)}
          {laid.moved ? ` · ${label('calendar.movedHere')}` : ''}
          {step.who === 'help' ? ` · ${label('build.help')}` : ''}
        </Txt>
      </View>
    </Pressable>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    entry: {
      flexDirection: 'row',
      gap: SPACE.one,
      minHeight: TARGET,
      alignItems: 'flex-start',
      paddingVertical: SPACE.small,
    },
    time: { width: 108 },
    what: { flex: 1 },
  }),
);
