import { StyleSheet, View } from 'react-native';
import { SIDES, SPOTS_OUT, type Job } from '@dormer/core/job/document';
import { asTyped, type TypedLength } from '@dormer/core/quantity';
import type { Spot } from '@dormer/core/survey';
import { LengthField, Segmented } from '../../controls';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';
import { KINDS, withKind } from './spots';

interface SpotPickerProps {
  readonly job: Job;
  readonly spot: Spot;
  /** The spot's height as it was typed, when it was. */
  readonly up: TypedLength | null;
  readonly onMove: (spot: Spot, up?: TypedLength) => void;
}

/** Where a reading is taken: what is measured, at which side, front or back, how high. */
export function SpotPicker({ job, spot, up, onMove }: SpotPickerProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.picker}>
      <Segmented
        label={label('measure.kind')}
        value={spot.kind}
        options={KINDS.map((value) => ({ value, title: label(`reading.${value}`) }))}
        onChange={(kind) => onMove(withKind(spot, kind, job.levelLine.up.mm))}
      />
      {'side' in spot ? (
        <Segmented
          label={label('measure.side')}
          value={spot.side}
          options={SIDES.map((value) => ({ value, title: label(`side.${value}`) }))}
          onChange={(side) => onMove({ ...spot, side })}
        />
      ) : null}
      {'at' in spot ? (
        <Segmented
          label={label('measure.at')}
          value={spot.at}
          options={SPOTS_OUT.map((value) => ({ value, title: label(`at.${value}`) }))}
          onChange={(at) => onMove({ ...spot, at })}
        />
      ) : null}
      {'upMm' in spot ? (
        <LengthField
          label={label('measure.up')}
          value={up && Math.abs(up.mm - spot.upMm) < 0.01 ? up : asTyped(spot.upMm, job.units, job.tape)}
          units={job.units}
          tape={job.tape}
          testID="reading-up"
          onCommit={(value) => onMove({ ...spot, upMm: value.mm }, value)}
        />
      ) : null}
    </View>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ picker: { gap: SPACE.half } }));
