import LockOpen from 'lucide-react-native/icons/lock-open';
import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import { RATIO, usualLength, WAYS, type Job, type ShelvesWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/say/words/first';
import { Button, LengthField, RangeSlider, Section, Segmented, Txt, useKeptPlace } from '../../../ui';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay, editPlanned } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';
import { AlignSheet } from './AlignSheet';
import { BottomForm, TopForm } from './Boundary';
import { locked, removed, wayChanged } from './edit';

interface HeightsFormProps {
  readonly job: Job;
  readonly plan: Plan | null;
}

/** How the heights are decided, between which boundaries, and which shelves stay whatever the others do. */
export function HeightsForm({ job, plan }: HeightsFormProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { shelves } = job;
  const wish = (change: Partial<ShelvesWish>) =>
    dispatch(editBay((one) => ({ ...one, shelves: { ...one.shelves, ...change } })));
  const laid = plan?.shelves ?? [];
  return (
    <Section title={label('shelves.heights')}>
      <Segmented
        label={label('shelves.way')}
        look="chips"
        value={shelves.way}
        options={WAYS.map((value) => ({ value, title: label(`way.${value}`) }))}
        onChange={(way) => {
          // Only going on by hand asks for the heights as they are.
          if (way === 'typed') void dispatch(editPlanned((one, all) => wayChanged(one, all.shelves, way, newId)));
          else dispatch(editBay((one) => wayChanged(one, [], way, newId)));
        }}
      />
      <Txt kind="small" tone="faint">
        {label(`way.is.${shelves.way}`)}
      </Txt>
      {shelves.way === 'graduated' ? (
        <View>
          <Txt kind="small" tone="faint">
            {label('shelves.ratio')}
          </Txt>
          <RangeSlider
            label={label('shelves.ratio')}
            least={RATIO.least * 100}
            most={RATIO.most * 100}
            step={1}
            value={Math.round((shelves.ratio ?? RATIO.usual) * 100)}
            shown={label('shelves.ratioShown', { percent: Math.round((shelves.ratio ?? RATIO.usual) * 100) })}
            onChange={(percent) => wish({ ratio: percent / 100 })}
          />
        </View>
      ) : null}
      {shelves.way === 'contents' ? (
        <LengthField
          label={label('shelves.leastGap')}
          value={shelves.leastGap ?? usualLength(100, '4', job.units)}
          units={job.units}
          tape={job.tape}
          sign="positive"
          leastMm={0.1}
          onCommit={(leastGap) => wish({ leastGap })}
        />
      ) : null}
      {shelves.way === 'typed' ? <TypedHeights job={job} shelves={laid} wish={wish} /> : null}
      <BottomForm job={job} plan={plan} onChange={(bottom) => wish({ bottom })} />
      {shelves.way === 'typed' ? null : <TopForm job={job} onChange={(top) => wish({ top })} />}
      <Held job={job} shelves={laid} />
    </Section>
  );
}

interface TypedHeightsProps {
  readonly job: Job;
  readonly shelves: Plan['shelves'];
  readonly wish: (change: Partial<ShelvesWish>) => unknown;
}

function TypedHeights({ job, shelves, wish }: TypedHeightsProps) {
  const styles = useStyles();
  const label = useLabel();
  const { heights } = job.shelves;
  return (
    <View style={styles.fields}>
      {heights.length === 0 ? <Txt tone="faint">{label('shelves.noHeights')}</Txt> : null}
      {[...heights]
        .sort((a, b) => a.up.mm - b.up.mm)
        .map((height, index) => ({
          height,
          // Others that stay may lie below it.
          shelf: shelves.find((shelf) => shelf.id === height.id)?.number ?? index + 1,
        }))
        .map(({ height, shelf }) => (
          <View key={height.id} style={styles.typed}>
            <View style={styles.field}>
              <LengthField
                label={label('shelves.topOf', { shelf })}
                value={height.up}
                units={job.units}
                tape={job.tape}
                onCommit={(up) =>
                  wish({ heights: heights.map((one) => (one.id === height.id ? { ...one, up } : one)) })
                }
              />
            </View>
            <Button
              title={label('shelves.remove', { shelf })}
              icon={X}
              iconOnly
              look="quiet"
              onPress={() => wish({ heights: heights.filter((one) => one.id !== height.id) })}
            />
          </View>
        ))}
    </View>
  );
}

/** Shelves that stay where they are, and a way to have one more that does: lined up with something there. */
function Held({ job, shelves }: { job: Job; shelves: Plan['shelves'] }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [aligning, setAligning] = useKeptPlace<boolean>('aligning', false);
  const held = shelves.filter((shelf) => shelf.held !== null);
  return (
    <>
      {held.length > 0 ? <Txt kind="strong">{label('held.title')}</Txt> : null}
      {held.map((laidShelf) => (
        <View key={laidShelf.number} style={styles.typed}>
          <Txt style={styles.field}>
            {label('held.line', {
              shelf: laidShelf.number,
              held: label(`held.${laidShelf.held ?? 'locked'}`),
              up: lengthWords(laidShelf.top.mm, job),
            })}
          </Txt>
          {laidShelf.held === 'locked' ? (
            <Button
              title={label('held.unlock', { shelf: laidShelf.number })}
              icon={LockOpen}
              iconOnly
              look="quiet"
              onPress={() =>
                void dispatch(editPlanned((was, { shelves: all }) => locked(was, all, laidShelf.number, false, newId)))
              }
            />
          ) : laidShelf.held === 'aligned' ? (
            <Button
              title={label('shelves.remove', { shelf: laidShelf.number })}
              icon={X}
              iconOnly
              look="quiet"
              onPress={() => void dispatch(editPlanned((was, { shelves: all }) => removed(was, all, laidShelf.number)))}
            />
          ) : null}
        </View>
      ))}
      <Button title={label('align.add')} onPress={() => setAligning(true)} />
      {aligning ? <AlignSheet job={job} onClose={() => setAligning(false)} /> : null}
    </>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { gap: SPACE.one },
    field: { flex: 1 },
    typed: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.half },
  }),
);
