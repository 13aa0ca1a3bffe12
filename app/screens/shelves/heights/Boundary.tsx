import { StyleSheet, View } from 'react-native';
import { GARMENTS, usualLength, type Job, type ShelvesWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/base/quantity';
import { LengthField, Segmented, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { useLabel, type PlainLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';

type Bottom = ShelvesWish['bottom'];
type Top = ShelvesWish['top'];

interface BoundaryProps<Edge> {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly onChange: (edge: Edge) => void;
}

/** Where the space for shelves begins: the floor, a height, a base, a closet rail or what hangs from one. */
export function BottomForm({ job, plan, onChange }: BoundaryProps<Bottom>) {
  const styles = useStyles();
  const label = useLabel();
  const { units, shelves } = job;
  const { bottom } = shelves;
  const clear = () => usualLength(65, '2 1/2', units);
  const begun: Readonly<Record<Bottom['kind'], () => Bottom>> = {
    floor: () => ({ kind: 'floor' }),
    height: () => ({ kind: 'height', up: usualLength(300, '12', units) }),
    base: () => ({ kind: 'base', up: usualLength(100, '4', units) }),
    rail: () => ({ kind: 'rail', up: usualLength(1700, '66', units), clear: clear() }),
    garments: () => ({ kind: 'garments', hang: 'coats', floor: usualLength(100, '4', units), clear: clear() }),
  };
  const cavity = job.place.kind === 'cavity';
  return (
    <View style={styles.boundary}>
      <Segmented
        titled
        look="chips"
        label={label('shelves.bottomWhich')}
        value={bottom.kind}
        options={(['floor', 'height', 'base', 'rail', 'garments'] as const).map((value) => ({
          value,
          title: label(value === 'floor' && cavity ? 'bottom.sill' : `bottom.${value}`),
        }))}
        onChange={(kind) => onChange(kind === bottom.kind ? bottom : begun[kind]())}
      />
      {bottom.kind === 'height' || bottom.kind === 'base' || bottom.kind === 'rail' ? (
        <Length
          of={{ height: 'shelves.bottom', base: 'shelves.baseUp', rail: 'shelves.railUp' }[bottom.kind] as PlainLabel}
          value={bottom.up}
          job={job}
          onChange={(up) => onChange({ ...bottom, up })}
        />
      ) : null}
      {bottom.kind === 'garments' ? (
        <>
          <Segmented
            titled
            look="chips"
            label={label('shelves.hang')}
            value={bottom.hang}
            options={GARMENTS.map((value) => ({ value, title: label(`hang.${value}`) }))}
            onChange={(hang) => onChange({ ...bottom, hang })}
          />
          <Length
            of="shelves.hangFloor"
            value={bottom.floor}
            job={job}
            onChange={(floor) => onChange({ ...bottom, floor })}
          />
        </>
      ) : null}
      {bottom.kind === 'garments' || bottom.kind === 'rail' ? (
        <Length
          of="shelves.railClear"
          value={bottom.clear}
          job={job}
          onChange={(typedLength) => onChange({ ...bottom, clear: typedLength })}
        />
      ) : null}
      {plan?.rail ? (
        <View>
          <Txt kind="strong">{label('shelves.railIs')}</Txt>
          {(
            [
              ['shelves.railAt', plan.rail.up],
              ['shelves.railOut', plan.rail.out],
            ] as const
          ).map(([name, figure]) => (
            <View key={name} style={styles.row}>
              <Txt style={styles.grow}>{label(name)}</Txt>
              <Why figure={figure} name={label(name)} reader={job} align="right" />
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** Where it ends: the ceiling, or a height. */
export function TopForm({ job, onChange }: Omit<BoundaryProps<Top>, 'plan'>) {
  const styles = useStyles();
  const label = useLabel();
  const { top } = job.shelves;
  const cavity = job.place.kind === 'cavity';
  return (
    <View style={styles.boundary}>
      <Segmented
        titled
        look="chips"
        label={label('shelves.topWhich')}
        value={top.kind}
        options={[
          { value: 'ceiling', title: label(cavity ? 'top.head' : 'top.ceiling') },
          { value: 'height', title: label('top.height') },
        ]}
        onChange={(kind) =>
          onChange(
            kind === 'ceiling' ? { kind } : { kind, up: 'up' in top ? top.up : usualLength(2000, '80', job.units) },
          )
        }
      />
      {top.kind === 'height' ? (
        <Length of="shelves.top" value={top.up} job={job} onChange={(up) => onChange({ kind: 'height', up })} />
      ) : null}
    </View>
  );
}

interface LengthProps {
  readonly of: PlainLabel;
  readonly value: TypedLength;
  readonly job: Job;
  readonly onChange: (value: TypedLength) => void;
}

function Length({ of, value, job, onChange }: LengthProps) {
  const label = useLabel();
  return <LengthField label={label(of)} value={value} units={job.units} tape={job.tape} onCommit={onChange} />;
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    boundary: { gap: SPACE.half },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
  }),
);
