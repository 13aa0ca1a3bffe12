import { StyleSheet, View } from 'react-native';
import { LIMITS, usualLength, type Job, type TiltedWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, LengthField, RangeSlider, Section, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';

const FIGURES = ['rear', 'frontUnder', 'rearUnder', 'run', 'needs', 'clear'] as const;

/** Tilted shelves: what is wished of each, and what is marked for it. */
export function TiltedForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const wishes = job.tilted ?? [];
  const set = (how: (before: readonly TiltedWish[]) => TiltedWish[]) =>
    dispatch(editBay((one) => ({ ...one, tilted: how(one.tilted ?? []) })));
  const change = (id: string, changed: Partial<TiltedWish>) =>
    set((before) => before.map((one) => (one.id === id ? { ...one, ...changed } : one)));
  const add = () =>
    set((before) => {
      const last = before.at(-1);
      const up = last ? last.front.mm + 250 : 150;
      const inches = String(Math.round(up / 25.4));
      return [
        ...before,
        {
          id: newId(),
          front: usualLength(up, inches, job.units),
          degrees: last?.degrees ?? 15,
          depth: last?.depth ?? usualLength(300, '12', job.units),
        },
      ];
    });
  return (
    <Section title={label('tilted.title')}>
      {wishes.length === 0 ? <Txt tone="faint">{label('tilted.none')}</Txt> : null}
      {[...wishes]
        .sort((a, b) => a.front.mm - b.front.mm)
        .map((wish, index) => {
          const laid = plan?.tilted.find((one) => one.id === wish.id);
          const shelf = index + 1;
          return (
            <View key={wish.id} style={styles.one} role="group" aria-label={label('tilted.name', { shelf })}>
              <Txt kind="strong">{label('tilted.name', { shelf })}</Txt>
              <View style={styles.fields}>
                {(['front', 'depth'] as const).map((name) => (
                  <View key={name} style={styles.field}>
                    <LengthField
                      label={label(`tilted.${name}`)}
                      value={wish[name]}
                      units={job.units}
                      tape={job.tape}
                      {...(name === 'depth' ? { sign: 'positive' as const, leastMm: 0.1 } : {})}
                      onCommit={(value) => change(wish.id, { [name]: value })}
                    />
                  </View>
                ))}
              </View>
              <RangeSlider
                label={label('tilted.degrees')}
                least={1}
                most={45}
                step={1}
                value={wish.degrees}
                shown={label('tilted.shown', { degrees: wish.degrees })}
                onChange={(degrees) => change(wish.id, { degrees })}
              />
              {laid
                ? FIGURES.map((name) => {
                    const figure = laid[name];
                    return figure ? (
                      <View key={name} style={styles.row}>
                        <Txt style={styles.grow}>{label(`tilted.${name}`)}</Txt>
                        <Why
                          figure={figure}
                          name={`${label('tilted.name', { shelf })}, ${label(`tilted.${name}`)}`}
                          reader={job}
                          align="right"
                        />
                      </View>
                    ) : null;
                  })
                : null}
              <Button
                title={label('tilted.remove', { shelf })}
                look="stop"
                onPress={() => set((before) => before.filter((one) => one.id !== wish.id))}
              />
            </View>
          );
        })}
      <Button title={label('tilted.add')} disabled={wishes.length >= LIMITS.tilted} onPress={add} />
    </Section>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    one: { gap: SPACE.half, borderBottomWidth: 1, borderBottomColor: colours.rule, paddingBottom: SPACE.one },
    fields: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.one },
    field: { flexGrow: 1, flexBasis: 130, minWidth: 120 },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
  }),
);
