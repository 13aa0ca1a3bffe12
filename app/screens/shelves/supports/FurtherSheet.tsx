import { StyleSheet, View } from 'react-native';
import { lengthOf, LIMITS, usualLength, withFurther, type Further, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Keypad, Section, Segmented, Sheet, Txt } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { PlanNotices } from '../../../parts/PlanNotices';
import { LengthFields } from '../../../ui/LengthFields';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';

interface FurtherSheetProps {
  readonly shelf: number;
  readonly job: Job;
  readonly plan: Plan;
  readonly onClose: () => void;
}

type Divider = Further['dividers'][number];
type Hole = Further['holes'][number];

// A divider that ends below nothing begins so high, millimetres and inches.
const HIGH = [250, '10'] as const;
const HOLE = { diameter: [60, '2 3/8'], back: [80, '3 1/8'], at: [120, '4 3/4'] } as const;

/** What parts one shelf and what is drilled through it: dividers, and holes for cables. */
export const FurtherSheet = guardedSheet(function FurtherSheet({ shelf, job, plan, onClose }: FurtherSheetProps) {
  const label = useLabel();
  return (
    <Sheet title={label('further.title', { shelf })} closeTitle={label('close')} onClose={onClose}>
      <PlanNotices
        reader={job}
        problems={plan.problems.filter(
          ({ about, message }) => about.kind === 'shelf' && about.shelf === shelf && SAID.test(message.code),
        )}
      />
      <Dividers shelf={shelf} job={job} plan={plan} />
      <Holes shelf={shelf} job={job} />
      <Keypad units={job.units} tape={job.tape} />
    </Sheet>
  );
});

const usualIn = ([mm, inches]: readonly [number, string], { units }: Job) => usualLength(mm, inches, units);

/** Edits dividers and holes of the open job. */
function useFurther() {
  const dispatch = useAppDispatch();
  return (how: (before: Further) => Further) => void dispatch(editBay((job) => withFurther(job, how)));
}

/** Dividers on a shelf. */
function Dividers({ shelf, job, plan }: Omit<FurtherSheetProps, 'onClose'>) {
  const label = useLabel();
  const set = useFurther();
  const dividers = job.further?.dividers ?? [];
  const ours = dividers.filter((divider) => divider.shelf === shelf);
  const board = plan.parts.find((part) => part.shelf === shelf && part.role === 'board');
  const covered = plan.gaps.some((gap) => gap.below === shelf && gap.above !== null);
  const add = () => {
    const long = board?.length.mm ?? plan.opening.extent.right - plan.opening.extent.left;
    const divider: Divider = {
      id: newId(),
      shelf,
      at: lengthOf(Math.round((long * (ours.length + 1)) / (ours.length + 2)), job.units),
      ...(covered ? {} : { height: usualIn(HIGH, job) }),
    };
    set((before) => ({ ...before, dividers: [...before.dividers, divider] }));
  };
  return (
    <Section title={label('further.dividers')}>
      {ours.length === 0 ? <Txt tone="faint">{label('further.noDividers')}</Txt> : null}
      {ours.map((divider, index) => (
        <DividerFields key={divider.id} divider={divider} number={index + 1} covered={covered} job={job} />
      ))}
      <Button title={label('further.addDivider')} disabled={dividers.length >= LIMITS.dividers} onPress={add} />
    </Section>
  );
}

interface DividerFieldsProps {
  readonly divider: Divider;
  readonly number: number;
  /** Whether another shelf lies above. */
  readonly covered: boolean;
  readonly job: Job;
}

function DividerFields({ divider, number, covered, job }: DividerFieldsProps) {
  const styles = useStyles();
  const label = useLabel();
  const set = useFurther();
  const change = (how: (before: Divider) => Divider) =>
    set((before) => ({
      ...before,
      dividers: before.dividers.map((other) => (other.id === divider.id ? how(other) : other)),
    }));
  const reach = (free: boolean) =>
    change(({ height: _before, ...rest }) => (free ? { ...rest, height: usualIn(HIGH, job) } : rest));
  const at = {
    key: 'at',
    label: label('further.dividerAt'),
    value: divider.at,
    onCommit: (value: Divider['at']) => change((before) => ({ ...before, at: value })),
  };
  const height = divider.height && {
    key: 'height',
    label: label('further.dividerHigh'),
    value: divider.height,
    onCommit: (value: Divider['at']) => change((before) => ({ ...before, height: value })),
  };
  return (
    <View style={styles.item} role="group" aria-label={label('further.divider', { number })}>
      <Txt kind="strong">{label('further.divider', { number })}</Txt>
      {covered ? (
        <Segmented
          titled
          label={label('further.reaches')}
          value={divider.height ? 'free' : 'above'}
          options={(['above', 'free'] as const).map((value) => ({ value, title: label(`further.reaches.${value}`) }))}
          onChange={(value) => reach(value === 'free')}
        />
      ) : null}
      <LengthFields units={job.units} tape={job.tape} fields={height ? [at, height] : [at]} />
      <Button
        title={label('further.removeDivider', { number })}
        look="stop"
        onPress={() =>
          set((before) => ({ ...before, dividers: before.dividers.filter(({ id }) => id !== divider.id) }))
        }
      />
    </View>
  );
}

/** Holes for cables through a shelf. */
function Holes({ shelf, job }: Pick<FurtherSheetProps, 'shelf' | 'job'>) {
  const label = useLabel();
  const set = useFurther();
  const holes = job.further?.holes ?? [];
  const ours = holes.filter((hole) => hole.shelf === shelf);
  const add = () => {
    const hole: Hole = {
      id: newId(),
      shelf,
      from: 'right',
      at: usualIn(HOLE.at, job),
      back: usualIn(HOLE.back, job),
      diameter: usualIn(HOLE.diameter, job),
    };
    set((before) => ({ ...before, holes: [...before.holes, hole] }));
  };
  return (
    <Section title={label('further.holes')}>
      {ours.length === 0 ? <Txt tone="faint">{label('further.noHoles')}</Txt> : null}
      {ours.map((hole, index) => (
        <HoleFields key={hole.id} hole={hole} number={index + 1} job={job} />
      ))}
      <Button title={label('further.addHole')} disabled={holes.length >= LIMITS.holes} onPress={add} />
    </Section>
  );
}

function HoleFields({ hole, number, job }: { hole: Hole; number: number; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const set = useFurther();
  const change = (to: Partial<Hole>) =>
    set((before) => ({
      ...before,
      holes: before.holes.map((other) => (other.id === hole.id ? { ...other, ...to } : other)),
    }));
  return (
    <View style={styles.item} role="group" aria-label={label('further.hole', { number })}>
      <Txt kind="strong">{label('further.hole', { number })}</Txt>
      <Segmented
        titled
        label={label('further.from')}
        value={hole.from}
        options={(['left', 'right'] as const).map((value) => ({ value, title: label(`further.from.${value}`) }))}
        onChange={(from) => change({ from })}
      />
      <LengthFields
        units={job.units}
        tape={job.tape}
        fields={(['at', 'back', 'diameter'] as const).map((key) => ({
          key,
          label: label(`further.hole.${key}`),
          value: hole[key],
          onCommit: (value) => change({ [key]: value }),
        }))}
      />
      <Button
        title={label('further.removeHole', { number })}
        look="stop"
        onPress={() => set((before) => ({ ...before, holes: before.holes.filter(({ id }) => id !== hole.id) }))}
      />
    </View>
  );
}

/** Problems of dividers and holes, among those of their shelf. */
const SAID = /^problem\.(divider|hole)/;

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    item: { gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule, paddingBottom: SPACE.one },
  }),
);
