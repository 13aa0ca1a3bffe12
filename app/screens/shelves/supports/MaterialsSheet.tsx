import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LIMITS, type Job, type OwnMaterial } from '@dormer/core/job/document';
import type { JobUnit } from '@dormer/core/base/quantity';
import { materialOf, materialsOf, type Material } from '@dormer/core/design/load/materials';
import { words } from '@dormer/core/say/words/first';
import { Button, Press, Sheet, TextField, Txt, useKeptPlace } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { useLabel, type Label } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, RADIUS, SPACE, TARGET } from '../../../theme';

/** What may be of a material of its own. */
export type WoodOf = 'boards' | 'sticks' | 'case' | 'back' | 'trim';

/** The id of what some pieces are made of. */
export function woodOf(
  { boards, sticks, case: cases = boards, back = cases, trim = sticks }: Job['wood'],
  what: WoodOf,
) {
  return { boards, sticks, case: cases, back, trim }[what];
}

interface MaterialsSheetProps {
  readonly job: Job;
  readonly what: WoodOf;
  readonly onClose: () => void;
}

/** The table of materials, each with what it bears and where that is from; one's own can be added. */
export const MaterialsSheet = guardedSheet(function MaterialsSheet({ job, what, onClose }: MaterialsSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [editing, setEditing] = useKeptPlace<string | null>('material', null);
  const chosen = woodOf(job.wood, what);
  const setWood = (how: (wood: Job['wood']) => Job['wood']) =>
    void dispatch(editBay((one) => ({ ...one, wood: how(one.wood) })));
  const add = () => {
    const id = newId();
    setWood((wood) => ({
      ...wood,
      [what]: id,
      own: [
        ...wood.own,
        ownLike(materialOf(woodOf(wood, what), wood.own), id, label('wood.ownName'), label('wood.ownSource')),
      ],
    }));
    setEditing(id);
  };
  const own = job.wood.own.find((one) => one.id === editing);
  return (
    <Sheet title={label(`wood.${what}`)} closeTitle={label('close')} onClose={onClose}>
      <View role="radiogroup" aria-label={label(`wood.${what}`)} style={styles.list}>
        {materialsOf(job.wood.own).map((material) => (
          <Press
            key={material.id}
            role="radio"
            aria-checked={material.id === chosen}
            onPress={() => setWood((wood) => ({ ...wood, [what]: material.id }))}
            style={[styles.row, material.id === chosen && styles.chosen]}
          >
            <Txt kind="strong">{words(material.name, job)}</Txt>
            <Txt kind="small">{figures(material, job.units, label)}</Txt>
            <Txt kind="small" tone="faint">
              {words(material.source, job)}
            </Txt>
          </Press>
        ))}
      </View>
      {own ? (
        <OwnFields
          key={own.id}
          own={own}
          units={WOOD_UNITS[job.units === 'in' ? 'inch' : 'metric']}
          onChange={(next) =>
            setWood((wood) => ({ ...wood, own: wood.own.map((one) => (one.id === next.id ? next : one)) }))
          }
        />
      ) : null}
      {job.wood.own.map((one) => (
        <View key={one.id} style={styles.buttons}>
          <Button title={label('wood.edit', { name: one.name })} onPress={() => setEditing(one.id)} />
          <Button
            title={label('wood.remove', { name: one.name })}
            icon={Trash}
            look="stop"
            onPress={() => setWood((wood) => without(wood, one.id))}
          />
        </View>
      ))}
      <Button title={label('wood.add')} icon={Plus} disabled={job.wood.own.length >= LIMITS.materials} onPress={add} />
    </Sheet>
  );
});

/** What is made of a material that is gone is of pine again. */
function without(wood: Job['wood'], id: string): Job['wood'] {
  const instead = (one: string) => (one === id ? 'pine' : one);
  const others = (['case', 'back', 'trim'] as const).flatMap((what) => {
    const of = wood[what];
    return of === undefined ? [] : [[what, instead(of)] as const];
  });
  return {
    boards: instead(wood.boards),
    sticks: instead(wood.sticks),
    ...Object.fromEntries(others),
    own: wood.own.filter((one) => one.id !== id),
  };
}

/** A material of one's own, to begin with like another. */
function ownLike(one: Material, id: string, name: string, source: string): OwnMaterial {
  const { densityKgM3, eAlongMpa, eAcrossMpa, shearMpa, bendAlongMpa, bendAcrossMpa, creep, lasting, price } = one;
  return {
    id,
    name,
    source,
    densityKgM3,
    eAlongMpa,
    eAcrossMpa,
    shearMpa,
    bendAlongMpa,
    bendAcrossMpa,
    creep,
    lasting,
    price,
  };
}

function figures({ densityKgM3, eAlongMpa, bendAlongMpa, creep }: Material, units: JobUnit, label: Label): string {
  const { density, stress } = WOOD_UNITS[units === 'in' ? 'inch' : 'metric'];
  const shown = (value: number, { sign, per }: WoodUnit) => `${inUnit(value, per)} ${sign}`;
  return label('wood.figures', {
    density: shown(densityKgM3, density),
    stiff: shown(eAlongMpa, stress),
    strong: shown(bendAlongMpa, stress),
    creep: Math.round(creep * 100),
  });
}

interface WoodUnit {
  readonly sign: string;
  /** What one of the unit is, in kilograms to the cubic metre or newtons to the square millimetre. */
  readonly per: number;
}

/** What wood is told in: by weight of a volume, and by force on an area. */
const WOOD_UNITS: Readonly<Record<'metric' | 'inch', { readonly density: WoodUnit; readonly stress: WoodUnit }>> = {
  metric: { density: { sign: 'kg/m³', per: 1 }, stress: { sign: 'N/mm²', per: 1 } },
  inch: { density: { sign: 'lb/ft³', per: 16.01846 }, stress: { sign: 'psi', per: 0.00689476 } },
};

/** A figure in another unit, to three or four digits: no more was ever known of it. */
const inUnit = (value: number, per: number): number => (per === 1 ? value : Number((value / per).toPrecision(4)));

const NUMBERS = [
  { key: 'densityKgM3', is: 'density', least: 50, most: 3000 },
  { key: 'eAlongMpa', is: 'stress', least: 100, most: 250_000 },
  { key: 'eAcrossMpa', is: 'stress', least: 50, most: 250_000 },
  { key: 'shearMpa', is: 'stress', least: 20, most: 100_000 },
  { key: 'bendAlongMpa', is: 'stress', least: 0.5, most: 1000 },
  { key: 'bendAcrossMpa', is: 'stress', least: 0.1, most: 1000 },
  { key: 'creep', is: 'plain', least: 0, most: 10 },
  { key: 'lasting', is: 'plain', least: 0.05, most: 1 },
  { key: 'price', is: 'plain', least: 0, most: 1_000_000 },
] as const;

interface OwnFieldsProps {
  readonly own: OwnMaterial;
  readonly units: (typeof WOOD_UNITS)['metric'];
  readonly onChange: (next: OwnMaterial) => void;
}

function OwnFields({ own, units, onChange }: OwnFieldsProps) {
  const styles = useStyles();
  const label = useLabel();
  const [faults, setFaults] = useState<Readonly<Record<string, string | null>>>({});
  const words = (key: 'name' | 'source') => (
    <TextField
      label={label(`wood.${key}`)}
      value={own[key]}
      maxLength={LIMITS.name}
      onCommit={(typed) => {
        if (typed.trim()) onChange({ ...own, [key]: typed.trim() });
        return true;
      }}
    />
  );
  return (
    <View style={styles.list} role="group" aria-label={own.name}>
      {words('name')}
      {NUMBERS.map(({ key, is, least, most }) => {
        const { sign, per } = is === 'plain' ? { sign: '', per: 1 } : units[is];
        return (
          <TextField
            key={key}
            label={label(`wood.${key}`, { unit: sign })}
            value={String(inUnit(own[key], per))}
            fault={faults[key] ?? null}
            inputMode="decimal"
            onCommit={(typed) => {
              const value = Number(typed.trim().replace(',', '.')) * per;
              const ok = typed.trim() !== '' && Number.isFinite(value) && value >= least && value <= most;
              setFaults({
                ...faults,
                [key]: ok ? null : label('wood.outOf', { typed, least: inUnit(least, per), most: inUnit(most, per) }),
              });
              if (ok) onChange({ ...own, [key]: value });
              return ok;
            }}
          />
        );
      })}
      {words('source')}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    list: { gap: SPACE.half },
    row: {
      minHeight: TARGET,
      padding: SPACE.half,
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
    },
    chosen: { borderColor: colours.action, backgroundColor: colours.actionWash },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
