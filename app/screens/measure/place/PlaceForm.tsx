import { StyleSheet, View } from 'react-native';
import { words } from '@dormer/core/say/words/first';
import { INSTRUMENTS, WALL_KINDS, usualLength, type Job, type Place, type WallKind } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/base/quantity';
import { specOf } from '@dormer/core/place/kinds';
import { instrumentsFor, instrumentWords } from '@dormer/core/place/reading';
import { Button, LengthField, Section, Segmented, Toggles, Txt, useKeptPlace } from '../../../ui';
import { useLabel, type PlainLabel } from '../../../labels';
import { editJob, useAppDispatch } from '../../../store';
import { makeStyles, SPACE } from '../../../theme';
import { KeepClearsForm } from './KeepClearsForm';
import { StudsForm } from './StudsForm';
import { wallsIn } from './walls';

/** What the place is: its walls, what is fixed to them, and what there is to measure with. */
export function PlaceForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { place } = job;
  const spec = specOf(place);
  const set = (change: Partial<Place>) => dispatch(editJob((one) => ({ ...one, place: { ...one.place, ...change } })));
  // Of tools, those with which anything here can be read.
  const readBy = new Set(spec.readings.flatMap(instrumentsFor));
  const useful = INSTRUMENTS.filter((instrument) => readBy.has(instrument));
  return (
    <View style={styles.form}>
      <Segmented
        titled
        look="chips"
        label={label('place.walls')}
        value={place.walls}
        options={WALL_KINDS.map((value) => ({ value, title: label(`walls.${value}`) }))}
        onChange={(walls) => set({ walls })}
      />
      <OwnWalls job={job} onChange={(own) => set({ own })} />
      {spec.asks.includes('side') ? (
        <Segmented
          titled
          label={label('place.side')}
          value={place.side}
          options={spec.sides.map((value) => ({ value, title: label(`place.side.${value}`) }))}
          onChange={(side) => set({ side })}
        />
      ) : null}
      {spec.asks.includes('back') ? (
        <Segmented
          titled
          label={label('place.back')}
          value={place.back ? 'yes' : 'no'}
          options={(['yes', 'no'] as const).map((value) => ({ value, title: label(value) }))}
          onChange={(value) => set({ back: value === 'yes' })}
        />
      ) : null}
      {spec.asks.includes('rough') ? <RoughSize job={job} onChange={(rough) => set({ rough })} /> : null}
      <Toggles
        label={label('place.kit')}
        chosen={job.kit}
        options={useful.map((value) => ({ value, title: words(instrumentWords(value), job) }))}
        onChange={(kit) => dispatch(editJob((one) => ({ ...one, kit })))}
      />
      {plan && plan.errors.length > 0 ? (
        <Section title={label('errors.title')}>
          {plan.errors.map(({ instrument, factor, repeats }) => (
            <Txt key={instrument}>
              {label('errors.is', {
                what: words(instrumentWords(instrument), job),
                factor: factor.toFixed(1),
                count: repeats,
              })}
            </Txt>
          ))}
        </Section>
      ) : null}
      <Optional
        job={job}
        name="skirting"
        value={place.skirting}
        fields={['height', 'thickness']}
        usual={{ height: [100, '4'], thickness: [15, '5/8'] }}
        onChange={(skirting) => set({ skirting } as Partial<Place>)}
      />
      <Optional
        job={job}
        name="rail"
        value={place.rail}
        fields={['up', 'height', 'thickness']}
        usual={{ up: [900, '36'], height: [60, '2 1/2'], thickness: [20, '3/4'] }}
        onChange={(rail) => set({ rail } as Partial<Place>)}
      />
      {spec.asks.includes('mouth') ? (
        <Optional
          job={job}
          name="mouth"
          value={place.mouth}
          fields={['width']}
          usual={{ width: [800, '31 1/2'] }}
          onChange={(mouth) => set({ mouth } as Partial<Place>)}
        />
      ) : null}
      <StudsForm job={job} plan={plan} onChange={(studs) => set({ studs })} />
      <KeepClearsForm job={job} onChange={(keepClears) => set({ keepClears })} />
    </View>
  );
}

/** Walls that are something else than the rest: a cabinet's side beside old plaster, say. */
function OwnWalls({ job, onChange }: { job: Job; onChange: (own: Place['own']) => void }) {
  const label = useLabel();
  const { own } = job.place;
  const [open, setOpen] = useKeptPlace<boolean>('place', false);
  const walls = wallsIn(job);
  if (!open && walls.every((wall) => !own[wall])) {
    return <Button title={label('place.own.add')} onPress={() => setOpen(true)} />;
  }
  const choose = (wall: (typeof walls)[number], kind: WallKind | 'rest') => {
    const { [wall]: _before, ...others } = own;
    onChange(kind === 'rest' ? others : { ...others, [wall]: kind });
  };
  return (
    <>
      {walls.map((wall) => (
        <Segmented
          key={wall}
          titled
          look="chips"
          label={label(`place.own.${wall}`)}
          value={own[wall] ?? 'rest'}
          options={(['rest', ...WALL_KINDS] as const).map((value) => ({ value, title: label(`walls.${value}`) }))}
          onChange={(kind) => choose(wall, kind)}
        />
      ))}
    </>
  );
}

/** About how large a place is whose size no reading gives. */
function RoughSize({ job, onChange }: { job: Job; onChange: (rough: Place['rough']) => void }) {
  const label = useLabel();
  const { rough } = job.place;
  return (
    <Section title={label('place.rough')}>
      {(['width', 'depth', 'height'] as const).map((name) => (
        <LengthField
          key={name}
          label={label(`rough.${name}`)}
          value={rough[name] ?? null}
          units={job.units}
          tape={job.tape}
          sign="positive"
          onCommit={(value) => onChange({ ...rough, [name]: value })}
        />
      ))}
    </Section>
  );
}

interface OptionalProps<Name extends string> {
  readonly job: Job;
  readonly name: 'skirting' | 'rail' | 'mouth';
  readonly value: { readonly [K in Name]?: TypedLength | undefined } | undefined;
  readonly fields: readonly Name[];
  /** What it usually measures: in millimetres and in inches. */
  readonly usual: Readonly<Record<Name, readonly [mm: number, inches: string]>>;
  readonly onChange: (value: Record<Name, TypedLength> | undefined) => void;
}

/** Something a place may have, with its measures. */
function Optional<Name extends string>({ job, name, value, fields, usual, onChange }: OptionalProps<Name>) {
  const label = useLabel();
  const usually = (field: Name) => {
    const [mm, inches] = usual[field];
    return usualLength(mm, inches, job.units);
  };
  if (!value) {
    const add = () =>
      onChange(Object.fromEntries(fields.map((field) => [field, usually(field)])) as Record<Name, TypedLength>);
    return <Button title={label(`place.${name}.add`)} onPress={add} />;
  }
  return (
    <Section title={label(`place.${name}`)}>
      {fields.map((field) => (
        <LengthField
          key={field}
          label={label(`${name}.${field}` as PlainLabel)}
          value={value[field] ?? null}
          units={job.units}
          tape={job.tape}
          onCommit={(typed) => onChange({ ...value, [field]: typed } as Record<Name, TypedLength>)}
        />
      ))}
      <Button title={label(`place.${name}.remove`)} look="stop" onPress={() => onChange(undefined)} />
    </Section>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ form: { gap: SPACE.two } }));
