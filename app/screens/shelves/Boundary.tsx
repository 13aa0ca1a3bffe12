import { StyleSheet, View } from 'react-native';
import type { JobUnit, Tape, TypedLength } from '@dormer/core/quantity';
import { LengthField, Segmented } from '../../controls';
import { makeStyles, SPACE } from '../../theme';

interface BoundaryProps<Edge extends string> {
  /** What is chosen: where the space begins, or where it ends. */
  readonly which: string;
  /** The edge of the room itself. */
  readonly edge: Edge;
  readonly edgeTitle: string;
  readonly heightTitle: string;
  readonly heightLabel: string;
  readonly value: { readonly from: Edge } | { readonly from: 'height'; readonly up: TypedLength };
  /** The height to begin with when there is none yet. */
  readonly start: TypedLength;
  readonly units: JobUnit;
  readonly tape: Tape;
  readonly onChange: (value: { from: Edge } | { from: 'height'; up: TypedLength }) => void;
}

/** One end of the space that is shared out: the floor or the ceiling, or a height of the person's own. */
export function Boundary<Edge extends string>(props: BoundaryProps<Edge>) {
  const { which, edge, edgeTitle, heightTitle, heightLabel, value, start, units, tape, onChange } = props;
  const styles = useStyles();
  const up = 'up' in value ? value.up : null;
  return (
    <View style={styles.boundary}>
      <Segmented<'edge' | 'height'>
        label={which}
        value={up ? 'height' : 'edge'}
        options={[
          { value: 'edge', title: edgeTitle },
          { value: 'height', title: heightTitle },
        ]}
        onChange={(from) => onChange(from === 'edge' ? { from: edge } : { from, up: up ?? start })}
      />
      {up ? (
        <LengthField
          label={heightLabel}
          value={up}
          units={units}
          tape={tape}
          onCommit={(typed) => onChange({ from: 'height', up: typed })}
        />
      ) : null}
    </View>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ boundary: { gap: SPACE.half } }));
