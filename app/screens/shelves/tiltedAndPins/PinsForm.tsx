import { StyleSheet, View } from 'react-native';
import { pinsOf, type Job, type PinsWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, LengthField, Section, Stepper, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { FullSize } from '../../../parts/FullSize';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';

type Pins = NonNullable<Plan['pins']>;

const MOST_EITHER = 20;

/** Rows of holes for shelf pins, measured from the shelf that is fixed; one template for both sides. */
export function PinsForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const laid = plan?.pins ?? null;
  // Shelves on pins have their holes without being asked for: as they usually are.
  const pins = job.pins || laid ? pinsOf(job) : null;
  const set = (change: Partial<PinsWish>) =>
    dispatch(editBay((one) => ({ ...one, pins: { ...pinsOf(one), ...change } })));
  const begin = () => dispatch(editBay((one) => ({ ...one, pins: pinsOf(one) })));
  const end = () =>
    dispatch(
      editBay((one) => {
        const { pins: _before, ...rest } = one;
        return rest;
      }),
    );
  const fixedMm = plan?.shelves.find((shelf) => shelf.number === laid?.fixed)?.top.mm ?? 0;
  if (!pins) {
    return (
      <Section title={label('pins.title')}>
        <Txt tone="faint">{label('pins.none')}</Txt>
        <Button title={label('pins.add')} onPress={begin} />
      </Section>
    );
  }
  return (
    <Section title={label('pins.title')}>
      <View style={styles.fields}>
        {(['pitch', 'setBack', 'diameter', 'hangs'] as const).map((name) => (
          <View key={name} style={styles.field}>
            <LengthField
              label={label(`pins.${name}`)}
              value={pins[name]}
              units={job.units}
              tape={job.tape}
              {...(name === 'hangs' ? {} : { sign: 'positive' as const, leastMm: 0.1 })}
              onCommit={(value) => set({ [name]: value })}
            />
          </View>
        ))}
      </View>
      <Stepper
        label={label('pins.either')}
        less={label('pins.fewer')}
        more={label('pins.more')}
        value={pins.either}
        least={1}
        most={MOST_EITHER}
        onChange={(either) => set({ either })}
      />
      {laid ? (
        <>
          <Txt>{label('pins.fixed', { shelf: laid.fixed })}</Txt>
          <PinHoles laid={laid} fixedMm={fixedMm} job={job} />
          <Txt kind="strong">{label('pins.template')}</Txt>
          <FullSize template={({ drillingTemplate }) => drillingTemplate(laid)} job={job} name="pins" />
        </>
      ) : null}
      {job.pins ? (
        <Button
          title={label(onPins(job) ? 'pins.usual' : 'pins.remove')}
          look={onPins(job) ? 'quiet' : 'stop'}
          onPress={end}
        />
      ) : null}
    </Section>
  );
}

/** Whether any shelf lies on pins by its support: it has its holes in any case. */
const onPins = ({ support }: Job): boolean =>
  support.system === 'pinned-case' || (support.shelves ?? []).some((shelf) => shelf.system === 'pinned-case');

/** Holes above and below the fixed shelf, each measured from that shelf. */
function PinHoles({ laid, fixedMm, job }: { laid: Pins; fixedMm: number; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const ways = [
    { way: 'upFrom', holes: laid.holes.filter(({ upMm }) => upMm > fixedMm) },
    { way: 'downFrom', holes: laid.holes.filter(({ upMm }) => upMm <= fixedMm) },
  ] as const;
  return ways
    .filter(({ holes }) => holes.length > 0)
    .map(({ way, holes }) => (
      <View key={way} role="group" aria-label={label(`pins.${way}`)}>
        <Txt kind="strong">{label(`pins.${way}`)}</Txt>
        {[...holes].reverse().map((hole) => (
          <View key={hole.upMm} style={styles.row}>
            <Txt style={styles.grow} tone={hole.shelf === null ? 'faint' : undefined}>
              {hole.shelf === null ? label('pins.spare') : label('pins.hole', { shelf: hole.shelf })}
            </Txt>
            <Why
              figure={hole.fromFixed}
              name={label('pins.from', { number: laid.holes.indexOf(hole) + 1 })}
              reader={job}
              align="right"
            />
          </View>
        ))}
      </View>
    ));
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.one },
    field: { flexGrow: 1, flexBasis: 130, minWidth: 120 },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
  }),
);
