import Lock from 'lucide-react-native/icons/lock';
import LockOpen from 'lucide-react-native/icons/lock-open';
import Scissors from 'lucide-react-native/icons/scissors-line-dashed';
import Trash from 'lucide-react-native/icons/trash';
import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { metAt, nearestFree } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { formatMass } from '@dormer/core/base/quantity';
import { lengthWords } from '@dormer/core/say/words/first';
import { Button, LengthField, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editPlanned } from '../../../store/bay';
import { makeStyles, RADIUS, SPACE } from '../../../theme';
import { ShelfSupport } from '../supports/ShelfSupport';
import { locked, markOf, movable, moved, removed, type Shelf } from './edit';

interface ChosenShelfProps {
  readonly shelf: Shelf;
  readonly job: Job;
  readonly plan: Plan;
  /** What is worked on: with supports, a shelf shows what carries it. */
  readonly work: string;
  /** Leads to the shape of its board; null where it has none. */
  readonly onShape: (() => void) | null;
  readonly onClose: () => void;
}

/** The shelf that was pointed at: its height to type, its gaps, what it holds, and what can be done with it. */
export function ChosenShelf({ shelf, job, plan, work, onShape, onClose }: ChosenShelfProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { number, held, top } = shelf;
  const known = job.shelves.heights.find((height) => height.id === shelf.id);
  const set = (how: (one: Job, all: Plan['shelves']) => Job) =>
    void dispatch(editPlanned((one, { shelves }) => how(one, shelves)));
  const move = (mm: number) => set((one, all) => moved(one, all, number, markOf(mm, one), newId));
  const met = metAt(top.mm, plan.blocked).length > 0;
  const within = { leastMm: job.shelves.thickness.mm, mostMm: plan.opening.extent.height, tape: job.tape };
  const free = met ? nearestFree(top.mm, plan.blocked, within) : null;
  return (
    <View style={styles.card} role="group" aria-label={label('chosen.title', { shelf: number })}>
      <View style={styles.head}>
        <Txt kind="strong" style={styles.grow}>
          {label('chosen.title', { shelf: number })}
        </Txt>
        <Button title={label('chosen.close', { shelf: number })} icon={X} iconOnly look="quiet" onPress={onClose} />
      </View>
      {movable(shelf) ? (
        <LengthField
          key={number}
          label={label('chosen.at', { shelf: number })}
          value={known?.up ?? markOf(top.mm, job)}
          units={job.units}
          tape={job.tape}
          onCommit={(up) => set((one, all) => moved(one, all, number, up, newId))}
        />
      ) : (
        <Txt>{label('chosen.stays', { held: label(`held.${held ?? 'locked'}`) })}</Txt>
      )}
      <ShelfSpace shelf={number} job={job} plan={plan} />
      {work === 'supports' ? <ShelfSupport shelf={number} job={job} plan={plan} /> : null}
      {free && movable(shelf) ? (
        <View style={styles.buttons}>
          {free.belowMm !== null ? <Free way="takeDown" mm={free.belowMm} job={job} onTake={move} /> : null}
          {free.aboveMm !== null ? <Free way="takeUp" mm={free.aboveMm} job={job} onTake={move} /> : null}
        </View>
      ) : null}
      <View style={styles.buttons}>
        {movable(shelf) ? (
          <Button
            title={label(held ? 'chosen.unlock' : 'chosen.lock', { shelf: number })}
            icon={held ? LockOpen : Lock}
            onPress={() => set((one, all) => locked(one, all, number, held === null, newId))}
          />
        ) : null}
        {held === 'seated' ? null : (
          <Button
            title={label('shelves.remove', { shelf: number })}
            icon={Trash}
            look="stop"
            onPress={() => {
              set((one, all) => removed(one, all, number));
              onClose();
            }}
          />
        )}
        {onShape ? (
          <Button title={label('shelves.shape', { shelf: number })} icon={Scissors} onPress={onShape} />
        ) : null}
      </View>
    </View>
  );
}

/** Gaps above and below a shelf, and its load. */
function ShelfSpace({ shelf, job, plan }: { shelf: number; job: Job; plan: Plan }) {
  const label = useLabel();
  const length = (mm: number) => lengthWords(mm, job);
  const clear = (which: 'above' | 'below') => plan.gaps.find((gap) => gap[which] === shelf)?.clear.mm;
  const [below, above] = [clear('above'), clear('below')];
  const room = plan.contents?.capacity.find((space) => space.shelf === shelf);
  return (
    <>
      {below !== undefined ? (
        <Txt kind="small" tone="faint">
          {above === undefined
            ? label('chosen.gapBelow', { below: length(below) })
            : label('chosen.gaps', { below: length(below), above: length(above) })}
        </Txt>
      ) : null}
      {room && room.usedMm > 0 ? (
        <Txt kind="small" tone="faint">
          {label('chosen.room', {
            used: length(room.usedMm),
            length: length(room.lengthMm),
            left: length(room.leftMm),
          })}
          {room.kg > 0
            ? ` · ${label('chosen.load', { kg: formatMass(room.kg, job.units === 'in' ? 'lb' : 'kg') })}`
            : ''}
        </Txt>
      ) : null}
    </>
  );
}

interface FreeProps {
  readonly way: 'takeDown' | 'takeUp';
  readonly mm: number;
  readonly job: Job;
  readonly onTake: (mm: number) => void;
}

function Free({ way, mm, job, onTake }: FreeProps) {
  const label = useLabel();
  return <Button title={label(`chosen.${way}`, { up: lengthWords(mm, job) })} look="lead" onPress={() => onTake(mm)} />;
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: {
      gap: SPACE.one,
      padding: SPACE.one,
      borderWidth: 2,
      borderColor: colours.chalk,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
    },
    head: { flexDirection: 'row', alignItems: 'center' },
    grow: { flex: 1 },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
