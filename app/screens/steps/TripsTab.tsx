import House from 'lucide-react-native/icons/house';
import Printer from 'lucide-react-native/icons/printer';
import Store from 'lucide-react-native/icons/store';
import Undo from 'lucide-react-native/icons/undo-2';
import Warehouse from 'lucide-react-native/icons/warehouse';
import { StyleSheet, View } from 'react-native';
import { durationWords, message } from '@dormer/core/base/message';
import type { Step, Trip, Trips } from '@dormer/core/work/steps/forScreens';
import { withDone, withOpen, type Job } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, NoticeLine, Press, Section, Sheet, StageLayout, Txt, useKeptPlace } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { PlanNotices } from '../../parts/PlanNotices';
import { usePrinting } from '../../platform/usePrinting';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { makeStyles, RADIUS, SPACE, TARGET, useTheme } from '../../theme';
import { OwnStepSheet } from './OwnStepSheet';
import { StepCard } from './StepCard';
import type { TabProps } from './tabProps';
import { momentWords } from '../../labels/moments';
import { TripsPrint } from './TripsPrint';
import { useNow } from '../../platform/useNow';

const ICONS = { workshop: Warehouse, site: House, shop: Store } as const;

/** All that is left, trip by trip, with what is done and what was left out. */
export function TripsTab({ job, plan, found, tabs }: TabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const nowMs = useNow(60_000);
  const { printing, print } = usePrinting();
  const [open, setOpen] = useKeptPlace<string | null>('trip', null);
  const by = new Map(plan.build.steps.map((step) => [step.id, step]));
  const step = open === null ? null : (by.get(open) ?? null);
  const { trips } = found;
  const putBack = (id: string) => dispatch(editJob((before) => withOpen(before, id)));
  const told = (ticks: readonly { readonly step: string }[]) => ticks.flatMap((tick) => by.get(tick.step) ?? []);
  return (
    <StageLayout
      name={label('stage.build')}
      share={0.22}
      foot={
        trips && trips.trips.length > 0 ? (
          <Button title={label('trips.print')} icon={Printer} grow disabled={!found.current} onPress={print} />
        ) : null
      }
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<StepDrawing plan={plan} job={job} step={step} />}
    >
      {tabs}
      {trips ? (
        <Sum trips={trips} job={job} />
      ) : (
        <Txt tone="faint">{label(found.failed ? 'build.failed' : 'build.ordering')}</Txt>
      )}
      <PlanNotices reader={job} problems={[...plan.build.problems, ...(trips?.problems ?? [])]} />
      {trips?.trips.map((trip) => (
        <TripSection key={trip.key} trip={trip} job={job} by={by} onOpen={setOpen} />
      ))}
      <Over
        title={label('trips.done')}
        all={told(job.build.done).map((done) => ({
          step: done,
          said: momentWords(job.build.done.find((tick) => tick.step === done.id)?.at ?? nowMs, nowMs),
        }))}
        job={job}
        onPut={putBack}
      />
      <Over
        title={label('trips.left')}
        all={told(job.build.skipped).map((skipped) => ({ step: skipped, said: reasonOf(job, skipped.id) }))}
        job={job}
        onPut={putBack}
      />
      {printing && trips ? <TripsPrint job={job} plan={plan} trips={trips} /> : null}
      {step ? <StepSheet step={step} job={job} plan={plan} nowMs={nowMs} onClose={() => setOpen(null)} /> : null}
    </StageLayout>
  );
}

interface TripSectionProps {
  readonly trip: Trip;
  readonly job: Job;
  readonly by: ReadonlyMap<string, Step>;
  readonly onOpen: (id: string) => void;
}

/** Steps of one trip, each with the wait before it. */
function TripSection({ trip, job, by, onOpen }: TripSectionProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const Icon = ICONS[trip.place];
  return (
    <Section
      title={label('trips.trip', { number: trip.number, place: label(`build.place.${trip.place}`) })}
      aside={<Icon size={22} aria-hidden />}
    >
      {trip.steps.map((timed, i) => {
        const step = by.get(timed.step);
        const before = trip.steps[i - 1];
        return step ? (
          <Row
            key={step.id}
            step={step}
            job={job}
            waitMin={before ? timed.startMin - before.endMin : 0}
            onTick={() => dispatch(editJob((now) => withDone(now, step.id, Date.now())))}
            onOpen={() => onOpen(step.id)}
          />
        ) : null;
      })}
    </Section>
  );
}

interface StepSheetProps extends Pick<TabProps, 'job' | 'plan'> {
  readonly step: Step;
  readonly nowMs: number;
  readonly onClose: () => void;
}

/** Sheet with one step; the person's own steps can be changed. */
const StepSheet = guardedSheet(function StepSheet({ step, job, plan, nowMs, onClose }: StepSheetProps) {
  const label = useLabel();
  const [changing, setChanging] = useKeptPlace<boolean>('changingStep', false);
  const own = step.kind === 'own' ? (job.build.own.find(({ id }) => step.id === `own:${id}`) ?? null) : null;
  return (
    <>
      <Sheet
        title={label('step.title')}
        closeTitle={label('close')}
        onClose={onClose}
        footer={
          step.kind === 'own' ? (
            <Button title={label('own.change')} grow onPress={() => setChanging(true)} />
          ) : undefined
        }
      >
        <StepCard step={step} job={job} plan={plan} nowMs={nowMs} />
      </Sheet>
      {changing ? <OwnStepSheet job={job} plan={plan} own={own} onClose={onClose} /> : null}
    </>
  );
});

function reasonOf(job: Job, step: string): string {
  const said = job.build.skipped.find((one) => one.step === step);
  if (!said) return '';
  const why = words(message(`skip.${said.why}`), job);
  return said.note ? `${why}: ${said.note}` : why;
}

/** How many trips, how long, and how good that is. */
function Sum({ trips, job }: { trips: Trips; job: Job }) {
  const label = useLabel();
  const time = (minutes: number) => words(durationWords(minutes), job);
  if (trips.trips.length === 0) return <NoticeLine kind="sure" word={label('build.allDone')} words="" />;
  const { naive, changes, elapsedMin } = trips;
  const saves = naive.changes > changes || (naive.changes === changes && naive.elapsedMin > elapsedMin + 1);
  return (
    <View>
      <Txt kind="strong">{label('trips.sum', { count: trips.trips.length, time: time(elapsedMin) })}</Txt>
      <Txt kind="small" tone="faint">
        {trips.proven
          ? label('trips.best')
          : label('trips.bound', { count: trips.boundChanges + 1, time: time(trips.boundElapsedMin) })}
        {saves ? ` ${label('trips.saves', { trips: naive.changes + 1, time: time(naive.elapsedMin) })}` : ''}
      </Txt>
    </View>
  );
}

interface RowProps {
  readonly step: Step;
  readonly job: Job;
  readonly waitMin: number;
  readonly onTick: () => void;
  readonly onOpen: () => void;
}

function Row({ step, job, waitMin, onTick, onOpen }: RowProps) {
  const styles = useStyles();
  const label = useLabel();
  const what = words(step.what, job);
  const time = (minutes: number) => words(durationWords(minutes), job);
  return (
    <View>
      {waitMin > 0.5 ? (
        <Txt kind="small" style={styles.wait}>
          {label('trips.wait', { time: time(waitMin) })}
        </Txt>
      ) : null}
      <View style={styles.row}>
        <Press
          role="checkbox"
          aria-checked={false}
          aria-label={label('trips.tick', { what })}
          onPress={onTick}
          style={styles.tick}
        >
          <View style={styles.box} />
        </Press>
        <Press role="button" aria-label={what} onPress={onOpen} style={styles.what}>
          <Txt>{what}</Txt>
          <Txt kind="small" tone="faint">
            {time(step.minutes)}
            {step.who === 'help' ? ` · ${label('build.help')}` : ''}
          </Txt>
        </Press>
      </View>
    </View>
  );
}

interface OverProps {
  readonly title: string;
  readonly all: readonly { readonly step: Step; readonly said: string }[];
  readonly job: Job;
  readonly onPut: (id: string) => void;
}

function Over({ title, all, job, onPut }: OverProps) {
  const styles = useStyles();
  const label = useLabel();
  const { colours } = useTheme();
  if (all.length === 0) return null;
  return (
    <Section title={title}>
      {all.map(({ step, said }) => (
        <View key={step.id} style={styles.row}>
          <View style={styles.what}>
            <Txt style={{ color: colours.faint }}>{words(step.what, job)}</Txt>
            <Txt kind="small" tone="faint">
              {said}
            </Txt>
          </View>
          <Button
            title={label('trips.putBack', { what: words(step.what, job) })}
            icon={Undo}
            iconOnly
            look="quiet"
            onPress={() => onPut(step.id)}
          />
        </View>
      ))}
    </Section>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    tick: { width: TARGET, height: TARGET, alignItems: 'center', justifyContent: 'center' },
    box: { width: 24, height: 24, borderWidth: 2, borderColor: colours.edge, borderRadius: RADIUS.small },
    what: { flex: 1, minHeight: TARGET, justifyContent: 'center' },
    wait: { paddingLeft: TARGET + SPACE.half, color: colours.doubtful },
  }),
);
