import { StyleSheet, View } from 'react-native';
import { words } from '@dormer/core/say/words/first';
import type { Instrument, Job, ReadingKind } from '@dormer/core/job/document';
import { asTyped, type TypedLength } from '@dormer/core/base/quantity';
import {
  fieldsOf,
  instrumentsFor,
  instrumentWords,
  lengthIn,
  spotFrom,
  spotOfKind,
  wordIn,
  type Spot,
} from '@dormer/core/place/reading';
import { extentOf, specOf } from '@dormer/core/place/kinds';
import { LengthField, Segmented } from '../../ui';
import { useLabel, type PlainLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

interface SpotPickerProps {
  readonly job: Job;
  readonly spot: Spot;
  /** Lengths of the spot as they were typed, when they were. */
  readonly typed: Readonly<Record<string, TypedLength | undefined>>;
  readonly instrument: Instrument;
  readonly onInstrument: (instrument: Instrument) => void;
  readonly onMove: (spot: Spot, typed?: Readonly<Record<string, TypedLength>>) => void;
}

/** Where a reading is taken and what with: the fields its kind has, in the order one would say them. */
export function SpotPicker({ job, spot, typed, instrument, onInstrument, onMove }: SpotPickerProps) {
  const styles = useStyles();
  const label = useLabel();
  const kinds = specOf(job.place).readings;
  const instruments = instrumentsFor(spot.kind);
  const { height, measured } = extentOf(job.place, job.readings);
  const highestMm = measured.height ? height : undefined;
  return (
    <View style={styles.picker}>
      <Segmented
        label={label('measure.kind')}
        value={spot.kind}
        look="chips"
        options={kinds.map((value) => ({ value, title: label(`reading.${value}`) }))}
        onChange={(kind: ReadingKind) => onMove(kind === spot.kind ? spot : spotOfKind(kind, spot))}
      />
      {fieldsOf(spot).map((field) => {
        if (field.kind === 'choice') {
          return (
            <Segmented
              key={field.name}
              titled
              label={label(`field.${field.name}` as PlainLabel)}
              value={wordIn(spot, field.name)}
              options={field.options.map((value) => ({ value, title: label(`choice.${value}` as PlainLabel) }))}
              onChange={(value) => onMove(spotFrom(spot.kind, { ...spot, [field.name]: value }))}
            />
          );
        }
        const mm = lengthIn(spot, field.name);
        const kept = typed[field.name];
        return (
          <LengthField
            key={field.name}
            label={label(`field.${field.name}` as PlainLabel)}
            value={kept && Math.abs(kept.mm - mm) < 0.01 ? kept : asTyped(mm, job.units, job.tape)}
            units={job.units}
            tape={job.tape}
            mostMm={field.name === 'up' ? highestMm : undefined}
            testID={`reading-${field.name}`}
            onCommit={(value) =>
              onMove(spotFrom(spot.kind, { ...spot, [`${field.name}Mm`]: value.mm }), { [field.name]: value })
            }
          />
        );
      })}
      {instruments.length > 1 ? (
        <Segmented
          titled
          label={label('measure.with')}
          value={instrument}
          options={instruments.map((value) => ({ value, title: words(instrumentWords(value), job) }))}
          onChange={onInstrument}
        />
      ) : null}
    </View>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ picker: { gap: SPACE.half } }));
