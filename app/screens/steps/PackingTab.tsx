import ClipboardCopy from 'lucide-react-native/icons/clipboard-copy';
import { setStringAsync } from 'expo-clipboard';
import { StyleSheet, View } from 'react-native';
import type { Trip } from '@dormer/core/work/steps/forScreens';
import { withBuild } from '@dormer/core/job/document';
import { Button, Keypad, NoticeLine, Press, Section, Segmented, StageLayout, Txt, useKeptPlace } from '../../ui';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel } from '../../labels';
import { editJob, notify, useAppDispatch } from '../../store';
import { makeStyles, RADIUS, SPACE, TARGET } from '../../theme';
import { KINDS, thingsOf } from './packing';
import type { TabProps } from './tabProps';

/** What is taken along on each trip, ticked off as it goes into the bag. */
export function PackingTab({ job, plan, found, tabs }: TabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const trips = found.trips?.trips ?? [];
  const [chosen, setChosen] = useKeptPlace<string | null>('packing', null);
  const trip: Trip | null = trips.find((one) => one.key === chosen) ?? trips[0] ?? null;
  const { packed } = job.build;
  const lists = trip
    ? KINDS.map((kind) => ({
        kind,
        things: thingsOf(trip.packing, kind, job, label).map((thing) => ({
          ...thing,
          key: `${trip.key}/${kind}/${thing.key}`.slice(0, 160),
        })),
      })).filter((one) => one.things.length > 0)
    : [];
  const all = lists.flatMap((list) => list.things);
  const open = all.filter((one) => !packed.includes(one.key)).length;
  const set = (keys: string[]) => dispatch(editJob((one) => withBuild(one, { packed: keys })));
  const tick = (key: string) => set(packed.includes(key) ? packed.filter((one) => one !== key) : [...packed, key]);
  const copy = async () => {
    const lines = lists.flatMap(({ kind, things }) => [
      label(`packing.${kind}`),
      ...things.map((thing) => `- ${thing.what}`),
      '',
    ]);
    const copied = await setStringAsync(lines.join('\n')).catch(() => false);
    dispatch(notify(copied ? 'packing.copied' : 'cut.notCopied'));
  };
  return (
    <StageLayout
      name={label('stage.build')}
      share={0.18}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<StepDrawing plan={plan} job={job} />}
      foot={
        trip ? (
          <>
            <Button
              title={label('packing.clear')}
              disabled={open === all.length}
              onPress={() => set(packed.filter((key) => !all.some((one) => one.key === key)))}
            />
            <Button title={label('packing.copy')} icon={ClipboardCopy} grow onPress={() => void copy()} />
          </>
        ) : null
      }
    >
      {tabs}
      {trips.length > 1 && trip ? (
        <Segmented
          titled
          look="chips"
          label={label('packing.trip')}
          value={trip.key}
          options={trips.map((one) => ({
            value: one.key,
            title: `${one.number} ${label(`build.place.${one.place}`)}`,
          }))}
          onChange={setChosen}
        />
      ) : null}
      {!trip ? (
        <Txt tone="faint">
          {label(found.trips ? 'packing.nothing' : found.failed ? 'build.failed' : 'build.ordering')}
        </Txt>
      ) : null}
      {trip ? (
        open === 0 ? (
          <NoticeLine kind="sure" word={label('packing.all')} words="" />
        ) : (
          <Txt kind="strong">{label('packing.left', { count: open })}</Txt>
        )
      ) : null}
      {lists.map(({ kind, things }) => (
        <Section key={kind} title={label(`packing.${kind}`)}>
          {things.map(({ key, what }) => (
            <Thing key={key} what={what} on={packed.includes(key)} onTick={() => tick(key)} />
          ))}
        </Section>
      ))}
    </StageLayout>
  );
}

/** One item to pack. */
function Thing({ what, on, onTick }: { what: string; on: boolean; onTick: () => void }) {
  const styles = useStyles();
  return (
    <Press role="checkbox" aria-checked={on} aria-label={what} onPress={onTick} style={styles.row}>
      <View style={[styles.box, on && styles.boxOn]}>{on ? <Txt style={styles.mark}>✓</Txt> : null}</View>
      <Txt style={[styles.what, on && styles.done]}>{what}</Txt>
    </Press>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one, minHeight: TARGET },
    box: {
      width: 26,
      height: 26,
      borderWidth: 2,
      borderColor: colours.edge,
      borderRadius: RADIUS.small,
      alignItems: 'center',
      justifyContent: 'center',
    },
    boxOn: { backgroundColor: colours.action, borderColor: colours.action },
    mark: { color: colours.onAction, lineHeight: 22 },
    what: { flex: 1 },
    done: { color: colours.faint, textDecorationLine: 'line-through' },
  }),
);
