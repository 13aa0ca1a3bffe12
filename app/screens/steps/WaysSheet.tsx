import { StyleSheet, View } from 'react-native';
import { USUAL_WAITS, waitOf } from '@dormer/core/work/steps/forScreens';
import { LIMITS, WAITS, withBuild, type BuildWish, type Job, type Wait } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Section, Segmented, Sheet, Toggles, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { SPACE } from '../../theme';
import { CountField } from '../../parts/CountField';
import { MinutesField } from '../../parts/MinutesField';

/** The schools: how one goes about the work, what the place needs first, and what the tins say. */
export const WaysSheet = guardedSheet(function WaysSheet({
  job,
  plan,
  onClose,
}: {
  job: Job;
  plan: Plan;
  onClose: () => void;
}) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { build } = job;
  const set = (change: Partial<BuildWish>) => void dispatch(editJob((one) => withBuild(one, change)));
  const prepare = (change: Partial<BuildWish['prepare']>) => set({ prepare: { ...build.prepare, ...change } });
  // Only what this job waits for.
  const waited = new Set(plan.build.steps.flatMap((step) => step.after.flatMap((lag) => lag.wait ?? [])));
  const wants = (['clear', 'paint', ...(plan.takes === 'box' ? (['open'] as const) : [])] as const).filter(
    (one) => one !== undefined,
  );
  return (
    <Sheet title={label('build.ways')} closeTitle={label('close')} onClose={onClose}>
      <Choice
        name="supports"
        value={build.supports}
        options={['top-down', 'bottom-up']}
        onChange={(supports) => set({ supports })}
      />
      <Txt kind="small" tone="faint">
        {label(`ways.supportsWhy.${build.supports}`)}
      </Txt>
      <Choice name="cut" value={build.cut} options={['all', 'in-place']} onChange={(cut) => set({ cut })} />
      <Txt kind="small" tone="faint">
        {label(`ways.cutWhy.${build.cut}`)}
      </Txt>
      <Choice name="finish" value={build.finish} options={['before', 'after']} onChange={(finish) => set({ finish })} />
      <Txt kind="small" tone="faint">
        {label('ways.finishIs')}
      </Txt>
      <Choice name="hold" value={build.hold} options={['glue', 'screws']} onChange={(hold) => set({ hold })} />
      <Toggles
        label={label('ways.place')}
        chosen={wants.filter((one) => build.prepare[one])}
        options={wants.map((value) => ({ value, title: label(`ways.prepare.${value}`) }))}
        onChange={(chosen) =>
          prepare({ clear: chosen.includes('clear'), paint: chosen.includes('paint'), open: chosen.includes('open') })
        }
      />
      <CountField
        label={label('ways.holes')}
        value={build.prepare.holes}
        most={LIMITS.oldHoles}
        bad={label('ways.badHoles', { most: LIMITS.oldHoles })}
        onCommit={(holes) => prepare({ holes: holes ?? 0 })}
      />
      <Toggles
        label={label('ways.who')}
        chosen={build.help ? ['help'] : []}
        options={[{ value: 'help', title: label('ways.help') }]}
        onChange={(chosen) => set({ help: chosen.length > 0 })}
      />
      <View style={styles.pair}>
        {(['workshop', 'shop'] as const).map((to) => (
          <View key={to} style={styles.half}>
            <MinutesField
              label={label(`ways.travel.${to}`)}
              value={build.travel[to]}
              onCommit={(minutes) => set({ travel: { ...build.travel, [to]: minutes ?? 0 } })}
            />
          </View>
        ))}
      </View>
      <Section title={label('ways.waits')}>
        <Txt kind="small" tone="faint">
          {label('ways.waitsWhy')}
        </Txt>
        {WAITS.filter((wait) => waited.has(wait)).map((wait) => (
          <WaitFields key={wait} wait={wait} build={build} onChange={(waits) => set({ waits })} />
        ))}
      </Section>
    </Sheet>
  );
});

interface ChoiceProps<T extends string> {
  readonly name: 'supports' | 'cut' | 'finish' | 'hold';
  readonly value: T;
  readonly options: readonly T[];
  readonly onChange: (value: T) => void;
}

function Choice<T extends string>({ name, value, options, onChange }: ChoiceProps<T>) {
  const label = useLabel();
  return (
    <Segmented
      titled
      label={label(`ways.${name}`)}
      value={value}
      options={options.map((option) => ({ value: option, title: label(`ways.${name}.${option}` as 'ways.cut.all') }))}
      onChange={onChange}
    />
  );
}

/** How long one waits for one thing: earliest, and latest where there is one. */
function WaitFields({
  wait,
  build,
  onChange,
}: {
  wait: Wait;
  build: BuildWish;
  onChange: (waits: BuildWish['waits']) => void;
}) {
  const label = useLabel();
  const { leastMin, mostMin } = waitOf(wait, build);
  const what = label(`ways.wait.${wait}`);
  const put = (least: number, most: number | null): string | void => {
    if (most !== null && most < least) return label('ways.backwards');
    const usual = USUAL_WAITS[wait];
    const others = build.waits.filter((one) => one.wait !== wait);
    const same = usual.leastMin === least && usual.mostMin === most;
    onChange(same ? others : [...others, { wait, least, ...(most === null ? {} : { most }) }]);
  };
  return (
    <View style={styles.pair}>
      <View style={styles.half}>
        <MinutesField
          label={label('ways.least', { what })}
          value={leastMin}
          onCommit={(minutes) => put(minutes ?? 0, mostMin)}
        />
      </View>
      <View style={styles.half}>
        <MinutesField
          label={label('ways.most', { what })}
          value={mostMin}
          mayBeNone
          placeholder={label('ways.never')}
          onCommit={(minutes) => put(leastMin, minutes)}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.one },
  half: { flex: 1, justifyContent: 'flex-end' },
});
