import { StyleSheet, View } from 'react-native';
import { lengthOf, LIMITS, usualLength, withFurther, type Further, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Keypad, PlanNotices, Section, Segmented, Sheet, Txt } from '../../../controls';
import { LengthFields } from '../../../controls/LengthFields';
import { useLabel } from '../../../labels';
import { editJob, newId, useAppDispatch } from '../../../store';
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
export function FurtherSheet({ shelf, job, plan, onClose }: FurtherSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { dividers, holes } = job.further ?? { dividers: [], holes: [] };
  const ours = {
    dividers: dividers.filter((one) => one.shelf === shelf),
    holes: holes.filter((one) => one.shelf === shelf),
  };
  const board = plan.parts.find((one) => one.shelf === shelf && one.role === 'board');
  const covered = plan.gaps.some((gap) => gap.below === shelf && gap.above !== null);
  const set = (how: (all: Further) => Further) => void dispatch(editJob((one) => withFurther(one, how)));
  const change = (id: string, to: Partial<Divider>) =>
    set((all) => ({ ...all, dividers: all.dividers.map((one) => (one.id === id ? { ...one, ...to } : one)) }));
  const drill = (id: string, to: Partial<Hole>) =>
    set((all) => ({ ...all, holes: all.holes.map((one) => (one.id === id ? { ...one, ...to } : one)) }));
  const without = <One extends { id: string }>(all: readonly One[], id: string) => all.filter((one) => one.id !== id);
  const usual = ([mm, inches]: readonly [number, string]) => usualLength(mm, inches, job.units);
  const addDivider = () => {
    const long = board?.length.mm ?? plan.opening.extent.right - plan.opening.extent.left;
    const divider: Divider = {
      id: newId(),
      shelf,
      at: lengthOf(Math.round((long * (ours.dividers.length + 1)) / (ours.dividers.length + 2)), job.units),
      ...(covered ? {} : { height: usual(HIGH) }),
    };
    set((all) => ({ ...all, dividers: [...all.dividers, divider] }));
  };
  const addHole = () => {
    const hole: Hole = {
      id: newId(),
      shelf,
      from: 'right',
      at: usual(HOLE.at),
      back: usual(HOLE.back),
      diameter: usual(HOLE.diameter),
    };
    set((all) => ({ ...all, holes: [...all.holes, hole] }));
  };
  const upTo = (one: Divider, free: boolean) =>
    set((all) => ({
      ...all,
      dividers: all.dividers.map((was) => {
        if (was.id !== one.id) return was;
        const { height: _before, ...rest } = was;
        return free ? { ...rest, height: usual(HIGH) } : rest;
      }),
    }));
  return (
    <Sheet title={label('further.title', { shelf })} closeTitle={label('close')} onClose={onClose}>
      <PlanNotices
        reader={job}
        problems={plan.problems.filter(
          ({ about, message }) => about.is === 'shelf' && about.shelf === shelf && SAID.test(message.code),
        )}
      />
      <Section title={label('further.dividers')}>
        {ours.dividers.length === 0 ? <Txt tone="faint">{label('further.noDividers')}</Txt> : null}
        {ours.dividers.map((one, index) => (
          <View
            key={one.id}
            style={styles.one}
            role="group"
            aria-label={label('further.divider', { number: index + 1 })}
          >
            <Txt kind="strong">{label('further.divider', { number: index + 1 })}</Txt>
            {covered ? (
              <Segmented
                titled
                label={label('further.reaches')}
                value={one.height ? 'free' : 'above'}
                options={(['above', 'free'] as const).map((value) => ({
                  value,
                  title: label(`further.reaches.${value}`),
                }))}
                onChange={(value) => upTo(one, value === 'free')}
              />
            ) : null}
            <LengthFields
              units={job.units}
              tape={job.tape}
              fields={[
                {
                  key: 'at',
                  label: label('further.dividerAt'),
                  value: one.at,
                  onCommit: (at) => change(one.id, { at }),
                },
                ...(one.height
                  ? [
                      {
                        key: 'height',
                        label: label('further.dividerHigh'),
                        value: one.height,
                        onCommit: (height: Divider['at']) => change(one.id, { height }),
                      },
                    ]
                  : []),
              ]}
            />
            <Button
              title={label('further.removeDivider', { number: index + 1 })}
              look="stop"
              onPress={() => set((all) => ({ ...all, dividers: without(all.dividers, one.id) }))}
            />
          </View>
        ))}
        <Button
          title={label('further.addDivider')}
          disabled={dividers.length >= LIMITS.dividers}
          onPress={addDivider}
        />
      </Section>
      <Section title={label('further.holes')}>
        {ours.holes.length === 0 ? <Txt tone="faint">{label('further.noHoles')}</Txt> : null}
        {ours.holes.map((one, index) => (
          <View key={one.id} style={styles.one} role="group" aria-label={label('further.hole', { number: index + 1 })}>
            <Txt kind="strong">{label('further.hole', { number: index + 1 })}</Txt>
            <Segmented
              titled
              label={label('further.from')}
              value={one.from}
              options={(['left', 'right'] as const).map((value) => ({ value, title: label(`further.from.${value}`) }))}
              onChange={(from) => drill(one.id, { from })}
            />
            <LengthFields
              units={job.units}
              tape={job.tape}
              fields={(['at', 'back', 'diameter'] as const).map((key) => ({
                key,
                label: label(`further.hole.${key}`),
                value: one[key],
                onCommit: (value) => drill(one.id, { [key]: value }),
              }))}
            />
            <Button
              title={label('further.removeHole', { number: index + 1 })}
              look="stop"
              onPress={() => set((all) => ({ ...all, holes: without(all.holes, one.id) }))}
            />
          </View>
        ))}
        <Button title={label('further.addHole')} disabled={holes.length >= LIMITS.holes} onPress={addHole} />
      </Section>
      <Keypad units={job.units} tape={job.tape} />
    </Sheet>
  );
}

/** Problems of dividers and holes, among those of their shelf. */
const SAID = /^problem\.(divider|hole)/;

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    one: { gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule, paddingBottom: SPACE.one },
  }),
);
